#pragma once

#include <vector>

#include "core/measure/segmentation.h"
#include "core/measure/sounds.h"
#include "core/signal/tracks.h"

/// From voiced spans to tones: where they start, break and stop.
namespace calando {

/// Most of a stretch has a pitch of at least that confidence.
bool isSure(const Tracks& tracks, double from_s, double to_s, double confidence);

/// Cuts a voiced span where the sound stops, for long enough to be no dropout or to ring on, and finds the
/// tones' ends.
std::vector<Tone> tonesIn(const VoicedSpan& span, const Tracks& tracks, const Room& room, double earliest_s);

}  // namespace calando
