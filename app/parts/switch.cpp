#include "app/parts/switch.h"

#include "app/style/style.h"

namespace calando {

namespace {
constexpr QSizeF kTrack(26, 14);
}  // namespace

Switch::Switch(const QString& text) {
  setText(text);
  setCheckable(true);
  setFont(style::work(style::kType));
}

QSize Switch::sizeHint() const {
  const double words = QFontMetricsF(style::work(style::kType)).horizontalAdvance(text());
  return {static_cast<int>(kTrack.width() + 2 * style::kStep + words + 2), style::kFinger};
}

void Switch::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  const QRectF track(QPointF(1, (height() - kTrack.height()) / 2.0), kTrack);
  const QColor ink = isEnabled() ? style::ink : style::quietInk;
  painter.setPen(QPen(isChecked() ? ink : style::quietInk, 1.2));
  painter.setBrush(isChecked() ? QBrush(ink) : QBrush(style::sheet));
  painter.drawRoundedRect(track, track.height() / 2.0, track.height() / 2.0);
  const double r = track.height() / 2.0 - 3.0;
  const double x = isChecked() ? track.right() - r - 3.0 : track.left() + r + 3.0;
  painter.setPen(Qt::NoPen);
  painter.setBrush(isChecked() ? style::sheet : style::quietInk);
  painter.drawEllipse(QPointF(x, track.center().y()), r, r);
  painter.setFont(style::work(style::kType));
  painter.setPen(ink);
  painter.drawText(QRectF(track.right() + 2 * style::kStep, 0, width(), height()), Qt::AlignVCenter, text());
  if (!hasFocus()) return;
  painter.setPen(QPen(style::pitch, 1.4));
  painter.setBrush(Qt::NoBrush);
  painter.drawRoundedRect(QRectF(rect()).adjusted(0.7, 0.7, -0.7, -0.7), 4, 4);
}

}  // namespace calando
