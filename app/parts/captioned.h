#pragma once

#include <QLabel>

#include "app/parts/tight.h"

namespace calando {

/// A field and its name in a layout, the name first.
template <class Layout>
QWidget* captioned(const QString& caption, QWidget* field, int gap, int least) {
  auto* box = new QWidget;
  auto* layout = tight(new Layout(box), gap);
  auto* label = new QLabel(caption);
  label->setObjectName("caption");
  label->setBuddy(field);
  label->setMinimumWidth(least);
  field->setAccessibleName(caption);
  layout->addWidget(label);
  layout->addWidget(field, 1);
  return box;
}

/// A field under its name.
inline QWidget* captioned(const QString& caption, QWidget* field) {
  return captioned<QVBoxLayout>(caption, field, 2, 0);
}

/// A field beside its name, both on one line; short names that stand under one another are as wide.
inline QWidget* besideCaption(const QString& caption, QWidget* field) {
  constexpr int kCaption = 40;
  return captioned<QHBoxLayout>(caption, field, 4, kCaption);
}

}  // namespace calando
