#pragma once

#include <optional>
#include <string_view>

#include "core/measure/sounds.h"
#include "core/theory/part_played.h"

namespace calando {

std::string_view nameOf(BuzzQuality quality);  ///< in cards and JSON
std::optional<BuzzQuality> qualityNamed(std::string_view name);

/// What a buzz is like, from the level, the harmonics over the noise, the pitch, the lines between the
/// harmonics and the jitter of its longest note. Each figure lies on one side of its border only where it is
/// farther from it than one such sound is from the next; where a figure that decides is nearer the quality is
/// `unsure`.
///
/// Crackling: lines halfway or a third of the way between the harmonics over -17 dB, or, where the noise
/// leaves the periods to be told, a jitter over 5 %. Weak: under -33 dBFS and 8.5 dB of harmonics over noise.
/// Spread: as noisy, no softer, and low for the part. Borders and what repeats: docs/measures.md.
BuzzQuality qualityOf(const Note& note, PartPlayed part);

}  // namespace calando
