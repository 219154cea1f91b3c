// Prints how fast the window is with a large studio and while a tone sounds. Run by scripts/bench, offscreen.
#include <QApplication>
#include <QTemporaryDir>
#include <QTest>
#include <chrono>
#include <cstdio>
#include <deque>

#include "app/live_take.h"
#include "app/main_window.h"
#include "app/ribbon_painter.h"
#include "app/ribbon_view.h"
#include "app/style.h"
#include "core/exercise/judging.h"
#include "core/signal/tracker.h"
#include "core/standin/player.h"

namespace {

using namespace calando;

double now_ms() {
  return std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now().time_since_epoch())
      .count();
}

Context steadyTone() {
  AskedFor asked;
  asked.instrument = "trumpet-bb";
  return contextFor(asked);
}

std::shared_ptr<TakePicture> pictureOf(const std::vector<float>& samples, bool live) {
  auto picture = std::make_shared<TakePicture>();
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

void firstPaint() {
  QTemporaryDir folder;
  {
    auto studio = Studio::open(folder.path().toStdString());
    const auto student = studio->addStudent("Alva Brekke", "trumpet-bb");
    Take take;
    take.student = student->id;
    take.asked.instrument = "trumpet-bb";
    const auto samples = longTone(1.0);
    const auto picture = pictureOf(samples, false);
    QByteArray png;
    QBuffer buffer(&png);
    buffer.open(QIODevice::WriteOnly);
    thumbnail(*picture, {168, 56}, 2.0).save(&buffer, "PNG");
    for (int i = 0; i < 500; ++i) {
      take.made_unix_s = 1795546800 - i * 3600;
      const auto kept = studio->addTake(take, samples, 48000);
      (void)studio->keepSummary(kept->id, {engineVersion(), 1.0, png.toStdString(), "{}"});
    }
  }
  const double start = now_ms();
  auto studio = Studio::open(folder.path().toStdString());
  MainWindow window(std::move(*studio));
  window.show();
  window.grab();
  std::printf("  first paint with 500 takes: %.0f ms\n", now_ms() - start);
  (void)QTest::qWaitFor([&] { return window.idle(); }, 30000);
}

void repaint() {
  for (const double seconds : {10.0, 30.0, 120.0}) {
    const auto picture = pictureOf(longTone(seconds), true);
    RibbonView view;
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
  LiveTake live;
  std::vector<float> samples(48000, 0.0f);
  const auto tone = longTone(4.0);
  samples.insert(samples.end(), tone.begin(), tone.end());
  double behind = 0.0;
  int pictures = 0;
  double started = 0.0;
  QObject::connect(&live, &LiveTake::grew, [&](const TakePicturePtr& picture, double) {
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
  repaint();
  inputToPicture();
}
