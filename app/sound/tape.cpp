#include "app/sound/tape.h"

#include <algorithm>
#include <cmath>
#include <vector>

namespace calando {

namespace {
constexpr double kChanges_s = 0.03;  // from silence to full
constexpr qint64 kSample = sizeof(qint16);
}  // namespace

Tape::Tape(Making make, std::size_t samples, double rate_hz)
    : make_(std::move(make)), rate_(rate_hz), length_(samples) {
  open(QIODevice::ReadOnly | QIODevice::Unbuffered);
}

qint64 Tape::bytesAvailable() const { return kSample * static_cast<qint64>(length_ - given_); }

qint64 Tape::readData(char* data, qint64 most) {
  const std::size_t wanted = std::min(static_cast<std::size_t>(most / kSample), length_ - given_);
  std::vector<float> samples(wanted);
  std::size_t count = make_(samples);
  if (count < wanted) length_ = given_ + count;
  const auto step = static_cast<float>(1.0 / (kChanges_s * rate_));
  auto* out = reinterpret_cast<qint16*>(data);
  for (std::size_t n = 0; n < count; ++n) {
    const float goal = ending_ ? 0.0f : wanted_.load();
    gain_ += std::clamp(goal - gain_, -step, step);
    if (ending_ && gain_ <= 0.0f) {
      count = n;
      length_ = given_ + count;
      break;
    }
    out[n] = static_cast<qint16>(std::lround(std::clamp(gain_ * samples[n], -1.0f, 1.0f) * 32767.0f));
  }
  given_ += count;
  return kSample * static_cast<qint64>(count);
}

QAudioFormat tapeFormat(double rate_hz) {
  QAudioFormat format;
  format.setSampleRate(static_cast<int>(rate_hz));
  format.setChannelCount(1);
  format.setSampleFormat(QAudioFormat::Int16);
  return format;
}

}  // namespace calando
