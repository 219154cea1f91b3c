#pragma once

#include <span>
#include <vector>

#include "core/measure/air/air_sums.h"
#include "core/measure/edges/sounds.h"

namespace calando {

/// Says of breaths, in order, which go in and which out, by the signs there are: in and out alternate within
/// a chain, only air that goes out rumbles, the turn after an inhale is short, a tone comes after an inhale.
/// Where there are not enough of them nothing is said.
void tellWays(std::span<Air* const> breaths, const AirSums& sums, const AirRoom& room,
              const std::vector<Tone>& tones);

}  // namespace calando
