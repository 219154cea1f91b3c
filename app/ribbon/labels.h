#pragma once

#include <QPainter>
#include <vector>

#include "app/style/style.h"

namespace calando {

/// Words over a picture. One that would cover another moves a line up or down; where there is no room it is
/// left out: what it names is drawn all the same.
class Labels {
 public:
  Labels(QPainter& painter, const QRectF& area) : painter_(painter), area_(area) {}

  void put(QPointF at, const QString& text, const QColor& colour);

 private:
  static constexpr int kLines = 3;
  QPainter& painter_;
  QRectF area_;
  std::vector<QRectF> taken_;
};

}  // namespace calando
