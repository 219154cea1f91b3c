#include "core/judging/fingerings.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "core/maths/statistics.h"

namespace calando {

std::vector<FingeringTried> fingeringsTried(std::span<const PastTake> takes, const std::string& exercise,
                                            std::optional<int> note) {
  struct Values {
    std::vector<double> speaks_ms, offset_cents, wander_cents, under_hz;
  };
  std::map<std::string, std::pair<FingeringTried, Values>> all;
  for (const PastTake& take : takes) {
    if (take.exercise != exercise || take.note != note || take.fingering.empty() || !counts(take)) continue;
    auto& [tried, values] = all[take.fingering];
    tried.fingering = take.fingering;
    ++tried.tries;
    const auto& kept = take.kept->values;
    if (!kept.contains("offset_cents")) continue;  // nothing, or another note
    ++tried.spoke;
    for (const auto& [id, list] : {std::pair{"air_before_ms", &values.speaks_ms},
                                   {"offset_cents", &values.offset_cents},
                                   {"wander_cents", &values.wander_cents},
                                   {"under_hz", &values.under_hz}})
      if (const auto value = kept.find(id); value != kept.end()) list->push_back(value->second);
  }
  std::vector<FingeringTried> ranked;
  for (auto& [name, both] : all) {
    auto& [tried, values] = both;
    tried.speaks_ms = medianOf(values.speaks_ms);
    tried.offset_cents = medianOf(values.offset_cents);
    tried.wander_cents = medianOf(values.wander_cents);
    tried.under_hz = medianOf(values.under_hz);
    ranked.push_back(std::move(tried));
  }
  std::ranges::stable_sort(ranked, {}, [](const FingeringTried& f) {
    return std::pair(-(f.spoke + 1.0) / (f.tries + 2.0), std::abs(f.offset_cents.value_or(0.0)));
  });
  return ranked;
}

}  // namespace calando
