#pragma once

#include <optional>
#include <vector>

#include "core/exercise/cue_sheet.h"

/// What the player hears while an exercise runs: all of it one stretch of samples, so that nothing drifts
/// apart.
namespace calando {

struct Accompaniment {
  bool click = false;
  std::optional<double> fork_hz;   ///< a struck fork at the start of the count-in, gone within 6 s
  std::optional<double> drone_hz;  ///< sounds from the start to the end
  double level_db = 0.0;           ///< all of it louder or softer, up to +6
};

/// Mono samples from the start of the count-in to the end of the sheet; full scale is ±1. Clicks lie on the
/// beats, higher where a cue begins. A sheet that is not counted has no clicks.
std::vector<float> render(const Accompaniment& what, const CueSheet& sheet, double rate_hz);

}  // namespace calando
