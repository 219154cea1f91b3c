#pragma once

#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>
#include <csignal>

namespace calando {

/// A private pulseaudio: a null sink called "room", a microphone in it.
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
  /// No sound moves for a while, as when the computer is too busy for it.
  void holdUp(int ms) const {
    kill(static_cast<pid_t>(server_.processId()), SIGSTOP);
    QTest::qWait(ms);
    kill(static_cast<pid_t>(server_.processId()), SIGCONT);
  }
  bool runs() const {
    return server_.state() == QProcess::Running && QFile::exists(folder_.filePath("socket"));
  }

 private:
  QTemporaryDir folder_;
  QProcess server_;
};

}  // namespace calando
