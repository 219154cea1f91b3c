#pragma once

#include "core/measure/edges/sounds.h"
#include "core/theory/part_played.h"

namespace calando {

/// What a quality is told from: a note that is held, or a sound whose pitch moves.
enum class Pitch { held, moves };

/// Says of a tone on a small part what it is like (`quality`, `quality_margin`), from the level, the
/// harmonics over the noise, the pitch, the lines between the harmonics and the jitter of `heard`: its
/// longest note, or all of it. Lines between harmonics that move cannot be told from what the movement
/// smears: then a crackle is unsure. Each figure lies on one side of its border only where it is farther from
/// it than one such sound is from the next; where one that decides is nearer the quality is `unsure`.
///
/// Crackling: lines halfway or a third of the way between the harmonics over -17 dB, or, where the noise
/// leaves the periods to be told, a jitter over 5 %. Weak: under -33 dBFS and 8.5 dB of harmonics over noise.
/// Spread: as noisy, no softer, and low for the part. Borders and what repeats: docs/measures.md.
void describeQuality(Tone& tone, const Note& heard, Pitch pitch, PartPlayed part);

}  // namespace calando
