#pragma once

#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>
#include <csignal>
#include <memory>
#include <vector>

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

  QTemporaryDir folder_;
  std::vector<std::unique_ptr<QProcess>> processes_;
  QProcess* moves_ = nullptr;  // the one that moves the sound
  const char* name_ = "";
  bool runs_ = false;
};

}  // namespace calando
