#pragma once

#include <vector>

#include "core/measure/edges/sounds.h"
#include "core/measure/pitch/reached.h"
#include "core/signal/tracks.h"
#include "core/theory/pitch.h"

namespace calando {

/// Every steady stretch of the tones: at least half a second within ±25 cents of its own middle, its level
/// the median over that time. A stretch that moves on is in several cells. Attack and release (0.1 s) are
/// left out.
std::vector<Reached> reachedIn(const Tracks& tracks, const std::vector<Tone>& tones,
                               const Reference& reference);

}  // namespace calando
