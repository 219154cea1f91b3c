#pragma once

#include <QLabel>

namespace calando {

/// A text that takes as many lines as it needs.
inline QLabel* wrapped(const char* name, const QFont& font = {}) {
  auto* label = new QLabel;
  label->setFont(font);
  label->setWordWrap(true);
  label->setObjectName(name);
  return label;
}

/// What stands over a part of a place.
inline QLabel* caption(const QString& text) {
  QLabel* label = wrapped("caption");
  label->setText(text);
  return label;
}

}  // namespace calando
