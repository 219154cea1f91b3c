#pragma once

#include <functional>
#include <optional>

#include "core/signal/tracks.h"

/// How the pitch moves when it is meant to: bends and slides.
namespace calando {

struct PitchMotion {
  double farthest_cents;  ///< the largest departure from the start; below it is negative
  double end_cents;       ///< last pitch less the first
  double uneven_cents;    ///< RMS of the pitch about the straight line from the first moments to the last
};

/// Of the pitched frames between two times, that of the sound's own start and end left out. First and last
/// pitch are medians over 120 ms, the farthest is a median over 50 ms. Nullopt under half a second of pitch.
std::optional<PitchMotion> pitchMotion(const Tracks& tracks, double from_s, double to_s);

/// RMS of the pitch about the path that is asked for, cents at a time in the take, with the mean distance
/// taken off: a path that is followed a little sharp is followed. Of the same frames; nullopt where they are
/// too few.
std::optional<double> pathError(const Tracks& tracks, double from_s, double to_s,
                                const std::function<double(double t_s)>& asked_cents);

}  // namespace calando
