#include "core/judging/ledger.h"

#include <algorithm>

#include "core/figures/figure.h"

namespace calando {

namespace {

const AdviceCard* observationOf(const TakeSummary& kept) {
  const auto card = std::ranges::find(adviceCards(), kept.observation, &AdviceCard::id);
  return card != adviceCards().end() && card->observes() ? &*card : nullptr;
}

std::optional<double> valueIn(const TakeSummary& kept, const std::string& id) {
  const auto value = kept.values.find(id);
  return value == kept.values.end() ? std::nullopt : std::optional(value->second);
}

TriedCue cueOf(const AdviceCard& card, std::size_t index, const TakeSummary& before,
               const TakeSummary& after) {
  TriedCue cue{&card, index, nullptr, {}, {}, after.observation != card.id};
  if (card.figure.empty()) return cue;
  cue.figure = findFigure(card.figure);
  cue.before = valueIn(before, card.figure);
  cue.after = valueIn(after, card.figure);
  if (!cue.before || !cue.after) return cue;
  const auto condition = std::ranges::find(card.conditions, card.figure, &AdviceCard::Condition::reading);
  const bool wantsMore = condition != card.conditions.end() && condition->below;
  cue.helped = wantsMore ? *cue.after > *cue.before : *cue.after < *cue.before;
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
    const AdviceCard* card = observationOf(*before->kept);
    if (card && before->nextTry < card->tries.size())
      ledger.push_back(cueOf(*card, before->nextTry, *before->kept, *takes[i].kept));
  }
  return ledger;
}

std::map<std::string, std::size_t> nextTries(std::span<const PastTake> takes) {
  struct Tally {
    int tried = 0, helped = 0;
  };
  std::map<const AdviceCard*, std::vector<Tally>> tallies;
  for (const TriedCue& cue : ledgerOf(takes)) {
    auto& of = tallies[cue.observed];
    of.resize(cue.observed->tries.size());
    ++of[cue.index].tried;
    of[cue.index].helped += cue.helped;
  }
  std::map<std::string, std::size_t> next;
  for (const auto& [card, of] : tallies) {
    const auto best = std::ranges::max_element(of, {}, &Tally::helped);
    const auto untried = std::ranges::find(of, 0, &Tally::tried);
    const auto chosen = 2 * best->helped > best->tried ? best : untried != of.end() ? untried : of.begin();
    next[card->id] = static_cast<std::size_t>(chosen - of.begin());
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
