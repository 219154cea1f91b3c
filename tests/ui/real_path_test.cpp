// The whole recording path: a private sound server with a null sink as the room and a remapped source as the
// microphone; paplay plays a stand-in's performance into the room, the real window records it through Qt
// Multimedia.
#include <execinfo.h>
#include <gtest/gtest.h>
#include <unistd.h>

#include <QActionGroup>
#include <QApplication>
#include <QComboBox>
#include <QDirIterator>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QListWidget>
#include <QMediaDevices>
#include <QProcess>
#include <QPushButton>
#include <QTemporaryDir>
#include <QTest>
#include <array>
#include <csignal>

#include "app/desk/main_window.h"
#include "app/desk/stylesheet.h"
#include "app/desk/take_view.h"
#include "app/session/lesson/lesson.h"
#include "app/style/style.h"
#include "audio/sound_file.h"
#include "core/engine/analysis.h"
#include "core/engine/snapshot.h"
#include "core/exercise/context.h"
#include "core/standin/performance.h"
#include "core/standin/player.h"
#include "records/studio.h"
#include "sound_server.h"
#include "support/signals.h"

namespace calando {

const SoundServer* soundServer = nullptr;  // the room

namespace {

/// What does not come right is held against the room itself: where a tone does not get through it whole
/// without us either, nothing is learnt of ours.
#define EXPECT_OF_THE_ROOM(right)                                                      \
  if (!(right)) {                                                                      \
    if (!soundServer->carriesWhole())                                                  \
      GTEST_SKIP() << soundServer->name() << " loses sound on this machine by itself"; \
    FAIL() << #right;                                                                  \
  }

/// A count's clicks in a recording of nothing else, each where it begins, s.
std::vector<double> clicksIn(std::span<const float> heard) {
  std::vector<double> places;
  for (std::size_t n = 0; n < heard.size(); ++n)
    if (std::abs(heard[n]) > 0.02f) {
      places.push_back(static_cast<double>(n) / 48000.0);
      n += 4800;
    }
  return places;
}

/// Whether a count came through the room as it was played: what the sound server itself held up is not ours.
bool cameThroughEven(std::span<const float> heard, double beat_s) {
  const std::vector<double> places = clicksIn(heard);
  return places.size() > 4 && std::ranges::adjacent_find(places, [beat_s](double a, double b) {
                                return std::abs(b - a - beat_s) > 5e-5;
                              }) == places.end();
}

/// A studio with one student, and its window listening to the room.
class Room {
 public:
  Room() {
    auto studio = Studio::open((folder_.path() + "/studio").toStdString());
    EXPECT_TRUE(studio && studio->students.add("Ada", "trumpet-bb"));
    window_ = std::make_unique<MainWindow>(std::move(*studio));
    window_->show();
    const auto sources = window_->findChild<QActionGroup*>("source")->actions();
    const auto microphone = std::ranges::find_if(
        sources, [](const QAction* source) { return source->text().contains("Microphone"); });
    EXPECT_NE(microphone, sources.end()) << "Qt lists no such microphone";
    (*microphone)->trigger();
    QTest::qWait(2000);  // a source that has just been opened delivers late at first
  }
  MainWindow& window() { return *window_; }
  template <class T>
  T* find(const char* name) {
    return window_->findChild<T*>(name);
  }
  /// A counted step, to a heard click.
  void chooseClicked(const char* step, double tempo) {
    window_->parts().lesson.choose(step);
    auto* support = find<QComboBox>("support");
    support->setCurrentIndex(support->findData(static_cast<int>(AccompanimentKind::click)));
    find<QDoubleSpinBox>("tempo")->setValue(tempo);
  }
  void press(Qt::Key key) { QTest::keyClick(find<TakeView>("ribbon"), key); }
  /// Until a take has ended by itself and is measured.
  bool takeIsThere(int most_ms) {
    return QTest::qWaitFor(
        [&] { return window_->idle() && window_->shownSnapshot() && !window_->shownSnapshot()->live; },
        most_ms);
  }
  /// A take that is as it should be.
  template <class Play, class IsGood>
  bool isTaken(Play play, IsGood isGood) {
    press(Qt::Key_Space);
    play();
    return takeIsThere(20000) && isGood(*window_->shownSnapshot());
  }
  template <class Play>
  bool isHeldAgainstTheCount(Play play) {
    return isTaken(play, [](const Snapshot& take) { return take.context.start_s.has_value(); });
  }
  std::vector<float> latestRecording() const {
    QFileInfoList kept;
    QDirIterator files(folder_.filePath("studio"), {"*.flac"}, QDir::Files, QDirIterator::Subdirectories);
    while (files.hasNext()) kept << QFileInfo(files.next());
    if (kept.isEmpty()) return {};
    const auto latest = std::ranges::max_element(kept, {}, &QFileInfo::lastModified);
    const auto sound = readWholeSound(latest->filePath().toStdString());
    return sound ? sound->samples : std::vector<float>();
  }
  QString file(const char* name) const { return folder_.filePath(name); }

