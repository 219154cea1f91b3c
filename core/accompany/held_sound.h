#pragma once

#include <memory>
#include <span>

#include "core/exercise/partner.h"
#include "core/measure/edges/sounds.h"
#include "core/signal/tracks.h"

namespace calando {

/// The steady part of a tone, as loud as a made partner is throughout, its end laid over what comes before
/// its beginning where the two waves fit best. Nullptr: it holds no note for a second and a quarter.
/// `samples` mono, those that `tracks` are of and `tone` was found in.
std::shared_ptr<const HeldSound> heldFrom(std::span<const float> samples, double rate_hz,
                                          const Tracks& tracks, const Tone& tone);

}  // namespace calando
