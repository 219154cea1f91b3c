#pragma once

#include <QAudioDevice>
#include <QObject>
#include <QThread>
#include <memory>
#include <optional>
#include <vector>

#include "app/sound/speaker.h"

namespace calando {

/// The system's sound output. It is fed on a thread of its own: a window that is
/// busy painting may not make a count stumble.
class SoundPlayer : public Speaker {
  Q_OBJECT

 public:
  explicit SoundPlayer(QObject* parent = nullptr);
  ~SoundPlayer() override;

  void setOutput(const std::string& id) override;
  bool play(const std::vector<float>& samples, double rate_hz, double from_s, double to_s,
            bool loop) override;
  bool playMade(Making make, std::size_t samples, double rate_hz) override;
  void setGain(double gain) override;
  void stop() override;
  void fadeOut() override;
  bool playing() const override { return output_ != nullptr; }
  StreamClock clock() const override;

 private:
  class Output;
  struct Watch;
  struct Playing;
  bool start(Playing playing);
  QThread thread_;
  std::shared_ptr<Watch> watch_;
  QAudioDevice device_;
  Output* output_ = nullptr;  // lives on the thread
};

}  // namespace calando
