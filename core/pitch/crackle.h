#pragma once

#include <optional>

#include "core/maths/hann_spectrum.h"

namespace calando {

/// Tells a crackle under a note from the note an octave or a twelfth below: both have the longer period, but
/// the lines that a crackle puts between the note's partials are all weak beside those, while somewhere in a
/// tone of its own they are not.
class CrackleMeter {
 public:
  CrackleMeter(double rate_hz, double window_s);

  /// The strongest line at (k ± 1/multiple)·f0, in dB to the mean level of the two partials beside it (below
  /// the first partial, to that one), `multiple` 2 or 3. Nullopt where fewer than three places can be told:
  /// lines closer than the window resolves, or partials more than 40 dB under the strongest (of weaker ones,
  /// lines count that stand out)
  std::optional<double> strongestLine_db(const SlidingSignal& signal, double centre_s, double f0_hz,
                                         int multiple);
  /// The strongest line at a place that is no multiple of `multiple` in the series of f0/multiple, in dB to
  /// the strongest at one: what sounds on under an overtone.
  double strongestOther_db(const SlidingSignal& signal, double centre_s, double f0_hz, int multiple);

 private:
  double window_s_;
  HannSpectrum spectrum_;
};

}  // namespace calando
