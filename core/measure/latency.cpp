#include "core/measure/latency.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/measure/statistics.h"
#include "core/signal/dot.h"

namespace calando {

namespace {

constexpr int kClicks = 8;
constexpr int kLeastClicks = 6;
constexpr double kApart_s = 0.5;
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

std::optional<Latency> latencyOf(std::span<const float> recorded, double rate_hz) {
  const std::vector<float> one = click(rate_hz);
  std::vector<double> delays;
  for (int i = 1; i <= kClicks; ++i) {
    const auto from = static_cast<std::size_t>(std::lround(i * kApart_s * rate_hz));
    std::vector<double> heights;
    for (std::size_t lag = 0; lag < static_cast<std::size_t>(kLongestLatency_s * rate_hz); ++lag) {
      if (from + lag + one.size() > recorded.size()) break;
      heights.push_back(correlation(one, &recorded[from + lag]));
    }
    if (heights.empty()) continue;
    const auto peak = std::ranges::max_element(heights);
    if (*peak > kStandsOut * median(heights) && *peak > 0.0)
      delays.push_back(static_cast<double>(peak - heights.begin()) / rate_hz);
  }
  if (delays.size() < kLeastClicks) return std::nullopt;
  const double middle = median(delays);
  std::erase_if(delays, [middle](double d) { return std::abs(d - middle) > kAgree_s; });
  if (delays.size() < kLeastClicks) return std::nullopt;
  const auto [earliest, latest] = std::ranges::minmax(delays);
  return Latency{median(delays), latest - earliest};
}

}  // namespace calando
