#pragma once

#include <cstddef>
#include <optional>

namespace calando {

/// What a teacher says that a stretch is: a try at an item, or at none.
struct Correction {
  std::size_t file = 0;
  double from_s = 0.0;
  double to_s = 0.0;
  std::optional<std::size_t> item;
  bool operator==(const Correction&) const = default;
};

}  // namespace calando
