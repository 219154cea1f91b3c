// The whole recording path: a private pulseaudio with a null sink as the room and a remapped source as the
// microphone; paplay plays a stand-in's performance into the room, the real window records it through Qt
// Multimedia.
#include <gtest/gtest.h>
#include <unistd.h>

#include <QApplication>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QListWidget>
#include <QMediaDevices>
#include <QProcess>
#include <QPushButton>
#include <QTemporaryDir>
#include <QTest>

#include "app/main_window.h"
#include "app/ribbon_view.h"
#include "app/style.h"
#include "audio/sound_file.h"
#include "core/standin/player.h"

namespace calando {
namespace {

/// Lives as long as the test program; set up before Qt looks for devices.
class SoundServer {
 public:
  SoundServer() {
    qputenv("XDG_RUNTIME_DIR", folder_.path().toLocal8Bit());
    qputenv("PULSE_SERVER", ("unix:" + folder_.filePath("socket")).toLocal8Bit());
    qputenv("HOME", folder_.path().toLocal8Bit());
    server_.setProcessChannelMode(QProcess::ForwardedErrorChannel);
    server_.start("pulseaudio",
                  {"-n", "--exit-idle-time=-1", "--log-level=error", "-L",
                   "module-native-protocol-unix auth-anonymous=1 socket=" + folder_.filePath("socket"), "-L",
                   "module-null-sink sink_name=room rate=48000", "-L",
                   "module-remap-source master=room.monitor source_name=mic "
                   "source_properties=device.description=Microphone"});
    server_.waitForStarted(5000);
    for (int i = 0; i < 100 && !QFile::exists(folder_.filePath("socket")); ++i) QTest::qSleep(50);
    QTest::qSleep(300);
  }
  ~SoundServer() {
    server_.terminate();
    server_.waitForFinished(5000);
  }
  bool runs() const {
    return server_.state() == QProcess::Running && QFile::exists(folder_.filePath("socket"));
  }

 private:
  QTemporaryDir folder_;
  QProcess server_;
};

TEST(RealPath, WhatIsPlayedIntoTheRoomIsMeasuredAsItsFileIs) {
  QTemporaryDir folder;
  const Instrument* trumpet = findInstrument("trumpet-bb");
  const Performance performance = perform(*findPlayer("sagging"), {trumpet, 65, 5.0, {}}, 4, 48000.0);
  const QString file = folder.filePath("played.wav");
  ASSERT_TRUE(writeSound(file.toStdString(), performance.samples, 48000.0, SoundFormat::wav24));
  AskedFor asked;
  asked.instrument = "trumpet-bb";
  asked.note = 67;
  const Analysis direct = analyse(performance.samples, 48000.0, contextFor(asked));

  auto studio = Studio::open((folder.path() + "/studio").toStdString());
  ASSERT_TRUE(studio);
  ASSERT_TRUE(studio->addStudent("Ada", "trumpet-bb"));
  MainWindow window(std::move(*studio));
  window.show();
  auto* source = window.findChild<QComboBox*>("source");
  const int microphone = source->findText("Microphone", Qt::MatchContains);
  ASSERT_GE(microphone, 0) << "Qt lists no such microphone";
  source->setCurrentIndex(microphone);
  QTest::qWait(300);
  auto* ribbon = window.findChild<RibbonView*>("ribbon");
  QTest::keyClick(ribbon, Qt::Key_Space);
  QTest::qWait(200);
  QProcess player;
  player.start("paplay", {"--device=room", file});
  ASSERT_TRUE(player.waitForStarted());
  // The take stops by itself a second after the tone.
  ASSERT_TRUE(QTest::qWaitFor(
      [&] { return window.idle() && window.shownPicture() && !window.shownPicture()->live; }, 20000));
  player.waitForFinished(10000);
  const Analysis& heard = window.shownPicture()->analysis;
  ASSERT_EQ(direct.tones.size(), 1u);
  ASSERT_EQ(heard.tones.size(), 1u);
  const Tone& played = direct.tones[0];
  const Tone& recorded = heard.tones[0];
  EXPECT_NEAR(recorded.held_s, played.held_s, 0.005);
  EXPECT_TRUE(recorded.dropouts.empty());  // no block was lost
  EXPECT_NEAR(recorded.notes.at(0).offset_cents, played.notes.at(0).offset_cents, 0.2);
  EXPECT_NEAR(*recorded.release.sag_cents, *played.release.sag_cents, 0.5);
  EXPECT_NEAR(*recorded.notes[0].level_dbfs, *played.notes[0].level_dbfs, 0.2);
  EXPECT_NEAR(*recorded.notes[0].hnr_db, *played.notes[0].hnr_db, 0.5);
}

TEST(RealPath, TheDelayIsMeasuredAndAClickedTakeIsHeldAgainstTheCount) {
  QTemporaryDir folder;
  auto studio = Studio::open((folder.path() + "/studio").toStdString());
  ASSERT_TRUE(studio);
  ASSERT_TRUE(studio->addStudent("Ada", "trumpet-bb"));
  MainWindow window(std::move(*studio));
  window.show();
  auto* source = window.findChild<QComboBox*>("source");
  source->setCurrentIndex(source->findText("Microphone", Qt::MatchContains));
  QTest::qWait(2000);  // a source that has just been opened delivers late at first
  // The null sink is the default output: what the program plays is heard in the room.
  QTest::mouseClick(window.findChild<QPushButton*>("calibrate"), Qt::LeftButton);
  auto* message = window.findChild<QLabel*>("message");
  ASSERT_TRUE(QTest::qWaitFor([&] { return message->text().contains("takes"); }, 10000))
      << message->text().toStdString();
  QTest::keyClick(window.findChild<RibbonView*>("ribbon"), Qt::Key_N);
  QTest::keyClick(window.findChild<RibbonView*>("ribbon"), Qt::Key_N);
  auto* support = window.findChild<QComboBox*>("support");
  support->setCurrentIndex(support->findData("click"));
  window.findChild<QDoubleSpinBox*>("tempo")->setValue(120);
  QTest::keyClick(window.findChild<RibbonView*>("ribbon"), Qt::Key_Space);
  ASSERT_TRUE(QTest::qWaitFor(
      [&] { return window.idle() && window.shownPicture() && !window.shownPicture()->live; }, 20000));
  // The clicks themselves are in the recording: the first cue's lies where the take says the count stands.
  const TakePicture& take = *window.shownPicture();
  ASSERT_TRUE(take.context.start_s);
  double loudest = -200.0;
  double at = 0.0;
  for (double t = *take.context.start_s - 0.2; t < *take.context.start_s + 0.2; t += 0.001) {
    const double level = take.tracks.energy.level_dbfs(t, t + 0.003);
    if (level > loudest) loudest = level, at = t;
  }
  EXPECT_GT(loudest, -40.0);
  EXPECT_NEAR(at, *take.context.start_s, 0.05);
}

}  // namespace
}  // namespace calando

int main(int argc, char** argv) {
  testing::InitGoogleTest(&argc, argv);
  if (testing::GTEST_FLAG(list_tests)) return RUN_ALL_TESTS();
  calando::SoundServer server;
  if (!server.runs()) {
    std::fprintf(stderr, "real_path_tests: pulseaudio does not start; install it with scripts/test\n");
    return 1;
  }
  qputenv("QT_QPA_PLATFORM", "offscreen");
  QApplication application(argc, argv);
  calando::style::apply(application);
  return RUN_ALL_TESTS();
}
