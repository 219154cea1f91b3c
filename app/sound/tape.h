#pragma once

#include <QAudioFormat>
#include <QIODevice>
#include <atomic>

#include "app/sound/speaker.h"

namespace calando {

/// What an output reads: mono samples as 16 bits, louder and softer without a step, and with a soft end
/// whenever that is wanted. Read on one thread; the level and the end are set from any.
class Tape : public QIODevice {
 public:
  /// `samples`: how many there will be at most.
  Tape(Making make, std::size_t samples, double rate_hz);

  void setGain(float gain) { wanted_ = gain; }
  /// It falls silent within 30 ms, and is over then.
  void fadeOut() { ending_ = true; }
  /// How many samples it has, as far as that is known: fewer once it ends early.
  std::size_t length() const { return length_; }
  double rate_hz() const { return rate_; }
  bool isSequential() const override { return true; }
  bool atEnd() const override { return given_ >= length_; }
  qint64 bytesAvailable() const override;

 protected:
  qint64 readData(char* data, qint64 most) override;
  qint64 writeData(const char*, qint64) override { return -1; }

 private:
  Making make_;
  double rate_;
  std::atomic<std::size_t> length_;
  std::atomic<float> wanted_{1.0f};
  std::atomic<bool> ending_{false};
  float gain_ = 1.0f;
  std::size_t given_ = 0;
};

QAudioFormat tapeFormat(double rate_hz);

}  // namespace calando
