#pragma once

#include <QColor>
#include <QPainter>
#include <vector>

namespace calando {

inline constexpr double kLeastPeak_dbfs = -25.0;  ///< of the loudest moment, before anything has sounded

/// A lane under a picture: what its height means, what it is drawn in, and what it is called.
struct LaneRow {
  double bottom;
  double top;
  std::vector<double> marks;
  QColor ink;
  QString name;

  double y(const QRectF& area, double value) const;
};

/// Its ground, marks and what they say.
void paintLaneGround(QPainter& painter, const QRectF& area, const LaneRow& row);
/// What its height is measured in, above its axis.
void paintLaneUnit(QPainter& painter, const QRectF& area, const QString& unit);
/// Its name, over whatever is drawn.
void paintLaneName(QPainter& painter, const QRectF& area, const LaneRow& row);

}  // namespace calando
