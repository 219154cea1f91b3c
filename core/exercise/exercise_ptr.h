#pragma once

#include <memory>

namespace calando {

struct Exercise;
using ExercisePtr = std::shared_ptr<const Exercise>;

}  // namespace calando
