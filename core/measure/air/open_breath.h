#pragma once

#include <optional>
#include <span>

#include "core/measure/edges/sounds.h"

/// A player's own open breath, learnt from breaths that a teacher calls open.
namespace calando {

/// What they have in common; nullopt for none. Of a single one nobody knows how it repeats: 2 dB are taken.
std::optional<OpenBreath> openBreathOf(std::span<const OpenMark> marks);

/// How unlike two spectra are: root mean square of the bands' differences, dB.
double distanceOf(const AirProfile& a, const AirProfile& b);

}  // namespace calando
