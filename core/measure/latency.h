#pragma once

#include <optional>
#include <span>
#include <vector>

/// How long a sound takes from the program through loudspeaker, air and microphone back into it.
namespace calando {

struct Latency {
  double seconds;
  double spread_s;  ///< from the earliest to the latest click
};

/// The longest way there and back that is looked for, and so the most that an unmeasured one makes unsure.
inline constexpr double kLongestLatency_s = 0.4;

/// Eight clicks, half a second apart, the first after half a second; full scale is ±1.
std::vector<float> calibrationSound(double rate_hz);
/// From a recording that began when the calibration sound did. Each click is looked for up to the longest
/// latency late by its correlation with the click itself; nullopt unless six of the eight stand out and agree
/// within 10 ms of their median.
std::optional<Latency> latencyOf(std::span<const float> recorded, double rate_hz);

}  // namespace calando
