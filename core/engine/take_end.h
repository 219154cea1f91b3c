#pragma once

#include <cstddef>

#include "core/engine/snapshot_ptr.h"

namespace calando {

/// What is heard while a take goes on of what it was asked for: a tone, or air where breath alone is drilled.
struct Sounding {
  double held_s;
  double silent_s;  ///< since then
};
Sounding soundingOf(const Snapshot& live);

/// Watches for the end of a take that ends by itself: a second after its last cue, up to three where a breath
/// goes on; without cues a second after a tone of half a second has ended, 2.5 s after a single breath; of a
/// card that climbs with the first round that did not hold. One for each take.
class TakeEnd {
 public:
  bool reached(const Snapshot& live, const Sounding& sounding);

 private:
  std::size_t rounds_ = 0;  // that were looked at
};

/// A climbing card goes up round by round for as long as it holds: how many rounds of a running take have
/// been played, and whether the breaths of one of them are outside of their targets or did not come.
std::size_t roundsPlayed(const Snapshot& live);
bool roundFailed(const Snapshot& live, std::size_t round);

}  // namespace calando
