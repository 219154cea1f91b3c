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

}  // namespace

std::map<std::string, std::size_t> nextTries(std::span<const PastTake> takes, const Instrument* instrument,
                                             const std::string& school) {
  const auto asked = askedOf(takes);
  const PastTake* newest = takes.empty() ? nullptr : &takes.front();
  std::map<std::string, std::size_t> next;
  for (const AdviceCard& card : adviceCards()) {
    const auto found = asked.find(&card);
    const Asked of = found == asked.end() ? Asked{std::vector<Tally>(card.tries.size()), {}} : found->second;
    const bool justSaid = newest && newest->kept && newest->kept->observation == card.id;
    // From the one after the last on, so that the first of equals is the one whose turn it is.
    std::vector<std::size_t> may;
    for (std::size_t i = 0; i < card.tries.size(); ++i) {
      const std::size_t turn = of.last ? (*of.last + 1 + i) % card.tries.size() : i;
      const AdviceCard::Try& what = card.tries[turn];
      const bool theirs =
          what.whom.holds(instrument) && (school.empty() || what.school.empty() || what.school == school);
      if (theirs && !(justSaid && of.last == turn)) may.push_back(turn);
    }
    if (may.empty()) continue;
    const auto best = std::ranges::max_element(
        may, {}, [&](std::size_t i) { return of.tries[i].helps() ? of.tries[i].helped : 0; });
    const auto fresh = std::ranges::find_if(may, [&](std::size_t i) { return !of.tries[i].asked; });
    const std::size_t chosen = of.tries[*best].helps() ? *best : fresh != may.end() ? *fresh : may.front();
    if (chosen != 0) next[card.id] = chosen;
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
