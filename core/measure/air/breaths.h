#pragma once

#include <vector>

#include "core/measure/air/air_sums.h"
#include "core/measure/edges/segmentation.h"

/// Air that does not sound: breaths in and out, and what is like them.
namespace calando {

/// Air heard on its own outside of the tones, at least 150 ms long and 6 dB over the room, each breath for
/// itself where one follows the other without silence. What speech, taps and clothes may have been is
/// AirSound::unclear. `open`: the player's own open breath, if it is known.
/// `room`: of roomOf(). AirSound::thin is not told yet.
std::vector<Air> findAirs(const Tracks& tracks, const AirSums& sums, const AirRoom& room,
                          const std::vector<Tone>& tones, const std::optional<OpenBreath>& open = {});

/// Names those breaths in thin that lie 15 dB and more under the take's others, or under the player's own
/// open breath. Where nobody can say which way breaths go, all of them are looked at.
void nameThin(std::vector<Air>& airs, const std::optional<OpenBreath>& open = {});

/// Seconds of a stretch in which air stands 6 dB over the room's, or a pitch is heard.
double soundWithin(const Tracks& tracks, double airFloor_dbfs, double from_s, double to_s);

/// Air that is heard while a take goes on: how long it has been there in all, and how long it has been gone.
struct AirSoFar {
  double heard_s;
  double silent_s;
};
AirSoFar airSoFar(const Tracks& tracks);

/// A breath, or something that is listed and counts for none.
inline bool isBreath(const Air& air) {
  return air.sound != AirSound::unclear || air.phase != AirPhase::unknown;
}

}  // namespace calando
