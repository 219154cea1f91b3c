#pragma once

#include <functional>
#include <vector>

/// The small part alone: lips, mouthpiece or mouthpiece with neck, as a train of periods none of which is
/// quite like its neighbour, with the noise of the air. The truth is known by construction.
namespace sounds {

struct BuzzBreak {
  double at_s;      ///< since the buzz's start, where the sound is at half of its amplitude
  double length_s;  ///< from there to where it is back at half
  bool air;         ///< the air goes on
};

struct Buzz {
  double f0_hz = 220.0;
  double seconds = 2.0;
  std::function<double(double)> cents = {};  ///< over the time since the start; may be empty
  double level_dbfs = -26.0;                 ///< RMS of the periodic sound
  double hnr_db = 15.0;                      ///< over the noise that lies below 10 kHz
  double jitter_percent = 1.0;       ///< mean difference of neighbouring periods, over the mean period
  double shimmer_db = 0.3;           ///< standard deviation of the periods' levels
  double tilt_db_per_octave = -9.0;  ///< of the partials
  double top_hz = 3000.0;            ///< no partials above
  double noiseLow_hz = 200.0, noiseHigh_hz = 6000.0;
  double everyOther = 0.0;  ///< amplitude taken off every second period: a subharmonic
  std::vector<BuzzBreak> breaks = {};
  double edge_s = 0.006;     ///< how long the sound takes to go and come in a break
  double rise_s = 0.03;      ///< raised cosine at the start; half of it is where it is at half
  double airBefore_s = 0.0;  ///< until the sound is at half
  double air_db = 0.0;       ///< level of air that does not sound, over the noise in the buzz
  double before_s = 0.6, after_s = 0.6;
  double room_dbfs = -62.0;
  unsigned seed = 1;
};

struct BuzzSound {  ///< at 48 kHz
  std::vector<float> samples;
  double start_s, end_s;  ///< at half of the amplitude
  double mean_hz = 0.0;   ///< of the periods as they came
};
BuzzSound buzz(const Buzz& spec);

}  // namespace sounds
