#pragma once

#include <array>
#include <optional>
#include <vector>

#include "core/maths/sliding_signal.h"

namespace calando {

/// Differences between neighbouring periods of one moment of a tone.
///
/// A period is what lies between two cuts, and where in the waveform it is cut matters: lengths taken half a
/// period away from the place where they change are the means of two, and differ half as much. They are
/// measured at several places; jitterOf() sees over a whole note where they change.
struct PeriodFrame {
  static constexpr int kCuts = 8;
  std::array<float, kCuts> jitter_percent;  ///< mean |T_{i+1} - T_i| over the mean period
  std::array<float, kCuts> noise_percent;   ///< what the noise alone would give
  float shimmer_db;                         ///< mean |level difference| of neighbouring periods
  float noise_db;                           ///< what the noise alone would give
};

/// Jitter of a note in percent, from what its frames have at each cut in the mean. Nullopt where the noise
/// alone would give most of it.
///
/// Periods of independent lengths that change at one place differ less the further from it they are cut, down
/// to half as much; those of pulses by the same everywhere. Both are fitted.
std::optional<double> jitterOf(const std::array<double, PeriodFrame::kCuts>& jitter_percent,
                               const std::array<double, PeriodFrame::kCuts>& noise_percent);

/// Follows a tone from period to period: each is matched with its successor by least squares over a
/// fractional lag and a gain (Milenkovic 1987), Gauss-Newton from the tracked f0; over the whole period to
/// follow it, over a quarter around each cut for the lengths.
class PeriodChain {
 public:
  /// The next period starts at `at_s`.
  void restart(double at_s);
  /// The periods up to `to_s`, where the tone goes on at about `f0_hz`. Nullopt when fewer than three of them
  /// follow one another there.
  std::optional<PeriodFrame> measure(const SlidingSignal& signal, double to_s, double f0_hz);
  /// The same without looking at them: keeps its place in the waveform.
  void follow(const SlidingSignal& signal, double to_s, double f0_hz);

 private:
  struct Match {
    double lag;         // samples
    double energy;      // of this stretch …
    double nextEnergy;  // … and of the one a lag later
    double rest;        // mean square of what is left of their difference
    double variance;    // of the lag: what that rest makes of it
    double alike;       // correlation, at most 1; 0: not settled
  };
  static std::optional<Match> solved(const float* here, const float* there, int length, double lag);
  std::optional<Match> matched(const SlidingSignal& signal, long from, int length, double lag);
  std::optional<Match> searched(const SlidingSignal& signal, long from, int length, double tracked);
  std::optional<Match> matchedAround(const SlidingSignal& signal, double centre, double tracked, double lag);
  std::optional<Match> matchedWhole(const SlidingSignal& signal, double tracked);
  struct Sums;
  void measurePeriod(const SlidingSignal& signal, double tracked, const Match& whole, Sums& sums);
  double start(const SlidingSignal& signal, double f0_hz);
  double placeOf(std::size_t cut, double period) const {
    return mark_ + period * static_cast<double>(cut) / PeriodFrame::kCuts;
  }

  double mark_ = 0.0;  // samples
  std::array<std::optional<double>, PeriodFrame::kCuts> before_;
  std::size_t anchor_ = 0;  // the cut that is followed
  std::vector<float> shifted_;
};

}  // namespace calando
