#include "app/ribbon/long_line.h"

#include "core/signal/tracks.h"

namespace calando {

void drawLong(QPainter& painter, const QPolygonF& line) {
  for (qsizetype at = 0; at + 1 < line.size(); at += kPiece)
    painter.drawPolyline(line.constData() + at, static_cast<int>(std::min(kPiece + 1, line.size() - at)));
}

QPen linePen(const QColor& colour, double width) {
  return QPen(colour, width, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin);
}

std::size_t strideFor(const RibbonScale& scale) {
  const double frames = (scale.to_s - scale.from_s) / kHop_s;
  return std::max<std::size_t>(1, static_cast<std::size_t>(frames / std::max(1.0, scale.area.width())));
}

}  // namespace calando
