#pragma once

#include <cmath>
#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/theory/for_whom.h"

namespace calando {

/// What a figure should be. At least one bound is set.
struct Target {
  std::optional<double> low;
  std::optional<double> high;
  /// What counts as one width of the target when a figure lies outside: high - low, or the size of the only
  /// bound, unless the catalogue says otherwise (a bound of 0 has no size).
  double width;
  ForWhom whom;  ///< it holds for
};

/// What counts as one width unless something else is said: high - low, or the size of the only bound.
inline double widthOf(const std::optional<double>& low, const std::optional<double>& high) {
  return low && high ? *high - *low : std::abs(low ? *low : high.value_or(0.0));
}

/// Targets by figure id; of several for one figure the first that holds for the instrument.
using Targets = std::map<std::string, std::vector<Target>>;
/// nullptr: none holds.
const Target* targetIn(const Targets& targets, const std::string& figure, const Instrument* instrument);

/// A level of demand (data/levels.json).
struct Level {
  std::string id;
  std::string label;
  Targets targets;
};

}  // namespace calando
