#include <gtest/gtest.h>

#include <QApplication>
#include <QLocale>

#include "app/desk/stylesheet.h"
#include "app/style/style.h"

int main(int argc, char** argv) {
  testing::InitGoogleTest(&argc, argv);
  QLocale::setDefault(QLocale::c());  // what is expected is written so, wherever the tests run
  if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM")) qputenv("QT_QPA_PLATFORM", "offscreen");
  QApplication application(argc, argv);
  calando::style::apply(application);
  return RUN_ALL_TESTS();
}
