#pragma once

#include <random>
#include <vector>

#include "core/figures/findings.h"

namespace calando::standin {

/// One thing that the stand-in does: a tone, a breath. It sounds, and it knows what it did. Adding a voice is
/// a class here and its cue kinds in performance.cpp.
class Voice {
 public:
  virtual ~Voice() = default;
  virtual double end_s() const = 0;
  /// Adds what it sounds, but for the air that goes with a tone.
  virtual void sing(std::vector<float>& out, double rate, std::mt19937& random) const = 0;
  /// Amplitude (RMS, full scale 1) of that air at a time.
  virtual double air(double t) const = 0;
  /// Adds what it did.
  virtual void tell(Analysis& truth) const = 0;
};

}  // namespace calando::standin
