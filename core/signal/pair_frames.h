#pragma once

#include <array>
#include <vector>

/// What is seen of two tones in one signal.
namespace calando {

/// Two harmonic tones that are each steady within a window, as they explain most of its energy.
struct PairFit {
  std::array<double, 2> hz;
  std::array<double, 2> level_db;  ///< of all partials of each, RMS, full scale 0
  /// Covariance of the two frequencies, Hz², from what is left over near the partials.
  double variance1, variance2, covariance;
  double two_db;     ///< what is left over by the best single tone over what is left over by two
  double explained;  ///< energy in the window, of no unit
  /// Standard deviation of m·f1 - n·f2.
  double spread(double m, double n) const;
  /// The lower one first.
  void inOrder();
};

/// Two tones in one signal, seen through 0.35 s.
struct PairFrame {
  double at_s;
  PairFit fit;  ///< of a unison the lower one first
  bool two;     ///< they are told apart
};

/// Their slowest beat, through as long a window as they are steady for.
struct BeatFrame {
  double at_s;
  double rate_hz;
  double spread_hz;       ///< standard deviation of what it may be off
  bool resolved;          ///< false: slower than can be seen, or only one sounds
  double window_s = 0.0;  ///< it was seen through
};

struct PairTrack {
  std::vector<PairFrame> frames;  ///< every kPairHop_s where anything sounds
  std::vector<BeatFrame> beats;   ///< every kBeatHop_s
  /// How much of the sound was not there some periods before: 0 all of it was, 2 it is quite another; every
  /// kChangeHop_s, not while it sounds. 0 where there is no pitch.
  std::vector<float> change;
};
inline constexpr double kPairHop_s = 0.05;
inline constexpr double kBeatHop_s = 0.25;
inline constexpr double kChangeHop_s = 0.005;

}  // namespace calando
