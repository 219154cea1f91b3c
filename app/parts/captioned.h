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

/// A field beside its name, both on one line; names that stand under one another are as wide.
inline QWidget* besideCaption(const QString& caption, QWidget* field) {
  constexpr int kCaption = 40;
  auto* box = new QWidget;
  auto* layout = tight(new QHBoxLayout(box), 4);
  auto* label = new QLabel(caption);
  label->setObjectName("caption");
  label->setMinimumWidth(kCaption);
  layout->addWidget(label);
  layout->addWidget(field, 1);
  return box;
}

}  // namespace calando
