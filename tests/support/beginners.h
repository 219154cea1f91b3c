#pragma once

#include <algorithm>
#include <random>
#include <string>
#include <vector>

#include "support/hermite.h"
#include "support/signals.h"

/// Sounds as beginners make them, random in pitch, strength and seed, their truth known by construction.
namespace sounds {

/// A track over time that looks like none of its kind before: the sum of many lines of one band with random
/// phases, scaled to a standard deviation.
class RandomTrack {
 public:
  /// Rates drawn from a normal distribution.
  static RandomTrack around(std::mt19937& random, double centre_hz, double spread_hz, double sd);
  /// Rates drawn evenly.
  static RandomTrack between(std::mt19937& random, double low_hz, double high_hz, double sd);
  double operator()(double t) const;

 private:
  struct Line {
    double rate_hz, phase;
  };
  Knot knotAt(double t) const;

  std::vector<Line> lines_;
  double gain_ = 0.0;
  mutable std::vector<Knot> knots_;  // as far as it was asked for
};

/// White noise of variance 1 between two frequencies at 48 kHz: what lies outside is taken out of its
/// spectrum.
std::vector<double> bandNoise(std::mt19937& random, std::size_t length, double low_hz, double high_hz);

/// One tone with soft ends and 0.4 s of a quiet room before and after it.
struct Beginner {
  double f0_hz = 220.0;
  double seconds = 4.0;
  double hnr_db = 30.0;                      ///< of harmonics over noise in the tone
  std::function<double(double)> cents = {};  ///< over the time since its start; may be empty
  std::function<double(double)> level_db = {};
  double ramp_s = 0.05;  ///< of either end, a raised cosine
  /// The noise lies between these; what lies below 10 kHz counts for the harmonics over noise.
  double noiseLow_hz = 0.0, noiseHigh_hz = 24000.0;
  double jitter_percent = 0.0;   ///< mean difference of neighbouring periods, over the mean period
  double crackle_db = -200.0;    ///< of lines between partials, to the mean level of the two beside them …
  double crackleAt = 1.0 / 3.0;  ///< … this share of f0 above and below each of the first ten partials
  double room_dbfs = -62.0;      ///< background
  double tail_s = 0.0;           ///< the sound goes on that long after its end …
  double tail_db = -35.0;        ///< … this far under it, in noise as loud as itself
  unsigned seed = 1;
  double start_s() const { return 0.4; }
};
std::vector<float> beginner(const Beginner& spec);

/// The sound in a room whose reverberation, noise that decays by 60 dB in `rt60_s`, is `under_db` below it;
/// with a background of its own.
std::vector<float> inRoom(Beginner spec, double rt60_s, double under_db);

}  // namespace sounds
