#include "app/player.h"

#include <QAudioSink>
#include <QBuffer>
#include <QMediaDevices>
#include <QTimer>

namespace calando {

namespace {
constexpr qint64 kBuffer_us = 80000;  // the default may hold seconds, and a count must not be late
}

SoundPlayer::SoundPlayer(QObject* parent) : QObject(parent), timer_(new QTimer(this)) {
  timer_->setInterval(16);
  connect(timer_, &QTimer::timeout, this, &SoundPlayer::tick);
}

SoundPlayer::~SoundPlayer() { stop(); }

bool SoundPlayer::play(const std::vector<float>& samples, double rate_hz, double from_s, double to_s,
                       bool loop) {
  stop();
  const QAudioDevice device = QMediaDevices::defaultAudioOutput();
  const auto first = std::min(samples.size(), static_cast<std::size_t>(std::max(0.0, from_s) * rate_hz));
  const auto last = std::min(samples.size(), static_cast<std::size_t>(std::max(0.0, to_s) * rate_hz));
  if (device.isNull() || last <= first) return false;
  QAudioFormat format;
  format.setSampleRate(static_cast<int>(rate_hz));
  format.setChannelCount(1);
  format.setSampleFormat(QAudioFormat::Int16);
  QByteArray bytes;
  bytes.reserve(static_cast<qsizetype>(2 * (last - first)));
  for (std::size_t i = first; i < last; ++i) {
    const auto value = static_cast<qint16>(std::lround(std::clamp(samples[i], -1.0f, 1.0f) * 32767.0f));
    bytes.append(reinterpret_cast<const char*>(&value), 2);
  }
  buffer_ = std::make_unique<QBuffer>();
  buffer_->setData(bytes);
  buffer_->open(QIODevice::ReadOnly);
  sink_ = std::make_unique<QAudioSink>(device, format);
  sink_->setBufferSize(format.bytesForDuration(kBuffer_us));
  from_s_ = from_s;
  length_s_ = static_cast<double>(last - first) / rate_hz;
  loop_ = loop;
  sink_->start(buffer_.get());
  timer_->start();
  return true;
}

void SoundPlayer::stop() {
  if (!sink_) return;
  timer_->stop();
  sink_->stop();
  sink_.reset();
  buffer_.reset();
  emit stopped();
}

void SoundPlayer::tick() {
  const double played = static_cast<double>(sink_->processedUSecs()) / 1e6;
  if (played < length_s_) {
    emit moved(from_s_ + played);
    return;
  }
  if (sink_->state() != QAudio::IdleState && played < length_s_ + 0.3) return;
  if (!loop_) {
    stop();
    return;
  }
  sink_->stop();
  buffer_->seek(0);
  sink_->start(buffer_.get());
}

}  // namespace calando
