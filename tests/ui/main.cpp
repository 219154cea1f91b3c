#include <gtest/gtest.h>

#include <QApplication>

#include "app/desk/look.h"
#include "app/style/style.h"

int main(int argc, char** argv) {
  testing::InitGoogleTest(&argc, argv);
  if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM")) qputenv("QT_QPA_PLATFORM", "offscreen");
  QApplication application(argc, argv);
  calando::style::apply(application);
  return RUN_ALL_TESTS();
}
