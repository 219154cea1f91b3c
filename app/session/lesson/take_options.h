#pragma once

#include <cstdint>
#include <optional>

#include "core/exercise/accompaniment.h"

namespace calando {

/// How the next take is played and listened to.
struct TakeOptions {
  AccompanimentKind accompaniment = AccompanimentKind::flash;
  std::int64_t other = 0;  ///< who plays with the student on a card for two; 0: nobody of the studio
  bool stopsByItself = true;
  bool earsFirst = false;        ///< the trace is hidden while it sounds
  std::optional<double> room_c;  ///< of the room, °C; kept with each take
  int place = 1;                 ///< of the microphone, by number; kept with each take

  bool operator==(const TakeOptions&) const = default;
};

}  // namespace calando
