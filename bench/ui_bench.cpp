// Prints how fast the window is with a large studio and while a tone sounds. Run by scripts/bench, offscreen.
#include <QApplication>
#include <QTemporaryDir>
#include <QTest>
#include <chrono>
#include <cstdio>
#include <deque>

#include "app/desk/main_window.h"
#include "app/desk/stylesheet.h"
#include "app/desk/take_view.h"
#include "app/picture/gallery.h"
#include "app/print/report_dialog.h"
#include "app/session/common/today.h"
#include "app/sound/listener.h"
#include "app/style/style.h"
#include "core/engine/analysis.h"
#include "core/judging/judging.h"
#include "core/judging/take_summary.h"
#include "core/library/cards.h"
#include "core/signal/tracker.h"
#include "core/standin/player.h"
#include "app/sound/input.h"

namespace {

using namespace calando;

double now_ms() {
  return std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now().time_since_epoch())
      .count();
}

Context steadyTone() {
  TakeSpec asked;
  asked.instrument = "trumpet-bb";
  return contextFor(asked);
}

std::shared_ptr<Snapshot> snapshotOf(const std::vector<float>& samples, bool live) {
  auto picture = std::make_shared<Snapshot>();
  picture->tracks = trackAll(samples, 48000);
  picture->context = steadyTone();
  picture->analysis = analyse(picture->tracks, picture->context);
  picture->live = live;
  picture->asked_s = 30.0;
  return picture;
}

std::vector<float> longTone(double seconds) {
  const Instrument* instrument = findInstrument("trumpet-bb");
  return perform(*findPlayer("steady"), {instrument, 65, seconds, {}}, 1, 48000).samples;
}

/// A studio whose student has so many takes, all measured.
void fillStudio(const QTemporaryDir& folder, int takes) {
  auto studio = Studio::open(folder.path().toStdString());
  const auto student = studio->addStudent("Alva Brekke", "trumpet-bb");
  Take take;
  take.student = student->id;
  take.asked.instrument = "trumpet-bb";
  const auto samples = longTone(1.0);
  const auto picture = snapshotOf(samples, false);
  const std::string png = smallPicture(*picture);
  for (int i = 0; i < takes; ++i) {
    take.made_unix_s = 1795546800 - i * 3600;
    // The sound is written once; the others are rows without one, which nobody opens.
    if (i == 0) {
      const auto kept = studio->addTake(take, samples, 48000);
      (void)studio->keepSummary(kept->id, {engineVersion(), 1.0, png, keptOf(picture->analysis)});
      continue;
    }
    take.id = newId();
    take.seconds = 1.0;
    take.file = "row-" + std::to_string(i) + ".flac";
    (void)studio->enterTake(take, {engineVersion(), 1.0, png, keptOf(picture->analysis)});
  }
}

double firstPaint_ms(const QTemporaryDir& folder) {
  const double start = now_ms();
  auto studio = Studio::open(folder.path().toStdString());
  MainWindow window(std::move(*studio));
  window.show();
  window.grab();
  const double took = now_ms() - start;
  (void)QTest::qWaitFor([&] { return window.idle(); }, 30000);
  return took;
}

void firstPaint() {
  for (const int takes : {0, 500, 5000}) {
    QTemporaryDir folder;
    fillStudio(folder, std::max(takes, 0));
    double least = 1e9;
    for (int round = 0; round < 3; ++round) least = std::min(least, firstPaint_ms(folder));
    std::printf("  first paint with %4d takes: %.0f ms (best of three)\n", takes, least);
  }
}

/// The longest that the event loop does not turn while something goes on.
class Pauses {
 public:
  Pauses() {
    QObject::connect(&timer_, &QTimer::timeout, [this] {
      const double now = now_ms();
      longest_ms_ = std::max(longest_ms_, now - last_);
      last_ = now;
    });
    timer_.start(0);
    QTest::qWait(50);
    longest_ms_ = 0.0;
  }
  double longest_ms() const { return longest_ms_; }

 private:
  QTimer timer_;
  double last_ = now_ms();
  double longest_ms_ = 0.0;
};

void pauses() {
  QTemporaryDir folder;
  fillStudio(folder, 500);
  auto studio = Studio::open(folder.path().toStdString());
  (void)studio->addStudent("Zora Lind", "flute");
  MainWindow window(std::move(*studio));
  window.show();
  Session& session = window.session();
  const auto settle = [&] { (void)QTest::qWaitFor([&] { return window.idle(); }, 60000); };
  settle();
  const auto sound = longTone(30.0);
  QTemporaryDir outside;
  const std::string file = outside.filePath("thirty.wav").toStdString();
  (void)writeSound(file, sound, 48000, SoundFormat::wav24);
  const auto report = [&](const char* what, const std::function<void()>& act) {
    Pauses watch;
    act();
    settle();
    QTest::qWait(100);
    std::printf("  longest pause, %s: %.0f ms\n", what, watch.longest_ms());
  };
  report("a file of 30 s opened, measured and kept", [&] { session.openFiles({file}); });
  report("that take judged anew, twelve times", [&] {
    for (int i = 0; i < 12; ++i) {
      session.asking().edit([=](TakeRequest& w) { w.seconds = 5.0 + i; });
      QTest::qWait(15);
    }
  });
  report("the teacher's word", [&] { session.open().setWord(TeachersWord::accept); });
  const auto students = session.book().students();
  report("a student without takes, and back to 500", [&] {
    session.book().choose(students[1].id);
    QTest::qWait(50);
    session.book().choose(students[0].id);
  });
  session.setup().choose(StandIn::kId);
  session.lesson().choose("scale-8-8");
  settle();
  double first_ms = -1.0;
  const double start = now_ms();
  QObject::connect(&session.run(), &TakeRun::grew, [&](const SnapshotPtr&, double) {
    if (first_ms < 0.0) first_ms = now_ms() - start;
  });
  report("Space on the longest card, the stand-in plays", [&] {
    session.toggle();
    QTest::qWait(6000);
    session.toggle();
  });
  std::printf("  Space to the first picture of the recording: %.0f ms\n", first_ms);
}

