#pragma once

#include <optional>

#include "core/maths/hann_spectrum.h"
#include "core/signal/frames.h"

namespace calando {

/// Looks for what sounds on underneath a note, such as the fundamental under an overtone, through 170 ms.
class UnderToneMeter {
 public:
  explicit UnderToneMeter(double rate_hz) : spectrum_(rate_hz, 2.0 * kReach_s) {}

  static constexpr double kReach_s = 0.085;
  /// Between 40 Hz and the note. Nullopt where the note is too low to have anything under it.
  std::optional<UnderTone> measure(const SlidingSignal& signal, double centre_s, double f0_hz);

 private:
  HannSpectrum spectrum_;
};

}  // namespace calando
