#include "app/session/open_take.h"

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
  connect(&asking_, &Asking::changed, this, &OpenTake::judgeAnew);
  connect(&roster_, &Roster::takeChanged, this, &OpenTake::stoppedSince);
}

std::optional<std::int64_t> OpenTake::id() const {
  if (shown_) return shown_->take.id;
  return awaited_ ? awaited_->take : std::nullopt;
}

void OpenTake::clear() {
  emit leaving();
  if (awaited_ && awaited_->take) analyst_.forget(awaited_->ticket);
  if (judging_) analyst_.forget(*judging_);
  judging_.reset();
  judgeAgain_ = false;
  awaited_.reset();
  shown_.reset();
  emit changed();
}

void OpenTake::awaitTicket(Analyst::Ticket ticket) {
  awaited_ = Awaited{ticket, {}};
  emit changed();
}

void OpenTake::open(std::int64_t id) {
  clear();
  const Take* take = roster_.take(id);
  if (!take) return;
  if (!take->soundKept()) return notices_.say(words::said(Problem(StudioFault::soundLetGo)));
  Analyst::Request request;
  request.take = *take;
  request.file = studio_.takeFile(*take);
  const auto ticket =
      analyst_.ask(std::move(request), Analyst::Urgency::now,
                   [this](Analyst::Ticket, const Analyst::Answer& answer) { opened(answer); });
  awaited_ = Awaited{ticket, id};
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
  shown_ = Shown{answer.take, answer.samples, answer.rate_hz, answer.picture};
  // What was said of it meanwhile is on the list.
  if (const Take* take = roster_.take(answer.take.id)) shown_->take = *take;
  respectStop();
  asking_.show(answer.take.asked.wish());
  emit changed();
}

/// A take in which somebody felt light-headed is seen and heard, and judged by nothing.
void OpenTake::respectStop() {
  if (!shown_->take.stopped) return;
  auto picture = std::make_shared<Snapshot>(*shown_->picture);
  picture->analysis = unjudged(std::move(picture->analysis));
  shown_->picture = std::move(picture);
}

/// That the one on show was stopped may be said only after it.
void OpenTake::stoppedSince(std::int64_t id) {
  const Take* take = roster_.take(id);
  if (!shown_ || shown_->take.id != id || !take || take->stopped == shown_->take.stopped) return;
  shown_->take.stopped = take->stopped;
  respectStop();
  emit changed();
}

/// The take on show is judged against what is asked for now; of many wishes in a row the last one counts.
void OpenTake::judgeAnew() {
  if (!shown_) return;
  Wish wish = asking_.wish();
  // A take that was counted in has the tempo that it was played at.
  if (shown_->take.asked.start_s) wish.tempo_bpm = shown_->take.asked.tempo_bpm;
  shown_->take.asked.wish() = wish;
  if (judging_) {
    judgeAgain_ = true;
    return;
  }
  Analyst::Request request;
  request.take = shown_->take;
  request.anew = shown_->picture;
  judging_ = analyst_.ask(std::move(request), Analyst::Urgency::now,
                          [this](Analyst::Ticket, const Analyst::Answer& answer) {
                            judging_.reset();
                            if (!shown_) return;
                            if (std::exchange(judgeAgain_, false)) return judgeAnew();
                            shown_->picture = answer.picture;
                            respectStop();
                            roster_.keepSummary(shown_->take.id, answer.summary);
                            keep();
                            emit changed();
                          });
}

void OpenTake::keep() {
  if (shown_ && shown_->take.id != 0) roster_.changeTake(shown_->take);
}

void OpenTake::setWord(TeachersWord word) {
  if (!shown_ || studio_.readOnly()) return;
  undo_.push([this, id = shown_->take.id, before = shown_->take.word] { writeWord(id, before); });
  writeWord(shown_->take.id, shown_->take.word == word ? TeachersWord::none : word);
}

void OpenTake::writeWord(std::int64_t id, TeachersWord word) {
  if (shown_ && shown_->take.id == id) {
    shown_->take.word = word;
    keep();
    return emit said();
  }
  if (const Take* take = roster_.take(id)) {
    Take changed = *take;
    changed.word = word;
    roster_.changeTake(changed);
  }
}

void OpenTake::setAttention(Attention attention) {
  if (!shown_ || studio_.readOnly()) return;
  shown_->take.attention = shown_->take.attention == attention ? Attention::unsaid : attention;
  keep();
  emit said();
}

void OpenTake::setComfort(Comfort comfort) {
  if (!shown_ || studio_.readOnly()) return;
  shown_->take.comfort = shown_->take.comfort == comfort ? Comfort::unsaid : comfort;
  keep();
  emit said();
}

void OpenTake::toggleTried() {
  if (!shown_ || studio_.readOnly()) return;
  const std::string before = adviceBefore();
  if (before.empty() && shown_->take.tried.empty()) return;
  shown_->take.tried = shown_->take.tried.empty() ? before : std::string();
  keep();
  emit said();
}

void OpenTake::nextSeen() {
  if (!observation() || studio_.readOnly()) return;
  const Seen seen = shown_->take.seen;
  shown_->take.seen = seen == Seen::unsaid ? Seen::right : seen == Seen::right ? Seen::wrong : Seen::unsaid;
  keep();
  emit said();
}

void OpenTake::setRemark(const std::string& remark) {
  if (!shown_ || studio_.readOnly() || shown_->take.remark == remark) return;
  shown_->take.remark = remark;
  keep();
  emit said();
}

void OpenTake::toggleTick(const std::string& tick) {
  if (!shown_ || studio_.readOnly()) return;
  if (std::erase(shown_->take.ticks, tick) == 0) shown_->take.ticks.push_back(tick);
  keep();
  emit said();
}

void OpenTake::callOpen(std::size_t air) {
  if (!shown_ || air >= shown_->picture->analysis.airs.size()) return;
  const Air& breath = shown_->picture->analysis.airs[air];
  if (!breath.profile || !breath.level_dbfs) return;
  auto marks = roster_.openBreaths();
  marks.push_back({*breath.profile, *breath.level_dbfs});
  learnOpen(std::move(marks));
}

void OpenTake::forgetOpen() { learnOpen({}); }

void OpenTake::learnOpen(std::vector<OpenMark> marks) {
  undo_.push([this, before = roster_.openBreaths()] { learnOpen(before); });
  if (!roster_.keepOpenBreaths(std::move(marks)) || !shown_) return;
  shown_->take.asked.open = asking_.asked().open;
  judgeAnew();
}

void OpenTake::toggleModel() {
  if (!shown_ || studio_.readOnly() || lesson_.current()->against != Against::teacher) return;
  lesson_.setModel(isModel() ? std::nullopt : std::optional(shown_->take.id));
  emit said();
}

bool OpenTake::isModel() const { return shown_ && lesson_.model() == shown_->take.id; }

PastTake OpenTake::past() const {
  return {shown_->take.id, shown_->take.made_unix_s, shown_->take.asked.exercise, {}, {}};
}

std::string OpenTake::adviceBefore() const {
  return shown_ ? calando::adviceBefore(roster_.past(), past()) : std::string();
}

const AdviceCard* OpenTake::observation() const {
  if (!shown_ || shown_->picture->analysis.advice.empty()) return nullptr;
  const AdviceCard* card = shown_->picture->analysis.advice.front().card;
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
  return shown_ ? calando::valuesBefore(roster_.past(), past(), kLastTakes)
                : std::map<std::string, std::vector<double>>();
}

}  // namespace calando
