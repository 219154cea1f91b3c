#pragma once

#include <gtest/gtest.h>

#include <QAbstractButton>
#include <QLabel>

namespace calando {

/// Buttons and single lines have room for what stands in them.
inline void expectWhole(QWidget& window, const char* where) {
  for (QAbstractButton* button : window.findChildren<QAbstractButton*>()) {
    if (!button->isVisible() || button->objectName().startsWith("qt_")) continue;
    EXPECT_GE(button->width() + 1, button->minimumSizeHint().width())
        << where << ": " << button->text().toStdString();
  }
  for (QLabel* label : window.findChildren<QLabel*>())
    if (label->isVisible() && !label->wordWrap() && !label->text().isEmpty()) {
      EXPECT_GE(label->width() + 1, label->minimumSizeHint().width())
          << where << ": " << label->text().toStdString();
    }
}

}  // namespace calando
