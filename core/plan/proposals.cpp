#include "core/plan/proposals.h"

#include <algorithm>

#include "core/signal/air_spectrum.h"

namespace calando {

std::vector<PastTake> takesOfStep(const PlanState& state, const Exercise& card) {
  const PlanStep* step = state.plan.find(card.id);
  const auto now = askedNow(state.plan, card, state.past);
  std::vector<PastTake> takes;
  for (const PastTake& take : state.past) {
    if (take.exercise != card.id || !counts(take)) continue;
    if (step && step->since && take.day < *step->since) continue;
    if (const auto asked = askedIn(take, card); now && asked && !isSameAsking(*asked, *now)) {
      // More than is asked for says something if it was good, less says nothing.
      if (*asked < *now || !isGood(take, card.scored)) continue;
    }
    takes.push_back(take);
  }
  return takes;
}

namespace {

/// What is never done does not keep everything else waiting.
constexpr std::chrono::days kLongEnough{14};

/// So often, and on so many days, that it is nothing new any more.
bool isDoneEnough(std::span<const PastTake> takes, const Gate& gate) {
  return takes.size() >= static_cast<std::size_t>(gate.of) &&
         daysOf(takes).size() >= static_cast<std::size_t>(gate.days);
}

}  // namespace

bool isNew(const PlanState& state, const Exercise& card) {
  const PlanStep* step = state.plan.find(card.id);
  if (!step || !step->raised || !step->since || step->left) return false;
  if (state.today - *step->since >= kLongEnough) return false;
  return !isDoneEnough(takesOfStep(state, card), gateOf(state.plan, card));
}

namespace {

bool wasOpened(const PlanState& state, std::size_t row) {
  const std::string& id = state.order[row]->id;
  const PlanStep* step = state.plan.find(id);
  return row == 0 || (step && step->since) ||
         std::ranges::any_of(state.past, [&](const PastTake& take) { return take.exercise == id; });
}

bool isIdle(const PlanState& state, const std::string& exercise) {
  const PlanStep* step = state.plan.find(exercise);
  return step && (step->left || (step->notBefore && state.today < *step->notBefore));
}

}  // namespace

bool isPractised(const PlanState& state, std::size_t row) {
  return wasOpened(state, row) && !isIdle(state, state.order[row]->id);
}

namespace {

constexpr int kBadDays = 3;
constexpr std::chrono::days kPause{10};
constexpr std::chrono::days kAfterPause{7};  // for so long it is spoken of
constexpr std::chrono::days kStuck{28};
constexpr std::chrono::days kRefused{7};

/// Looks at one student's plan, step by step.
class Proposer {
 public:
  explicit Proposer(const PlanState& state) : s_(state) {}

  std::vector<Proposal> all() {
    findPause();
    for (std::size_t row = 0; row < s_.order.size(); ++row)
      if (isPractised(s_, row) && !wasRefused(s_.order[row]->id)) lookForEasier(*s_.order[row]);
    lookAtRange();
    if (!list_.empty()) return std::move(list_);
    if (auto fresh = newThing()) list_.push_back(std::move(*fresh));
    return std::move(list_);
  }

 private:
  /// The newest gap of days without playing, if it ends now or has ended lately.
  void findPause() {
    const std::vector<Day> days = daysOf(s_.past);  // newest first
    Day after = s_.today;
    for (const Day day : days) {
      if (after - day >= kPause) {
        lastBefore_ = day;
        pause_days_ = static_cast<int>((after - day).count());
        return;
      }
      if (s_.today - day > kAfterPause) return;
      after = day;
    }
  }

  bool wasRefused(const std::string& exercise) const {
    const PlanStep* step = s_.plan.find(exercise);
    return step && step->answered && s_.today - *step->answered < kRefused;
  }

