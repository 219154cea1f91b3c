#include "core/judging/kept.h"

#include "core/judging/figure.h"
#include "core/judging/judging.h"

namespace calando {

Kept keptOf(const Analysis& analysis) {
  Kept kept{overallVerdict(analysis.readings), {}, {}};
  for (const Reading& r : analysis.readings)
    if (r.value) kept.values[std::string(r.id())] = *r.value;
  if (!analysis.advice.empty()) kept.advice = analysis.advice.front().text;
  return kept;
}

}  // namespace calando
