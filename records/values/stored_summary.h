#pragma once

#include <optional>
#include <string>

#include "core/judging/take_summary.h"

namespace calando {

/// The small ribbon and the figures of a take, made again when the engine's version changes; where the sound
/// was let go they stay those of the engine that measured them.
struct StoredSummary {
  std::string engine;
  std::optional<double> held_s;
  std::string ribbon;  ///< opaque to the studio
  TakeSummary kept;
};

}  // namespace calando
