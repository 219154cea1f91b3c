#pragma once

#include <array>
#include <complex>
#include <optional>
#include <vector>

#include "core/maths/sliding_signal.h"

namespace calando {

/// Fundamental frequency on the partials themselves.
///
/// Two Hann windows, each a whole number of periods long (so that the partials do not leak into one another)
/// and half of that apart: the phase of each partial advances between them by 2π·f_k·D. The k-th advance,
/// unwrapped from the low partials up, gives f_k / k; the estimate is their mean with weights k²|A_k|², those
/// more than 15 cents off the consensus left out. Twice, since the first round sets the windows right.
class PitchRefiner {
 public:
  struct Result {
    double f0_hz;
    double kernelVariance_s2;  ///< second moment of the time weighting: a curved track is low by half of it
                               ///< times c''
  };

  /// `start_hz`: the best guess, within a few cents of `coarse_hz`; a good one saves the second round.
  /// Nullopt where the partials do not agree on a pitch near `coarse_hz` (attacks, noise).
  std::optional<Result> refine(const SlidingSignal& signal, double centre_s, double coarse_hz,
                               double start_hz);

  /// Seconds of signal that refine() looks at on each side of the centre.
  static double reach(double f0_hz);
  /// Second moment of the time weighting at a pitch, s².
  static double kernelVariance(double f0_hz);

 private:
  using Partial = std::array<std::complex<double>, 2>;  // its transform in both windows
  void analyse(const SlidingSignal& signal, double centre_s, double f0_hz);
  std::optional<double> consensus(double f0_hz, double apart_s);

  std::vector<float> windowed_[2];
  std::vector<Partial> partials_;
};

}  // namespace calando
