#pragma once

#include <string>

#include "core/reckoning/reckoning.h"

namespace calando {

struct ReckonOptions {
  std::string line, value;  ///< both empty: list the lines
  bool back = false;        ///< the value is of the right side
  bool asJson = false;
};
/// Throws Failure.
void reckon(const ReckonOptions& options, const Givens& givens);

}  // namespace calando
