#include "app/sound/block_source.h"

#include <QAudioSource>
#include <QThread>
#include <chrono>
#include <future>
#include <random>
#include <thread>

#include "app/work/pending.h"
#include "app/work/work_queue.h"

namespace calando {

namespace {

constexpr int kBlock_ms = 20;

QAudioFormat formatFor(const QAudioDevice& device, int channels) {
  QAudioFormat format;
  format.setSampleRate(48000);
  format.setChannelCount(channels);
  format.setSampleFormat(QAudioFormat::Float);
  return device.isFormatSupported(format) ? format : device.preferredFormat();
}

/// One of the channels of interleaved bytes.
std::vector<float> channelOf(const QByteArray& bytes, const QAudioFormat& format, int channel) {
  const int frameBytes = format.bytesPerFrame();
  std::vector<float> samples(static_cast<std::size_t>(bytes.size() / frameBytes));
  const char* at = bytes.constData() + channel * format.bytesPerSample();
  for (float& sample : samples) {
    sample = format.normalizedSampleValue(at);
    at += frameBytes;
  }
  return samples;
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
  DeviceSource(const QAudioDevice& device, bool apart)
      : device_(device),
        format_(formatFor(device, apart ? 2 : 1)),
        apart_(apart && format_.channelCount() > 1) {}
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
      QObject::connect(io, &QIODevice::readyRead, reader_, [this, io, queue] {
        const QByteArray bytes = io->readAll();
        if (apart_)
          queue->push(channelOf(bytes, format_, 1), channelOf(bytes, format_, 0));
        else
          queue->push(monoOf(bytes, format_));
      });
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
  bool apart_;
  QThread thread_;
  QObject* reader_ = nullptr;
  QAudioSource* source_ = nullptr;
};

class PlayedSource : public BlockSource {
 public:
  /// Has the promise kept at once or later, as long as what it returns is held.
  using Ask = std::function<Pending(std::shared_ptr<std::promise<Prepared>>)>;
  /// `room_rms`: of the noise that is heard before and after.
  PlayedSource(Ask ask, double rate, double faster, float room_rms,
               std::function<void(const Prepared&, double)> begun)
      : ask_(std::move(ask)), rate_(rate), faster_(faster), room_(room_rms), begun_(std::move(begun)) {}
  ~PlayedSource() override { stop(); }
  double rate() const override { return rate_; }

  void start(std::shared_ptr<BlockQueue> queue) override {
    stopping_ = false;
    const auto promise = std::make_shared<std::promise<Prepared>>();
    prepared_ = promise->get_future();
    preparing_ = ask_(promise);
    thread_ = std::thread([this, queue] { run(*queue); });
  }

  void stop() override {
    stopping_ = true;
    preparing_ = {};
    if (thread_.joinable()) thread_.join();
  }

 private:
  void run(BlockQueue& queue) {
    const auto count = static_cast<std::size_t>(rate_ * kBlock_ms / 1000.0);
    auto due = std::chrono::steady_clock::now();
    std::optional<Prepared> sound;
    std::size_t at = 0;     // in the sound
    std::size_t given = 0;  // samples since the start
    while (!stopping_) {
      if (!sound && prepared_.wait_for(std::chrono::seconds(0)) == std::future_status::ready) {
        sound = prepared_.get();
        if (begun_) begun_(*sound, static_cast<double>(given) / rate_);
      }
      std::vector<float> block(count);
      std::vector<float> first(sound && sound->first ? count : 0);
      for (std::size_t n = 0; n < count; ++n) {
        const auto next = [&](const std::shared_ptr<const std::vector<float>>& of) {
          return at < of->size() ? (*of)[at] : room_ * noise_(random_);
        };
        if (!first.empty()) first[n] = next(sound->first);
        block[n] = sound ? next(sound->samples) : room_ * noise_(random_);
        if (sound) ++at;
      }
      queue.push(std::move(block), std::move(first));
      given += count;
      due += std::chrono::microseconds(static_cast<long>(1000.0 * kBlock_ms / faster_));
      std::this_thread::sleep_until(due);
    }
  }

  Ask ask_;
  double rate_;
  double faster_;
  float room_;
  std::function<void(const Prepared&, double)> begun_;
  std::future<Prepared> prepared_;
  Pending preparing_;
  std::mt19937 random_{1};
  std::normal_distribution<float> noise_;
  std::thread thread_;
  std::atomic<bool> stopping_{false};
};

}  // namespace

std::unique_ptr<BlockSource> deviceSource(const QAudioDevice& device, bool apart) {
  return std::make_unique<DeviceSource>(device, apart);
}

std::unique_ptr<BlockSource> preparedSource(WorkQueue& queue, std::function<Prepared()> work, double rate_hz,
                                            double faster,
                                            std::function<void(const Prepared&, double)> begun) {
  constexpr float kRoom = 3.2e-4f;  // -70 dBFS
  const auto ask = [&queue, work = std::move(work)](const std::shared_ptr<std::promise<Prepared>>& promise) {
    return queue.ask(
        WorkQueue::Urgency::now, [work](std::stop_token) { return work(); },
        [promise](Prepared prepared) { promise->set_value(std::move(prepared)); });
  };
  return std::make_unique<PlayedSource>(ask, rate_hz, faster, kRoom, std::move(begun));
}

std::unique_ptr<BlockSource> playedSource(std::vector<float> samples, double rate_hz, double faster) {
  const auto shared = std::make_shared<std::vector<float>>(std::move(samples));
  const auto ready = [=](const std::shared_ptr<std::promise<Prepared>>& promise) {
    promise->set_value({shared, rate_hz, 0.0});
    return Pending();
  };
  return std::make_unique<PlayedSource>(ready, rate_hz, faster, 0.0f, nullptr);
}

}  // namespace calando
