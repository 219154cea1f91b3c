#pragma once

#include "records/values/take.h"

namespace calando {

inline constexpr double kLongestHeard_s = 60.0;

/// A take that an ear is asked about: its sound is there, what was asked for was played, to its end, and it
/// takes no longer than a minute.
inline bool isForTheEar(const Take& take) {
  return take.soundKept() && !take.stopped && take.other == 0 && take.seconds <= kLongestHeard_s;
}

}  // namespace calando
