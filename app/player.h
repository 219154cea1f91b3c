#pragma once

#include <QAudioDevice>
#include <QObject>
#include <QThread>
#include <memory>
#include <optional>
#include <vector>

#include "core/measure/stream_clock.h"

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
  /// Of what was played last, by the steady clock and by what the sound system says is out.
  StreamClock clock() const;

 signals:
  void moved(double seconds);
  void stopped();

 private:
  class Output;
  struct Watch;
  QThread thread_;
  std::shared_ptr<Watch> watch_;
  QAudioDevice device_;
  Output* output_ = nullptr;  // lives on the thread
};

}  // namespace calando
