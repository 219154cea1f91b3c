#include "core/live/latency.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/maths/dot.h"
#include "core/maths/statistics.h"

namespace calando {

namespace {

constexpr int kClicks = 8;
constexpr double kApart_s = 0.5;
constexpr double kEarliest_s = 0.05;
constexpr double kAgree_s = 0.01;
constexpr double kStandsOut = 6.0;  // times the median correlation

/// 20 ms that sweep from 1 to 4 kHz: one sharp peak of its correlation, and small loudspeakers have it.
std::vector<float> click(double rate_hz) {
  constexpr double length_s = 0.02;
  std::vector<float> out(static_cast<std::size_t>(length_s * rate_hz) / 16 * 16);
  for (std::size_t n = 0; n < out.size(); ++n) {
    const double t = static_cast<double>(n) / rate_hz;
    const double phase = 2.0 * std::numbers::pi * (1000.0 * t + 1500.0 / length_s * t * t);
    out[n] =
        static_cast<float>(0.4 * std::pow(std::sin(std::numbers::pi * t / length_s), 2.0) * std::sin(phase));
  }
  return out;
}

CALANDO_DISPATCHED double correlation(const std::vector<float>& pattern, const float* x) {
  return std::abs(dot(pattern.data(), x, pattern.size()));
}

}  // namespace

std::vector<float> calibrationSound(double rate_hz) {
  const std::vector<float> one = click(rate_hz);
  std::vector<float> out(static_cast<std::size_t>((kClicks + 1) * kApart_s * rate_hz), 0.0f);
  for (int i = 1; i <= kClicks; ++i)
    std::ranges::copy(one, out.begin() + static_cast<std::ptrdiff_t>(std::lround(i * kApart_s * rate_hz)));
  return out;
}

Calibration calibrationOf(std::span<const float> recorded, double rate_hz, double headStart_s) {
  const std::vector<float> one = click(rate_hz);
  std::vector<double> delays;
  for (int i = 1; i <= kClicks; ++i) {
    const double played_s = i * kApart_s - headStart_s;
    const auto from = std::max(0L, std::lround((played_s - kEarliest_s) * rate_hz));
    const auto to = std::min(std::lround((played_s + kLongestLatency_s) * rate_hz),
                             static_cast<long>(recorded.size()) - static_cast<long>(one.size()) + 1);
    if (from >= to) continue;
    std::vector<double> heights;
    for (long at = from; at < to; ++at)
      heights.push_back(correlation(one, &recorded[static_cast<std::size_t>(at)]));
    const auto peak = std::ranges::max_element(heights);
    if (*peak > kStandsOut * median(heights) && *peak > 0.0)
      delays.push_back(static_cast<double>(from + (peak - heights.begin())) / rate_hz - played_s);
  }
  Calibration found{static_cast<int>(delays.size()), std::nullopt};
  if (std::ssize(delays) < kLeastClicks) return found;
  const double middle = median(delays);
  std::erase_if(delays, [middle](double d) { return std::abs(d - middle) > kAgree_s; });
  if (std::ssize(delays) < kLeastClicks) return found;
  const auto [earliest, latest] = std::ranges::minmax(delays);
  found.latency = Latency{median(delays), latest - earliest};
  return found;
}

}  // namespace calando
