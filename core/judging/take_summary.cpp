#include "core/judging/take_summary.h"

#include "core/figures/figure.h"
#include "core/figures/findings.h"
#include "core/figures/reading.h"
#include "core/judging/advice.h"
#include "core/judging/judging.h"

namespace calando {

TakeSummary keptOf(const Analysis& analysis) {
  TakeSummary kept{overallVerdict(analysis.readings), {}, {}, {}, analysis.reach};
  const auto keep = [&](const std::vector<Reading>& readings) {
    for (const Reading& r : readings)
      if (r.value) kept.values[std::string(r.id())] = *r.value;
  };
  keep(analysis.readings);
  // What a try did is seen by what its observation was taken from.
  if (analysis.part != PartPlayed::whole) keep(analysis.aside);
  if (analysis.advice.empty()) return kept;
  const Advice& advice = analysis.advice.front();
  if (advice.card && !advice.card->tries.empty()) kept.advice = advice.text;
  kept.observation = advice.id;
  return kept;
}

}  // namespace calando
