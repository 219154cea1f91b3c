#include "app/block_source.h"

#include <QAudioSource>
#include <QThread>
#include <chrono>
#include <thread>

namespace calando {

namespace {

constexpr int kBlock_ms = 20;

QAudioFormat formatFor(const QAudioDevice& device) {
  QAudioFormat format;
  format.setSampleRate(48000);
  format.setChannelCount(1);
  format.setSampleFormat(QAudioFormat::Float);
  return device.isFormatSupported(format) ? format : device.preferredFormat();
}

/// Interleaved bytes of any of Qt's formats as the mean of the channels.
std::vector<float> monoOf(const QByteArray& bytes, const QAudioFormat& format) {
  const int sampleBytes = format.bytesPerSample();
  const int channels = std::max(1, format.channelCount());
  std::vector<float> mono(static_cast<std::size_t>(bytes.size() / (sampleBytes * channels)));
  const char* at = bytes.constData();
  for (float& sample : mono) {
    float sum = 0.0f;
    for (int c = 0; c < channels; ++c, at += sampleBytes) sum += format.normalizedSampleValue(at);
    sample = sum / static_cast<float>(channels);
  }
  return mono;
}

class DeviceSource : public BlockSource {
 public:
  explicit DeviceSource(const QAudioDevice& device) : device_(device), format_(formatFor(device)) {}
  ~DeviceSource() override { stop(); }
  double rate() const override { return format_.sampleRate(); }

  void start(std::shared_ptr<BlockQueue> queue) override {
    reader_ = new QObject;
    reader_->moveToThread(&thread_);
    QObject::connect(&thread_, &QThread::finished, reader_, &QObject::deleteLater);
    thread_.start(QThread::HighPriority);
    QMetaObject::invokeMethod(reader_, [this, queue] {
      source_ = new QAudioSource(device_, format_, reader_);
      source_->setBufferSize(format_.bytesForDuration(1000 * kBlock_ms));
      QIODevice* io = source_->start();
      if (!io) {
        queue->ended = true;
        return;
      }
      QObject::connect(io, &QIODevice::readyRead, reader_,
                       [this, io, queue] { queue->push(monoOf(io->readAll(), format_)); });
      QObject::connect(source_, &QAudioSource::stateChanged, reader_, [this, queue](QAudio::State state) {
        if (state == QAudio::StoppedState && source_->error() != QAudio::NoError) queue->ended = true;
      });
    });
  }

  void stop() override {
    if (!thread_.isRunning()) return;
    // Stopped before it is destroyed, or libpulse ends the process.
    QMetaObject::invokeMethod(
        reader_,
        [this] {
          if (source_) source_->stop();
        },
        Qt::BlockingQueuedConnection);
    thread_.quit();
    thread_.wait();
    source_ = nullptr;
  }

 private:
  QAudioDevice device_;
  QAudioFormat format_;
  QThread thread_;
  QObject* reader_ = nullptr;
  QAudioSource* source_ = nullptr;
};

class PlayedSource : public BlockSource {
 public:
  PlayedSource(std::vector<float> samples, double rate, double faster)
      : samples_(std::move(samples)), rate_(rate), faster_(faster) {}
  ~PlayedSource() override { stop(); }
  double rate() const override { return rate_; }

  void start(std::shared_ptr<BlockQueue> queue) override {
    stopping_ = false;
    thread_ = std::thread([this, queue] {
      const auto count = static_cast<std::size_t>(rate_ * kBlock_ms / 1000.0);
      auto due = std::chrono::steady_clock::now();
      for (std::size_t at = 0; !stopping_; at += count) {
        std::vector<float> block(count, 0.0f);
        for (std::size_t i = 0; i < count && at + i < samples_.size(); ++i) block[i] = samples_[at + i];
        queue->push(std::move(block));
        due += std::chrono::microseconds(static_cast<long>(1000.0 * kBlock_ms / faster_));
        std::this_thread::sleep_until(due);
      }
    });
  }

  void stop() override {
    stopping_ = true;
    if (thread_.joinable()) thread_.join();
  }

 private:
  std::vector<float> samples_;
  double rate_;
  double faster_;
  std::thread thread_;
  std::atomic<bool> stopping_{false};
};

}  // namespace

std::unique_ptr<BlockSource> deviceSource(const QAudioDevice& device) {
  return std::make_unique<DeviceSource>(device);
}

std::unique_ptr<BlockSource> playedSource(std::vector<float> samples, double rate_hz, double faster) {
  return std::make_unique<PlayedSource>(std::move(samples), rate_hz, faster);
}

}  // namespace calando
