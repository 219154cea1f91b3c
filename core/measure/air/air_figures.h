#pragma once

#include "core/measure/air/air_sums.h"
#include "core/measure/edges/sounds.h"

namespace calando {

inline constexpr double kClassMargin_db = 15.0;  ///< over the room: below it, how air sounds cannot be told
inline constexpr double kNeper_db = 4.343;       ///< of power

/// The figures of air between two times, and how it sounds by itself or, where that is known, beside the
/// player's own open breath; its phase is not told.
Air describeAir(const Tracks& tracks, const AirSums& sums, const AirSums::Row& room, double from_s,
                double to_s, const std::optional<OpenBreath>& open = {});

}  // namespace calando
