#pragma once

#include <optional>

namespace calando {

/// The written notes that a player has, both ends included; an end left empty: as far as the instrument goes.
struct NoteRange {
  std::optional<int> lowest;
  std::optional<int> highest;
  bool holds(int written) const {
    return (!lowest || written >= *lowest) && (!highest || written <= *highest);
  }
  bool operator==(const NoteRange&) const = default;
};

}  // namespace calando
