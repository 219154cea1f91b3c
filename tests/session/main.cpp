#include <gtest/gtest.h>

#include <QCoreApplication>
#include <QLocale>

int main(int argc, char** argv) {
  testing::InitGoogleTest(&argc, argv);
  QLocale::setDefault(QLocale::c());  // what is expected is written so, wherever the tests run
  QCoreApplication application(argc, argv);
  return RUN_ALL_TESTS();
}
