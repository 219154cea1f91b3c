#pragma once

#include <optional>

#include "core/measure/edges/sounds.h"
#include "core/measure/pitch/pitch_line.h"

namespace calando {

/// How low and how high a tone goes, from medians over 50 ms every 10 ms: its extremes less what jitter alone
/// carries so many medians out on average (the expected extreme of as many normal values), and where it keeps
/// within ±50 cents for half a second. Nullopt for fewer than ten frames.
std::optional<PitchRange> pitchRange(const PitchLine& line);

/// Root mean square of the pitch about the straight line of a glide, cents; nullopt for fewer than five
/// frames.
std::optional<double> unevennessOf(const PitchLine& line, const Glide& glide);

}  // namespace calando
