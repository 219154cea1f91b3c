#include "app/ribbon/labels.h"

#include <algorithm>

namespace calando {

void Labels::put(QPointF at, const QString& text, const QColor& colour) {
  if (at.x() < area_.left() || at.x() > area_.right()) return;  // what it names is not in view
  painter_.setFont(style::work(style::kSmallType, true));
  QRectF box = painter_.fontMetrics().boundingRect(text);
  box.setSize(QSizeF(painter_.fontMetrics().horizontalAdvance(text) + 8, box.height() + 2));
  box.moveCenter(at);
  box.moveLeft(
      std::clamp(box.left(), area_.left() + 2, std::max(area_.left() + 2, area_.right() - box.width() - 2)));
  box.moveTop(std::clamp(box.top(), area_.top() + 2, area_.bottom() - box.height() - 2));
  const double away = at.y() < area_.center().y() ? box.height() + 1 : -box.height() - 1;
  for (int line = 0; line < kLines; ++line, box.translate(0, away)) {
    if (std::ranges::any_of(taken_, [&](const QRectF& other) { return other.intersects(box); })) continue;
    taken_.push_back(box);
    painter_.fillRect(box, style::cleared);
    painter_.setPen(colour);
    painter_.drawText(box, Qt::AlignCenter, text);
    return;
  }
}

}  // namespace calando
