#pragma once

#include <QLabel>

#include "app/parts/tight.h"

namespace calando {

/// A field under its name.
inline QWidget* captioned(const QString& caption, QWidget* field) {
  auto* box = new QWidget;
  auto* layout = tight(new QVBoxLayout(box), 2);
  auto* label = new QLabel(caption);
  label->setObjectName("caption");
  label->setBuddy(field);
  field->setAccessibleName(caption);
  layout->addWidget(label);
  layout->addWidget(field);
  return box;
}

}  // namespace calando
