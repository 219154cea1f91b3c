#pragma once

#include <QAudioDevice>
#include <QObject>
#include <QThread>
#include <atomic>
#include <chrono>
#include <memory>
#include <optional>
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
  /// Seconds from the start to the first sound where that has not been measured: half of what the output may
  /// hold.
  static double delay_s();
  /// When the output began with what was played last; empty while it has not.
  std::optional<std::chrono::steady_clock::time_point> began() const;

 signals:
  void moved(double seconds);
  void stopped();

 private:
  class Output;
  using Ticks = std::chrono::steady_clock::rep;
  QThread thread_;
  std::shared_ptr<std::atomic<Ticks>> began_;  // of the steady clock; 0: not yet
  QAudioDevice device_;
  Output* output_ = nullptr;  // lives on the thread
};

}  // namespace calando
