#pragma once

#include "core/ears/change.h"
#include "core/ears/material.h"

namespace calando {

/// The material made again, with that changed and nothing else: mono at its rate, kMade_s long, as loud as
/// any other (RMS kMade_rms over the tone, whatever its length; a fade over its first half), without a click
/// at its ends. What is left of the partials goes along with their pitch.
std::vector<float> made(const Material& material, const Changed& changed);
inline constexpr double kMade_rms = 0.054;

}  // namespace calando
