#include "core/maths/interpolate.h"

#include <array>
#include <cmath>
#include <numbers>
#include <vector>

#include "core/maths/dot.h"
#include "core/maths/filters.h"

namespace calando {

namespace {

constexpr int kPhases = 1024;
constexpr int kBefore = kInterpolationTaps / 2 - 1;
using Taps = std::array<float, kInterpolationTaps>;

const std::vector<Taps>& table() {
  static const std::vector<Taps> phases = [] {
    constexpr double beta = 7.0;
    std::vector<Taps> t(kPhases + 1);
    for (int p = 0; p <= kPhases; ++p)
      for (int k = 0; k < kInterpolationTaps; ++k) {
        const double x = k - kBefore - static_cast<double>(p) / kPhases;
        const double u = x / (kInterpolationTaps / 2.0);
        const double window =
            std::abs(u) >= 1.0 ? 0.0 : besselI0(beta * std::sqrt(1.0 - u * u)) / besselI0(beta);
        const double angle = std::numbers::pi * x;
        const double sinc = std::abs(x) < 1e-9 ? 1.0 : std::sin(angle) / angle;
        t[static_cast<std::size_t>(p)][static_cast<std::size_t>(k)] = static_cast<float>(sinc * window);
      }
    return t;
  }();
  return phases;
}

}  // namespace

std::span<const float, kInterpolationTaps> interpolationTaps(double fraction) {
  return table()[static_cast<std::size_t>(fraction * kPhases + 0.5)];
}

CALANDO_DISPATCHED float readAt(const SlidingSignal& signal, double sample) {
  const double whole = std::floor(sample);
  const auto taps = interpolationTaps(sample - whole);
  const long from = static_cast<long>(whole) - kBefore;
  float edge[kInterpolationTaps];
  const float* x = edge;
  if (signal.holds(from, from + kInterpolationTaps))
    x = signal.data(from);
  else
    signal.copy(from, edge);
  return dot(taps.data(), x, kInterpolationTaps);
}

}  // namespace calando
