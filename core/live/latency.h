#pragma once

#include <optional>
#include <span>
#include <vector>

/// How long a sound takes from the program through loudspeaker, air and microphone back into it.
namespace calando {

struct Latency {
  double seconds;  ///< more than the sound system itself reports; slightly negative where it reports too much
  double spread_s;  ///< from the earliest to the latest click
};

/// The longest way there and back that is looked for, and so the most that an unmeasured one makes unsure.
inline constexpr double kLongestLatency_s = 0.4;

/// Of the eight clicks, that a measurement needs.
inline constexpr int kLeastClicks = 6;

struct Calibration {
  int heard = 0;  ///< clicks that stand out
  /// Where the least number of clicks stand out and agree within 10 ms of their median.
  std::optional<Latency> latency;
};

/// Eight clicks, half a second apart, the first after half a second; full scale is ±1.
std::vector<float> calibrationSound(double rate_hz);
/// From a recording that began `headStart_s` after the calibration sound did (see headStart_s). Each click is
/// looked for from 50 ms early to the longest latency late, by its correlation with the click itself.
Calibration calibrationOf(std::span<const float> recorded, double rate_hz, double headStart_s);

}  // namespace calando
