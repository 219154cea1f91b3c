#pragma once

#include <functional>
#include <optional>
#include <vector>

#include "core/measure/edges/sounds.h"
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

/// Where the amplitude crosses a share (0 to 0.5) of `steadyPower`'s, seen from `inside_s` outwards, not
/// beyond `limit_s` (before `inside_s` for an onset, after it for an end). Nullopt when it does not cross
/// there. The window's smoothing is taken out by the model of a linear ramp: an abrupt start is found where
/// it is.
std::optional<double> amplitudeCrossing(double share, const Envelope& envelope, double inside_s,
                                        double limit_s, double steadyPower);

/// Where the power goes and comes back.
struct Dip : Dropout {
  double left;  ///< of the power beside it, in its middle; 0 where it is too short to tell
};
/// Dips of the power within (from_s, to_s) to less than half, by area and centroid of the deficit: exact
/// where what is left is left from end to end.
std::vector<Dip> findDips(const Envelope& envelope, double from_s, double to_s);

/// Where the sound pulses, again and again and at one rate, below half of its level: the least power at the
/// bottom, against which its ends are to be held. Infinite where it does not pulse.
double bottomOfPulses(const Envelope& envelope, double from_s, double to_s);

/// Where a player has stopped and the sound has not: the room rings on, or some hiss.
struct Fall {
  double at_s;    ///< the fall begins
  double back_s;  ///< the sound is back, or the end of what was looked at
};
/// Falls within (from_s, to_s): in 0.2 s by 10 dB and more, from where it goes on falling as rooms do (by 20
/// dB a second and more), or by 20 dB and more. What is back to within 8 dB in half a second has not stopped.
/// `sings(from_s, to_s)`: there is a clear pitch in most of it; then a deep fall to a level that stays is a
/// sudden piano.
std::vector<Fall> findFalls(const Envelope& envelope, double from_s, double to_s,
                            const std::function<bool(double, double)>& sings);

/// From 10 % to 90 % of an amplitude, around an onset.
std::optional<double> riseTime(const EnergyTrack& energy, double onset_s, double steadyPower, double f0_hz,
                               double noisePower);

/// One standard deviation of where the level crosses a border at a time, where it strays by so many dB beside
/// it: the faster it rises or falls there, the surer. Nullopt: it hardly moves.
std::optional<double> crossingUnsure_s(const Envelope& envelope, double at_s, double strays_db);

}  // namespace calando
