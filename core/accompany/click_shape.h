#pragma once

#include <span>
#include <vector>

#include "core/exercise/accompaniment.h"

/// How a count's clicks are found in a recording whose microphone hears them.
namespace calando {

/// Of a heard click: so much of it before its place, and so much of it is compared with another.
inline constexpr double kClickLead_s = 0.003;
inline constexpr double kClickCompared_s = 0.025;
/// Normalised correlation of a click whose place is believed.
inline constexpr double kClearClick = 0.9;

/// Taps of a filter that leaves what is above the hum of a room and a fork; odd in number, symmetric.
std::vector<float> aboveHumTaps(double rate_hz);
/// By so many samples shorter than `x` as there are taps but one: the first is about x[taps / 2].
std::vector<float> filtered(const std::vector<float>& taps, const std::vector<float>& x);

/// By how many samples the clicks lie later in `heard` than they are sent, up to the
/// longest latency: where the clicks as they are sent fit best, summed over all. `heard` goes on so long
/// after the last.
long lagOf(std::span<const float> heard, std::span<const Click> clicks, double rate_hz);

/// Where in `signal` `shape` fits best, in samples from its first, to a fraction of one, and how well.
struct ClickFit {
  double at;
  double correlation;  ///< normalised
};
ClickFit bestFit(std::span<const float> signal, std::span<const float> shape);

}  // namespace calando
