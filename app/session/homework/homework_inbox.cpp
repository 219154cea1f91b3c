#include "app/session/homework/homework_inbox.h"

#include <algorithm>
#include <ranges>
#include <set>

#include "app/session/common/notices.h"
#include "app/session/common/undo.h"
#include "app/session/homework/homework_lists.h"
#include "app/session/homework/homework_queue.h"
#include "app/session/homework/marked.h"
#include "app/session/homework/owners.h"
#include "app/session/students/student_book.h"
#include "app/session/take/take_intake.h"
#include "app/words/words.h"
#include "audio/sound_file.h"
#include "core/homework/list.h"
#include "records/studio.h"

namespace calando {

namespace fs = std::filesystem;

namespace {
constexpr std::size_t kLargestTable = 1 << 20;
constexpr std::size_t kKnownLists = 3;
}  // namespace

HomeworkInbox::HomeworkInbox(Studio& studio, WorkQueue& work, StudentBook& book, HomeworkLists& lists,
                             TakeIntake& intake, Notices& notices, Undo& undo)
    : studio_(studio),
      book_(book),
      lists_(lists),
      intake_(intake),
      notices_(notices),
      undo_(undo),
      marker_(work),
      watched_(studio, work) {
  connect(&lists_, &HomeworkLists::listsChanged, this, &HomeworkInbox::watchAsKept);
  connect(&lists_, &HomeworkLists::leaving, this, &HomeworkInbox::leave);
  connect(&lists_, &HomeworkLists::choiceChanged, this, &HomeworkInbox::listChosen);
  connect(&watched_, &WatchedFolder::came, this, &HomeworkInbox::cameIn);
  connect(&intake_, &TakeIntake::attemptTaken, this, &HomeworkInbox::attemptTaken);
  connect(&book_, &StudentBook::erasing, this, [this](std::int64_t student) {
    known_.clear();
    const auto found = sent_.find(student);
    if (found == sent_.end()) return;
    sent_.erase(found);
    emit sentChanged(0);
  });
}

bool HomeworkInbox::running() const {
  return std::ranges::any_of(sent_, [](const auto& entry) { return entry.second.marking.underWay(); });
}

std::int64_t HomeworkInbox::listId() const { return lists_.chosen() ? lists_.chosen()->id : 0; }

const Submission* HomeworkInbox::sentOf(std::int64_t student) const {
  const auto found = sent_.find(student);
  return found == sent_.end() ? nullptr : &found->second;
}

void HomeworkInbox::remember() {
  const Homework* list = lists_.chosen();
  if (!list) return;
  std::erase_if(known_, [=](const Known& k) { return k.homework == list->id; });
  Known known{list->id, {}};
  for (const auto& [student, sent] : sent_)
    if (!sent.anew) known.sent[student] = {sent.kept, sent.marked, sent.said};
  known_.insert(known_.begin(), std::move(known));
  if (known_.size() > kKnownLists) known_.pop_back();
}

/// What was marked of the same files, of the same player, for the same cards.
void HomeworkInbox::recall(Submission& sent) const {
  const auto known = std::ranges::find(known_, lists_.chosen()->id, &Known::homework);
  const Student* who = book_.find(sent.kept.student);
  if (known == known_.end() || !who) return;
  const auto found = known->sent.find(sent.kept.student);
  if (found == known->sent.end() || !found->second.marked) return;
  const Known::One& before = found->second;
  const HeardHomework& heard = *before.marked->heard;
  const Context player = playerOf(*who);
  const auto &was = before.kept.pieces, &is = sent.kept.pieces;
  const bool same = before.kept.files == sent.kept.files && heard.list.items == lists_.list().items &&
                    heard.player.instrument == player.instrument && heard.player.range == player.range &&
                    before.said <= is.size() &&
                    std::ranges::equal(std::views::take(is, static_cast<std::ptrdiff_t>(before.said)),
                                       std::views::take(was, static_cast<std::ptrdiff_t>(before.said)));
  if (!same) return;
  sent.marked = before.marked;
  sent.said = before.said;
}

/// Its marking goes, what was marked is remembered for a while.
void HomeworkInbox::leave() {
  cancel();
  remember();
  sent_.clear();
}

void HomeworkInbox::listChosen() {
  const Homework* list = lists_.chosen();
  if (list && !lists_.list().items.empty())
    if (auto sent = studio_.homework.sent(list->id); notices_.worked(sent))
      for (SentHomework& one : *sent) {
        const std::int64_t student = one.student;
        if (!book_.find(student)) continue;
        sent_[student].kept = std::move(one);
        recall(sent_[student]);
        bringUpToDate(student);
      }
  emit sentChanged(0);
}

Context HomeworkInbox::playerOf(const Student& student) const {
  TakeSpec asked;
  asked.instrument = student.instrument;
  asked.range = student.range;
  Context context = contextFor(asked);
  context.exercise.reset();
  return context;
}

std::vector<fs::path> HomeworkInbox::add(const std::vector<fs::path>& paths,
                                         std::optional<std::int64_t> fallback) {
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
    const Student* owner = ownerOf(file, book_.students(), table);
    const std::int64_t student = owner ? owner->id : fallback.value_or(0);
    if (student == 0) {
      nobodys.push_back(file);
      continue;
    }
    Submission& sent = sent_[student];
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

void HomeworkInbox::remove(std::int64_t student) {
  const auto found = sent_.find(student);
  if (found == sent_.end()) return;
  const SentHomework was = found->second.kept;
  SentHomework none = was;
  none.files.clear();
  const std::int64_t list = listId();
  if (list != 0) notices_.worked(studio_.homework.keepSent(list, none));
  sent_.erase(found);
  undo_.push({.student = student, .list = list}, before::Submission{was});
  emit sentChanged(student);
}

/// What is said of a list that is not looked at goes to where that is kept.
bool HomeworkInbox::keepElsewhere(std::int64_t list, const SentHomework& sent) {
  std::erase_if(known_, [=](const Known& known) { return known.homework == list; });
  return notices_.worked(studio_.homework.keepSent(list, sent));
}

bool HomeworkInbox::putBack(const UndoSubject& subject, const before::Submission& was) {
  if (!book_.find(subject.student) || !lists_.find(subject.list)) return false;
  if (subject.list != listId()) return keepElsewhere(subject.list, was.sent);
  Submission& sent = sent_[subject.student];
  sent = {was.sent};
  keepSent(sent);
  bringUpToDate(subject.student);
  emit sentChanged(subject.student);
  return true;
}

/// Once it is asked for homework, what comes into the folder that is kept belongs here.
void HomeworkInbox::watchAsKept() {
  if (const std::string folder = studio_.settings.get(settings::watched);
      folder != watched_.folder().string())
    watched_.watch(folder);
}

void HomeworkInbox::watch(const fs::path& folder) {
  if (folder != watched_.folder()) notices_.worked(studio_.homework.forgetWatchedFiles());
  watched_.watch(folder);
  notices_.worked(studio_.settings.keep(settings::watched, folder.string()));
}

void HomeworkInbox::cancel() {
  for (auto& [student, sent] : sent_) sent.marking.cancel();
  emit moved();
}

int HomeworkInbox::done() const {
  return static_cast<int>(
      std::ranges::count_if(sent_, [](const auto& entry) { return !entry.second.marking; }));
}

void HomeworkInbox::keepSent(const Submission& sent) {
  if (listId() != 0 && !studio_.readOnly()) notices_.worked(studio_.homework.keepSent(listId(), sent.kept));
}

void HomeworkInbox::markAnew(Submission& sent) {
  sent.marking.cancel();
  sent.marked.reset();
  sent.said = 0;
  sent.anew = false;
  bringUpToDate(sent.kept.student);
}

/// One thing after the other: all of it first, then what was said of it since.
void HomeworkInbox::bringUpToDate(std::int64_t student) {
  const Student* who = book_.find(student);
  Submission& sent = sent_[student];
  if (!who || lists_.list().items.empty() || sent.marking ||
      (sent.marked && !sent.anew && sent.said == sent.kept.pieces.size()))
    return;
  MarkedPtr before = sent.marked;
  if (before && sent.anew)
    before = std::make_shared<const Marked>(Marked{before->heard, before->heard->marking});
  const std::size_t said = before && !sent.anew ? sent.said : 0;
  const auto& pieces = sent.kept.pieces;
  HomeworkQueue::Request request{lists_.list(),
                                 playerOf(*who),
                                 sent.kept.files,
                                 std::move(before),
                                 {pieces.begin() + static_cast<std::ptrdiff_t>(said), pieces.end()}};
  sent.marking =
      marker_.ask(std::move(request), [this, student, now = pieces.size()](const MarkedPtr& marked) {
        const auto there = sent_.find(student);
        if (there == sent_.end()) return;
        there->second.marked = marked;
        there->second.said = now;
        there->second.anew = false;
        bringUpToDate(student);
        emit sentChanged(student);
        emit moved();
      });
  emit moved();
}

void HomeworkInbox::correct(std::int64_t student, const Correction& piece) {
  const auto found = sent_.find(student);
  if (found == sent_.end() || !found->second.marked || listId() == 0) return;
  Submission& sent = found->second;
  undo_.push({.student = student, .list = listId()}, before::Said{sent.kept.pieces.size(), piece});
  sent.kept.pieces.push_back(piece);
  sent.kept.answer.reset();
  keepSent(sent);
  bringUpToDate(student);
  emit sentChanged(student);
}

namespace {

bool takeBack(std::vector<Correction>& pieces, const before::Said& said) {
  if (said.place >= pieces.size() || pieces[said.place] != said.piece) return false;
  pieces.erase(pieces.begin() + static_cast<std::ptrdiff_t>(said.place));
  return true;
}

}  // namespace

bool HomeworkInbox::putBack(const UndoSubject& subject, const before::Said& was) {
  if (subject.list != listId()) {
    const auto all = studio_.homework.sent(subject.list);
    if (!notices_.worked(all)) return false;
    const auto one = std::ranges::find(*all, subject.student, &SentHomework::student);
    if (one == all->end()) return false;
    SentHomework sent = *one;
    return takeBack(sent.pieces, was) && keepElsewhere(subject.list, sent);
  }
  const auto found = sent_.find(subject.student);
  if (found == sent_.end() || !takeBack(found->second.kept.pieces, was)) return false;
  Submission& sent = found->second;
  sent.marking.cancel();
  sent.anew = true;
  keepSent(sent);
  bringUpToDate(subject.student);
  emit sentChanged(subject.student);
  return true;
}

void HomeworkInbox::setAnswer(std::int64_t student, std::optional<std::string> answer) {
  const auto found = sent_.find(student);
  if (found == sent_.end() || found->second.kept.answer == answer) return;
  found->second.kept.answer = std::move(answer);
  keepSent(found->second);
}

}  // namespace calando
