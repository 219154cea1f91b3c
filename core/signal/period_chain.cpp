#include "core/signal/period_chain.h"

#include <algorithm>
#include <cmath>

#include "core/signal/dot.h"
#include "core/signal/interpolate.h"

namespace calando {

namespace {

constexpr int kHalfTaps = kInterpolationTaps / 2;
constexpr double kFarthest = 0.1;  // a period is within a tenth of the tracked one, or it is no period
constexpr int kLeastSamples = 24;  // a millisecond: very high notes are matched over a few periods

struct Match {
  double lag;   // samples
  double gain;  // of the successor over this one
};

/// The signal at whole samples from `from` on, moved by a real-valued lag.
CALANDO_DISPATCHED void readShifted(const SlidingSignal& signal, long from, double lag,
                                    std::vector<float>& out) {
  const double whole = std::floor(lag);
  const auto taps = interpolationTaps(lag - whole);
  const long first = from + static_cast<long>(whole) - kHalfTaps + 1;
  const float* x = signal.data(first);
  for (std::size_t n = 0; n < out.size(); ++n) out[n] = dot(taps.data(), x + n, kInterpolationTaps);
}

std::optional<Match> matchSuccessor(const SlidingSignal& signal, long start, double lag,
                                    std::vector<float>& shifted) {
  const int length = std::max(kLeastSamples, static_cast<int>(std::lround(lag)));
  const double tracked = lag;
  double gain = 1.0;
  // Two more on each end, for the derivative.
  shifted.resize(static_cast<std::size_t>(length) + 4);
  for (int round = 0; round < 3; ++round) {
    const long last = start + length + static_cast<long>(lag) + kHalfTaps + 4;
    if (!signal.holds(start - kHalfTaps - 4, last)) return std::nullopt;
    readShifted(signal, start - 2, lag, shifted);
    const float* here = signal.data(start);
    double xy = 0, yy = 0, xd = 0, yd = 0, dd = 0;
    for (int n = 0; n < length; ++n) {
      const float* y = &shifted[static_cast<std::size_t>(n) + 2];
      const double d = (8.0 * (y[1] - y[-1]) - (y[2] - y[-2])) / 12.0;
      xy += static_cast<double>(here[n]) * y[0];
      yy += static_cast<double>(y[0]) * y[0];
      xd += here[n] * d;
      yd += y[0] * d;
      dd += d * d;
    }
    // x ≈ g·y + (g·δ)·y'
    const double det = yy * dd - yd * yd;
    if (det <= 1e-12 * yy * dd) return std::nullopt;
    const double g = (xy * dd - xd * yd) / det;
    const double gd = (xd * yy - xy * yd) / det;
    if (g < 0.3 || g > 3.0) return std::nullopt;
    const double move = std::clamp(gd / g, -0.5, 0.5);
    lag += move;
    gain = 1.0 / g;
    if (std::abs(lag / tracked - 1.0) > kFarthest) return std::nullopt;
    if (std::abs(move) < 1e-4) break;
  }
  return Match{lag, gain};
}

}  // namespace

std::optional<PeriodFrame> neighbouringPeriods(const SlidingSignal& signal, double from_s, double to_s,
                                               double f0_hz) {
  const double rate = signal.rate();
  const double tracked = rate / f0_hz;
  double mark = from_s * rate;
  std::vector<float> scratch;
  double before = 0.0;
  double differences = 0.0;
  double lengths = 0.0;
  double levels = 0.0;
  int pairs = 0;
  while (mark < to_s * rate) {
    const auto match = matchSuccessor(signal, std::lround(mark), tracked, scratch);
    if (!match) {
      before = 0.0;
      mark += tracked;
      continue;
    }
    if (before > 0.0) {
      differences += std::abs(match->lag - before);
      lengths += match->lag;
      levels += std::abs(20.0 * std::log10(match->gain));
      ++pairs;
    }
    before = match->lag;
    mark += match->lag;
  }
  if (pairs < 2) return std::nullopt;
  return PeriodFrame{100.0 * differences / lengths, levels / pairs};
}

}  // namespace calando
