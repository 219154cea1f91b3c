#pragma once

#include <optional>
#include <vector>

#include "core/analysis.h"
#include "core/signal/energy_track.h"

/// Where a sound starts, stops and breaks, read off its power over whole periods.
namespace calando {

/// Power over whole periods (at least 8 ms), with the room's power taken off.
struct Envelope {
  const EnergyTrack* energy;
  double window_s;    ///< a whole number of periods
  double noisePower;  ///< mean square of the room

  static Envelope forPitch(const EnergyTrack& energy, double f0_hz, std::optional<double> floor_dbfs);
  double power(double t) const;
  double medianPower(double from_s, double to_s) const;
};

/// Where the amplitude crosses half of `steadyPower`'s, seen from `inside_s` outwards, not beyond `limit_s`
/// (before `inside_s` for an onset, after it for an end). Nullopt when it does not cross there.
/// The window's smoothing is taken out by the model of a linear ramp: an abrupt start is found where it is.
std::optional<double> halfLevelCrossing(const Envelope& envelope, double inside_s, double limit_s,
                                        double steadyPower);

/// Breaks of the sound within (from_s, to_s), by area and centroid of the deficit in power: exact for a full
/// break.
std::vector<Dropout> findDropouts(const Envelope& envelope, double from_s, double to_s);

/// From 10 % to 90 % of an amplitude, around an onset.
std::optional<double> riseTime(const EnergyTrack& energy, double onset_s, double steadyPower, double f0_hz,
                               double noisePower);

}  // namespace calando
