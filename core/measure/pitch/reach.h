#pragma once

#include <vector>

#include "core/measure/edges/sounds.h"
#include "core/signal/tracks.h"
#include "core/theory/pitch.h"

namespace calando {

/// Height of a cell of the map of pitch and level.
inline constexpr int kReachStep_db = 3;

/// What was held in one cell: a semitone, and kReachStep_db of level.
struct Reached {
  int semitone;  ///< concert
  int level_db;  ///< its lower edge, dBFS, a multiple of kReachStep_db
  double seconds;
  bool operator==(const Reached&) const = default;
};

/// Every steady stretch of the tones: at least half a second within ±25 cents of its own middle, its level
/// the median over that time. A stretch that moves on is in several cells. Attack and release (0.1 s) are
/// left out.
std::vector<Reached> reachedIn(const Tracks& tracks, const std::vector<Tone>& tones,
                               const Reference& reference);

}  // namespace calando
