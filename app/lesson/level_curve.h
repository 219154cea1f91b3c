#pragma once

#include <optional>
#include <vector>

#include "core/exercise/exercise.h"

/// Drawing an asked-for loudness by hand. Pure arithmetic.
namespace calando {

inline constexpr double kDeepest_db = -24.0;  ///< at the bottom of what is drawn on

using LevelCurve = std::vector<LevelPoint>;

/// With a point at a share (0 to 1) and level: one that lies within `reach` of it is moved, else it is new.
/// The ends stay at 0 and 1; a curve that is empty (level) becomes one. Levels are kept between kDeepest_db
/// and 0, in whole decibels.
LevelCurve withPoint(LevelCurve curve, double share, double level_db, double reach);
/// Without the point that lies within `reach`; the ends stay. A curve that is level after that is empty.
LevelCurve withoutPoint(LevelCurve curve, double share, double reach);
/// To the nearest of `steps` parts of the cue; 0 steps: as it is.
double snapped(double share, int steps);

}  // namespace calando
