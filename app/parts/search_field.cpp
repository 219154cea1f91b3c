#include "app/parts/search_field.h"

#include <QKeyEvent>

namespace calando {

SearchField::SearchField(const QString& placeholder) {
  setPlaceholderText(placeholder);
  setAccessibleName(placeholder);
  setClearButtonEnabled(true);
}

void SearchField::keyPressEvent(QKeyEvent* event) {
  QLineEdit::keyPressEvent(event);
  if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) event->accept();
}

}  // namespace calando
