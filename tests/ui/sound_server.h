#pragma once

#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>
#include <algorithm>
#include <cmath>
#include <csignal>
#include <cstring>
#include <memory>
#include <vector>

#include "audio/sound_file.h"

namespace calando {

/// A private sound server: a null sink called "room", a microphone in it. pulseaudio, or PipeWire where
/// CALANDO_SOUND_SERVER says "pipewire". Lives as long as the test program; set up before Qt looks for
/// devices.
class SoundServer {
 public:
  SoundServer() {
    const QString socket = folder_.filePath("pulse/native");
    qputenv("XDG_RUNTIME_DIR", folder_.path().toLocal8Bit());
    qputenv("PULSE_SERVER", ("unix:" + socket).toLocal8Bit());
    qputenv("HOME", folder_.path().toLocal8Bit());
    QDir(folder_.path()).mkdir("pulse");
    const bool isPipeWire = qgetenv("CALANDO_SOUND_SERVER") == "pipewire";
    name_ = isPipeWire ? "PipeWire" : "pulseaudio";
    if (isPipeWire)
      startPipeWire();
    else
      moves_ = start("pulseaudio", {"-n", "--exit-idle-time=-1", "--log-level=error", "-L",
                                    "module-native-protocol-unix auth-anonymous=1 socket=" + socket});
    runs_ = waitFor(socket) &&
            load("module-null-sink", {"sink_name=room", "rate=48000", "channels=1", "channel_map=mono"});
    // PipeWire makes the sink's monitor a moment later.
    for (int left = 50; left > 0 && !makesMicrophone(); --left) QTest::qSleep(100);
    QTest::qSleep(300);
  }
  ~SoundServer() {
    for (auto process = processes_.rbegin(); process != processes_.rend(); ++process) {
      (*process)->terminate();
      (*process)->waitForFinished(5000);
    }
  }
  /// No sound moves for a while, as when the computer is too busy for it.
  void holdUp(int ms) const {
    const auto id = static_cast<pid_t>(moves_->processId());
    kill(id, SIGSTOP);
    QTest::qWait(ms);
    kill(id, SIGCONT);
  }
  /// It carries a tone from the room to the microphone whole, twice in a row, when nobody but its own
  /// programs is there: on a machine where it does not, nothing can be learnt of ours.
  bool carriesWhole() const { return carriedWhole("1") && carriedWhole("2"); }
  bool runs() const { return runs_ && moves_->state() == QProcess::Running; }
  const char* name() const { return name_; }

 private:
  QProcess* start(const QString& program, const QStringList& arguments) {
    processes_.push_back(std::make_unique<QProcess>());
    QProcess* process = processes_.back().get();
    process->setProcessChannelMode(QProcess::ForwardedErrorChannel);
    process->start(program, arguments);
    process->waitForStarted(5000);
    return process;
  }
  /// The server itself, what joins its nodes, and its ear for programs that speak with pulseaudio. The bus
  /// that wants to be there lets nothing out.
  void startPipeWire() {
    const QString bus = folder_.filePath("bus");
    qputenv("DBUS_SESSION_BUS_ADDRESS", ("unix:path=" + bus).toLocal8Bit());
    start("dbus-daemon", {"--session", "--nofork", "--address=unix:path=" + bus});
    waitFor(bus);
    moves_ = start("pipewire", {});
    waitFor(folder_.filePath("pipewire-0"));
    start("wireplumber", {});
    start("pipewire-pulse", {});
  }
  static bool waitFor(const QString& socket) {
    for (int left = 100; left > 0 && !QFile::exists(socket); --left) QTest::qSleep(50);
    return QFile::exists(socket);
  }
  static bool load(const QString& module, const QStringList& arguments) {
    return QProcess::execute("pactl", QStringList{"load-module", module} + arguments) == 0;
  }
  static bool makesMicrophone() {
    return load("module-remap-source",
                {"master=room.monitor", "source_name=mic", "channels=1", "channel_map=mono",
                 "master_channel_map=mono", "source_properties=device.description=Microphone"});
  }

  bool carriedWhole(const QString& name) const {
    constexpr double kSeconds = 4.0, kHz = 300.0, kAmplitude = 0.3;
    const QString tone = folder_.filePath("tone.wav"), heard = folder_.filePath(name + ".raw");
    std::vector<float> played(static_cast<std::size_t>(kSeconds * 48000));
    for (std::size_t n = 0; n < played.size(); ++n)
      played[n] =
          static_cast<float>(kAmplitude * std::sin(2.0 * M_PI * kHz * static_cast<double>(n) / 48000.0));
    if (!writeSound(tone.toStdString(), played, 48000.0, SoundFormat::wav24)) return false;
    QProcess ear;
    ear.setStandardOutputFile(heard);
    ear.start("parec", {"-d", "mic", "--format=float32le", "--rate=48000", "--channels=1"});
    QTest::qSleep(1000);
    QProcess voice;
    voice.start("paplay", {"--device=room", tone});
    if (!voice.waitForFinished(15000)) {  // a room that takes no sound at all
      voice.kill();
      voice.waitForFinished(1000);
    }
    QTest::qSleep(1500);
    ear.terminate();
    ear.waitForFinished(3000);
    QFile file(heard);
    if (!file.open(QIODevice::ReadOnly)) return false;
    const QByteArray bytes = file.readAll();
    std::vector<float> samples(static_cast<std::size_t>(bytes.size()) / sizeof(float));
    std::memcpy(samples.data(), bytes.data(), samples.size() * sizeof(float));
    const auto loud = [](float x) { return std::abs(x) > 0.01f; };
    const auto first = std::ranges::find_if(samples, loud);
    const auto last = std::find_if(samples.rbegin(), samples.rend(), loud).base();
    // One sound as long as it was, without a jump that its frequency does not make.
    constexpr double kJump = 4.0 * kAmplitude * 2.0 * M_PI * kHz / 48000.0;
    constexpr int kHole = 24;
    int silent = 0;
    for (auto at = first; at != last && at + 1 != last; ++at) {
      silent = std::abs(at[0]) < 1e-4f ? silent + 1 : 0;
      if (silent > kHole || std::abs(at[1] - at[0]) > kJump) return false;
    }
    return std::abs(static_cast<double>(last - first) / 48000.0 - kSeconds) < 0.01;
  }

  QTemporaryDir folder_;
  std::vector<std::unique_ptr<QProcess>> processes_;
  QProcess* moves_ = nullptr;  // the one that moves the sound
  const char* name_ = "";
  bool runs_ = false;
};

}  // namespace calando
