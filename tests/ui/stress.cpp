// A long take from a real audio input while the machine is busy: no block of sound may be lost. By hand, with
// scripts/stress [minutes].
#include <QApplication>
#include <QMediaDevices>
#include <atomic>
#include <cstdio>
#include <thread>

#include "app/desk/stylesheet.h"
#include "app/desk/take_view.h"
#include "app/sound/listener.h"
#include "app/style/style.h"
#include "audio/sound_file.h"
#include "core/engine/analysis.h"
#include "core/signal/tracker.h"
#include "sound_server.h"
#include "support/signals.h"

using namespace calando;

int main(int argc, char** argv) {
  const double minutes = argc > 1 ? std::atof(argv[1]) : 10.0;
  SoundServer server;
  qputenv("QT_QPA_PLATFORM", "offscreen");
  QApplication application(argc, argv);
  style::apply(application);
  QAudioDevice microphone;
  for (const QAudioDevice& device : QMediaDevices::audioInputs())
    if (device.description().contains("Microphone")) microphone = device;
  if (!server.runs() || microphone.isNull()) {
    std::fprintf(stderr, "stress: no microphone in a private %s; install it with scripts/test\n",
                 server.name());
    return 1;
  }
  QTemporaryDir folder;
  const auto tone = sounds::tone({.seconds = 60.0 * minutes, .snr_db = 50, .before_s = 1.0});
  if (!writeSound(folder.filePath("tone.wav").toStdString(), tone, 48000, SoundFormat::wav24)) return 1;

  Listener live;
  TakeView ribbon;
  ribbon.resize(1100, 600);
  ribbon.show();
  long lost = 0;
  int pictures = 0;
  QObject::connect(&live, &Listener::inputChanged, [&](const InputState& s) { lost = s.droppedBlocks; });
  QObject::connect(&live, &Listener::grew, [&](const SnapshotPtr& snapshot, double) {
    ribbon.setSnapshot(snapshot);
    ribbon.grab();  // paints, whether anybody looks or not
    ++pictures;
  });
  live.listen(deviceSource(microphone));
  QTest::qWait(1500);
  live.begin({.recording = folder.filePath("take.wav").toStdString(),
              .context = {},
              .sheet = {},
              .stopsByItself = false});
  std::atomic<bool> busy{true};
  std::vector<std::thread> others;
  for (unsigned i = 0; i < std::thread::hardware_concurrency(); ++i)
    others.emplace_back([&] {
      double x = 1.0;
      while (busy) x = std::sin(x) + 1.0;
      if (x > 3.0) std::puts("");
    });
  QProcess player;
  player.start("paplay", {"--device=room", folder.filePath("tone.wav")});
  for (int minute = 0; player.state() != QProcess::NotRunning || minute == 0; ++minute) {
    (void)QTest::qWaitFor([&] { return player.state() == QProcess::NotRunning; }, 60000);
    std::printf("  %d min, %d pictures, %ld blocks lost\n", minute + 1, pictures, lost);
    std::fflush(stdout);
  }
  QTest::qWait(500);
  const std::vector<float> samples = live.end().samples;
  busy = false;
  for (std::thread& t : others) t.join();
  live.quiet();
  const Analysis analysis = analyse(samples, 48000.0, {});
  const Tone* longest = analysis.mainTone();
  const double held = longest ? longest->end_s - longest->start_s : 0.0;
  const std::size_t breaks = longest ? longest->dropouts.size() : 0;
  std::printf(
      "%.0f minutes with every core busy: %ld blocks lost, tone of %.3f s heard as %.3f s, %zu breaks\n",
      minutes, lost, 60.0 * minutes, held, breaks);
  return lost == 0 && breaks == 0 && std::abs(held - 60.0 * minutes) < 0.05 ? 0 : 1;
}
