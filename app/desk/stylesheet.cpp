#include "app/desk/stylesheet.h"

#include "app/parts/plain_text.h"
#include "app/style/style.h"

/// The fonts live in a static library: the linker needs to be told. (The macro must stand outside of
/// namespaces.)
static void initialiseResources() { Q_INIT_RESOURCE(calando); }

namespace calando::style {

namespace {

/// resources/look.qss with its names filled in.
QString styleSheet() {
  QFile file(":/look.qss");
  if (!file.open(QIODevice::ReadOnly)) return {};
  QString text = QString::fromUtf8(file.readAll());
  const std::pair<const char*, QColor> colours[] = {
      {"@paper", paper},       {"@sheet", sheet},       {"@ink", ink},
      {"@quietInk", quietInk}, {"@faintInk", faintInk}, {"@rule", rule},
      {"@band", band},         {"@pitch", pitch},       {"@attention", attention}};
  for (const auto& [name, colour] : colours) text.replace(name, colour.name());
  const std::pair<const char*, double> sizes[] = {
      {"@smallType", kSmallType}, {"@type", kType}, {"@strongType", kStrongType}, {"@titleType", kTitleType}};
  for (const auto& [name, points] : sizes) text.replace(name, QStringLiteral("%1pt").arg(points));
  return text;
}

}  // namespace

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
  palette.setColor(QPalette::Disabled, QPalette::ButtonText, faintInk);
  palette.setColor(QPalette::Disabled, QPalette::Text, faintInk);
  application.setPalette(palette);
  application.setStyleSheet(styleSheet());
}

}  // namespace calando::style
