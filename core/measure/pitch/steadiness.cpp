#include "core/measure/pitch/steadiness.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <complex>
#include <numbers>

#include "core/maths/statistics.h"
#include "core/measure/pitch/sine_fit.h"
#include "core/signal/pitch_curve.h"
#include "core/signal/tracks.h"

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
constexpr double kSwingBand_hz = 2.0;    // about the rate: what a depth and a rate may do
constexpr double kMostIrregular = 0.35;  // between the two, by 250 of either kind (docs/measures.md)
constexpr double kFewOutside = 0.1;      // of the note
constexpr double kStill = 0.1;           // of the power

std::size_t windowLength(std::size_t frames) {
  return std::min(frames, static_cast<std::size_t>(kWindow_s / kHop_s));
}

constexpr auto kWindowHop = static_cast<std::size_t>(kWindowHop_s / kHop_s);

/// The longest stretch of neighbouring windows that all hold a line of about one rate.
std::vector<WindowFit> vibratoStretch(std::span<const double> moving) {
  const std::size_t length = windowLength(moving.size());
  std::vector<WindowFit> current, longest;
  for (const std::size_t first : windowStarts(moving.size(), length, kWindowHop)) {
    const SineFit line = bestLine(moving.subspan(first, length), kLowestRate_hz, kHighestRate_hz);
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

/// With the windows before and after that still swing at the same rate: a vibrato fades in and out.
std::vector<WindowFit> extended(const std::vector<WindowFit>& stretch, std::span<const double> y,
                                double rate_hz) {
  std::vector<WindowFit> all;
  const std::size_t length = windowLength(y.size());
  for (const std::size_t first : windowStarts(y.size(), length, kWindowHop)) {
    const auto same = std::ranges::find(stretch, first, &WindowFit::first);
    if (same != stretch.end()) {
      all.push_back(*same);
      continue;
    }
    const SineFit line = fitLine(y.subspan(first, length), rate_hz);
    if (line.explained > 0.3) all.push_back({first, line});
  }
  return all;
}

/// How irregular a swing about a rate is: the spread of its depth over its depth plus the spread of its rate
/// over its rate, both of the swing as demodulated. A narrow band of noise has a depth that spreads like
/// Rayleigh's (0.52); a player's vibrato keeps within a fifth. About 0.2 for a vibrato, 0.57 for a tremble.
double irregularity(std::span<const double> y, double rate_hz) {
  std::vector<double> re, im;
  for (std::size_t i = 0; i < y.size(); ++i) {
    const double angle = 2.0 * std::numbers::pi * rate_hz * static_cast<double>(i) * kHop_s;
    re.push_back(y[i] * std::cos(angle));
    im.push_back(-y[i] * std::sin(angle));
  }
  re = lowPass(re, kHop_s, kSwingBand_hz);
  im = lowPass(im, kHop_s, kSwingBand_hz);
  const std::size_t edge = std::min<std::size_t>(20, y.size() / 8);  // reflected there, not seen
  std::vector<double> depth;
  double weight = 0.0, first = 0.0, second = 0.0;
  for (std::size_t i = edge + 1; i + edge < y.size(); ++i) {
    const std::complex<double> before(re[i - 1], im[i - 1]), here(re[i], im[i]);
    const double power = std::norm(here);
    const double off_hz = std::arg(here * std::conj(before)) / (2.0 * std::numbers::pi * kHop_s);
    depth.push_back(std::sqrt(power));
    weight += power;
    first += power * off_hz;
    second += power * off_hz * off_hz;
  }
  if (depth.size() < 2 || weight <= 0.0) return 0.0;
  const double off_hz = first / weight;
  const double spread_hz = std::sqrt(std::max(0.0, second / weight - off_hz * off_hz));
  return standardDeviation(depth) / mean(depth) + spread_hz / (rate_hz + off_hz);
}

/// Whether what swings in the stretch is a vibrato: it is regular over the whole note, or where the rest of
/// the note is still, over the stretch. A stretch that was found for being regular tells little by itself.
bool isVibrato(std::span<const double> moving, std::size_t first, std::size_t last, double rate_hz) {
  const auto power = [](std::span<const double> y) {
    double sum = 0.0;
    for (const double v : y) sum += v * v;
    return sum;
  };
  const auto stretch = moving.subspan(first, last - first);
  const std::size_t outside = moving.size() - stretch.size();
  const double within = power(stretch) / static_cast<double>(stretch.size());
  const bool still = static_cast<double>(outside) > kFewOutside * static_cast<double>(moving.size()) &&
                     power(moving) - power(stretch) < kStill * within * static_cast<double>(outside);
  return irregularity(still ? stretch : moving, rate_hz) < kMostIrregular;
}

/// A vibrato and what it does to the line.
struct Swing {
  Vibrato vibrato;
  std::vector<double> swing;
};
/// `rest`: the line without its drift; `moving`: what of it is neither slower nor faster than any vibrato.
std::optional<Swing> findVibrato(std::span<const double> rest, std::span<const double> moving, double f0_hz) {
  std::vector<WindowFit> stretch = vibratoStretch(moving);
  if (stretch.empty()) return std::nullopt;
  const std::size_t length = windowLength(rest.size());
  const std::size_t first = stretch.front().first;
  const std::size_t last = std::min(rest.size(), stretch.back().first + length);
  std::vector<double> rates, extents;
  for (const auto& w : stretch) {
    rates.push_back(w.line.rate_hz);
    extents.push_back(w.line.amplitude());
  }
  const double rate = median(rates);
  const SineFit one = bestLine(rest.subspan(first, last - first), rate * 0.97, rate * 1.03);
  // Where one line holds the whole stretch together, its rate is the better measure for every window.
  const bool coherent = one.amplitude() > 0.9 * median(extents);
  if (coherent) {
    extents.clear();
    for (WindowFit& w : stretch) {
      w.line.rate_hz = one.rate_hz;
      extents.push_back(fitLine(rest.subspan(w.first, length), one.rate_hz).amplitude());
    }
  }
  const double shownRate = coherent ? one.rate_hz : rate;
  const double extent = median(extents) / vibratoResponse(f0_hz, shownRate);
  if (extent < kLeastExtent_cents ||
      static_cast<double>(last - first) * kHop_s * rate < kLeastCycles * 0.99 ||
      !isVibrato(moving, first, last, shownRate))
    return std::nullopt;
  return Swing{{shownRate, extent}, oscillation(rest, extended(stretch, rest, shownRate), length)};
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

  if (const auto found = findVibrato(rest, moving, f0_hz)) {
    result.vibrato = found->vibrato;
    for (std::size_t i = 0; i < rest.size(); ++i) rest[i] -= found->swing[i];
    // Part of a swing looks like a slope: with it gone, what slope is left.
    const double more = theilSenSlope(rest, kHop_s);
    result.drift_cents_per_s = drift + more;
    for (std::size_t i = 0; i < rest.size(); ++i)
      rest[i] -= more * (static_cast<double>(i) - static_cast<double>(rest.size() - 1) / 2.0) * kHop_s;
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
