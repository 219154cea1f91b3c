#include "core/measure/steadiness.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

#include "core/measure/statistics.h"
#include "core/signal/tracker.h"

namespace calando {

namespace {

constexpr double kLowestRate_hz = 3.5;
constexpr double kHighestRate_hz = 8.5;
constexpr double kLeastExtent_cents = 8.0;
constexpr double kLeastCycles = 4.0;
constexpr double kRateSpread = 0.15;
constexpr double kLeastExplained = 0.75;  // share of the movement in a window that the line must explain
constexpr double kWindow_s = 0.8;
constexpr double kWindowHop_s = 0.1;
constexpr double kWanderTop_hz = 3.0;
constexpr double kShakeTop_hz = 12.0;
constexpr std::size_t kLeastFrames = 50;

/// Least-squares fit of offset + slope + cosine + sine at one rate.
struct LineFit {
  double rate_hz = 0.0;
  double cosine = 0.0;
  double sine = 0.0;
  double explained = 0.0;  // share of the variance about the straight line
  double amplitude() const { return std::hypot(cosine, sine); }
};

LineFit fitLine(std::span<const double> y, double rate_hz) {
  std::array<std::array<double, 5>, 4> m{};
  const double n = static_cast<double>(y.size());
  const double my = mean(y);
  double sy = 0.0, xx = 0.0, yy = 0.0;
  for (std::size_t i = 0; i < y.size(); ++i) {
    const double t = (static_cast<double>(i) - (n - 1.0) / 2.0) * kHop_s;
    const double angle = 2.0 * std::numbers::pi * rate_hz * t;
    const std::array<double, 5> row{1.0, t, std::cos(angle), std::sin(angle), y[i] - my};
    for (std::size_t a = 0; a < 4; ++a)
      for (std::size_t b = 0; b < 5; ++b) m[a][b] += row[a] * row[b];
    sy += t * (y[i] - my);
    xx += t * t;
    yy += (y[i] - my) * (y[i] - my);
  }
  const auto x = solved<4>(m);
  double fitted = 0.0;
  for (std::size_t a = 0; a < 4; ++a) fitted += x[a] * m[a][4];
  const double straight = xx > 0.0 ? sy * sy / xx : 0.0;
  const double rest = std::max(1e-9, yy - straight);
  return {rate_hz, x[2], x[3], (fitted - straight) / rest};
}

/// The rate that explains most, searched on a grid and refined by a parabola.
LineFit bestLine(std::span<const double> y, double lowest, double highest) {
  const double step = std::min(0.25, 0.2 / (static_cast<double>(y.size()) * kHop_s));
  LineFit best;
  for (double rate = lowest; rate <= highest + 1e-9; rate += step) {
    const LineFit fit = fitLine(y, rate);
    if (fit.explained > best.explained) best = fit;
  }
  if (best.rate_hz <= 0.0) return best;
  for (double reach = step / 2.0; reach > 1e-4; reach /= 4.0) {
    const double left = fitLine(y, best.rate_hz - reach).explained;
    const double right = fitLine(y, best.rate_hz + reach).explained;
    const double curvature = left - 2.0 * best.explained + right;
    if (curvature >= 0.0) continue;
    const LineFit moved =
        fitLine(y, best.rate_hz + reach * std::clamp(0.5 * (left - right) / curvature, -1.0, 1.0));
    if (moved.explained > best.explained) best = moved;
  }
  return best;
}

struct WindowFit {
  std::size_t first;
  LineFit line;
};

std::size_t windowLength(std::size_t frames) {
  return std::min(frames, static_cast<std::size_t>(kWindow_s / kHop_s));
}

/// Where windows begin: every tenth of a second, the last one at the very end.
std::vector<std::size_t> windowStarts(std::size_t frames) {
  std::vector<std::size_t> starts;
  const std::size_t last = frames - windowLength(frames);
  for (std::size_t first = 0; first < last; first += static_cast<std::size_t>(kWindowHop_s / kHop_s))
    starts.push_back(first);
  starts.push_back(last);
  return starts;
}

/// The longest stretch of neighbouring windows that all hold a line of about one rate.
std::vector<WindowFit> vibratoStretch(std::span<const double> moving) {
  const std::size_t length = windowLength(moving.size());
  std::vector<WindowFit> current, longest;
  for (const std::size_t first : windowStarts(moving.size())) {
    const LineFit line = bestLine(moving.subspan(first, length), kLowestRate_hz, kHighestRate_hz);
    bool holds = line.amplitude() >= 0.8 * kLeastExtent_cents && line.explained >= kLeastExplained &&
                 line.rate_hz > kLowestRate_hz && line.rate_hz < kHighestRate_hz;
    if (holds && !current.empty()) {
      std::vector<double> rates;
      for (const auto& w : current) rates.push_back(w.line.rate_hz);
      holds = std::abs(line.rate_hz / median(rates) - 1.0) <= kRateSpread;
    }
    if (holds)
      current.push_back({first, line});
    else
      current.clear();
    if (current.size() > longest.size()) longest = current;
  }
  return longest;
}

/// The oscillation itself: local fits at local rates, faded into one another.
std::vector<double> oscillation(std::span<const double> y, const std::vector<WindowFit>& windows) {
  std::vector<double> sum(y.size(), 0.0), weight(y.size(), 0.0);
  const std::size_t length = windowLength(y.size());
  for (std::size_t w = 0; w < windows.size(); ++w) {
    const std::size_t first = windows[w].first;
    const LineFit line = fitLine(y.subspan(first, length), windows[w].line.rate_hz);
    for (std::size_t i = 0; i < length; ++i) {
      const double t = (static_cast<double>(i) - (static_cast<double>(length) - 1.0) / 2.0) * kHop_s;
      const double angle = 2.0 * std::numbers::pi * line.rate_hz * t;
      const double share = 0.05 + static_cast<double>(std::min(i, length - 1 - i));
      sum[first + i] += share * (line.cosine * std::cos(angle) + line.sine * std::sin(angle));
      weight[first + i] += share;
    }
  }
  for (std::size_t i = 0; i < y.size(); ++i)
    if (weight[i] > 0.0) sum[i] /= weight[i];
  return sum;
}

/// With the windows before and after that still swing at the same rate: a vibrato fades in and out.
std::vector<WindowFit> extended(const std::vector<WindowFit>& stretch, std::span<const double> y,
                                double rate_hz) {
  std::vector<WindowFit> all;
  for (const std::size_t first : windowStarts(y.size())) {
    const auto same = std::ranges::find(stretch, first, &WindowFit::first);
    if (same != stretch.end()) {
      all.push_back(*same);
      continue;
    }
    const LineFit line = fitLine(y.subspan(first, windowLength(y.size())), rate_hz);
    if (line.explained > 0.3) all.push_back({first, line});
  }
  return all;
}

}  // namespace

PitchMovement pitchMovement(std::span<const double> cents, double f0_hz) {
  PitchMovement result;
  if (cents.size() < kLeastFrames / 2) return result;
  const double drift = theilSenSlope(cents, kHop_s);
  result.drift_cents_per_s = drift;
  if (cents.size() < kLeastFrames) return result;

  std::vector<double> rest(cents.begin(), cents.end());
  const double middle = median(rest);
  for (std::size_t i = 0; i < rest.size(); ++i)
    rest[i] -=
        middle + drift * (static_cast<double>(i) - static_cast<double>(rest.size() - 1) / 2.0) * kHop_s;

  // What is slower or faster than any vibrato must not weigh when its share is judged.
  std::vector<double> moving = rest;
  const std::vector<double> slow = lowPass(rest, kHop_s, kLowestRate_hz / 2.0);
  for (std::size_t i = 0; i < moving.size(); ++i) moving[i] -= slow[i];
  moving = lowPass(moving, kHop_s, 2.0 * kShakeTop_hz);

  std::vector<WindowFit> stretch = vibratoStretch(moving);
  if (!stretch.empty()) {
    const std::size_t first = stretch.front().first;
    const std::size_t last = std::min(rest.size(), stretch.back().first + windowLength(rest.size()));
    std::vector<double> rates, extents;
    for (const auto& w : stretch) {
      rates.push_back(w.line.rate_hz);
      extents.push_back(w.line.amplitude());
    }
    const double rate = median(rates);
    const std::span<const double> whole(rest.data() + first, last - first);
    const LineFit one = bestLine(whole, rate * 0.97, rate * 1.03);
    // Where one line holds the whole stretch together, its rate is the better measure for every window.
    const bool coherent = one.amplitude() > 0.9 * median(extents);
    if (coherent) {
      const std::size_t length = windowLength(rest.size());
      extents.clear();
      for (WindowFit& w : stretch) {
        w.line.rate_hz = one.rate_hz;
        extents.push_back(
            fitLine(std::span<const double>(rest).subspan(w.first, length), one.rate_hz).amplitude());
      }
    }
    const double shownRate = coherent ? one.rate_hz : rate;
    const double extent = median(extents) / vibratoResponse(f0_hz, shownRate);
    if (extent >= kLeastExtent_cents &&
        static_cast<double>(last - first) * kHop_s * rate >= kLeastCycles * 0.99) {
      result.vibrato = Vibrato{shownRate, extent};
      const std::vector<double> swing = oscillation(rest, extended(stretch, rest, shownRate));
      for (std::size_t i = 0; i < rest.size(); ++i) rest[i] -= swing[i];
      // Part of a swing looks like a slope: with it gone, what slope is left.
      const double more = theilSenSlope(rest, kHop_s);
      result.drift_cents_per_s = drift + more;
      for (std::size_t i = 0; i < rest.size(); ++i)
        rest[i] -= more * (static_cast<double>(i) - static_cast<double>(rest.size() - 1) / 2.0) * kHop_s;
    }
  }

  const std::vector<double> wandering = lowPass(rest, kHop_s, kWanderTop_hz);
  std::vector<double> away;
  const double centre = median(wandering);
  for (const double w : wandering) away.push_back(std::abs(w - centre));
  result.wander_cents = 1.4826 * median(away);

  std::vector<double> faster = rest;
  for (std::size_t i = 0; i < faster.size(); ++i) faster[i] -= wandering[i];
  double power = 0.0;
  for (const double v : lowPass(faster, kHop_s, kShakeTop_hz)) power += v * v;
  result.shake_cents = std::sqrt(power / static_cast<double>(faster.size()));
  return result;
}

}  // namespace calando
