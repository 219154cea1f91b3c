#include "core/measure/pitch/pitch_range.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/maths/statistics.h"

namespace calando {

namespace {

constexpr std::size_t kMedian = 5;  // frames: 50 ms
constexpr std::size_t kFewest = 10;
constexpr double kStray_cents = 300.0;  // from one frame to the next
constexpr double kNear = 3.0;           // deviations from an extreme: what takes part in it
constexpr std::size_t kSteady = 50;
constexpr double kSteadySpan_cents = 100.0, kSteadyTakes_s = 0.55;

/// How far the largest of so many normal values is out, in standard deviations (Cramér 1946).
double expectedExtreme(double count) {
  if (count < 2.0) return 0.0;
  const double root = std::sqrt(2.0 * std::log(count));
  return std::max(0.0, root - (std::log(std::log(count)) + std::log(4.0 * std::numbers::pi)) / (2.0 * root));
}

}  // namespace

std::optional<PitchRange> pitchRange(const PitchLine& line) {
  if (line.cents.size() < kFewest) return std::nullopt;
  std::vector<double> medians = mediansOf(line.cents);
  // Those at the ends are over fewer frames, which may be stray.
  const auto isStray = [](double end, double inside) { return std::abs(end - inside) > kStray_cents; };
  for (std::size_t i = kMedian / 2; i-- > 0;) {
    if (isStray(medians[i], medians[i + 1])) medians[i] = medians[i + 1];
    const std::size_t k = medians.size() - 1 - i;
    if (isStray(medians[k], medians[k - 1])) medians[k] = medians[k - 1];
  }
  const double jitter = jitterOf(medians);
  const auto [low, high] = std::ranges::minmax(medians);
  const auto excess = [&](double extreme) {
    const auto near = std::ranges::count_if(
        medians, [&](double m) { return std::abs(m - extreme) <= 2.0 * kNear * jitter; });
    return jitter * expectedExtreme(static_cast<double>(near) / kMedian);
  };
  // Jitter makes no range where there is none.
  const double middle = median(medians);
  PitchRange range{shiftedBy(440.0, std::min(low + excess(low), middle)),
                   shiftedBy(440.0, std::max(high - excess(high), middle)),
                   {},
                   {}};
  for (std::size_t i = 0; i + kSteady <= line.cents.size(); ++i) {
    if (line.time_s[i + kSteady - 1] - line.time_s[i] > kSteadyTakes_s) continue;
    const std::vector<double> part(line.cents.begin() + static_cast<std::ptrdiff_t>(i),
                                   line.cents.begin() + static_cast<std::ptrdiff_t>(i + kSteady));
    const auto [least, most] = std::ranges::minmax(part);
    if (most - least > kSteadySpan_cents) continue;
    const double hz = shiftedBy(440.0, median(part));
    range.lowestSteady_hz = std::min(range.lowestSteady_hz.value_or(hz), hz);
    range.highestSteady_hz = std::max(range.highestSteady_hz.value_or(hz), hz);
  }
  return range;
}

std::optional<double> unevennessOf(const PitchLine& line, const Glide& glide) {
  std::vector<double> times, cents;
  for (std::size_t i = 0; i < line.time_s.size(); ++i) {
    if (line.time_s[i] < glide.start_s || line.time_s[i] > glide.end_s) continue;
    times.push_back(line.time_s[i]);
    cents.push_back(line.cents[i]);
  }
  if (times.size() < kMedian) return std::nullopt;
  const double slope = leastSquaresSlope(times, cents);
  const double t0 = mean(times), c0 = mean(cents);
  double squares = 0.0;
  for (std::size_t i = 0; i < times.size(); ++i)
    squares += std::pow(cents[i] - c0 - slope * (times[i] - t0), 2.0);
  return std::sqrt(squares / static_cast<double>(times.size()));
}

}  // namespace calando
