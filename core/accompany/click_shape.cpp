#include "core/accompany/click_shape.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/live/latency.h"
#include "core/maths/dot.h"
#include "core/maths/filters.h"

namespace calando {

namespace {

constexpr double kDry_s = 0.015;  // most of a click's energy

CALANDO_DISPATCHED double score(const float* x, const std::vector<float>& dry) {
  return std::abs(dot(x, dry.data(), dry.size()));
}

}  // namespace

std::vector<float> aboveHumTaps(double rate_hz) {
  std::vector<float> taps = kaiserLowPass(700.0 / rate_hz, 1100.0 / rate_hz, 60.0);
  for (float& tap : taps) tap = -tap;
  taps[taps.size() / 2] += 1.0f;
  return taps;
}

CALANDO_DISPATCHED std::vector<float> filtered(const std::vector<float>& taps, const std::vector<float>& x) {
  std::vector<float> y(x.size() + 1 - taps.size());
  for (std::size_t n = 0; n < y.size(); ++n) y[n] = dot(taps.data(), &x[n], taps.size());
  return y;
}

long lagOf(std::span<const float> heard, std::span<const Click> clicks, double rate_hz) {
  std::array<std::vector<float>, 2> dry;
  for (const bool high : {false, true})
    for (double t = 0.0; t < kDry_s; t += 1.0 / rate_hz)
      dry[high].push_back(static_cast<float>(clickWave(high, t)));
  double best = 0.0;
  long lag = 0;
  for (long at = 0; at < std::lround(kLongestLatency_s * rate_hz); ++at) {
    double sum = 0.0;
    for (const Click& click : clicks)
      sum += score(heard.data() + std::lround(click.at_s * rate_hz) + at, dry[click.high]);
    if (sum > best) best = sum, lag = at;
  }
  return lag;
}

CALANDO_DISPATCHED ClickFit bestFit(std::span<const float> signal, std::span<const float> shape) {
  const double norm = std::sqrt(dot(shape.data(), shape.data(), shape.size()));
  const auto places = static_cast<long>(signal.size() - shape.size()) + 1;
  std::vector<double> heights;
  for (long k = 0; k < places; ++k) {
    const float* x = signal.data() + k;
    const double energy = dot(x, x, shape.size());
    heights.push_back(energy > 0.0 ? dot(x, shape.data(), shape.size()) / (norm * std::sqrt(energy)) : 0.0);
  }
  const auto top = std::ranges::max_element(heights) - heights.begin();
  double at = static_cast<double>(top);
  if (top > 0 && top < places - 1) {
    const auto h = [&](long k) { return heights[static_cast<std::size_t>(top + k)]; };
    const double bend = h(-1) - 2.0 * h(0) + h(1);
    if (bend < 0.0) at += 0.5 * (h(-1) - h(1)) / bend;
  }
  return {at, heights[static_cast<std::size_t>(top)]};
}

}  // namespace calando
