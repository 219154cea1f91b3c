#include "app/style/style.h"

#include <QCoreApplication>
#include <QPainter>

#include "core/figures/ink.h"
#include "core/figures/verdict.h"

namespace calando::style {

QFont work(double points, bool strong) {
  QFont font("Inter");
  font.setPointSizeF(points);
  if (strong) font.setWeight(QFont::DemiBold);
  return font;
}

QFont serif(double points) {
  QFont font("EB Garamond 12");
  font.setFamilies({"EB Garamond 12", "EB Garamond"});
  font.setPointSizeF(points);
  return font;
}

QFont music(double points) {
  QFont font("Noto Music");
  font.setPointSizeF(points);
  return font;
}

void paintVerdict(QPainter& painter, const QRectF& box, Verdict verdict) {
  painter.save();
  painter.setRenderHint(QPainter::Antialiasing);
  const QRectF disc = box.adjusted(1, 1, -1, -1);
  QPen pen(ink, 1.8);
  switch (verdict) {
    case Verdict::inside:
      painter.setPen(pen);
      painter.setBrush(ink);
      painter.drawEllipse(disc);
      break;
    case Verdict::near:
      painter.setPen(pen);
      painter.setBrush(Qt::NoBrush);
      painter.drawEllipse(disc);
      painter.setBrush(ink);
      painter.drawPie(disc, 90 * 16, 180 * 16);
      break;
    case Verdict::outside:
      painter.setPen(pen);
      painter.setBrush(Qt::NoBrush);
      painter.drawEllipse(disc);
      break;
    case Verdict::notYet:
      pen.setStyle(Qt::DotLine);
      pen.setColor(quietInk);
      painter.setPen(pen);
      painter.drawEllipse(disc);
      break;
    case Verdict::unmeasured:
      painter.setPen(QPen(quietInk, 2.0));
      painter.drawLine(QPointF(box.left() + 2, box.center().y()), QPointF(box.right() - 2, box.center().y()));
      break;
  }
  painter.restore();
}

void paintTriangle(QPainter& painter, const QRectF& box, bool open) {
  painter.save();
  painter.setRenderHint(QPainter::Antialiasing);
  painter.setPen(Qt::NoPen);
  painter.setBrush(quietInk);
  painter.translate(box.center());
  if (open) painter.rotate(90);
  const double r = box.width() / 2.0;
  painter.drawPolygon(QPolygonF({{-0.5 * r, -r}, {-0.5 * r, r}, {0.7 * r, 0.0}}));
  painter.restore();
}

namespace {

QPixmap emptyShape() {
  QPixmap snapshot(28, 28);
  snapshot.setDevicePixelRatio(2.0);
  snapshot.fill(Qt::transparent);
  return snapshot;
}

QIcon untinted(const QPixmap& snapshot) {
  QIcon icon(snapshot);
  icon.addPixmap(snapshot, QIcon::Selected);
  return icon;
}

}  // namespace

QIcon noIcon() { return untinted(emptyShape()); }

QIcon verdictIcon(Verdict verdict) {
  QPixmap snapshot = emptyShape();
  QPainter painter(&snapshot);
  paintVerdict(painter, QRectF(1, 1, 12, 12), verdict);
  painter.end();
  return untinted(snapshot);
}

QString verdictWord(Verdict verdict) {
  switch (verdict) {
    case Verdict::inside:
      return QCoreApplication::translate("Verdict", "inside");
    case Verdict::near:
      return QCoreApplication::translate("Verdict", "near");
    case Verdict::outside:
      return QCoreApplication::translate("Verdict", "outside");
    case Verdict::notYet:
      return QCoreApplication::translate("Verdict", "not yet");
    case Verdict::unmeasured:
      return QCoreApplication::translate("Verdict", "not measured");
  }
  return {};
}

const QColor& inkOf(Ink ink) {
  switch (ink) {
    case Ink::pitch:
      return pitch;
    case Ink::loudness:
      return loudness;
    case Ink::colour:
      return colour;
    case Ink::air:
      return air;
  }
  return style::ink;
}

}  // namespace calando::style
