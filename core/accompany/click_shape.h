#pragma once

#include <span>
#include <vector>

#include "core/exercise/accompaniment.h"
#include "core/maths/sliding_signal.h"

/// How a count's clicks are found in a recording whose microphone hears them.
namespace calando {

/// Of a heard click: so much of it before its place, and so much of it is compared with another.
inline constexpr double kClickLead_s = 0.003;
inline constexpr double kClickCompared_s = 0.025;
/// Normalised correlation of a click whose place is believed.
inline constexpr double kClearClick = 0.9;

/// Taps of a filter that leaves what is above the hum of a room and a fork; odd in number, symmetric.
std::vector<float> aboveHumTaps(double rate_hz);
/// y[n] is the scalar product of the taps with x from n on.
void filter(const std::vector<float>& taps, const std::vector<float>& x, std::vector<float>& y);

/// By how many samples the first `count` of the clicks lie later in `heard` than they are sent, up to the
/// longest latency: where the clicks as they are sent fit best, summed over all.
long lagOf(const SlidingSignal& heard, std::span<const Click> clicks, std::size_t count, double rate_hz);

/// Where in `signal` `shape` fits best, in samples from its first, to a fraction of one, and how well.
struct ClickFit {
  double at;
  double correlation;  ///< normalised
};
ClickFit bestFit(std::span<const float> signal, std::span<const float> shape);

/// So many samples of a signal, from between two of them on.
std::vector<float> piece(const SlidingSignal& signal, double from, long length);

}  // namespace calando
