#pragma once

#include <optional>
#include <utility>
#include <vector>

/// The axes of the small charts. Pure arithmetic, no drawing.
namespace calando {

struct Reading;

/// The stretch of values that a figure's band shows: the target with as much again on either side, the value
/// and those before; one far value may widen it, but not flatten the target.
std::pair<double, double> bandRange(const Reading& reading, const std::vector<double>& earlier);

/// Whole numbers that hold all values and the target's bounds, at least `leastSpan` apart; what cannot be
/// below nothing keeps its axis there.
std::pair<double, double> chartRange(const std::vector<double>& values, const std::optional<double>& low,
                                     const std::optional<double>& high, double leastSpan);

}  // namespace calando
