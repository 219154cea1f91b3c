#pragma once

#include <optional>

namespace calando {

/// What of one take's tone another is held against: the teacher's, or the student's best so far.
struct ComparisonTake {
  double held_s = 0.0;
  std::optional<double> wander_cents;
};

}  // namespace calando
