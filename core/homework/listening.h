#pragma once

#include <optional>
#include <span>
#include <vector>

#include "core/homework/marking.h"

/// Whom to listen to first, of a class that was marked.
namespace calando {

/// Why somebody's homework wants an ear.
struct WantsEar {
  enum class Why {
    nothingFound,  ///< something sounds, and none of it is what was asked for
    missing,       ///< items are not there
    breaks,        ///< tones break in the best try of an item
    incomplete,    ///< of the best try of an item cues are wanting
    outside        ///< figures of an item lie far outside
  };
  Why why;
  double weight;         ///< more is sooner
  std::size_t item = 0;  ///< of breaks, incomplete, outside
  int count = 0;         ///< items missing; breaks; cues wanting; figures outside
};
/// The heaviest reason; nullopt: there is none.
std::optional<WantsEar> reasonToListen(const Marking& marking);

/// The places of those to be listened to first, so many at most, the first one first. A nullptr is not
/// marked.
std::vector<std::size_t> listenFirst(std::span<const Marking* const> markings, std::size_t most = 3);

}  // namespace calando
