#pragma once

#include <span>

#include "core/maths/sliding_signal.h"

namespace calando {

/// Band-limited reading of a signal between its samples: 32-tap Kaiser-windowed sinc, good to -60 dB at
/// 0.42 of the sample rate and far better below.
inline constexpr int kInterpolationTaps = 32;

/// The signal's value at `sample`, a real-valued sample number.
float readAt(const SlidingSignal& signal, double sample);
/// The taps for a fraction 0 ≤ f < 1 of a sample; tap k weighs sample floor + k - 15.
std::span<const float, kInterpolationTaps> interpolationTaps(double fraction);

}  // namespace calando
