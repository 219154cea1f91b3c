#pragma once

namespace sounds {

/// A value and the slope there.
struct Knot {
  double value, slope;
};

/// Between two knots `step` apart, at 0 ≤ x ≤ 1 of the way: Hermite's cubic, off by step⁴/384 of the fourth
/// derivative at most.
inline double between(const Knot& a, const Knot& b, double step, double x) {
  const double rise = b.value - a.value;
  const double from = step * a.slope - rise, to = rise - step * b.slope;
  return a.value + x * rise + x * (1.0 - x) * ((1.0 - x) * from + x * to);
}

}  // namespace sounds
