#pragma once

#include <gtest/gtest.h>

#include <QAbstractButton>
#include <QLabel>
#include <QTest>

namespace calando {

/// Buttons and single lines that have no room for what stands in them.
inline QStringList cutIn(QWidget& window) {
  QStringList cut;
  for (QAbstractButton* button : window.findChildren<QAbstractButton*>())
    if (button->isVisible() && !button->objectName().startsWith("qt_") &&
        button->width() + 1 < button->minimumSizeHint().width())
      cut << button->text();
  for (QLabel* label : window.findChildren<QLabel*>())
    if (label->isVisible() && !label->wordWrap() && !label->text().isEmpty() &&
        label->width() + 1 < label->minimumSizeHint().width())
      cut << label->text();
  return cut;
}

/// Nothing is cut once all is in its place, which takes longer on a busy machine.
inline void expectWhole(QWidget& window, const char* where) {
  QTest::qWait(30);
  EXPECT_TRUE(QTest::qWaitFor([&] { return cutIn(window).isEmpty(); }, 3000))
      << where << ": " << cutIn(window).join(" | ").toStdString();
}

}  // namespace calando
