#pragma once

#include "app/ribbon/picture.h"

namespace calando {

/// A take of breaths as a tide: air in hangs below the water's line, air out stands above it, as thick as it
/// is loud, against what was asked for on the count.
class TidePicture : public Picture {
 public:
  void paint(QPainter& painter, const Snapshot& take, const Frame& frame) const override;
  void paintSmall(QPainter& painter, const Snapshot& take, const QRectF& area) const override;
  void paintAsked(QPainter& painter, const Snapshot& take, const Frame& frame) const override;
  void paintRow(QPainter& painter, const Snapshot& take, const QRectF& area,
                std::span<const Span> stretches) const override;
  QRectF timeArea(const Snapshot& take, const QRectF& area) const override;
  QRectF cueArea(const Snapshot& take, const QRectF& area) const override;
  QString under(const Snapshot& take, const Frame& frame, double t) const override;
  bool paintGuide(QPainter& painter, const Snapshot& take, const QRectF& area) const override;
  std::pair<double, double> wholeOf(const Snapshot& take) const override;
};

}  // namespace calando
