#pragma once

#include <optional>
#include <span>
#include <vector>

#include "core/measure/edges/sounds.h"

/// How a sustained pitch moves: drift, vibrato, wander and shake, each with the others taken out.
namespace calando {

struct PitchMovement {
  std::optional<double> drift_cents_per_s;
  std::optional<Vibrato> vibrato;
  std::optional<double> wander_cents;
  std::optional<double> shake_cents;
};

/// `cents`: a gapless track with one value every 10 ms; `f0_hz` tells how much the tracker's windows damp a
/// vibrato. Wander and shake need half a second, vibrato four cycles.
PitchMovement pitchMovement(std::span<const double> cents, double f0_hz);

}  // namespace calando