/// The weeks of a student with 5,000 takes: the whole place, another figure, a report.
void growth() {
  QTemporaryDir folder;
  fillStudio(folder, 5000);
  auto studio = Studio::open(folder.path().toStdString());
  MainWindow window(std::move(*studio));
  window.show();
  (void)QTest::qWaitFor([&] { return window.idle(); }, 60000);
  double start = now_ms();
  QTest::keyClick(&window, Qt::Key_2, Qt::AltModifier);
  window.grab();
  std::printf("  weeks with 5000 takes, first paint: %.0f ms\n", now_ms() - start);
  auto* figures = window.findChild<QComboBox*>("weeksFigure");
  double longest = 0.0;
  for (int i = 1; i < std::min(8, figures->count()); ++i) {
    start = now_ms();
    figures->setCurrentIndex(i);
    emit figures->activated(i);
    window.grab();
    longest = std::max(longest, now_ms() - start);
  }
  std::printf("  another figure of them: %.0f ms at most\n", longest);
  start = now_ms();
  ReportDialog dialog(window.session(), &window);
  (void)QTest::qWaitFor([&] { return dialog.report() != nullptr; }, 60000);
  (void)dialog.write("pdf", folder.filePath("report.pdf"));
  std::printf("  a report of them as PDF: %.0f ms\n", now_ms() - start);
}

/// Homework of thirty recordings of five minutes, marked while the window is painted all the time.
void homework() {
  constexpr int kRecordings = 30, kRounds = 15;
  QTemporaryDir folder, sent;
  std::vector<float> samples;
  for (int round = 0; round < kRounds; ++round) {
    samples.resize(samples.size() + 48000 * 5, 1e-4f);
    const auto tone = longTone(15.0);
    samples.insert(samples.end(), tone.begin(), tone.end());
  }
  auto studio = Studio::open(folder.path().toStdString());
  for (int i = 0; i < kRecordings; ++i) {
    const std::string name = "Player" + std::to_string(i);
    (void)studio->addStudent(name, "trumpet-bb");
    (void)writeSound(sent.filePath(QString::fromStdString(name + ".flac")).toStdString(), samples, 48000,
                     SoundFormat::flac24);
  }
  MainWindow window(std::move(*studio));
  window.show();
  (void)QTest::qWaitFor([&] { return window.idle(); }, 60000);
  QTest::keyClick(&window, Qt::Key_3, Qt::AltModifier);
  Post& post = window.session().post();
  (void)post.keep({"Tones", {{findExercise("steady-tone")}, {findExercise("tone-5")}}}, today());
  const double start = now_ms();
  QTimer paints;
  QObject::connect(&paints, &QTimer::timeout, [&] { window.repaint(); });
  paints.start(50);
  Pauses watch;
  (void)post.add({sent.path().toStdString()});
  (void)QTest::qWaitFor([&] { return window.idle(); }, 900000);
  std::printf("  %d recordings of %.0f s marked in %.0f s, longest pause %.0f ms\n", kRecordings,
              static_cast<double>(samples.size()) / 48000.0, (now_ms() - start) / 1000.0, watch.longest_ms());
}

void repaint() {
  for (const double seconds : {10.0, 30.0, 120.0}) {
    const auto picture = snapshotOf(longTone(seconds), true);
    TakeView view;
    view.resize(700, 560);
    view.show();
    QTest::qWait(20);
    QImage image(view.size(), QImage::Format_ARGB32_Premultiplied);
    double worst = 0.0, sum = 0.0;
    for (int i = 0; i < 60; ++i) {
      const double start = now_ms();
      view.setPicture(picture);
      view.render(&image);
      const double took = now_ms() - start;
      sum += took;
      worst = std::max(worst, took);
    }
    std::printf("  live repaint, %3.0f s on show: mean %.1f ms, slowest %.1f ms\n", seconds, sum / 60, worst);
  }
}

/// From the block that brings a tone to the picture on the interface's thread that shows it.
void inputToPicture() {
  QTemporaryDir folder;
  Listener live;
  std::vector<float> samples(48000, 0.0f);
  const auto tone = longTone(4.0);
  samples.insert(samples.end(), tone.begin(), tone.end());
  double behind = 0.0;
  int pictures = 0;
  double started = 0.0;
  QObject::connect(&live, &Listener::grew, [&](const SnapshotPtr& picture, double) {
    const double played_s = (now_ms() - started) / 1000.0;
    const auto& frames = picture->tracks.frames;
    if (played_s < 3.0 || played_s > 5.0 || frames.empty()) return;
    behind += 1000.0 * (played_s - kHop_s * static_cast<double>(frames.size() - 1));
    ++pictures;
  });
  started = now_ms();
  live.listen(playedSource(samples, 48000));
  live.begin({.recording = folder.filePath("take.wav").toStdString(),
              .context = steadyTone(),
              .sheet = {},
              .asked_s = 4.0,
              .stopsByItself = false});
  QTest::qWait(5200);
  live.quiet();
  std::printf("  newest frame in a picture is %.0f ms behind the sound (%d pictures in 2 s)\n",
              behind / std::max(1, pictures), pictures);
}

}  // namespace

int main(int argc, char** argv) {
  QApplication application(argc, argv);
  style::apply(application);
  std::printf("window\n");
  firstPaint();
  pauses();
  growth();
  homework();
  repaint();
  inputToPicture();
}