  void lookForEasier(const Exercise& card) {
    const PlanStep* step = s_.plan.find(card.id);
    if (lastBefore_ && isOpenSinceBefore(step)) {
      if (const auto now = askedNow(s_.plan, card, s_.past))
        if (const auto under = stepUnder(card.grows, *now)) {
          Proposal p{Proposal::Kind::stepBack, Proposal::Why::pause, card.id, now, under};
          p.pause_days = pause_days_;
          list_.push_back(p);
          return;
        }
    }
    if (!card.scored) return;
    const auto takes = takesOfStep(s_, card);
    if (const auto bad = badDays(takes); !bad.empty()) return easier(card, Proposal::Why::badDays, bad);
    if (isStuck(step, takes, card)) easier(card, Proposal::Why::stuck, idsOf(takes, 5));
  }

  /// Nothing was changed since the pause began.
  bool isOpenSinceBefore(const PlanStep* step) const {
    return !step || ((!step->since || *step->since <= *lastBefore_) &&
                     (!step->answered || *step->answered <= *lastBefore_));
  }

  /// The takes of the last three days on which it was tried, where none of them was good; else none.
  static std::vector<std::int64_t> badDays(std::span<const PastTake> takes) {
    std::vector<std::int64_t> ids;
    std::optional<Day> day;
    int days = 0;
    for (const PastTake& take : takes) {
      if (take.day != day) {
        if (days == kBadDays) break;
        day = take.day;
        ++days;
      }
      if (isGood(take, true)) return {};
      ids.push_back(take.id);
    }
    return days == kBadDays ? ids : std::vector<std::int64_t>{};
  }

  /// Weeks of it, and not once good often enough.
  bool isStuck(const PlanStep* step, std::span<const PastTake> takes, const Exercise& card) const {
    const Gate gate = gateOf(s_.plan, card);
    if (takes.size() < static_cast<std::size_t>(3 * gate.of)) return false;
    const Day since = step && step->since ? *step->since : takes.back().day;
    return s_.today - since >= kStuck && tally(takes, card.scored, gate).toCome(gate) > 0;
  }

  static std::vector<std::int64_t> idsOf(std::span<const PastTake> takes, std::size_t most) {
    std::vector<std::int64_t> ids;
    for (const PastTake& take : takes.first(std::min(most, takes.size()))) ids.push_back(take.id);
    return ids;
  }

  void easier(const Exercise& card, Proposal::Why why, std::vector<std::int64_t> because) {
    Proposal p{Proposal::Kind::stepBack, why, card.id, askedNow(s_.plan, card, s_.past)};
    p.takes = std::move(because);
    p.to = p.from ? stepUnder(card.grows, *p.from) : std::nullopt;
    const PlanStep* step = s_.plan.find(card.id);
    if (!p.to) {
      p.from.reset();
      const auto before = cardBefore(card);
      if (!before && !hasAnother(card)) return;  // there is always something to do
      if (before) {
        p.kind = Proposal::Kind::goBack;
        p.card = *before;
      } else if (!step || step->rests < 2) {
        p.kind = Proposal::Kind::rest;
        p.notBefore = mondayAfter(s_.today + std::chrono::days(3));
      } else {
        p.kind = Proposal::Kind::leave;
      }
    }
    list_.push_back(std::move(p));
  }

  /// Something else is practised, or could be opened.
  bool hasAnother(const Exercise& card) const {
    for (std::size_t row = 0; row < s_.order.size(); ++row)
      if (s_.order[row]->id != card.id && (isPractised(s_, row) || !wasOpened(s_, row))) return true;
    return false;
  }

  static Day mondayAfter(Day day) {
    const std::chrono::weekday weekday(day);
    return day + (std::chrono::Monday - weekday);
  }

  /// The card that this one came from, where it took its place.
  std::optional<std::string> cardBefore(const Exercise& card) const {
    for (const PlanStep& step : s_.plan.steps)
      if (const ExercisePtr other = s_.find(step.exercise);
          other && other->then == card.id && !isInOrder(other->id))
        return other->id;
    return std::nullopt;
  }

  bool isInOrder(const std::string& exercise) const {
    return std::ranges::any_of(s_.order, [&](const ExercisePtr& card) { return card->id == exercise; });
  }

