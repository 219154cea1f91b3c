#include "app/session/post.h"

#include <QDateTime>
#include <QFileInfo>
#include <algorithm>
#include <ranges>
#include <set>

#include "app/session/owners.h"
#include "app/session/today.h"
#include "app/words/words.h"
#include "audio/sound_file.h"
#include "core/library/cards.h"

namespace calando {

namespace fs = std::filesystem;

namespace {
constexpr std::size_t kLargestTable = 1 << 20;
constexpr std::size_t kKnownLists = 3;
}  // namespace

Post::Post(Studio& studio, Roster& roster, Lesson& lesson, Analyst& analyst, Notices& notices, Undo& undo)
    : studio_(studio), roster_(roster), lesson_(lesson), analyst_(analyst), notices_(notices), undo_(undo) {
  connect(&watched_, &WatchedFolder::came, this, [this](const std::vector<fs::path>& files) {
    if (!chosen()) return;
    if (const auto left = add(files); !left.empty()) emit nobodys(left);
  });
  connect(&roster_, &Roster::erasing, this, [this](std::int64_t student) {
    known_.clear();
    const auto found = sent_.find(student);
    if (found == sent_.end()) return;
    if (found->second.marking) marker_.forget(*found->second.marking);
    sent_.erase(found);
    emit sentChanged(0);
  });
}

const Homework* Post::chosen() const {
  const auto found = chosen_ ? std::ranges::find(lists_, *chosen_, &Homework::id) : lists_.end();
  return found == lists_.end() ? nullptr : &*found;
}

const Post::Sent* Post::sentOf(std::int64_t student) const {
  const auto found = sent_.find(student);
  return found == sent_.end() ? nullptr : &found->second;
}

void Post::load(std::optional<std::int64_t> wanted) {
  auto lists = studio_.homework();
  if (!notices_.worked(lists)) return;
  lists_ = std::move(*lists);
  if (const std::string folder = studio_.get(settings::watched); folder != watched_.folder().string())
    watched_.watch(folder);
  if (!wanted && chosen()) wanted = chosen_;
  if (!wanted && !lists_.empty()) wanted = lists_.front().id;
  if (wanted) choose(*wanted);
  emit listsChanged();
}

void Post::remember() {
  if (!chosen_) return;
  std::erase_if(known_, [this](const Known& k) { return k.homework == *chosen_; });
  known_.insert(known_.begin(), {*chosen_, sent_});
  if (known_.size() > kKnownLists) known_.pop_back();
}

/// What was marked of the same files, of the same player, for the same cards.
void Post::recall(Sent& sent) const {
  const auto known = std::ranges::find(known_, *chosen_, &Known::homework);
  const Student* who = roster_.find(sent.kept.student);
  if (known == known_.end() || !who) return;
  const auto found = known->sent.find(sent.kept.student);
  if (found == known->sent.end() || !found->second.marked) return;
  const Sent& before = found->second;
  const Context player = playerOf(*who);
  const auto &was = before.kept.pieces, &is = sent.kept.pieces;
  const bool same = before.kept.files == sent.kept.files && before.marked->list.items == list_.items &&
                    before.marked->player.instrument == player.instrument &&
                    before.marked->player.range == player.range && before.said <= is.size() &&
                    std::ranges::equal(std::views::take(is, static_cast<std::ptrdiff_t>(before.said)),
                                       std::views::take(was, static_cast<std::ptrdiff_t>(before.said)));
  if (!same) return;
  sent.marked = before.marked;
  sent.said = before.said;
}

void Post::choose(std::int64_t homework) {
  cancel();
  remember();
  chosen_ = homework;
  list_ = {};
  sent_.clear();
  if (const Homework* kept = chosen()) {
    auto list = parseHomework(kept->list, [this](const std::string& id) { return lesson_.find(id); });
    if (list)
      list_ = std::move(*list);
    else
      notices_.sayLoss(tr("This list cannot be read any more: %1").arg(words::said(list.error())));
    if (auto sent = studio_.sent(homework); notices_.worked(sent) && list)
      for (SentHomework& one : *sent) {
        const std::int64_t student = one.student;
        if (!roster_.find(student)) continue;
        sent_[student].kept = std::move(one);
        recall(sent_[student]);
        bringUpToDate(student);
      }
  }
  emit sentChanged(0);
}

bool Post::keep(const HomeworkList& list, Day due, std::int64_t id) {
  const auto kept = studio_.keepHomework({id, due, toText(list)});
  if (!notices_.worked(kept)) return false;
  load(kept->id);
  return true;
}

bool Post::erase(std::int64_t homework) {
  const auto gone = std::ranges::find(lists_, homework, &Homework::id);
  if (gone == lists_.end() || !notices_.worked(studio_.eraseHomework(homework))) return false;
  const Homework was = *gone;
  std::vector<SentHomework> sent;
  if (chosen_ == homework)
    for (const auto& [student, one] : sent_) sent.push_back(one.kept);
  undo_.push([this, was, sent] {
    if (!notices_.worked(studio_.keepHomework(was))) return;
    for (const SentHomework& one : sent) notices_.worked(studio_.keepSent(was.id, one));
    load(was.id);
  });
  cancel();
  chosen_.reset();
  sent_.clear();
  list_ = {};
  load();
  emit sentChanged(0);
  return true;
}

Context Post::playerOf(const Student& student) const {
  AskedFor asked;
  asked.instrument = student.instrument;
  asked.range = student.range;
  Context context = contextFor(asked);
  context.exercise.reset();
  return context;
}

std::vector<fs::path> Post::add(const std::vector<fs::path>& paths, std::optional<std::int64_t> fallback) {
  std::map<std::string, std::string> table;
  std::vector<fs::path> sounds, nobodys;
  for (const fs::path& file : filesOf(paths)) {
    if (!isTable(file)) {
      sounds.push_back(file);
      continue;
    }
    const auto text = readSmall(file, kLargestTable);
    if (!text)
      notices_.sayLoss(tr("%1 %2").arg(words::plain(file.string()), words::said(text.error())));
    else
      table.merge(ownersIn(*text));
  }
  std::set<std::int64_t> touched;
  for (const fs::path& file : sounds) {
    const Student* owner = ownerOf(file, roster_.students(), table);
    const std::int64_t student = owner ? owner->id : fallback.value_or(0);
    if (student == 0) {
      nobodys.push_back(file);
      continue;
    }
    Sent& sent = sent_[student];
    sent.kept.student = student;
    if (std::ranges::find(sent.kept.files, file) != sent.kept.files.end()) continue;
    sent.kept.files.push_back(file);
    touched.insert(student);
  }
  for (const std::int64_t student : touched) {
    keepSent(sent_[student]);
    markAnew(sent_[student]);
  }
  emit sentChanged(0);
  return nobodys;
}

void Post::remove(std::int64_t student) {
  const auto found = sent_.find(student);
  if (found == sent_.end()) return;
  if (found->second.marking) marker_.forget(*found->second.marking);
  const SentHomework was = found->second.kept;
  SentHomework none = was;
  none.files.clear();
  if (chosen_) notices_.worked(studio_.keepSent(*chosen_, none));
  sent_.erase(found);
  undo_.push([this, was] {
    sent_[was.student] = {was};
    keepSent(sent_[was.student]);
    bringUpToDate(was.student);
    emit sentChanged(was.student);
  });
  emit sentChanged(student);
}

void Post::watch(const fs::path& folder) {
  watched_.watch(folder);
  notices_.worked(studio_.keep(settings::watched, folder.string()));
}

void Post::cancel() {
  for (auto& [student, sent] : sent_) {
    if (!sent.marking) continue;
    marker_.forget(*sent.marking);
    sent.marking.reset();
  }
  emit moved();
}

int Post::done() const {
  return static_cast<int>(
      std::ranges::count_if(sent_, [](const auto& entry) { return !entry.second.marking; }));
}

void Post::keepSent(const Sent& sent) {
  if (chosen_ && !studio_.readOnly()) notices_.worked(studio_.keepSent(*chosen_, sent.kept));
}

void Post::markAnew(Sent& sent) {
  if (sent.marking) marker_.forget(*sent.marking);
  sent.marking.reset();
  sent.marked.reset();
  sent.said = 0;
  bringUpToDate(sent.kept.student);
}

/// One thing after the other: all of it first, then what was said of it since.
void Post::bringUpToDate(std::int64_t student) {
  const Student* who = roster_.find(student);
  Sent& sent = sent_[student];
  if (!who || list_.items.empty() || sent.marking || (sent.marked && sent.said == sent.kept.pieces.size()))
    return;
  const auto& pieces = sent.kept.pieces;
  Marker::Request request{list_,
                          playerOf(*who),
                          sent.kept.files,
                          sent.marked,
                          {pieces.begin() + static_cast<std::ptrdiff_t>(sent.said), pieces.end()}};
  sent.marking = marker_.ask(std::move(request),
                             [this, student, said = pieces.size()](Marker::Ticket, const MarkedPtr& marked) {
                               Sent& one = sent_[student];
                               one.marking.reset();
                               one.marked = marked;
                               one.said = said;
                               bringUpToDate(student);
                               emit sentChanged(student);
                               emit moved();
                             });
  emit moved();
}

void Post::correct(std::int64_t student, const Piece& piece) {
  const auto found = sent_.find(student);
  if (found == sent_.end() || !found->second.marked) return;
  Sent& sent = found->second;
  sent.kept.pieces.push_back(piece);
  sent.kept.answer.reset();
  keepSent(sent);
  const auto before = std::tuple(sent.kept.pieces.size() - 1, sent.marked, sent.said);
  undo_.push([this, student, before] {
    const auto& [pieces, marked, said] = before;
    const auto there = sent_.find(student);
    if (there == sent_.end()) return;
    Sent& one = there->second;
    if (one.marking) marker_.forget(*one.marking);
    one.marking.reset();
    one.kept.pieces.resize(std::min(pieces, one.kept.pieces.size()));
    one.marked = marked;
    one.said = said;
    keepSent(one);
    bringUpToDate(student);
    emit sentChanged(student);
  });
  bringUpToDate(student);
  emit sentChanged(student);
}

void Post::setAnswer(std::int64_t student, std::optional<std::string> answer) {
  const auto found = sent_.find(student);
  if (found == sent_.end() || found->second.kept.answer == answer) return;
  found->second.kept.answer = std::move(answer);
  keepSent(found->second);
}

namespace {

/// When a file was made, as far as that is known.
std::int64_t madeAt(const fs::path& file) {
  const qint64 at = QFileInfo(QString::fromStdString(file.string())).lastModified().toSecsSinceEpoch();
  return at > 0 ? at : QDateTime::currentSecsSinceEpoch();
}

Take takeOf(const MarkedTry& best, const HomeworkItem& item, const Student& student, const fs::path& file) {
  Take take;
  take.student = student.id;
  take.made_unix_s = madeAt(file) + static_cast<std::int64_t>(best.from_s);
  take.source = printable(file.filename().string());
  take.asked.instrument = student.instrument;
  take.asked.range = best.context.range;
  take.asked.exercise = item.exercise->id;
  if (!findExercise(item.exercise->id) || item.highest) take.asked.card = toText(*best.context.exercise);
  if (!best.context.asked.empty()) take.asked.note = best.context.asked.front();
  take.asked.tempo_bpm = best.context.tempo_bpm;
  take.asked.start_s = best.context.start_s;
  return take;
}

}  // namespace

void Post::keepBest(std::int64_t student) {
  const auto found = sent_.find(student);
  const Student* who = roster_.find(student);
  if (!who || found == sent_.end() || !found->second.marked) return;
  Sent& sent = found->second;
  if (sent.keeping > 0 || !sent.kept.takes.empty()) return;
  for (std::size_t i = 0; i < sent.marked->marking.items.size(); ++i) {
    const MarkedTry* best = sent.marked->marking.items[i].bestTry();
    if (!best) continue;
    Analyst::Request request;
    request.file = sent.kept.files[best->file];
    request.part = Span{best->from_s, best->to_s};
    request.take = takeOf(*best, sent.marked->list.items[i], *who, request.file);
    request.keeping = Analyst::Request::Keeping{studio_.folder(), *who};
    request.samplesWanted = false;
    ++sent.keeping;
    analyst_.ask(std::move(request), Analyst::Urgency::later,
                 [this, student](Analyst::Ticket, const Analyst::Answer& answer) { kept(student, answer); });
  }
}

void Post::kept(std::int64_t student, const Analyst::Answer& answer) {
  const auto found = sent_.find(student);
  if (found != sent_.end()) --found->second.keeping;
  if (answer.error) return notices_.sayLoss(words::said(*answer.error));
  if (answer.unkept)
    return notices_.sayLoss(tr("A take could not be kept: %1.").arg(words::said(answer.unkept->why)));
  if (!roster_.enter(answer.take, answer.summary) || found == sent_.end()) return;
  found->second.kept.takes.push_back(answer.take.id);
  keepSent(found->second);
  emit sentChanged(student);
}

}  // namespace calando
