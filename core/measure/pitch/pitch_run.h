#pragma once

#include <cstddef>
#include <vector>

#include "core/measure/pitch/pitch_line.h"

/// Ways of the pitch: falls, rises, sirens, slides.
namespace calando {

/// Frames [first, last] of a line in which the pitch goes one way, or stays on that way.
struct Travel {
  std::size_t first;
  std::size_t last;
  bool stays;
};

/// A line as it is looked at for ways, once for all of its stretches.
struct TravelLine {
  explicit TravelLine(const PitchLine& line);
  std::vector<double> medians;  ///< mediansOf()
  double jitter;                ///< jitterOf()
};

/// Less of a rest where it turns is none, seconds.
inline constexpr double kTurnRest_s = 0.3;
/// What the pitch would have gone on by in a rest on its way, over the jitter of its line: less is chance.
inline constexpr double kShowsJitter = 6.5;

/// Ways of at least a semitone within frames [first, last] of a line, in order. The line, as medians over 50
/// ms, is cut where it turns by more than its jitter. Of each leg the rests at its ends are taken off, where
/// a corner explains the end better than a bend does (least squares, four numbers either way), and so are
/// stays in it: at least 0.3 s (0.12 s beside more than 600 cents a second) that go no farther than a quarter
/// of what the leg goes in that time. A turn is no rest unless the pitch keeps still on it for 0.3 s.
std::vector<Travel> findTravels(const TravelLine& line, std::size_t first, std::size_t last);

}  // namespace calando
