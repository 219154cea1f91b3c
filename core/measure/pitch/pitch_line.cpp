#include "core/measure/pitch/pitch_line.h"

#include <algorithm>
#include <functional>
#include <numeric>

#include "core/maths/statistics.h"
#include "core/measure/pitch/sine_fit.h"

namespace calando {

namespace {

constexpr std::size_t kHalfMedian = 2;
constexpr double kNormal = 1.4826;  // of a median deviation
constexpr double kVeryFlat = 0.25;  // less than a sine is beside its steepest place, at any rate
constexpr double kLeastWave_cents = 25.0;
constexpr double kMostWave_cents = 160.0;  // what goes farther travels
constexpr double kClimbs = 1.5;            // of the wave's amplitude, in one cycle: a stair's way
constexpr double kWaveExplained = 0.9;
constexpr double kHurried = 0.3;       // of the time
constexpr double kMostInHurry = 0.78;  // of a wave's way: a sine goes 0.45 of it then
constexpr double kCoverFade = 0.25;    // of a window
constexpr double kLeastWaveCycles = 1.5;

/// The frames from `first` on; nullopt where they are not there or lie apart.
std::optional<Side> sideOf(const PitchLine& line, long first) {
  if (first < 0 || first + kSideFrames > static_cast<long>(line.cents.size())) return std::nullopt;
  const auto begin = line.cents.begin() + first;
  const auto at = static_cast<std::size_t>(first);
  if (line.time_s[at + kSideFrames - 1] - line.time_s[at] > 2.0 * kSideFrames * kHop_s) return std::nullopt;
  constexpr long third = kSideFrames / 3;
  const auto [low, high] = std::ranges::minmax_element(begin, begin + kSideFrames);
  return Side{median({begin, begin + kSideFrames}),
              median({begin + kSideFrames - third, begin + kSideFrames}) - median({begin, begin + third}),
              *high - *low};
}

/// The pitch dwells and leaps: it goes most of its way in a small part of the time. A wave never does.
bool dwells(std::span<const double> part) {
  const std::vector<double> still = mediansOf(part);
  std::vector<double> ways;
  for (std::size_t i = 1; i < still.size(); ++i) ways.push_back(std::abs(still[i] - still[i - 1]));
  std::ranges::sort(ways, std::greater());
  const auto hurried = ways.begin() + std::lround(kHurried * static_cast<double>(ways.size()));
  const double all = std::accumulate(ways.begin(), ways.end(), 0.0);
  return std::accumulate(ways.begin(), hurried, 0.0) > kMostInHurry * all;
}

/// A step between two flat places in these times: no part of a slow wave is as flat on both sides.
bool hasFlatStep(const PitchLine& line, double from_s, double to_s) {
  const auto first = std::ranges::lower_bound(line.time_s, from_s) - line.time_s.begin();
  const auto last = std::ranges::upper_bound(line.time_s, to_s) - line.time_s.begin();
  for (auto i = static_cast<std::size_t>(first); i < static_cast<std::size_t>(last); i += 2) {
    const auto step = stepAt(line, i);
    if (step && step->size() >= kStep_cents &&
        std::max(step->before.range, step->after.range) <= kVeryFlat * step->size())
      return true;
  }
  return false;
}

/// 1 where windows cover a line, fading to 0 at their ends unless those are the line's: a wave that is taken
/// out from one moment on would leave a step.
std::vector<double> fadedCover(std::size_t count, const std::vector<WindowFit>& windows, std::size_t length) {
  std::vector<double> cover(count, 0.0);
  const double fade = kCoverFade * static_cast<double>(length);
  for (const WindowFit& window : windows)
    for (std::size_t i = window.first; i < std::min(count, window.first + length); ++i) {
      const double in = window.first == 0 ? fade : static_cast<double>(i - window.first);
      const double out =
          window.first + length >= count ? fade : static_cast<double>(window.first + length - 1 - i);
      cover[i] = std::max(cover[i], std::min({1.0, in / fade, out / fade}));
    }
  return cover;
}

}  // namespace

PitchLine pitchLine(const Tracks& tracks, double from_s, double to_s, const std::vector<Dropout>& dropouts) {
  PitchLine line;
  const auto first = static_cast<std::size_t>(std::max(0.0, std::ceil(from_s / kHop_s)));
  for (std::size_t i = first; i < tracks.frames.size() && static_cast<double>(i) * kHop_s <= to_s; ++i) {
    const double t = static_cast<double>(i) * kHop_s;
    const TrackFrame& frame = tracks.frames[i];
    const bool broken = std::ranges::any_of(dropouts, [t](const Dropout& d) {
      return t > d.at_s - kClearOfBreak_s && t < d.at_s + d.length_s + kClearOfBreak_s;
    });
    if (frame.f0_hz <= 0.0f || broken) continue;
    line.time_s.push_back(t);
    line.cents.push_back(centsBetween(440.0, frame.f0_hz));
  }
  return line;
}

PitchLine within(const PitchLine& line, double from_s, double to_s) {
  PitchLine part;
  for (std::size_t i = 0; i < line.time_s.size(); ++i) {
    if (line.time_s[i] < from_s || line.time_s[i] > to_s) continue;
    part.time_s.push_back(line.time_s[i]);
    part.cents.push_back(line.cents[i]);
  }
  return part;
}

std::vector<double> mediansOf(std::span<const double> cents) {
  std::vector<double> medians;
  for (std::size_t i = 0; i < cents.size(); ++i) {
    const std::size_t reach = std::min({kHalfMedian, i, cents.size() - 1 - i});
    medians.push_back(median({cents.begin() + static_cast<std::ptrdiff_t>(i - reach),
                              cents.begin() + static_cast<std::ptrdiff_t>(i + reach + 1)}));
  }
  return medians;
}

double jitterOf(const std::vector<double>& medians) {
  constexpr std::size_t apart = 2 * kHalfMedian + 1;
  std::vector<double> off;
  for (std::size_t i = apart; i + apart < medians.size(); ++i)
    off.push_back(std::abs(medians[i] - (medians[i - apart] + medians[i + apart]) / 2.0));
  return off.empty() ? 0.0 : kNormal * median(off) / std::sqrt(1.5);
}

std::vector<double> gapless(std::span<const double> time_s, std::span<const double> values) {
  std::vector<double> out;
  for (std::size_t i = 0; i < time_s.size(); ++i) {
    if (i > 0) {
      const auto steps = std::lround((time_s[i] - time_s[i - 1]) / kHop_s);
      for (long k = 1; k < steps; ++k)
        out.push_back(values[i - 1] +
                      (values[i] - values[i - 1]) * static_cast<double>(k) / static_cast<double>(steps));
    }
    out.push_back(values[i]);
  }
  return out;
}

std::optional<StepAt> stepAt(const PitchLine& line, std::size_t i) {
  const auto before = sideOf(line, static_cast<long>(i) - kStepGap - kSideFrames);
  const auto after = sideOf(line, static_cast<long>(i) + kStepGap);
  return before && after ? std::optional(StepAt{*before, *after}) : std::nullopt;
}

PitchLine withoutWaves(const PitchLine& line) {
  PitchLine still = line;
  struct Scale {
    double window_s, hop_s, lowest_hz, highest_hz;
    bool slow;   ///< a flat step is seen in it
    bool leaps;  ///< notes in turn are as quick
  };
  // The fast ones first; what is slow is seen better without them.
  for (const Scale& scale : {Scale{0.8, 0.1, 2.8, 9.0, false, true}, Scale{1.6, 0.2, 1.4, 2.8, true, true},
                             Scale{3.2, 0.3, 0.4, 1.4, true, false}}) {
    const std::vector<double> y = gapless(still.time_s, still.cents);
    const auto length = std::min(y.size(), static_cast<std::size_t>(scale.window_s / kHop_s));
    if (static_cast<double>(length) * kHop_s * scale.lowest_hz < 0.6) continue;
    std::vector<WindowFit> windows;
    for (const std::size_t first :
         windowStarts(y.size(), length, static_cast<std::size_t>(scale.hop_s / kHop_s))) {
      const std::span<const double> part = std::span(y).subspan(first, length);
      const auto [low, high] = std::ranges::minmax(part);
      if (high - low < 2.0 * kLeastWave_cents) continue;
      const double start = still.time_s.front() + static_cast<double>(first) * kHop_s;
      if (scale.slow && hasFlatStep(still, start, start + scale.window_s)) continue;
      const SineFit fit = bestLine(part, scale.lowest_hz, scale.highest_hz);
      const double cycles = fit.rate_hz * static_cast<double>(length) * kHop_s;
      if (fit.amplitude() < kLeastWave_cents || fit.amplitude() > kMostWave_cents ||
          fit.explained < kWaveExplained || cycles < kLeastWaveCycles || (scale.leaps && dwells(part)))
        continue;
      // A stair is a slope with a wave on it as well.
      if (std::abs(theilSenSlope(part, kHop_s)) < kClimbs * fit.amplitude() * fit.rate_hz)
        windows.push_back({first, fit});
    }
    if (windows.empty()) continue;
    const std::vector<double> swing = oscillation(y, windows, length);
    const std::vector<double> share = fadedCover(y.size(), windows, length);
    for (std::size_t i = 0; i < still.cents.size(); ++i) {
      const auto at = static_cast<std::size_t>(std::lround((still.time_s[i] - still.time_s[0]) / kHop_s));
      still.cents[i] -= share[at] * swing[at];
    }
  }
  return still;
}

}  // namespace calando
