#pragma once

#include <functional>
#include <optional>

#include "core/signal/tracks.h"

/// How the pitch moves when it is meant to: slides and drawn paths.
namespace calando {

struct PitchMotion {
  double end_cents;     ///< last pitch less the first
  double uneven_cents;  ///< RMS of the pitch about the straight line from the first moments to the last
};

/// Of the pitched frames between two times, that of the sound's own start and end left out. First and last
/// pitch are medians over 120 ms. Nullopt under half a second of pitch.
std::optional<PitchMotion> pitchMotion(const Tracks& tracks, double from_s, double to_s);

/// How a path of the pitch was followed.
struct PathFollowed {
  double offset_cents;  ///< the pitch less the path, on average; sharp is positive
  double error_cents;   ///< standard deviation about that
};

/// Of the same frames; nullopt where they are too few. The path is given in cents above `base_hz` at a time
/// in the take.
std::optional<PathFollowed> pathFollowed(const Tracks& tracks, double from_s, double to_s, double base_hz,
                                         const std::function<double(double t_s)>& asked_cents);

}  // namespace calando
