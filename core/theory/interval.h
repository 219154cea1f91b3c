#pragma once

#include <cmath>

#include "core/theory/pitch.h"

namespace calando {

/// How fast an interval vibrates: upper over lower as a ratio of small whole numbers.
struct Ratio {
  int over = 1;
  int under = 1;
  double value() const { return static_cast<double>(over) / under; }
  double cents() const { return centsBetween(under, over); }
};

/// The just ratio of the nearest interval in whole semitones: 7 is 3:2, -12 is 1:2, 19 is 3:1. Of the
/// tritone 7:5: it is the simplest. Its partials over·f and under·f·ratio meet, and beat when they do not.
Ratio simpleRatio(double semitones);

/// The slowest beat of two tones in about that ratio (second over first), Hz.
inline double beatOf(double first_hz, double second_hz, Ratio ratio) {
  return std::abs(ratio.over * first_hz - ratio.under * second_hz);
}

}  // namespace calando
