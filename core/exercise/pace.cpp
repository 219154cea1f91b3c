#include "core/exercise/pace.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <random>

namespace calando {

namespace {
constexpr double kTop_rms = 0.025;
constexpr double kBottom_hz = 300.0, kTop_hz = 2400.0;
constexpr double kWarmUp_s = 0.1;
}  // namespace

double waterAt(const CueSheet& sheet, double t) {
  double level = 0.0;
  for (const SheetCue& cue : sheet.cues) {
    if (t < cue.start_s) break;
    const double share = std::min(1.0, (t - cue.start_s) / cue.length_s);
    if (breathesOf(cue.kind) == Breathes::in) level = share;
    if (breathesOf(cue.kind) == Breathes::out) level = 1.0 - share;
  }
  return level;
}

CountWithin countWithin(const CueSheet& sheet, double t) {
  if (!sheet.counted()) return {};
  for (const SheetCue& cue : sheet.cues)
    if (t >= cue.start_s && t < cue.end_s())
      return {static_cast<int>((t - cue.start_s) / sheet.beat_s) + 1, sheet.countsOf(cue)};
  return {};
}

std::vector<float> swellOf(const CueSheet& sheet, double rate_hz) {
  std::mt19937 random(1);
  const auto noise = [&] { return static_cast<double>(random()) / 2147483648.0 - 1.0; };
  const auto corner = [&](double hz) { return 1.0 - std::exp(-2.0 * std::numbers::pi * hz / rate_hz); };
  const double low = corner(kTop_hz), high = corner(kBottom_hz);
  double smooth = 0.0, slow = 0.0;
  const auto next = [&] {
    smooth += low * (noise() - smooth);
    slow += high * (smooth - slow);
    return smooth - slow;
  };
  double power = 0.0;
  const auto warm = static_cast<std::size_t>(kWarmUp_s * rate_hz);
  for (std::size_t n = 0; n < warm; ++n) power += std::pow(next(), 2.0);
  const double gain = kTop_rms / std::sqrt(power / static_cast<double>(warm));
  std::vector<float> out;
  const double length_s = sheet.countIn_s() + sheet.length_s();
  out.reserve(static_cast<std::size_t>(length_s * rate_hz));
  for (double n = 0.0; n < std::floor(length_s * rate_hz); ++n)
    out.push_back(static_cast<float>(gain * waterAt(sheet, n / rate_hz - sheet.countIn_s()) * next()));
  return out;
}

}  // namespace calando
