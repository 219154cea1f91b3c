#include "app/lesson/level_curve.h"

#include <algorithm>
#include <cmath>

namespace calando {

namespace {

auto nearestTo(LevelCurve& curve, double share, double reach) {
  const auto nearest =
      std::ranges::min_element(curve, {}, [share](const LevelPoint& p) { return std::abs(p.share - share); });
  return nearest != curve.end() && std::abs(nearest->share - share) <= reach ? nearest : curve.end();
}

}  // namespace

LevelCurve withPoint(LevelCurve curve, double share, double level_db, double reach) {
  const double level = std::round(std::clamp(level_db, kDeepest_db, 0.0));
  share = std::clamp(share, 0.0, 1.0);
  if (curve.empty()) curve = {{0.0, 0.0}, {1.0, 0.0}};
  if (const auto moved = nearestTo(curve, share, reach); moved != curve.end()) {
    moved->level_db = level;
    return curve;
  }
  const auto after = std::ranges::upper_bound(curve, share, {}, &LevelPoint::share);
  curve.insert(after, {share, level});
  return curve;
}

LevelCurve withoutPoint(LevelCurve curve, double share, double reach) {
  const auto gone = nearestTo(curve, share, reach);
  if (gone == curve.end()) return curve;
  if (gone->share == 0.0 || gone->share == 1.0)
    gone->level_db = 0.0;
  else
    curve.erase(gone);
  const bool level = std::ranges::all_of(curve, [](const LevelPoint& p) { return p.level_db == 0.0; });
  return level ? LevelCurve() : curve;
}

double snapped(double share, int steps) { return steps > 0 ? std::round(share * steps) / steps : share; }

}  // namespace calando
