#pragma once

#include <algorithm>
#include <random>
#include <string>
#include <vector>

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
  std::vector<Line> lines_;
  double gain_ = 0.0;
};

/// One tone with soft ends and 0.4 s of a quiet room before and after it.
struct Beginner {
  double f0_hz = 220.0;
  double seconds = 4.0;
  double hnr_db = 30.0;                      ///< of harmonics over noise in the tone
  std::function<double(double)> cents = {};  ///< over the time since its start; may be empty
  std::function<double(double)> level_db = {};
  double ramp_s = 0.05;  ///< of either end, a raised cosine
  unsigned seed = 1;
  double start_s() const { return 0.4; }
};
std::vector<float> beginner(const Beginner& spec);

}  // namespace sounds
