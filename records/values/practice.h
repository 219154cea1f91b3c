#pragma once

#include <cstdint>
#include <string>

#include "core/base/day.h"

namespace calando {

/// A day on which somebody practised without the program, as it was written down.
struct Practice {
  std::int64_t id = 0;  ///< 0: not kept yet
  std::int64_t student = 0;
  Day day{};
  int minutes = 0;
  std::string what;
};

}  // namespace calando
