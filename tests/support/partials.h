#pragma once

#include <vector>

#include "support/hermite.h"

namespace sounds {

/// Σ a_k·sin(k·turn + φ_k) for k = 1, 2, …: one period as knots, 256 to one of its highest partial, between
/// which it strays from itself by less than 1e-9 of that partial (-180 dB).
class Partials {
 public:
  void add(double strength, double phase) { parts_.push_back({strength, phase}); }
  /// The first call draws the period: all partials are there by then.
  double at(double turn);

 private:
  struct Part {
    double strength, phase;
  };
  void draw();

  std::vector<Part> parts_;
  std::vector<Knot> knots_;  // one more than the period has
  double perTurn_ = 0.0;     // knots in a radian
};

}  // namespace sounds
