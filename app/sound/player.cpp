#include "app/sound/player.h"

#include <QAudioSink>
#include <QBuffer>
#include <QMediaDevices>
#include <QTimer>
#include <chrono>
#include <mutex>

namespace calando {

namespace {
// The system's default may hold seconds. What is asked for is how long this thread or the sound system may be
// held up: of 150 ms a third were left, and a count stumbled. It makes nothing later: the output starts at
// once.
constexpr qint64 kBuffer_us = 500000;
constexpr double kFlush_s = 0.3;  // after this the last samples are out
}  // namespace

struct SoundPlayer::Watch {
  std::mutex mutex;
  StreamClock clock{StreamClock::Notes::eitherWay};
};

/// The sink and its samples; made, used and destroyed on the player's thread.
class SoundPlayer::Output : public QObject {
 public:
  Output(const QAudioDevice& device, const QAudioFormat& format, QByteArray bytes, double from_s, bool loop,
         std::shared_ptr<Watch> watch)
      : device_(device),
        format_(format),
        bytes_(std::move(bytes)),
        from_s_(from_s),
        loop_(loop),
        watch_(std::move(watch)) {}

  void start(std::function<void(double)> moved, std::function<void()> finished) {
    moved_ = std::move(moved);
    finished_ = std::move(finished);
    buffer_ = new QBuffer(&bytes_, this);
    buffer_->open(QIODevice::ReadOnly);
    sink_ = new QAudioSink(device_, format_, this);
    sink_->setBufferSize(format_.bytesForDuration(kBuffer_us));
    sink_->start(buffer_);
    auto* timer = new QTimer(this);
    timer->setInterval(16);
    connect(timer, &QTimer::timeout, this, &Output::tick);
    timer->start();
  }

  /// Before it is destroyed, or libpulse ends the process.
  void stop() {
    if (sink_) sink_->stop();
  }

 private:
  void tick() {
    const double length_s =
        static_cast<double>(format_.durationForBytes(static_cast<qint32>(bytes_.size()))) / 1e6;
    const double played = static_cast<double>(sink_->processedUSecs()) / 1e6;
    if (played < length_s) {
      if (played > 0.0) watch(played);
      return moved_(from_s_ + played);
    }
    if (sink_->state() != QAudio::IdleState && played < length_s + kFlush_s) return;
    if (!loop_) return finished_();
    sink_->stop();
    watchAnew();
    buffer_->seek(0);
    sink_->start(buffer_);
  }

  void watchAnew() {
    const std::lock_guard lock(watch_->mutex);
    watch_->clock = StreamClock(StreamClock::Notes::eitherWay);
  }

  void watch(double played_s) {
    const std::lock_guard lock(watch_->mutex);
    watch_->clock.note(std::chrono::steady_clock::now(), played_s);
  }

  QAudioDevice device_;
  QAudioFormat format_;
  QByteArray bytes_;
  QBuffer* buffer_ = nullptr;
  QAudioSink* sink_ = nullptr;
  std::function<void(double)> moved_;
  std::function<void()> finished_;
  double from_s_;
  bool loop_;
  std::shared_ptr<Watch> watch_;
};

SoundPlayer::SoundPlayer(QObject* parent) : Speaker(parent), watch_(std::make_shared<Watch>()) {
  thread_.start(QThread::TimeCriticalPriority);
}

SoundPlayer::~SoundPlayer() {
  stop();
  thread_.quit();
  thread_.wait();
}

void SoundPlayer::setOutput(const std::string& id) {
  device_ = QAudioDevice();
  for (const QAudioDevice& device : QMediaDevices::audioOutputs())
    if (device.id().toStdString() == id) device_ = device;
}

StreamClock SoundPlayer::clock() const {
  const std::lock_guard lock(watch_->mutex);
  return watch_->clock;
}

bool SoundPlayer::play(const std::vector<float>& samples, double rate_hz, double from_s, double to_s,
                       bool loop) {
  stop();
  const QAudioDevice device = device_.isNull() ? QMediaDevices::defaultAudioOutput() : device_;
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
  watch_ = std::make_shared<Watch>();
  output_ = new Output(device, format, std::move(bytes), from_s, loop, watch_);
  output_->moveToThread(&thread_);
  // What a finished output still has in the queue is not taken for the next one's.
  const auto current = [this, output = output_](auto act) {
    QMetaObject::invokeMethod(
        this,
        [this, output, act] {
          if (output_ == output) act();
        },
        Qt::QueuedConnection);
  };
  QMetaObject::invokeMethod(output_, [this, output = output_, current] {
    output->start([this, current](double t) { current([this, t] { emit moved(t); }); },
                  [this, current] { current([this] { stop(); }); });
  });
  return true;
}

void SoundPlayer::stop() {
  if (!output_) return;
  QMetaObject::invokeMethod(
      output_, [output = output_] { output->stop(); }, Qt::BlockingQueuedConnection);
  output_->deleteLater();
  output_ = nullptr;
  emit stopped();
}

}  // namespace calando
