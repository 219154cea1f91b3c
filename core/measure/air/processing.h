#pragma once

#include <optional>

#include "core/signal/tracks.h"

namespace calando {

/// What a computer does to a microphone before anybody hears it. Each true, false, or empty where the take
/// has too little quiet to tell.
struct Processing {
  std::optional<bool> noiseSuppression;  ///< what is left of the room comes and goes band by band
  std::optional<bool> gate;              ///< the room is cut off, the same time after each sound
  std::optional<bool> automaticGain;     ///< after each sound the room swells up again

  bool any() const {
    return noiseSuppression.value_or(false) || gate.value_or(false) || automaticGain.value_or(false);
  }
};

/// By its traces in the quiet about sounds.
Processing processingOf(const Tracks& tracks);

}  // namespace calando
