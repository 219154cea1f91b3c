#pragma once

#include <vector>

#include "core/maths/fft.h"
#include "core/maths/sliding_signal.h"
#include "core/pitch/crackle.h"

namespace calando {

inline constexpr double kLowestPitch_hz = 27.0;
inline constexpr double kHighestPitch_hz = 4300.0;

/// One possible period of a frame.
struct PitchCandidate {
  double f0_hz;
  double
      height;  ///< normalised autocorrelation at the period, 0 to 1; near SNR / (1 + SNR) for a tone in noise
};

/// Pitch candidates of one window length, by normalised autocorrelation:
///   n(τ) = 2 Σ x_j x_{j+τ} / Σ (x_j² + x_{j+τ}²), j = 0 … W-τ-1,
/// heights read off with a band-limited interpolation and short lags refined on their multiples. Only peaks
/// that a dip of at least 0.3 precedes count.
class CoarsePitch {
 public:
  /// `window_s` long windows find pitches down to about 2.3 / window_s.
  CoarsePitch(double rate_hz, double window_s, double lowest_hz);

  double windowSeconds() const { return window_s_; }
  double lowest() const { return lowest_; }
  /// At most kMostCandidates, best first, for the window around `centre_s`. Empty for silence.
  std::vector<PitchCandidate> candidates(const SlidingSignal& signal, double centre_s);

  static constexpr std::size_t kMostCandidates = 8;

 private:
  void correlate(const SlidingSignal& signal, long from);
  float interpolated(double lag) const;
  struct Peak {
    double lag;
    double height;
  };
  Peak vertexNear(double lag, double reach) const;
  Peak refinedPeak(double lag) const;

  double rate_;
  double window_s_;
  double lowest_;
  long windowLength_;
  long maxLag_;
  Autocorrelation autocorrelation_;
  std::vector<float> nacf_;     // from some lags below zero (mirrored) to some beyond maxLag_
  std::vector<float> grid_;     // the same for finding peaks, with half samples for short lags
  std::vector<double> energy_;  // of what is left at each lag
  double power_;                // sum of squares in the window
};

/// What is listened to.
struct Listening {
  /// A stronger line between two partials, to those beside it, is a partial. Of an instrument: the octave
  /// below may have weak partials of its own; in a buzz a crackle may be nearly as strong.
  double mostCrackle_db = -10.5;
  double lowest_hz = 0.0;             ///< what lies under it is a crackle, however strong
  std::vector<double> asked_hz = {};  ///< notes asked for: they are the notes, not what sounds under them
  bool overtones =
      false;  ///< a fingering is known, so partials are played: nor is any note what sounds under it
};
inline constexpr double kMostCrackleOfBuzz_db = -5.0;

/// The candidates of a frame from the windows that the tracker looks through. While a tone simply goes on,
/// the short one has nothing to add and is not asked: frames have to come in order. Where the long one is not
/// sure, a tone may be under its hiss: a window of the softened sound is asked too.
struct PitchFinder {
  static constexpr double kLongWindow_s = 2.3 / kLowestPitch_hz;  ///< 85 ms

  PitchFinder(double rate_hz, double softRate_hz, Listening to);
  /// `soft`: the signal through softeningFor().
  std::vector<PitchCandidate> candidates(const SlidingSignal& signal, const SlidingSignal& soft,
                                         double centre_s);

  CoarsePitch longWindow;
  CoarsePitch shortWindow;  ///< half as long, from 54 Hz up
  CoarsePitch softWindow;   ///< as long as the long one
  CrackleMeter crackle;

 private:
  void handicapCrackle(std::vector<PitchCandidate>& found, const SlidingSignal& signal, double centre_s);
  bool isUnder(const PitchCandidate& high, const PitchCandidate& best, const SlidingSignal& signal,
               double centre_s);
  bool wasAsked(double hz) const;

  Listening to_;
  double lastClear_hz_ = 0.0;  // of the frame before, where the long window is sure of it
};

/// What a candidate costs a pitch path: 1 - height + a small price for long periods (which always fit too).
double candidateCost(const PitchCandidate& candidate);
/// Joins the candidates of several windows; those within half a semitone become one with the greater height.
/// `fuzzy`: noise makes heights differ that would be alike without it.
std::vector<PitchCandidate> mergeCandidates(std::vector<PitchCandidate> longWindow,
                                            const std::vector<PitchCandidate>& others, bool fuzzy);

}  // namespace calando
