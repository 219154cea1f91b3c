#include "app/session/take/open_take.h"

#include "app/words/words.h"
#include "core/judging/judging.h"

namespace calando {

namespace {
constexpr double kCutShort_s = 0.05;
constexpr std::size_t kLastTakes = 5;
}  // namespace

OpenTake::OpenTake(Studio& studio, Analyst& analyst, Roster& roster, Lesson& lesson, Asking& asking,
                   Notices& notices, Undo& undo)
    : studio_(studio),
      analyst_(analyst),
      roster_(roster),
      lesson_(lesson),
      asking_(asking),
      notices_(notices),
      undo_(undo) {
  connect(&asking_, &Asking::changed, this, &OpenTake::wishChanged);
  connect(&roster_, &Roster::takeChanged, this, &OpenTake::stoppedSince);
}

std::optional<std::int64_t> OpenTake::id() const {
  if (shown()) return shown()->take.id;
  return awaited() ? awaited()->take : std::nullopt;
}

void OpenTake::clear() {
  emit leaving();
  judging_.cancel();
  wanted_.reset();
  awaited_.reset();
  shown_.reset();
  emit changed();
}

OpenTake::Place OpenTake::await(const Take& take) {
  if (!roster_.chosen() || !take.isOf(roster_.chosen()->id)) return {};
  clear();
  awaited_.emplace(take.student, take.other, Awaited{{}, {}, ++places_});
  emit changed();
  return Place(places_);
}

bool OpenTake::awaits(Place place) const {
  return place.number_ != 0 && awaited() && awaited()->place == place.number_;
}

void OpenTake::open(std::int64_t id) {
  clear();
  const Take* take = roster_.take(id);
  if (!take) return;
  if (!take->soundKept()) return notices_.say(words::said(Problem(StudioFault::soundLetGo)));
  Analyst::Request request;
  request.take = *take;
  request.file = studio_.takeFile(*take);
  awaited_.emplace(take->student, take->other,
                   Awaited{analyst_.ask(std::move(request), Analyst::Urgency::now,
                                        [this](const Analyst::Answer& answer) { opened(answer); }),
                           id});
  emit changed();
}

void OpenTake::openNewest() {
  if (!roster_.takes().empty()) open(roster_.takes().front().id);
}

void OpenTake::opened(const Analyst::Answer& answer) {
  const auto file = studio_.takeFile(answer.take);
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
  roster_.setCutShort(answer.take.id, seconds);
  notices_.sayLoss(
      tr("The sound of this take is cut short: %1 of %2 s. Its file was damaged; put back a copy of it if "
         "there is one.")
          .arg(words::number(seconds, 1, false), words::number(answer.take.seconds, 1, false)));
}

void OpenTake::show(const Analyst::Answer& answer) {
  clear();
  if (!roster_.chosen() || !answer.take.isOf(roster_.chosen()->id) || !answer.samples) return;
  shown_.emplace(answer.take.student, answer.take.other,
                 Shown{answer.take, answer.samples, answer.rate_hz, answer.picture});
  // What was said of it meanwhile is on the list.
  if (const Take* take = roster_.take(answer.take.id)) shown()->take = *take;
  respectStop();
  asking_.show(answer.take.asked.wish());
  emit changed();
}

/// A take in which somebody felt light-headed is seen and heard, and judged by nothing.
void OpenTake::respectStop() {
  if (!shown()->take.stopped) return;
  auto picture = std::make_shared<Snapshot>(*shown()->picture);
  picture->analysis = unjudged(std::move(picture->analysis));
  shown()->picture = std::move(picture);
}

/// That the one on show was stopped may be said, or taken back, only after it.
void OpenTake::stoppedSince(std::int64_t id) {
  const Take* take = roster_.take(id);
  if (!shown() || shown()->take.id != id || !take || take->stopped == shown()->take.stopped) return;
  shown()->take.stopped = take->stopped;
  if (!take->stopped) return judge(shown()->take.asked);
  respectStop();
  emit changed();
}

/// The take on show is judged against what is asked for now.
void OpenTake::wishChanged() {
  if (!shown()) return;
  AskedFor asked = newestAsked();
  Wish wish = asking_.wish();
  // A take that was counted in has the tempo that it was played at.
  if (asked.start_s) wish.tempo_bpm = asked.tempo_bpm;
  asked.wish() = wish;
  judge(std::move(asked));
}

/// What is asked and the figures for it are written together, once both are there; of many askings in a row
/// the last one counts.
void OpenTake::judge(AskedFor asked) {
  wanted_ = std::make_shared<const AskedFor>(std::move(asked));
  if (!judging_) judgeWanted();
}

void OpenTake::judgeWanted() {
  Analyst::Request request;
  request.take = shown()->take;
  request.take.asked = *wanted_;
  request.anew = shown()->picture;
  judging_ = analyst_.ask(std::move(request), Analyst::Urgency::now,
                          [this, asked = wanted_](const Analyst::Answer& answer) {
                            if (!shown()) return;
                            shown()->take.asked = *asked;
                            shown()->picture = answer.picture;
                            respectStop();
                            roster_.keepSummary(shown()->take.id, answer.summary);
                            keep();
                            emit changed();
                            if (wanted_ != asked) return judgeWanted();
                            wanted_.reset();
                          });
}

void OpenTake::keep() {
  if (shown() && shown()->take.id != 0) roster_.changeTake(shown()->take);
}

void OpenTake::setWord(TeachersWord word) {
  if (!shown() || studio_.readOnly()) return;
  Take& take = shown()->take;
  undo_.push({.student = take.student, .take = take.id}, before::Word{take.word});
  take.word = take.word == word ? TeachersWord::none : word;
  keep();
  emit said();
}

bool OpenTake::putBack(const Undo::Subject& subject, const before::Word& was) {
  if (shown() && shown()->take.id == subject.take) {
    shown()->take.word = was.word;
    keep();
    emit said();
    return true;
  }
  const auto takes = studio_.takes(subject.student);
  if (!notices_.worked(takes)) return false;
  const auto take = std::ranges::find(*takes, subject.take, &Take::id);
  if (take == takes->end()) return false;
  Take changed = *take;
  changed.word = was.word;
  return roster_.changeTake(changed);
}

void OpenTake::setAttention(Attention attention) {
  if (!shown() || studio_.readOnly()) return;
  shown()->take.attention = shown()->take.attention == attention ? Attention::unsaid : attention;
  keep();
  emit said();
}

void OpenTake::setComfort(Comfort comfort) {
  if (!shown() || studio_.readOnly()) return;
  shown()->take.comfort = shown()->take.comfort == comfort ? Comfort::unsaid : comfort;
  keep();
  emit said();
}

void OpenTake::toggleTried() {
  if (!shown() || studio_.readOnly()) return;
  const std::string before = adviceBefore();
  if (before.empty() && shown()->take.tried.empty()) return;
  shown()->take.tried = shown()->take.tried.empty() ? before : std::string();
  keep();
  emit said();
}

void OpenTake::nextSeen() {
  if (!observation() || studio_.readOnly()) return;
  const Seen seen = shown()->take.seen;
  shown()->take.seen = seen == Seen::unsaid ? Seen::right : seen == Seen::right ? Seen::wrong : Seen::unsaid;
  keep();
  emit said();
}

void OpenTake::setRemark(const std::string& remark) {
  if (!shown() || studio_.readOnly() || shown()->take.remark == remark) return;
  shown()->take.remark = remark;
  keep();
  emit said();
}

void OpenTake::toggleTick(const std::string& tick) {
  if (!shown() || studio_.readOnly()) return;
  if (std::erase(shown()->take.ticks, tick) == 0) shown()->take.ticks.push_back(tick);
  keep();
  emit said();
}

void OpenTake::callOpen(std::size_t air) {
  if (!shown() || air >= shown()->picture->analysis.airs.size()) return;
  const Air& breath = shown()->picture->analysis.airs[air];
  if (!breath.profile || !breath.level_dbfs) return;
  auto marks = roster_.openBreaths();
  marks.push_back({*breath.profile, *breath.level_dbfs});
  learnOpen(std::move(marks));
}

void OpenTake::forgetOpen() { learnOpen({}); }

void OpenTake::learnOpen(std::vector<OpenMark> marks) {
  const auto student = roster_.chosenId();
  before::Breaths was{roster_.openBreaths()};
  if (!student || !roster_.keepOpenBreaths(*student, std::move(marks))) return;
  undo_.push({.student = *student}, std::move(was));
  openChanged();
}

bool OpenTake::putBack(const Undo::Subject& subject, const before::Breaths& was) {
  if (!roster_.keepOpenBreaths(subject.student, was.open)) return false;
  if (subject.student == roster_.chosenId()) openChanged();
  return true;
}

/// The take on show is held against what is open by now.
void OpenTake::openChanged() {
  if (!shown()) return;
  AskedFor asked = newestAsked();
  asked.open = asking_.asked().open;
  judge(std::move(asked));
}

void OpenTake::toggleModel() {
  if (!shown() || studio_.readOnly() || lesson_.current()->against != Against::teacher) return;
  lesson_.setModel(isModel() ? std::nullopt : std::optional(shown()->take.id));
  emit said();
}

bool OpenTake::isModel() const { return shown() && lesson_.model() == shown()->take.id; }

PastTake OpenTake::past() const {
  return {shown()->take.id, shown()->take.made_unix_s, shown()->take.asked.exercise, {}, {}};
}

std::string OpenTake::adviceBefore() const {
  return shown() ? calando::adviceBefore(roster_.past(), past()) : std::string();
}

const AdviceCard* OpenTake::observation() const {
  if (!shown() || shown()->picture->analysis.advice.empty()) return nullptr;
  const AdviceCard* card = shown()->picture->analysis.advice.front().card;
  return card && card->smallPart ? card : nullptr;
}

Confirmed OpenTake::confirmed() const {
  return observation() ? confirmedOf(roster_.past(), observation()->id) : Confirmed{};
}

std::vector<TriedCue> OpenTake::triedBefore() const {
  std::vector<TriedCue> tried = ledgerOf(roster_.past());
  std::erase_if(tried, [card = observation()](const TriedCue& cue) { return cue.observed != card; });
  return tried;
}

std::map<std::string, std::vector<double>> OpenTake::valuesBefore() const {
  return shown() ? calando::valuesBefore(roster_.past(), past(), kLastTakes)
                 : std::map<std::string, std::vector<double>>();
}

}  // namespace calando
