#include "app/session/take/shown_history.h"

#include "app/session/students/take_list.h"
#include "app/session/take/shown_take.h"
#include "core/engine/snapshot.h"
#include "core/judging/advice.h"

namespace calando {

namespace {
constexpr std::size_t kLastTakes = 5;
}  // namespace

PastTake ShownHistory::past() const {
  return {shown_.take()->id, shown_.take()->made_unix_s, shown_.take()->asked.exercise, {}, {}};
}

std::string ShownHistory::adviceBefore() const {
  return shown_.take() ? calando::adviceBefore(takes_.past(), past()) : std::string();
}

const AdviceCard* ShownHistory::advice() const {
  if (!shown_.take() || shown_.snapshot()->analysis.advice.empty()) return nullptr;
  return shown_.snapshot()->analysis.advice.front().card;
}

const AdviceCard* ShownHistory::observation() const {
  const AdviceCard* card = advice();
  return card && card->observes() ? card : nullptr;
}

Confirmed ShownHistory::confirmed() const {
  return observation() ? confirmedOf(takes_.past(), observation()->id) : Confirmed{};
}

std::vector<TriedCue> ShownHistory::triedBefore() const {
  std::vector<TriedCue> tried = ledgerOf(takes_.past());
  std::erase_if(tried, [card = advice()](const TriedCue& cue) { return cue.observed != card; });
  return tried;
}

std::map<std::string, std::vector<double>> ShownHistory::valuesBefore() const {
  return shown_.take() ? calando::valuesBefore(takes_.past(), past(), kLastTakes)
                       : std::map<std::string, std::vector<double>>();
}

}  // namespace calando
