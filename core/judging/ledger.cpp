#include "core/judging/ledger.h"

#include <algorithm>
#include <cmath>

#include "core/figures/figure.h"

namespace calando {

namespace {

const AdviceCard* adviceIn(const TakeSummary& kept) {
  const auto card = std::ranges::find(adviceCards(), kept.observation, &AdviceCard::id);
  return card != adviceCards().end() && !card->tries.empty() ? &*card : nullptr;
}

std::optional<double> valueIn(const TakeSummary& kept, const std::string& id) {
  const auto value = kept.values.find(id);
  return value == kept.values.end() ? std::nullopt : std::optional(value->second);
}

/// The figure went the way that the advice wants it to go: of its target's two sides, towards 0.
bool towardsGood(const AdviceCard& card, double before, double after) {
  const auto condition = std::ranges::find(card.conditions, card.figure, &AdviceCard::Condition::reading);
  const bool wantsMore =
      card.reading.empty() ? condition != card.conditions.end() && condition->below.has_value() : card.low;
  const bool eitherWay = !card.reading.empty() && card.low == card.high;
  if (eitherWay) return std::abs(after) < std::abs(before);
  return wantsMore ? after > before : after < before;
}

TriedCue cueOf(const AdviceCard& card, std::size_t index, const TakeSummary& before,
               const TakeSummary& after) {
  TriedCue cue{&card, index, nullptr, {}, {}, after.observation != card.id};
  if (card.figure.empty()) return cue;
  cue.figure = findFigure(card.figure);
  cue.before = valueIn(before, card.figure);
  cue.after = valueIn(after, card.figure);
  if (!cue.before || !cue.after) return cue;
  cue.helped = towardsGood(card, *cue.before, *cue.after);
  return cue;
}

}  // namespace

std::vector<TriedCue> ledgerOf(std::span<const PastTake> takes) {
  std::vector<TriedCue> ledger;
  for (std::size_t i = 0; i < takes.size(); ++i) {
    if (takes[i].tried.empty() || !counts(takes[i])) continue;
    const auto before = std::ranges::find_if(takes.subspan(i + 1), [&](const PastTake& take) {
      return take.exercise == takes[i].exercise && counts(take);
    });
    if (before == takes.end()) continue;
    const AdviceCard* card = adviceIn(*before->kept);
    if (card && before->nextTry < card->tries.size())
      ledger.push_back(cueOf(*card, before->nextTry, *before->kept, *takes[i].kept));
  }
  return ledger;
}

namespace {

/// How often a try was taken up and helped, and whether it was asked for at all.
struct Tally {
  int tried = 0, helped = 0;
  bool asked = false;
  bool helps() const { return 2 * helped > tried; }
};

/// What was asked for of each advice, and what came of it.
struct Asked {
  std::vector<Tally> tries;
  std::optional<std::size_t> last;  ///< the newest
};

std::map<const AdviceCard*, Asked> askedOf(std::span<const PastTake> takes) {
  std::map<const AdviceCard*, Asked> all;
  for (const PastTake& take : takes) {
    const AdviceCard* card = take.kept ? adviceIn(*take.kept) : nullptr;
    if (!card || take.nextTry >= card->tries.size()) continue;
    Asked& of = all[card];
    of.tries.resize(card->tries.size());
    of.tries[take.nextTry].asked = true;
    if (!of.last) of.last = take.nextTry;
  }
  for (const TriedCue& cue : ledgerOf(takes)) {
    Tally& of = all[cue.observed].tries[cue.index];
    ++of.tried;
    of.helped += cue.helped;
  }
  return all;
}

/// Who asks.
struct Who {
  const Instrument* instrument;
  const std::string& school;
  bool mayTry(const AdviceCard::Try& one) const {
    return one.whom.holds(instrument) && (school.empty() || one.school.empty() || one.school == school);
  }
};

/// The tries for a player but one, from the one after the last on: the first of equals is the one whose turn
/// it is.
std::vector<std::size_t> inTurn(const AdviceCard& card, const Asked& asked, const Who& who,
                                std::optional<std::size_t> but) {
  std::vector<std::size_t> turns;
  const std::size_t first = asked.last ? *asked.last + 1 : 0;
  for (std::size_t i = 0; i < card.tries.size(); ++i) {
    const std::size_t turn = (first + i) % card.tries.size();
    if (turn != but && who.mayTry(card.tries[turn])) turns.push_back(turn);
  }
  return turns;
}

/// What helped most; else what was not asked for yet; else the first.
std::size_t chosenOf(const std::vector<std::size_t>& turns, const std::vector<Tally>& tries) {
  const auto best = std::ranges::max_element(
      turns, {}, [&](std::size_t i) { return tries[i].helps() ? tries[i].helped : 0; });
  if (tries[*best].helps()) return *best;
  const auto fresh = std::ranges::find_if(turns, [&](std::size_t i) { return !tries[i].asked; });
  return fresh != turns.end() ? *fresh : turns.front();
}

}  // namespace

std::map<std::string, std::size_t> nextTries(std::span<const PastTake> takes, const Instrument* instrument,
                                             const std::string& school) {
  auto asked = askedOf(takes);
  const TakeSummary* newest = takes.empty() || !takes.front().kept ? nullptr : &*takes.front().kept;
  std::map<std::string, std::size_t> next;
  for (const AdviceCard& card : adviceCards()) {
    Asked& of = asked[&card];
    of.tries.resize(card.tries.size());
    const bool justSaid = newest && newest->observation == card.id;
    const auto turns = inTurn(card, of, {instrument, school}, justSaid ? of.last : std::nullopt);
    if (turns.empty()) continue;
    if (const std::size_t chosen = chosenOf(turns, of.tries); chosen != 0) next[card.id] = chosen;
  }
  return next;
}

Confirmed confirmedOf(std::span<const PastTake> takes, const std::string& observation) {
  Confirmed confirmed;
  for (const PastTake& take : takes) {
    if (!take.kept || take.kept->observation != observation || take.seen == Seen::unsaid) continue;
    ++confirmed.said;
    confirmed.right += take.seen == Seen::right;
  }
  return confirmed;
}

}  // namespace calando
