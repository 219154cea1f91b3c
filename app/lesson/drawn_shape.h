#pragma once

#include "core/exercise/exercise.h"

/// Drawing an asked-for course by hand. Pure arithmetic.
namespace calando {

/// What may be drawn: from `low` to `high`, which hold 0, to the nearest `step`.
struct DrawnRange {
  double low, high, step;
};
inline constexpr DrawnRange kDrawnLoudness{-24.0, 0.0, 1.0};  ///< dB
inline constexpr DrawnRange kDrawnPitch{-300.0, 300.0, 5.0};  ///< cents

/// With a point at a share (0 to 1) and value: one that lies within `reach` of it is moved, else it is new.
/// The ends stay at 0 and 1; a shape that is empty (0 all along) becomes one.
Shape withPoint(Shape shape, double share, double value, double reach, const DrawnRange& range);
/// Without the point that lies within `reach`; the ends stay. A shape that is 0 all along after that is
/// empty.
Shape withoutPoint(Shape shape, double share, double reach);
/// To the nearest of `steps` parts of the cue; 0 steps: as it is.
double snapped(double share, int steps);

}  // namespace calando