 private:
  QTemporaryDir folder_;
  std::unique_ptr<MainWindow> window_;
};

TEST(RealPath, WhatIsPlayedIntoTheRoomIsMeasuredAsItsFileIs) {
  Room room;
  const Instrument* trumpet = findInstrument("trumpet-bb");
  const Performance performance = perform(*findPlayer("sagging"), {trumpet, 65, 5.0, {}}, 4, 48000.0);
  const QString file = room.file("played.wav");
  ASSERT_TRUE(writeSound(file.toStdString(), performance.samples, 48000.0, SoundFormat::wav24));
  TakeSpec asked;
  asked.instrument = "trumpet-bb";
  asked.note = 67;
  const Analysis direct = analyse(performance.samples, 48000.0, contextFor(asked));

  QProcess player;
  const auto play = [&] {
    player.waitForFinished(10000);
    QTest::qWait(200);
    player.start("paplay", {"--device=room", file});
    ASSERT_TRUE(player.waitForStarted());
  };
  // A second after the tone, with no block lost.
  const auto isWhole = [](const Snapshot& take) {
    return take.analysis.tones.size() == 1 && take.analysis.tones[0].dropouts.empty();
  };
  EXPECT_OF_THE_ROOM(room.isTaken(play, isWhole));
  player.waitForFinished(10000);
  const Analysis& heard = room.window().shownSnapshot()->analysis;
  ASSERT_EQ(direct.tones.size(), 1u);
  ASSERT_EQ(heard.tones.size(), 1u);
  const Tone& played = direct.tones[0];
  const Tone& recorded = heard.tones[0];
  EXPECT_NEAR(recorded.held_s, played.held_s, 0.005);
  EXPECT_NEAR(recorded.notes.at(0).offset_cents.value(), played.notes.at(0).offset_cents.value(), 0.2);
  EXPECT_NEAR(*recorded.release.sag_cents, *played.release.sag_cents, 0.5);
  EXPECT_NEAR(*recorded.notes[0].level_dbfs, *played.notes[0].level_dbfs, 0.2);
  EXPECT_NEAR(*recorded.notes[0].hnr_db, *played.notes[0].hnr_db, 0.5);
}

TEST(RealPath, ATakeToAHeardCountIsJudgedByItsOwnPulseWhileTheDelayIsNotMeasured) {
  Room room;
  room.chooseClicked("scale-4-4", 160);
  const QString file = room.file("played.wav");
  ASSERT_TRUE(writeSound(file.toStdString(), sounds::tone({.f0_hz = 349.23, .seconds = 4.0}), 48000.0,
                         SoundFormat::wav24));
  room.press(Qt::Key_Space);
  QTest::qWait(1800);
  QProcess player;
  player.start("paplay", {"--device=room", file});
  ASSERT_TRUE(player.waitForFinished(10000));
  room.press(Qt::Key_Space);
  ASSERT_TRUE(room.takeIsThere(10000));
  ASSERT_FALSE(room.window().shownSnapshot()->context.start_s);
  auto* message = room.find<QLabel>("message");
  EXPECT_TRUE(message->text().contains("your own pulse")) << message->text().toStdString();
  QTest::mouseClick(room.find<QPushButton>("messageButton"), Qt::LeftButton);  // the way out of it
  EXPECT_OF_THE_ROOM(QTest::qWaitFor([&] { return message->text().contains("is measured:"); }, 25000));
  EXPECT_OF_THE_ROOM(room.isHeldAgainstTheCount([&] {
    QTest::qWait(2500);
    room.press(Qt::Key_Space);
  }));
  EXPECT_FALSE(message->text().contains("your own pulse"));
}

TEST(RealPath, TheDelayIsMeasuredAndAClickedTakeIsHeldAgainstTheCount) {
  Room room;
  // The null sink is the default output: what the program plays is heard in the room.
  auto* calibrate = room.find<QAction>("calibrate");
  auto* message = room.find<QLabel>("message");
  calibrate->trigger();
  QTest::qWait(800);
  const QImage before = room.find<TakeView>("ribbon")->grab().toImage();
  QTest::qWait(800);
  EXPECT_EQ(room.find<TakeView>("ribbon")->grab().toImage(), before);  // clicks are no take
  room.press(Qt::Key_Space);
  EXPECT_TRUE(room.window().idle());
  EXPECT_TRUE(message->text().contains("was not measured"));
  EXPECT_FALSE(room.window().shownSnapshot());
  calibrate->trigger();
  EXPECT_OF_THE_ROOM(QTest::qWaitFor([&] { return message->text().contains("is measured:"); }, 25000));
  room.chooseClicked("swell", 120);
  // Where the room holds the clicks themselves up, there is another take, as there is for a teacher.
  bool isHeld = false, isEven = false;
  for (int left = 4; left > 0 && !isEven; --left) {
    isHeld = room.isHeldAgainstTheCount([] {});
    isEven = cameThroughEven(room.latestRecording(), 0.5);
  }
  EXPECT_OF_THE_ROOM(isEven);
  ASSERT_TRUE(isHeld) << "said to have stumbled, and it came through even";
  // The clicks are in the recording, if not in what is measured: the first cue's lies where the take says.
  const Snapshot& take = *room.window().shownSnapshot();
  const std::vector<float> heard = room.latestRecording();
  double at = 0.0;
  float loudest = 0.0f;
  for (auto n = static_cast<std::size_t>((*take.context.start_s - 0.2) * 48000.0);
       n < std::min(heard.size(), static_cast<std::size_t>((*take.context.start_s + 0.2) * 48000.0)); ++n)
    if (std::abs(heard[n]) > loudest) loudest = std::abs(heard[n]), at = static_cast<double>(n) / 48000.0;
  EXPECT_GT(loudest, 0.1f);
  ASSERT_TRUE(take.analysis.clicks_dbfs);
  EXPECT_NEAR(*take.analysis.clicks_dbfs, -22.0, 3.0);
  EXPECT_LT(take.tracks.energy.level_dbfs(at - 0.002, at + 0.01), -50.0);
  EXPECT_NEAR(at, *take.context.start_s, 0.025);  // what is said is ±11 ms: two standard deviations
}

TEST(RealPath, ASoundThatStumblesIsMeasuredAnewAndNotHeldAgainstTheCount) {
  Room room;
  auto* message = room.find<QLabel>("message");
  const auto says = [&](const char* words) {
    return QTest::qWaitFor([&] { return message->text().contains(words); }, 25000);
  };
  room.find<QAction>("calibrate")->trigger();
  QTest::qWait(1800);
  soundServer->holdUp(900);
  EXPECT_OF_THE_ROOM(says("Once more"));
  EXPECT_OF_THE_ROOM(says("is measured:"));
  room.chooseClicked("scale-4-4", 160);
  const QString file = room.file("played.wav");
  ASSERT_TRUE(writeSound(file.toStdString(), sounds::tone({.f0_hz = 349.23, .seconds = 2.0}), 48000.0,
                         SoundFormat::wav24));
  const auto play = [&](int heldUp_ms) {
    QTest::qWait(1800);
    soundServer->holdUp(heldUp_ms);
    QProcess player;
    player.start("paplay", {"--device=room", file});
    EXPECT_TRUE(player.waitForFinished(10000));
    QTest::qWait(1500);
    room.press(Qt::Key_Space);
  };
  room.press(Qt::Key_Space);
  play(900);
  ASSERT_TRUE(room.takeIsThere(10000));
  EXPECT_FALSE(room.window().shownSnapshot()->context.start_s);
  EXPECT_TRUE(message->text().contains("stumbled")) << message->text().toStdString();
  EXPECT_OF_THE_ROOM(room.isHeldAgainstTheCount([&] { play(0); }));
  EXPECT_FALSE(message->text().contains("stumbled")) << message->text().toStdString();
}

/// One that hangs says where, before its time is up.
void sayWhere(int) {
  std::array<void*, 64> frames{};
  backtrace_symbols_fd(frames.data(), backtrace(frames.data(), static_cast<int>(frames.size())),
                       STDERR_FILENO);
}

}  // namespace
}  // namespace calando

int main(int argc, char** argv) {
  testing::InitGoogleTest(&argc, argv);
  if (testing::GTEST_FLAG(list_tests)) return RUN_ALL_TESTS();
  calando::SoundServer server;
  calando::soundServer = &server;
  if (!server.runs()) {
    std::fprintf(stderr, "real_path_tests: %s does not start; install it with scripts/test\n", server.name());
    return 1;
  }
  qputenv("QT_QPA_PLATFORM", "offscreen");
  std::signal(SIGALRM, calando::sayWhere);
  alarm(100);
  QApplication application(argc, argv);
  calando::style::apply(application);
  return RUN_ALL_TESTS();
}
