#include "app/live_take.h"

#include <chrono>
#include <mutex>

#include "core/exercise/click_remover.h"
#include "core/measure/input_meter.h"
#include "core/signal/tracker.h"
#include "records/take_recorder.h"

namespace calando {

namespace {

constexpr auto kPictureEvery = std::chrono::milliseconds(16);
constexpr auto kMeterEvery = std::chrono::milliseconds(60);
constexpr double kStopAfter_s = 1.0;

}  // namespace

struct LiveTake::Worker {
  LiveTake* owner;
  double rate;
  std::shared_ptr<BlockQueue> queue = std::make_shared<BlockQueue>();
  std::atomic<bool> stopping{false};
  /// A picture is on its way to the interface, which may be handled after the worker has gone.
  std::shared_ptr<std::atomic<bool>> underway = std::make_shared<std::atomic<bool>>(false);
  std::mutex mutex;  // guards the take; held for a block at a time
  std::unique_ptr<Tracker> tracker;
  std::optional<ClickRemover> remover;  // where a click is played to the take
  std::unique_ptr<TakeRecorder> recorder;
  std::vector<float> samples;
  StreamClock clock = Heard{}.clock;
  Plan plan;
  bool told = false;
  bool toldFailure = false;
  bool toldEnd = false;
  std::chrono::steady_clock::time_point pictured;
  std::thread thread;

  void run() {
    InputMeter meter(rate);
    auto metered = std::chrono::steady_clock::now();
    BlockQueue::Block block;
    while (!stopping) {
      if (!queue->blocks.try_dequeue(block)) {
        if (queue->ended && !toldEnd) {
          toldEnd = true;
          QMetaObject::invokeMethod(
              owner, [o = owner] { emit o->sourceEnded(); }, Qt::QueuedConnection);
        }
        std::this_thread::sleep_for(std::chrono::milliseconds(4));
        continue;
      }
      meter.push(block.samples);
      take(block.samples, block.arrived);
      const auto now = std::chrono::steady_clock::now();
      if (now - metered < kMeterEvery) continue;
      metered = now;
      const InputState state = meter.state(queue->dropped);
      QMetaObject::invokeMethod(
          owner, [o = owner, state] { emit o->inputChanged(state); }, Qt::QueuedConnection);
    }
  }

  void take(std::span<const float> block, std::chrono::steady_clock::time_point arrived) {
    const std::lock_guard lock(mutex);
    if (!tracker) return;
    samples.insert(samples.end(), block.begin(), block.end());
    clock.note(arrived, static_cast<double>(samples.size()) / rate);
    if (remover)
      tracker->push(remover->push(block));
    else
      tracker->push(block);
    if (recorder && !recorder->write(block) && !toldFailure) {
      toldFailure = true;
      QMetaObject::invokeMethod(
          owner,
          [o = owner, why = QString::fromStdString(recorder->error().why)] { emit o->recordingFailed(why); },
          Qt::QueuedConnection);
    }
    const auto now = std::chrono::steady_clock::now();
    // One picture at a time is on its way: an interface that is busy gets the newest when it has time again.
    if (*underway) return;
    // A long take is drawn less often: handing over its tracks costs more.
    if (now - pictured < kPictureEvery * (1 + tracker->tracks().frames.size() / 6000)) return;
    pictured = now;
    auto picture = std::make_shared<TakePicture>();
    picture->tracks = tracker->tracks();
    for (const TrackFrame& guess : tracker->provisional()) picture->tracks.frames.push_back(guess);
    picture->context = plan.context;
    picture->sheet = plan.sheet;
    picture->sheetStart_s = plan.sheetStart_s;
    picture->live = true;
    picture->asked_s = plan.asked_s;
    const auto [held, sinceEnd] = latestSound(picture->tracks);
    *underway = true;
    QMetaObject::invokeMethod(
        owner,
        [o = owner, picture, held = held, flag = underway] {
          *flag = false;
          emit o->grew(picture, held);
        },
        Qt::QueuedConnection);
    const bool over = picture->hasCues() ? picture->tracks.duration_s >
                                               plan.sheetStart_s + plan.sheet.length_s() + kStopAfter_s
                                         : held > 0.5 && sinceEnd > kStopAfter_s;
    if (plan.stopsByItself && !told && over) {
      told = true;
      QMetaObject::invokeMethod(
          owner, [o = owner] { emit o->autoStop(); }, Qt::QueuedConnection);
    }
  }
};

LiveTake::LiveTake(QObject* parent) : QObject(parent) {}
LiveTake::~LiveTake() { quiet(); }

void LiveTake::listen(std::unique_ptr<BlockSource> source) {
  quiet();
  source_ = std::move(source);
  rate_ = source_->rate();
  worker_ = std::make_unique<Worker>();
  worker_->owner = this;
  worker_->rate = rate_;
  worker_->thread = std::thread([w = worker_.get()] { w->run(); });
  source_->start(worker_->queue);
}

void LiveTake::quiet() {
  if (source_) source_->stop();
  if (worker_) {
    worker_->stopping = true;
    worker_->thread.join();
  }
  source_.reset();
  worker_.reset();
  running_ = false;
}

void LiveTake::begin(const Plan& plan) {
  if (!worker_) return;
  const std::lock_guard lock(worker_->mutex);
  worker_->tracker = std::make_unique<Tracker>(rate_, Tracker::kLiveLag);
  worker_->remover.reset();
  if (plan.context.click) worker_->remover.emplace(plan.sheet, plan.context.fork_hz, rate_);
  worker_->recorder = std::make_unique<TakeRecorder>(plan.recording, rate_);
  worker_->samples.clear();
  worker_->clock = Heard{}.clock;
  worker_->plan = plan;
  worker_->told = worker_->toldFailure = false;
  running_ = true;
}

void LiveTake::placeSheet(double start_s) {
  if (!worker_) return;
  const std::lock_guard lock(worker_->mutex);
  worker_->plan.sheetStart_s = start_s;
}

StreamClock LiveTake::clock() const {
  if (!worker_) return Heard{}.clock;
  const std::lock_guard lock(worker_->mutex);
  return worker_->clock;
}

LiveTake::Heard LiveTake::end() {
  running_ = false;
  if (!worker_) return {};
  const std::lock_guard lock(worker_->mutex);
  worker_->tracker.reset();
  worker_->recorder.reset();
  return {std::move(worker_->samples), worker_->clock};
}

}  // namespace calando
