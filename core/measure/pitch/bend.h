#pragma once

#include <optional>
#include <vector>

#include "core/signal/tracks.h"

/// A tone that is bent away from its note and back, once or several times.
namespace calando {

/// One moment of it.
struct BendPoint {
  double time_s;
  double cents;     ///< off the pitch before the bend
  double level_db;  ///< over that before it
  double core_db;   ///< the same of the harmonics over the noise
  double ring_db() const { return level_db + core_db; }
};

/// Where the tone rings most: the top of level and harmonics over noise, both in dB, against the pitch.
struct Ring {
  double cents;   ///< off the pitch before the bend
  double spread;  ///< standard error, cents
  double height_db;
};

struct Bend {
  double depth_cents = 0.0;                 ///< the farthest it goes; below is negative
  double return_cents = 0.0;                ///< its last pitch less its first
  std::optional<double> speed_cents_per_s;  ///< of the ways down and up, the median
  std::optional<double> uneven_cents;       ///< RMS of a way about a straight line, the median
  std::optional<double> level_db;           ///< at the far end less before, the median of the passes
  std::optional<double> core_db;            ///< the same of the harmonics over the noise
  std::optional<Ring> ring;                 ///< empty: no top stands out
  std::vector<BendPoint> points;            ///< in time
  std::vector<std::size_t>
      passes;  ///< index of the point at which each way down or up begins; then their number
};

/// A note let fall from above, all at once, into its centre.
struct Drop {
  double at_s;
  double cents;                    ///< after less before; below 0 it fell
  std::optional<double> level_db;  ///< the same of the level
  std::optional<double> core_db;   ///< the same of the harmonics over the noise
};
/// Where the pitch between two times steps most, medians over 0.3 s on either side, 60 ms clear of it.
/// Nullopt where that is less than 8 cents.
std::optional<Drop> describeDrop(const Tracks& tracks, double from_s, double to_s);

/// Of the pitched frames between two times. The top is found by least squares over all passes, of
/// h·-log10(1 + ((c - centre)/width)²), the form of a resonance in dB, over a level of each pass, a slope in
/// pitch and one in time; it stands out where that leaves clearly less than the levels and slopes alone,
/// counted in as many independent values as what is left over allows, and where the player went past it on
/// both sides. A way of 40 cents and more counts for speed and evenness, from a tenth of it to nine tenths.
/// Nullopt under half a second of pitch.
std::optional<Bend> describeBend(const Tracks& tracks, double from_s, double to_s);

}  // namespace calando
