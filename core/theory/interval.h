#pragma once

#include <array>
#include <cmath>

#include "core/theory/pitch.h"

namespace calando {

/// How fast an interval vibrates: upper over lower as a ratio of whole numbers.
struct Ratio {
  int over = 1;
  int under = 1;
  constexpr double value() const { return static_cast<double>(over) / under; }
  double cents() const { return centsBetween(under, over); }
};

/// Of the twelve steps over the tonic in just intonation (contract.md).
inline constexpr std::array<Ratio, 12> kJust{
    {{1, 1}, {16, 15}, {9, 8}, {6, 5}, {5, 4}, {4, 3}, {45, 32}, {3, 2}, {8, 5}, {5, 3}, {9, 5}, {15, 8}}};

/// The just ratio of the nearest interval in whole semitones: 7 is 3:2, -12 is 1:2, 19 is 3:1.
Ratio justRatio(double semitones);
/// That in which the partials over·f and under·f·ratio meet, and beat when they do not: the just one, but of
/// a tritone 7:5, since no ear hears partials 32 and 45.
Ratio beatingRatio(double semitones);

/// The slowest beat of two tones in about that ratio (second over first), Hz.
inline double beatOf(double first_hz, double second_hz, Ratio ratio) {
  return std::abs(ratio.over * first_hz - ratio.under * second_hz);
}

}  // namespace calando
