#include "app/parts/plain_text.h"

#include <QTextDocument>

namespace calando {

namespace {

/// A tooltip is markup to Qt as soon as it looks like it: then it is given as markup for just this text.
QString asWritten(const QString& text) {
  return Qt::mightBeRichText(text) ? "<span>" + text.toHtmlEscaped().replace('\n', "<br>") + "</span>" : text;
}

/// The tooltip at a place: of a list's or table's entry, else of the widget.
QString tipAt(const QWidget& widget, const QPoint& place) {
  const auto* view = qobject_cast<const QAbstractItemView*>(widget.parentWidget());
  if (view && view->viewport() == &widget)
    if (const QString tip = view->indexAt(place).data(Qt::ToolTipRole).toString(); !tip.isEmpty()) return tip;
  return widget.toolTip();
}

}  // namespace

bool PlainText::eventFilter(QObject* watched, QEvent* event) {
  if (event->type() == QEvent::Polish) {
    if (auto* label = qobject_cast<QLabel*>(watched); label && label->textFormat() == Qt::AutoText)
      label->setTextFormat(Qt::PlainText);
  } else if (event->type() == QEvent::ToolTip) {
    auto* widget = qobject_cast<QWidget*>(watched);
    const auto* help = static_cast<QHelpEvent*>(event);
    const QString tip = widget ? tipAt(*widget, help->pos()) : QString();
    if (Qt::mightBeRichText(tip)) {
      QToolTip::showText(help->globalPos(), asWritten(tip), widget);
      return true;
    }
  }
  return QObject::eventFilter(watched, event);
}

}  // namespace calando
