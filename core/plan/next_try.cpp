#include "core/plan/next_try.h"

#include <algorithm>
#include <cmath>

#include "core/judging/advice.h"

namespace calando {

namespace {
constexpr double kShort_beats = 2.0;
}

bool isQuick(const Exercise& card) {
  return card.counted() && !card.breathes() && std::ranges::all_of(card.cues, [](const Cue& cue) {
           return !isSounding(cue.kind) ||
                  (cue.length.unit == CueLength::Unit::beats && cue.length.value <= kShort_beats);
         });
}

namespace {

constexpr std::ptrdiff_t kBroken = 2;     // in a row
constexpr std::ptrdiff_t kGoodAgain = 2;  // in a row, of what was made easier or taken up instead
constexpr double kSlower = 0.8;
constexpr double kSlowest_bpm = 40.0;

bool broke(const PastTake& take) {
  const Verdict verdict = verdictOf(take.word, *take.kept);
  return verdict == Verdict::outside || verdict == Verdict::notYet;
}

/// What was asked for in a take of what can be made easier.
struct Asking {
  Grows::What what = Grows::What::nothing;
  double value = 0.0;
  bool isSame(const Asking& other) const { return isSameAsking(value, other.value); }
};

Asking askingOf(const PastTake& take, const Exercise& card) {
  if (const auto asked = askedIn(take, card)) return {card.grows.what, *asked};
  if (isQuick(card)) return {Grows::What::tempo, take.tempo_bpm.value_or(card.tempo_bpm)};
  return {};
}

std::optional<double> easierThan(const Asking& asking, const Exercise& card) {
  if (const auto under = stepUnder(card.grows, asking.value)) return under;
  if (!isQuick(card) || asking.what != Grows::What::tempo || asking.value <= kSlowest_bpm)
    return std::nullopt;
  return std::max(kSlowest_bpm, std::round(kSlower * asking.value));
}

/// Looks at one card's takes of a day.
class Chooser {
 public:
  Chooser(const PlanState& state, std::span<const Proposal> proposed, const Exercise& card,
          const std::string& standsFor)
      : s_(state), proposed_(proposed), card_(card), standsFor_(standsFor) {
    for (const PastTake& take : state.past)
      if (take.day == state.today && take.exercise == card.id && counts(take)) today_.push_back(&take);
  }

  std::optional<NextTry> chosen() const {
    if (!card_.scored || today_.empty()) return std::nullopt;
    if (isGood(*today_.front(), true)) return afterGood();
    return broke(*today_.front()) ? afterBroken() : std::nullopt;
  }

 private:
  using Kind = NextTry::Kind;
  using Until = NextTry::Until;

  NextTry afterGood() const {
    const Asking now = askingOf(*today_.front(), card_);
    const auto run = std::ranges::find_if(today_, [&](const PastTake* take) {
      return !isGood(*take, true) || !askingOf(*take, card_).isSame(now);
    });
    const auto before = harderToday(now);
    const std::ptrdiff_t again = kGoodAgain - (run - today_.begin());
    if (!standsFor_.empty() && again <= 0) return {.kind = Kind::back, .card = standsFor_};
    if (before && again <= 0)
      return {.kind = Kind::asBefore, .what = now.what, .from = now.value, .to = *before};
    for (const Proposal& proposal : proposed_)
      if (std::ranges::find(proposal.takes, today_.front()->id) != proposal.takes.end() &&
          proposal.why == Proposal::Why::gate)
        return {.kind = Kind::plan, .proposal = proposal};
    const Gate gate = gateOf(s_.plan, card_);
    const Standing standing = tally(takesOfStep(s_, card_), true, gate);
    // What was good often enough is not asked for once more on the same day.
    if (standing.good >= gate.good && !standsFor_.empty()) return {.kind = Kind::back, .card = standsFor_};
    if (standing.good >= gate.good) return {.kind = Kind::anotherDay};
    if (before || !standsFor_.empty())
      return {.kind = Kind::onceMore, .toCome = static_cast<int>(again), .until = Until::asBefore};
    return {.kind = Kind::onceMore,
            .toCome = gate.good - standing.good,
            .until = standing.days < gate.days ? Until::enoughToday : Until::reliable};
  }

  std::optional<NextTry> afterBroken() const {
    const Asking now = askingOf(*today_.front(), card_);
    const auto other = std::ranges::find_if(
        today_, [&](const PastTake* take) { return !broke(*take) || !askingOf(*take, card_).isSame(now); });
    if (other - today_.begin() < kBroken) return std::nullopt;
    const bool silent = verdictOf(today_.front()->word, *today_.front()->kept) == Verdict::notYet;
    if (!silent && !harderToday(now))
      if (const auto to = easierThan(now, card_))
        return NextTry{.kind = Kind::easier, .what = now.what, .from = now.value, .to = *to};
    if (auto other = instead()) return other;
    return NextTry{.kind = Kind::leave};
  }

  /// What was asked for today before it was made easier.
  std::optional<double> harderToday(const Asking& now) const {
    for (const PastTake* take : today_)
      if (const Asking asking = askingOf(*take, card_); !asking.isSame(now) && asking.value > now.value)
        return asking.value;
    return std::nullopt;
  }

  /// Where it broke in the same way each time: what trains just that, if this player can.
  std::optional<NextTry> instead() const {
    const std::string& observed = today_.front()->kept->observation;
    if (!standsFor_.empty() || observed.empty() || today_[1]->kept->observation != observed)
      return std::nullopt;
    const auto advice = std::ranges::find(adviceCards(), observed, &AdviceCard::id);
    if (advice == adviceCards().end()) return std::nullopt;
    for (const std::string& id : advice->instead)
      if (id != card_.id && s_.find(id))
        return NextTry{.kind = Kind::instead, .card = id, .because = observed};
    return std::nullopt;
  }

  const PlanState& s_;
  std::span<const Proposal> proposed_;
  const Exercise& card_;
  const std::string& standsFor_;
  std::vector<const PastTake*> today_;  // newest first
};

}  // namespace

std::optional<NextTry> nextTry(const PlanState& state, std::span<const Proposal> proposed,
                               const Exercise& card, const std::string& standsFor) {
  return Chooser(state, proposed, card, standsFor).chosen();
}

}  // namespace calando
