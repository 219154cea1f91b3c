#pragma once

#include <functional>
#include <random>
#include <string>
#include <vector>

/// Breaths whose truth is known by construction, made without any code of the program but its transform:
/// noise with levels by third octaves, which are the throat's and then the microphone's, over a room.
namespace sounds {

inline constexpr int kThirds = 24;            ///< from 50 Hz to 10 kHz
using ThirdsOfOctaves = std::vector<double>;  ///< levels in dB, kThirds of them

/// `white`: as much at every hertz; what it is of is the microphone's to say then.
enum class Mouth { open, tight, pursed, hiss, white };
enum class Way { in, out };

struct Breath {
  double start_s;  ///< where it is at half of its amplitude
  double end_s;
  Way way;
  Mouth mouth = Mouth::open;
  double level_dbfs = -40.0;  ///< RMS from 150 Hz to 8 kHz, through the microphone, where the shape is 1
  double rise_s = 0.08;
  double fall_s = 0.08;
  std::function<double(double share)> shape = {};  ///< of the amplitude; empty: even
};

/// A microphone and what stands before it, as third-octave gains.
struct Microphone {
  std::string name;
  std::function<double(double hz)> gain_db;
  double wind;  ///< how much an exhale rumbles in it, 0 to 1
};
const std::vector<Microphone>& microphones();

/// A steady line of the room's: mains, a fan's blades, a fridge.
struct Line {
  double hz;
  double dbfs;           ///< RMS
  double from_s = -1.0;  ///< where it starts within 0.2 s; below 0: always there
};

struct BreathSound {
  std::vector<Breath> breaths;
  double seconds;
  const Microphone* microphone = &microphones()[0];
  double room_dbfs = -70.0;         ///< from 150 Hz to 8 kHz
  double room_db_per_octave = 0.0;  ///< fans and traffic fall by 3 to 9
  double hum_dbfs = -200.0;         ///< of 50 Hz and its first multiples
  std::vector<Line> lines = {};
  double rate_hz = 48000.0;
  unsigned seed = 1;
};
std::vector<float> breathing(const BreathSound& sound);

/// Root mean square from 150 Hz to 8 kHz, dBFS.
double airLevel_dbfs(const std::vector<float>& samples, double rate_hz, double from_s, double to_s);

}  // namespace sounds
