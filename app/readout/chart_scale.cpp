#include "app/readout/chart_scale.h"

#include <algorithm>
#include <cmath>

#include "core/figures/reading.h"

namespace calando {

std::pair<double, double> bandRange(const Reading& r, const std::vector<double>& earlier) {
  double low = r.low.value_or(r.high.value_or(0.0));
  double high = r.high.value_or(r.low.value_or(0.0));
  const double width = high > low ? high - low : std::max(1.0, std::abs(high));
  const double beside = r.low && r.high ? 0.75 : 1.0;
  low -= width * beside;
  high += width * beside;
  const double lowest = low - 2.0 * width, highest = high + 2.0 * width;
  const auto include = [&](double v) {
    low = std::min(low, std::max(v, lowest));
    high = std::max(high, std::min(v, highest));
  };
  if (r.value) include(*r.value);
  for (const double v : earlier) include(v);
  return {low, high};
}

std::pair<double, double> chartRange(const std::vector<double>& values, const std::optional<double>& lowBound,
                                     const std::optional<double>& highBound, double leastSpan) {
  auto [low, high] = std::ranges::minmax(values);
  for (const auto& bound : {lowBound, highBound})
    if (bound) {
      low = std::min(low, *bound);
      high = std::max(high, *bound);
    }
  if (const double wanting = leastSpan - (high - low); wanting > 0.0) {
    const double below = low >= 0.0 ? std::min(low, wanting / 2.0) : wanting / 2.0;
    low -= below;
    high += wanting - below;
  }
  return {std::floor(low), std::ceil(high)};
}

}  // namespace calando
