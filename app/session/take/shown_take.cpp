#include "app/session/take/shown_take.h"

#include "app/session/common/undo.h"
#include "app/words/words.h"
#include "audio/sound_file.h"
#include "core/engine/snapshot.h"
#include "core/judging/judging.h"
#include "records/studio.h"

namespace calando {

namespace {
constexpr double kCutShort_s = 0.05;
constexpr std::size_t kLastTakes = 5;
}  // namespace

ShownTake::ShownTake(Studio& studio, AnalysisQueue& analyses, StudentBook& book, Lesson& lesson,
                     RequestEditor& asking, Notices& notices, Undo& undo)
    : studio_(studio),
      analyses_(analyses),
      book_(book),
      lesson_(lesson),
      asking_(asking),
      notices_(notices),
      undo_(undo) {
  connect(&asking_, &RequestEditor::changed, this, &ShownTake::wishChanged);
  connect(&book_, &StudentBook::takeChanged, this, &ShownTake::stoppedSince);
}

std::optional<std::int64_t> ShownTake::id() const {
  if (shown()) return shown()->take.id;
  return awaited() ? awaited()->take : std::nullopt;
}

void ShownTake::clear() {
  emit leaving();
  judging_.cancel();
  wanted_.reset();
  awaited_.reset();
  shown_.reset();
  emit changed();
}

ShownTake::Place ShownTake::await(const Take& take) {
  if (!book_.chosen() || !take.isOf(book_.chosen()->id)) return {};
  clear();
  awaited_.emplace(take.student, take.other, Awaited{{}, {}, ++places_});
  emit changed();
  return Place(places_);
}

bool ShownTake::awaits(Place place) const {
  return place.number_ != 0 && awaited() && awaited()->place == place.number_;
}

void ShownTake::open(std::int64_t id) {
  clear();
  const Take* take = book_.take(id);
  if (!take) return;
  if (!take->soundKept()) return notices_.say(words::said(Problem(StudioFault::soundLetGo)));
  AnalysisQueue::Request request;
  request.take = *take;
  request.file = studio_.takes.file(*take);
  awaited_.emplace(take->student, take->other,
                   Awaited{analyses_.ask(std::move(request), AnalysisQueue::Urgency::now,
                                         [this](const AnalysisQueue::Answer& answer) { opened(answer); }),
                           id});
  emit changed();
}

void ShownTake::openNewest() {
  if (!book_.takes().empty()) open(book_.takes().front().id);
}

void ShownTake::opened(const AnalysisQueue::Answer& answer) {
  const auto file = studio_.takes.file(answer.take);
  if (!answer.picture) {
    awaited_.reset();
    emit changed();
    std::error_code error;
    return notices_.sayLoss(words::said(std::filesystem::exists(file, error)
                                            ? Problem(StudioFault::soundUnreadable, *answer.error)
                                            : Problem(StudioFault::soundMissing, printable(file.string()))));
  }
  show(answer);
  const double seconds = static_cast<double>(answer.samples->size()) / answer.rate_hz;
  if (seconds > answer.take.seconds - kCutShort_s) return;
  book_.setCutShort(answer.take.id, seconds);
  notices_.sayLoss(
      tr("The sound of this take is cut short: %1 of %2 s. Its file was damaged; put back a copy of it if "
         "there is one.")
          .arg(words::number(seconds, 1, false), words::number(answer.take.seconds, 1, false)));
}

void ShownTake::show(const AnalysisQueue::Answer& answer) {
  clear();
  if (!book_.chosen() || !answer.take.isOf(book_.chosen()->id) || !answer.samples) return;
  shown_.emplace(answer.take.student, answer.take.other,
                 Shown{answer.take, answer.samples, answer.rate_hz, answer.picture});
  // What was said of it meanwhile is on the list.
  if (const Take* take = book_.take(answer.take.id)) shown()->take = *take;
  respectStop();
  asking_.show(answer.take.asked.wish());
  emit changed();
}

/// A take in which somebody felt light-headed is seen and heard, and judged by nothing.
void ShownTake::respectStop() {
  if (!shown()->take.stopped) return;
  auto picture = std::make_shared<Snapshot>(*shown()->picture);
  picture->analysis = unjudged(std::move(picture->analysis));
  shown()->picture = std::move(picture);
}

/// That the one on show was stopped may be said, or taken back, only after it.
void ShownTake::stoppedSince(std::int64_t id) {
  const Take* take = book_.take(id);
  if (!shown() || shown()->take.id != id || !take || take->stopped == shown()->take.stopped) return;
  shown()->take.stopped = take->stopped;
  if (!take->stopped) return judge(shown()->take.asked);
  respectStop();
  emit changed();
}

/// The take on show is judged against what is asked for now.
void ShownTake::wishChanged() {
  if (!shown()) return;
  TakeSpec asked = newestAsked();
  TakeRequest wish = asking_.wish();
  // A take that was counted in has the tempo that it was played at.
  if (asked.start_s) wish.tempo_bpm = asked.tempo_bpm;
  asked.wish() = wish;
  judge(std::move(asked));
}

/// What is asked and the figures for it are written together, once both are there; of many askings in a row
/// the last one counts.
void ShownTake::judge(TakeSpec asked) {
  wanted_ = std::make_shared<const TakeSpec>(std::move(asked));
  if (!judging_) judgeWanted();
}

void ShownTake::judgeWanted() {
  AnalysisQueue::Request request;
  request.take = shown()->take;
  request.take.asked = *wanted_;
  request.anew = shown()->picture;
  judging_ = analyses_.ask(std::move(request), AnalysisQueue::Urgency::now,
                           [this, asked = wanted_](const AnalysisQueue::Answer& answer) {
                             if (!shown()) return;
                             shown()->take.asked = *asked;
                             shown()->picture = answer.picture;
                             respectStop();
                             book_.keepSummary(shown()->take.id, answer.summary);
                             keep();
                             emit changed();
                             if (wanted_ != asked) return judgeWanted();
                             wanted_.reset();
                           });
}

void ShownTake::keep() {
  if (shown() && shown()->take.id != 0) book_.changeTake(shown()->take);
}

void ShownTake::setWord(TeachersWord word) {
  if (!shown() || studio_.readOnly()) return;
  Take& take = shown()->take;
  undo_.push({.student = take.student, .take = take.id}, before::Word{take.word});
  take.word = take.word == word ? TeachersWord::none : word;
  keep();
  emit said();
}

bool ShownTake::putBack(const UndoSubject& subject, const before::Word& was) {
  if (shown() && shown()->take.id == subject.take) {
    shown()->take.word = was.word;
    keep();
    emit said();
    return true;
  }
  const auto takes = studio_.takes.of(subject.student);
  if (!notices_.worked(takes)) return false;
  const auto take = std::ranges::find(*takes, subject.take, &Take::id);
  if (take == takes->end()) return false;
  Take changed = *take;
  changed.word = was.word;
  return book_.changeTake(changed);
}

void ShownTake::setAttention(Attention attention) {
  if (!shown() || studio_.readOnly()) return;
  shown()->take.attention = shown()->take.attention == attention ? Attention::unsaid : attention;
  keep();
  emit said();
}

void ShownTake::setComfort(Comfort comfort) {
  if (!shown() || studio_.readOnly()) return;
  shown()->take.comfort = shown()->take.comfort == comfort ? Comfort::unsaid : comfort;
  keep();
  emit said();
}

void ShownTake::toggleTried() {
  if (!shown() || studio_.readOnly()) return;
  const std::string before = adviceBefore();
  if (before.empty() && shown()->take.tried.empty()) return;
  shown()->take.tried = shown()->take.tried.empty() ? before : std::string();
  keep();
  emit said();
}

void ShownTake::nextSeen() {
  if (!observation() || studio_.readOnly()) return;
  const Seen seen = shown()->take.seen;
  shown()->take.seen = seen == Seen::unsaid ? Seen::right : seen == Seen::right ? Seen::wrong : Seen::unsaid;
  keep();
  emit said();
}

void ShownTake::setRemark(const std::string& remark) {
  if (!shown() || studio_.readOnly() || shown()->take.remark == remark) return;
  shown()->take.remark = remark;
  keep();
  emit said();
}

void ShownTake::toggleTick(const std::string& tick) {
  if (!shown() || studio_.readOnly()) return;
  if (std::erase(shown()->take.ticks, tick) == 0) shown()->take.ticks.push_back(tick);
  keep();
  emit said();
}

void ShownTake::callOpen(std::size_t air) {
  if (!shown() || air >= shown()->picture->analysis.airs.size()) return;
  const Air& breath = shown()->picture->analysis.airs[air];
  if (!breath.profile || !breath.level_dbfs) return;
  auto marks = book_.openBreaths();
  marks.push_back({*breath.profile, *breath.level_dbfs});
  learnOpen(std::move(marks));
}

void ShownTake::forgetOpen() { learnOpen({}); }

void ShownTake::learnOpen(std::vector<OpenMark> marks) {
  const auto student = book_.chosenId();
  before::Breaths was{book_.openBreaths()};
  if (!student || !book_.keepOpenBreaths(*student, std::move(marks))) return;
  undo_.push({.student = *student}, std::move(was));
  openChanged();
}

bool ShownTake::putBack(const UndoSubject& subject, const before::Breaths& was) {
  if (!book_.keepOpenBreaths(subject.student, was.open)) return false;
  if (subject.student == book_.chosenId()) openChanged();
  return true;
}

/// The take on show is held against what is open by now.
void ShownTake::openChanged() {
  if (!shown()) return;
  TakeSpec asked = newestAsked();
  asked.open = asking_.asked().open;
  judge(std::move(asked));
}

void ShownTake::toggleModel() {
  if (!shown() || studio_.readOnly() || lesson_.current()->against != Against::teacher) return;
  lesson_.setModel(isModel() ? std::nullopt : std::optional(shown()->take.id));
  emit said();
}

bool ShownTake::isModel() const { return shown() && lesson_.model() == shown()->take.id; }

PastTake ShownTake::past() const {
  return {shown()->take.id, shown()->take.made_unix_s, shown()->take.asked.exercise, {}, {}};
}

std::string ShownTake::adviceBefore() const {
  return shown() ? calando::adviceBefore(book_.past(), past()) : std::string();
}

const AdviceCard* ShownTake::observation() const {
  if (!shown() || shown()->picture->analysis.advice.empty()) return nullptr;
  const AdviceCard* card = shown()->picture->analysis.advice.front().card;
  return card && card->smallPart ? card : nullptr;
}

Confirmed ShownTake::confirmed() const {
  return observation() ? confirmedOf(book_.past(), observation()->id) : Confirmed{};
}

std::vector<TriedCue> ShownTake::triedBefore() const {
  std::vector<TriedCue> tried = ledgerOf(book_.past());
  std::erase_if(tried, [card = observation()](const TriedCue& cue) { return cue.observed != card; });
  return tried;
}

std::map<std::string, std::vector<double>> ShownTake::valuesBefore() const {
  return shown() ? calando::valuesBefore(book_.past(), past(), kLastTakes)
                 : std::map<std::string, std::vector<double>>();
}

}  // namespace calando
