#pragma once

#include <QGraphicsOpacityEffect>

namespace calando {

/// What is not the matter now is dim.
inline void quieten(QWidget& widget, bool quiet) {
  constexpr double kDim = 0.4;
  if (!widget.graphicsEffect()) {
    auto* effect = new QGraphicsOpacityEffect(&widget);
    effect->setOpacity(kDim);
    widget.setGraphicsEffect(effect);
  }
  widget.graphicsEffect()->setEnabled(quiet);
}

}  // namespace calando
