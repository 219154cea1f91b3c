#pragma once

#include <vector>

#include "core/measure/edges/segmentation.h"
#include "core/measure/edges/sounds.h"
#include "core/signal/tracks.h"

/// From voiced spans to tones: where they start, break and stop.
namespace calando {

/// Most of a stretch has a pitch of at least that confidence.
bool isSure(const Tracks& tracks, double from_s, double to_s, double confidence);

inline constexpr double kLongestDropout_s = 0.154;  ///< 0.15, as exact as it is measured

/// Cuts a voiced span where the sound stops, for long enough to be no dropout or to ring on, and finds the
/// tones' ends.
/// What is silent for longer than `longestBreak_s` ends a tone; less is a dropout in it.
std::vector<Tone> tonesIn(const VoicedSpan& span, const Tracks& tracks, const Room& room, double earliest_s,
                          double longestBreak_s = kLongestDropout_s);

/// Whether air went on in a break: false where its end is less than 3 dB over the room, or where what is
/// heard in it dies away as a room does (by 5 dB from its first third to its last); true where it stands 6 dB
/// over the room; empty between, and where the room is not known.
std::optional<bool> airWentOn(const Dropout& dropout, const EnergyTrack& airEnergy,
                              std::optional<double> airFloor_dbfs);

}  // namespace calando
