#pragma once

#include <QRectF>

#include "core/engine/snapshot_ptr.h"

namespace calando {

/// Where things lie in a ribbon's picture. Pure arithmetic, no drawing.
struct RibbonScale {
  QRectF area;
  double from_s = 0.0;
  double to_s = 1.0;
  double lowCents = -60.0;  ///< at the bottom, off the target
  double highCents = 60.0;
  /// What 0 cents is from a time on: one entry, or one for every cue that asks for a note of its own.
  struct Target {
    double from_s;
    double hz;
  };
  std::vector<Target> targets{{0.0, 440.0}};
  double loudest_dbfs = -20.0;
  double thickest = 26.0;  ///< points, half of the loudest moment's

  double x(double t) const { return area.left() + (t - from_s) / (to_s - from_s) * area.width(); }
  double time(double x) const { return from_s + (x - area.left()) / area.width() * (to_s - from_s); }
  double y(double cents) const {
    return area.bottom() - (cents - lowCents) / (highCents - lowCents) * area.height();
  }
  /// Where the line is held against another note from the one before on.
  const Target& targetAt(double t) const {
    std::size_t i = 0;
    while (i + 1 < targets.size() && targets[i + 1].from_s <= t) ++i;
    return targets[i];
  }
  double cents(double y) const {
    return lowCents + (area.bottom() - y) / area.height() * (highCents - lowCents);
  }
  /// Half thickness for a level: 40 dB below the loudest is a hair.
  double halfThickness(double level_dbfs) const;
};

/// The scale that shows the take between two times: at least ±50 cents about the target, more where the line
/// travels, odd frames left out.
RibbonScale fitScale(const Snapshot& snapshot, const QRectF& area, double from_s, double to_s);

/// What the line is held against: the main note's target, else the asked note's, else the middle of what
/// sounds.
double ribbonTarget(const Snapshot& snapshot);

/// Round steps for an axis: 1, 2 or 5 times a power of ten, so that about `count` fit into `span`.
double axisStep(double span, int count);

}  // namespace calando
