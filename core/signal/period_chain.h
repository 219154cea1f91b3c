#pragma once

#include <optional>
#include <vector>

#include "core/signal/sliding_signal.h"

namespace calando {

/// Differences between neighbouring periods of one moment of a tone.
struct PeriodFrame {
  double jitter_percent;  ///< mean |T_{i+1} - T_i| over the mean period
  double shimmer_db;      ///< mean |level difference| of neighbouring periods
};

/// Lengths of the periods that start within [from_s, to_s), each found by matching the waveform with its
/// successor: least squares over a fractional lag and a gain (Milenkovic 1987), Gauss-Newton from the tracked
/// f0. Nullopt when fewer than three periods fit there.
std::optional<PeriodFrame> neighbouringPeriods(const SlidingSignal& signal, double from_s, double to_s,
                                               double f0_hz);

}  // namespace calando
