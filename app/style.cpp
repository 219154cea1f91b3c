#include "app/style.h"

#include <QApplication>
#include <QFontDatabase>
#include <QPainter>
#include <QPalette>

#include "app/plain_text.h"

/// The fonts live in a static library: the linker needs to be told. (The macro must stand outside of
/// namespaces.)
static void initialiseResources() { Q_INIT_RESOURCE(calando); }

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

void apply(QApplication& application) {
  initialiseResources();
  for (const char* file :
       {"Inter-Regular.otf", "Inter-SemiBold.otf", "EBGaramond12-Regular.otf", "NotoMusic-Regular.ttf"})
    QFontDatabase::addApplicationFont(QString(":/fonts/") + file);
  application.installEventFilter(new PlainText(&application));
  application.setStyle("Fusion");
  application.setFont(work(10));
  QPalette palette;
  palette.setColor(QPalette::Window, paper);
  palette.setColor(QPalette::Base, sheet);
  palette.setColor(QPalette::AlternateBase, paper);
  palette.setColor(QPalette::Button, sheet);
  for (const auto role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText, QPalette::ToolTipText})
    palette.setColor(role, ink);
  palette.setColor(QPalette::PlaceholderText, quietInk);
  palette.setColor(QPalette::Highlight, pitch);
  palette.setColor(QPalette::HighlightedText, sheet);
  palette.setColor(QPalette::ToolTipBase, sheet);
  palette.setColor(QPalette::Mid, rule);
  palette.setColor(QPalette::Disabled, QPalette::ButtonText, QColor(0x8A, 0x8F, 0x94));
  palette.setColor(QPalette::Disabled, QPalette::Text, QColor(0x8A, 0x8F, 0x94));
  application.setPalette(palette);
  application.setStyleSheet(
      "QPushButton, QToolButton { background: #FCFAF5; border: 1px solid #D8D2C4; border-radius: 4px; "
      "padding: 3px 10px; min-height: 24px; }"
      "QPushButton:hover, QToolButton:hover { border-color: #5D6670; }"
      "QPushButton:focus, QToolButton:focus { border: 2px solid #31408F; }"
      "QPushButton:checked, QToolButton:checked { background: #31408F; color: #FCFAF5; border-color: "
      "#31408F; }"
      "QPushButton#record { background: #1E2A36; color: #FCFAF5; font-weight: 600; padding: 4px 18px; "
      "min-height: 30px; }"
      "QPushButton#record:disabled { background: #8A8F94; }"
      "QPushButton#record:checked { background: #84305F; }"
      "QPushButton[narrow=true] { padding: 3px 6px; }"
      "QToolButton[narrow=true] { padding: 2px 4px; min-height: 19px; }"
      "QFrame#card { background: #FCFAF5; border: 1px solid #D8D2C4; border-left: 4px solid #84305F; "
      "border-radius: 4px; }"
      "QListWidget { background: #FCFAF5; border: 1px solid #D8D2C4; border-radius: 4px; outline: 0; }"
      "QListWidget::item { padding: 3px; border-radius: 3px; border: 1px solid transparent; }"
      "QListWidget::item:selected { background: #E9E4D6; color: #1E2A36; border: 1px solid #31408F; }"
      "QLabel#caption { color: #5D6670; font-size: 8.5pt; }"
      "QLabel#title { font-family: 'EB Garamond 12', 'EB Garamond'; font-size: 17pt; }"
      "QLabel#advice { font-size: 11.5pt; }"
      "QLabel#why { color: #5D6670; }"
      "QLabel#message { background: #E9E4D6; border-radius: 4px; padding: 6px 10px; }");
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

namespace {

QPixmap emptyShape() {
  QPixmap picture(28, 28);
  picture.setDevicePixelRatio(2.0);
  picture.fill(Qt::transparent);
  return picture;
}

QIcon untinted(const QPixmap& picture) {
  QIcon icon(picture);
  icon.addPixmap(picture, QIcon::Selected);
  return icon;
}

}  // namespace

QIcon noIcon() { return untinted(emptyShape()); }

QIcon verdictIcon(Verdict verdict) {
  QPixmap picture = emptyShape();
  QPainter painter(&picture);
  paintVerdict(painter, QRectF(1, 1, 12, 12), verdict);
  painter.end();
  return untinted(picture);
}

QString verdictWord(Verdict verdict) {
  switch (verdict) {
    case Verdict::inside:
      return QApplication::translate("Verdict", "inside");
    case Verdict::near:
      return QApplication::translate("Verdict", "near");
    case Verdict::outside:
      return QApplication::translate("Verdict", "outside");
    case Verdict::notYet:
      return QApplication::translate("Verdict", "not yet");
    case Verdict::unmeasured:
      return QApplication::translate("Verdict", "not measured");
  }
  return {};
}

}  // namespace calando::style