  /// The takes of a note at the edge of the range, on whatever card, newest first, since it was widened.
  std::vector<PastTake> takesAtEdge(int note) const {
    const PlanStep* step = s_.plan.find(kRangeStep);
    std::vector<PastTake> takes;
    for (const PastTake& take : s_.past) {
      if (take.note != note || !counts(take) || (step && step->since && take.day < *step->since)) continue;
      const ExercisePtr card = s_.find(take.exercise);
      if (card && card->scored) takes.push_back(take);
    }
    return takes;
  }

  /// A note that was added and does not come is given back.
  void lookAtRange() {
    const PlanStep* step = s_.plan.find(kRangeStep);
    if (!step || !step->asked || !step->raised || wasRefused(std::string(kRangeStep))) return;
    const int note = static_cast<int>(*step->asked);
    if (note != s_.range.highest && note != s_.range.lowest) return;
    const auto takes = takesAtEdge(note);
    auto bad = badDays(takes);
    if (bad.empty()) return;
    Proposal p{Proposal::Kind::range, Proposal::Why::badDays, std::string(kRangeStep), step->asked,
               note + (note == s_.range.highest ? -1.0 : 1.0)};
    p.takes = std::move(bad);
    list_.push_back(std::move(p));
  }

  bool isRangeNew() const {
    const PlanStep* step = s_.plan.find(kRangeStep);
    return step && step->raised && step->since && step->asked && s_.today - *step->since < kLongEnough &&
           !isDoneEnough(takesAtEdge(static_cast<int>(*step->asked)), s_.plan.gate.value_or(Gate{}));
  }

  /// One note more at an end of the range that is reliable.
  std::optional<Proposal> widening() const {
    const Gate gate = s_.plan.gate.value_or(Gate{});
    for (const auto& [edge, step] : {std::pair(s_.range.highest, 1.0), std::pair(s_.range.lowest, -1.0)}) {
      if (!edge) continue;
      const auto takes = takesAtEdge(*edge);
      Proposal p{Proposal::Kind::range, Proposal::Why::gate, std::string(kRangeStep),
                 static_cast<double>(*edge), *edge + step};
      p.standing = tally(takes, true, gate);
      if (p.standing.toCome(gate) > 0) continue;
      p.takes = idsOf(takes, static_cast<std::size_t>(gate.of));
      return p;
    }
    return std::nullopt;
  }

  /// The one whose turn it is: what has been as it is for the longest time.
  std::optional<Proposal> newThing() const {
    if (isRangeNew()) return std::nullopt;
    for (const ExercisePtr& card : s_.order)
      if (isNew(s_, *card)) return std::nullopt;
    std::optional<Proposal> best;
    std::optional<Day> age;
    const auto consider = [&](std::optional<Proposal> p) {
      if (!p || wasRefused(p->exercise)) return;
      const PlanStep* step = s_.plan.find(p->exercise);
      const std::optional<Day> since = step ? step->since : std::nullopt;
      if (best && !(since < age)) return;
      best = std::move(p);
      age = since;
    };
    for (std::size_t row = 0; row < s_.order.size(); ++row)
      consider(isPractised(s_, row) ? moreOf(*s_.order[row]) : opening(row));
    consider(widening());
    return best;
  }

  std::optional<Proposal> moreOf(const Exercise& card) const {
    const PlanStep* step = s_.plan.find(card.id);
    if (step && step->noMoreBefore && s_.today < *step->noMoreBefore) return std::nullopt;
    const Gate gate = gateOf(s_.plan, card);
    const auto takes = takesOfStep(s_, card);
    Proposal p{Proposal::Kind::stepUp, Proposal::Why::gate, card.id, askedNow(s_.plan, card, s_.past)};
    p.standing = tally(takes, card.scored, gate);
    if (p.standing.toCome(gate) > 0) return std::nullopt;
    p.takes = idsOf(takes, static_cast<std::size_t>(gate.of));
    p.to = p.from ? stepOver(card.grows, *p.from, step && step->failed && *p.from < *step->failed)
                  : std::nullopt;
    if (p.to) return p;
    p.from.reset();
    if (card.then.empty() || isInOrder(card.then) || !s_.find(card.then)) return std::nullopt;
    p.kind = Proposal::Kind::goOn;
    p.card = card.then;
    return p;
  }

