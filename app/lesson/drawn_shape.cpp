#include "app/lesson/drawn_shape.h"

#include <algorithm>
#include <cmath>

namespace calando {

namespace {

auto nearestTo(Shape& shape, double share, double reach) {
  const auto nearest =
      std::ranges::min_element(shape, {}, [share](const ShapePoint& p) { return std::abs(p.share - share); });
  return nearest != shape.end() && std::abs(nearest->share - share) <= reach ? nearest : shape.end();
}

}  // namespace

Shape withPoint(Shape shape, double share, double value, double reach, const DrawnRange& range) {
  value = std::round(std::clamp(value, range.low, range.high) / range.step) * range.step;
  share = std::clamp(share, 0.0, 1.0);
  if (shape.empty()) shape = {{0.0, 0.0}, {1.0, 0.0}};
  if (const auto moved = nearestTo(shape, share, reach); moved != shape.end()) {
    moved->value = value;
    return shape;
  }
  const auto after = std::ranges::upper_bound(shape, share, {}, &ShapePoint::share);
  shape.insert(after, {share, value});
  return shape;
}

Shape withoutPoint(Shape shape, double share, double reach) {
  const auto gone = nearestTo(shape, share, reach);
  if (gone == shape.end()) return shape;
  if (gone->share == 0.0 || gone->share == 1.0)
    gone->value = 0.0;
  else
    shape.erase(gone);
  const bool level = std::ranges::all_of(shape, [](const ShapePoint& p) { return p.value == 0.0; });
  return level ? Shape() : shape;
}

double snapped(double share, int steps) { return steps > 0 ? std::round(share * steps) / steps : share; }

}  // namespace calando
