#pragma once

#include <optional>
#include <vector>

#include "core/measure/pair/pair.h"

/// Two that sound together, moment by moment.
namespace calando {

using PairLine = std::vector<Pair::Moment>;

inline constexpr double kLock_hz = 1.0;
inline constexpr double kAround_s = 0.125;  // of each beat's rate

/// The first is known by itself: moment by moment, where both sound.
PairLine lineApart(const Tracks& second, const PairAsked& asked, std::optional<double>& leak_dbfs);
/// Both are in one signal. From the first moment at which they are told apart on they both sound, also while
/// they beat too slowly to be seen.
PairLine lineTogether(const Tracks& tracks, const PairAsked& asked, bool& signKnown);

}  // namespace calando
