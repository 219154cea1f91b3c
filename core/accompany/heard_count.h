#pragma once

#include <optional>
#include <span>

#include "core/exercise/cue_sheet.h"

/// A count as it lies in a recording that hears it.
namespace calando {

/// Where the sheet's first cue lies in a recording that began with the count-in, or up to the longest latency
/// before: by the clicks of the count-in and the last ones of the recording, each where it is heard. What
/// clocks only estimate lies here in the sound itself. nullopt: fewer than three of either are heard clearly
/// (headphones, somebody who plays over them), or they do not lie evenly, as where the sound was held up on
/// its way: 5 ms and 0.2 in a thousand, by which two devices' clocks may run apart, are even. A hold of whole
/// beats is not seen.
std::optional<double> startByClicks(std::span<const float> recording, const CueSheet& sheet, double rate_hz);

}  // namespace calando
