#pragma once

#include <optional>
#include <vector>

#include "core/measure/edges/sounds.h"
#include "core/signal/tracks.h"

namespace calando {

/// From one note to the next; nullopt where they are no half step apart, or where what lies between cannot be
/// told.
std::optional<Transition> transitionBetween(const Note& before, const Note& after, const Tracks& tracks,
                                            std::optional<double> floor_dbfs);

}  // namespace calando
