#include "app/sound/player.h"

#include <QAudioSink>
#include <QMediaDevices>
#include <QTimer>
#include <chrono>
#include <mutex>

#include "app/sound/tape.h"

namespace calando {

namespace {
// The system's default may hold seconds. What is asked for is how long this thread or the sound system may be
// held up: of 150 ms a third were left, and a count stumbled. It makes nothing later: the output starts at
// once.
constexpr qint64 kBuffer_us = 500000;
constexpr qint64 kMadeAhead_us = 250000;  // of a sound that answers
constexpr double kFlush_s = 0.3;          // after this the last samples are out
}  // namespace

struct SoundPlayer::Watch {
  std::mutex mutex;
  StreamClock clock{StreamClock::Notes::eitherWay};
};

/// What is to be played. `again` makes it from its beginning.
struct SoundPlayer::Playing {
  std::function<Making()> again;
  std::size_t samples;
  double rate_hz;
  double from_s = 0.0;
  bool loop = false;
  qint64 buffer_us = kBuffer_us;
};

/// The sink and its samples; made, used and destroyed on the player's thread.
class SoundPlayer::Output : public QObject {
 public:
  Output(const QAudioDevice& device, Playing playing, std::shared_ptr<Watch> watch)
      : device_(device), playing_(std::move(playing)), watch_(std::move(watch)) {}

  void start(std::function<void(double)> moved, std::function<void()> finished) {
    moved_ = std::move(moved);
    finished_ = std::move(finished);
    const QAudioFormat format = tapeFormat(playing_.rate_hz);
    sink_ = new QAudioSink(device_, format, this);
    sink_->setBufferSize(format.bytesForDuration(playing_.buffer_us));
    begin();
    auto* timer = new QTimer(this);
    timer->setInterval(16);
    connect(timer, &QTimer::timeout, this, &Output::tick);
    timer->start();
  }

  void setGain(double gain) {
    if (tape_) tape_->setGain(static_cast<float>(gain));
  }
  void fadeOut() {
    playing_.loop = false;
    if (tape_) tape_->fadeOut();
  }
  /// Before it is destroyed, or libpulse ends the process.
  void stop() {
    if (sink_) sink_->stop();
  }

 private:
  void begin() {
    tape_ = std::make_unique<Tape>(playing_.again(), playing_.samples, playing_.rate_hz);
    sink_->start(tape_.get());
  }

  void tick() {
    const double length_s = static_cast<double>(tape_->length()) / playing_.rate_hz;
    const double played = static_cast<double>(sink_->processedUSecs()) / 1e6;
    if (played < length_s) {
      if (played > 0.0) watch(played);
      return moved_(playing_.from_s + played);
    }
    if (sink_->state() != QAudio::IdleState && played < length_s + kFlush_s) return;
    if (!playing_.loop) return finished_();
    sink_->stop();
    watchAnew();
    begin();
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
  Playing playing_;
  std::unique_ptr<Tape> tape_;
  QAudioSink* sink_ = nullptr;
  std::function<void(double)> moved_;
  std::function<void()> finished_;
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
  const auto first = std::min(samples.size(), static_cast<std::size_t>(std::max(0.0, from_s) * rate_hz));
  const auto last = std::min(samples.size(), static_cast<std::size_t>(std::max(0.0, to_s) * rate_hz));
  const auto part = std::make_shared<const std::vector<float>>(
      samples.begin() + static_cast<long>(first), samples.begin() + static_cast<long>(std::max(first, last)));
  const auto again = [part]() -> Making {
    return [part, at = std::size_t{0}](std::span<float> out) mutable {
      const std::size_t count = std::min(out.size(), part->size() - at);
      std::copy_n(part->begin() + static_cast<long>(at), count, out.begin());
      at += count;
      return count;
    };
  };
  return start({again, part->size(), rate_hz, from_s, loop});
}

bool SoundPlayer::playMade(Making make, std::size_t samples, double rate_hz) {
  return start({[make] { return make; }, samples, rate_hz, 0.0, false, kMadeAhead_us});
}

bool SoundPlayer::start(Playing playing) {
  stop();
  const QAudioDevice device = device_.isNull() ? QMediaDevices::defaultAudioOutput() : device_;
  if (device.isNull() || playing.samples == 0) return false;
  watch_ = std::make_shared<Watch>();
  output_ = new Output(device, std::move(playing), watch_);
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

void SoundPlayer::setGain(double gain) {
  if (output_) QMetaObject::invokeMethod(output_, [output = output_, gain] { output->setGain(gain); });
}

void SoundPlayer::fadeOut() {
  if (output_) QMetaObject::invokeMethod(output_, [output = output_] { output->fadeOut(); });
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
