#pragma once

#include <optional>
#include <vector>

#include "core/maths/sliding_signal.h"

namespace calando {

/// The pitch of one moment, from two neighbouring periods alone.
struct QuickPitch {
  float time_s;
  float f0_hz;
  float alike;  ///< of the two periods: their correlation, at most 1
};

/// Time between two of them.
inline constexpr double kQuickHop_s = 0.0025;

/// Finds where in a slur the pitch is, which the refined pitch, over six periods and more, shows smeared: the
/// lag between two frequencies at which the period before `t` and the period after it are most alike; of
/// lags that are hardly less so the shortest. Nullopt where there is silence.
std::optional<QuickPitch> quickPitch(const SlidingSignal& signal, double t, double low_hz, double high_hz);

}  // namespace calando