  /// A step opens when the one before it is done reliably; one that rests or is left is passed over.
  std::optional<Proposal> opening(std::size_t row) const {
    if (wasOpened(s_, row)) return std::nullopt;
    Proposal p{Proposal::Kind::open, Proposal::Why::skipped, s_.order[row]->id};
    for (std::size_t before = row; before-- > 0;) {
      const Exercise& card = *s_.order[before];
      if (isIdle(s_, card.id)) continue;
      const Gate gate = gateOf(s_.plan, card);
      const auto takes = takesOfStep(s_, card);
      p.why = Proposal::Why::gate;
      p.standing = tally(takes, card.scored, gate);
      p.takes = idsOf(takes, static_cast<std::size_t>(gate.of));
      // What has grown since was done reliably before it did.
      const PlanStep* step = s_.plan.find(card.id);
      const bool grown = step && step->since && step->raised && step->backs == 0 && step->asked;
      if (p.standing.toCome(gate) > 0 && !grown) return std::nullopt;
      break;
    }
    return p;
  }

  const PlanState& s_;
  std::vector<Proposal> list_;
  std::optional<Day> lastBefore_;
  int pause_days_ = 0;
};

}  // namespace

std::vector<Proposal> proposalsFor(const PlanState& state) { return Proposer(state).all(); }

namespace {

/// Weeks until something harder is proposed again: more each time it had to be taken back.
std::chrono::days waitAfter(int backs) { return std::chrono::days(7 << std::min(backs - 1, 2)); }

void replace(std::vector<std::string>& order, const std::string& from, const std::string& to) {
  std::ranges::replace(order, from, to);
}

}  // namespace

Planned taken(const Planned& planned, const Proposal& p, Day today) {
  using Kind = Proposal::Kind;
  Planned next = planned;
  PlanStep& step = next.plan.step(p.exercise);
  step.answered.reset();
  step.since = today;
  step.raised = p.kind == Kind::stepUp || p.kind == Kind::open ||
                (p.kind == Kind::range && p.why == Proposal::Why::gate);
  if (p.kind == Kind::stepUp || p.kind == Kind::stepBack || p.kind == Kind::range) step.asked = p.to;
  if (p.kind == Kind::stepUp) step.rests = 0;
  if (p.kind == Kind::stepUp && step.failed && p.from >= step.failed) {
    step.failed.reset();
    step.backs = 0;
  }
  if (p.kind == Kind::stepBack && p.why != Proposal::Why::pause) {
    step.failed = p.from;
    step.noMoreBefore = today + waitAfter(++step.backs);
  }
  if (p.kind == Kind::rest) {
    step.notBefore = p.notBefore;
    ++step.rests;
  }
  step.left = p.kind == Kind::leave;
  if (p.kind == Kind::goOn || p.kind == Kind::goBack) {
    replace(next.order, p.exercise, p.card);
    PlanStep& other = next.plan.step(p.card);
    other.since = today;
    other.raised = p.kind == Kind::goOn;
    other.left = false;
    if (p.kind == Kind::goBack) other.noMoreBefore = today + waitAfter(++other.backs);
  }
  return next;
}

Planned taken(const Planned& planned, Proposal proposal, double to, Day today) {
  proposal.to = to;
  Planned next = taken(planned, proposal, today);
  next.plan.step(proposal.exercise).raised = proposal.from && to > *proposal.from;
  return next;
}

Plan refused(Plan plan, const Proposal& proposal, Day today) {
  plan.step(proposal.exercise).answered = today;
  return plan;
}

}  // namespace calando
