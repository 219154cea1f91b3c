#pragma once

#include <QAudioDevice>
#include <QObject>
#include <QThread>
#include <memory>
#include <vector>

namespace calando {

/// Plays samples, from a place, once or as a loop. The output is fed on a thread of its own: a window that is
/// busy painting may not make a count stumble.
class SoundPlayer : public QObject {
  Q_OBJECT

 public:
  explicit SoundPlayer(QObject* parent = nullptr);
  ~SoundPlayer() override;

  /// Null: the system's default output.
  void setOutput(const QAudioDevice& device) { device_ = device; }
  /// False when there is no output; then nothing plays.
  bool play(const std::vector<float>& samples, double rate_hz, double from_s, double to_s, bool loop);
  void stop();
  bool playing() const { return output_ != nullptr; }
  /// Seconds from play() to the first sound, as far as the program knows: what the output holds.
  static double delay_s();

 signals:
  void moved(double seconds);
  void stopped();

 private:
  class Output;
  QThread thread_;
  QAudioDevice device_;
  Output* output_ = nullptr;  // lives on the thread
};

}  // namespace calando
