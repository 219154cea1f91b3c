#include "app/log/log.h"

#include <QFile>

#include "session/doubles.h"

namespace calando {
namespace {

class LogTest : public SessionTest {
 protected:
  void SetUp() override { beginLog(clock_); }
  static QString all() { return loggedLately().join('\n'); }
};

TEST_F(LogTest, SaysWhatHappenedAndNamesNobody) {
  start();
  add("Ada Quillmoor", "oboe");
  session_->session.toggle();
  input_->push(tone(440.0, 1.0));
  ASSERT_TRUE(heard());
  session_->session.toggle();
  ASSERT_TRUE(settle());
  session_->remarks.setRemark("Quillmoor breathes better");
  const auto file = std::filesystem::path(folder_.path().toStdString()) / ".." / "Ada Quillmoor.wav";
  session_->session.openFiles({file});
  ASSERT_TRUE(settle());
  EXPECT_TRUE(all().contains("take: \"begins: steady-tone\"") || all().contains("steady-tone"))
      << all().toStdString();
  EXPECT_TRUE(all().contains("over:")) << all().toStdString();
  EXPECT_TRUE(all().contains("measured in")) << all().toStdString();
  EXPECT_TRUE(all().contains("not read:")) << all().toStdString();
  EXPECT_FALSE(all().contains("Quillmoor")) << all().toStdString();
  EXPECT_FALSE(all().contains(folder_.path())) << all().toStdString();
}

TEST_F(LogTest, OfTheRunBeforeIsThereTooAndDoesNotGrowForEver) {
  const auto folder = std::filesystem::path(folder_.path().toStdString()) / "log";
  for (int run = 0; run < 3; ++run) {
    beginLog(clock_, folder);
    for (int line = 0; line < 700; ++line) qCInfo(logProgram) << "run" << run << "line" << line;
  }
  beginLog(clock_, folder);
  EXPECT_EQ(loggedLately().size(), 1000);
  EXPECT_TRUE(loggedLately().last().endsWith("run 2 line 699")) << loggedLately().last().toStdString();
  EXPECT_TRUE(loggedLately().first().startsWith("2026-11-25 18:0")) << loggedLately().first().toStdString();
  beginLog(clock_);
}

}  // namespace
}  // namespace calando
