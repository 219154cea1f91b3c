#pragma once

#include <map>
#include <nlohmann/json_fwd.hpp>
#include <optional>
#include <string>
#include <vector>

#include "core/theory/instrument.h"

namespace calando {

/// What a figure should be. At least one bound is set.
struct Target {
  std::optional<double> low;
  std::optional<double> high;
  /// What counts as one width of the target when a figure lies outside: high - low, or the size of the only
  /// bound, unless the catalogue says otherwise (a bound of 0 has no size).
  double width;
  std::vector<Family> families;  ///< instruments it holds for; empty: all
};

/// What counts as one width unless something else is said: high - low, or the size of the only bound.
double widthOf(const std::optional<double>& low, const std::optional<double>& high);

/// Targets by reading id.
using Targets = std::map<std::string, Target>;

/// Reads {"held_s": {"low": 5}, …}. Throws std::exception with a line that says what is wrong.
Targets targetsFrom(const nlohmann::json& object);

}  // namespace calando
