#pragma once

#include <QObject>
#include <memory>
#include <vector>

class QAudioSink;
class QBuffer;
class QTimer;

namespace calando {

/// Plays samples to the default output, from a place, once or as a loop.
class SoundPlayer : public QObject {
  Q_OBJECT

 public:
  explicit SoundPlayer(QObject* parent = nullptr);
  ~SoundPlayer() override;

  /// False when there is no output; then nothing plays.
  bool play(const std::vector<float>& samples, double rate_hz, double from_s, double to_s, bool loop);
  void stop();
  bool playing() const { return sink_ != nullptr; }

 signals:
  void moved(double seconds);
  void stopped();

 private:
  void tick();
  std::unique_ptr<QAudioSink> sink_;
  std::unique_ptr<QBuffer> buffer_;
  QTimer* timer_;
  double from_s_ = 0.0;
  double length_s_ = 0.0;
  bool loop_ = false;
};

}  // namespace calando
