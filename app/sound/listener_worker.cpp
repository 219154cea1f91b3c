#include "app/sound/listener_worker.h"

#include <utility>

#include "app/words/words.h"
#include "core/live/input_meter.h"

namespace calando {

namespace {

constexpr auto kPictureEvery = std::chrono::duration<double>(0.016);
constexpr double kDoubledAfter_s = 60.0;
constexpr auto kMeterEvery = std::chrono::milliseconds(60);
constexpr auto kSilent = std::chrono::milliseconds(30);  // a source is asked after that whether it has ended

}  // namespace

Listener::Worker::Worker(Listener& owner, double rate) : owner_(owner), rate_(rate) {}

Listener::Worker::~Worker() {
  stopping_ = true;
  if (thread_.joinable()) thread_.join();
}

void Listener::Worker::start() {
  thread_ = std::thread([this] { run(); });
}

void Listener::Worker::run() {
  InputMeter meter(rate_);
  auto metered = std::chrono::steady_clock::now();
  bool endTold = false;
  BlockQueue::Block block;
  while (!stopping_) {
    if (!queue_->blocks.wait_dequeue_timed(block, kSilent)) {
      if (queue_->ended && !std::exchange(endTold, true)) tell([o = &owner_] { emit o->sourceEnded(); });
      continue;
    }
    meter.push(block.samples);
    take(block);
    const auto now = std::chrono::steady_clock::now();
    if (now - metered < kMeterEvery) continue;
    metered = now;
    tell([o = &owner_, state = meter.state(queue_->dropped)] { emit o->inputChanged(state); });
  }
}

template <class Tell>
void Listener::Worker::tell(Tell tell) {
  owner_.hand([alive = std::weak_ptr(alive_), tell] {
    if (!alive.expired()) tell();
  });
}

Listener::Worker::Said Listener::Worker::said() const {
  const std::lock_guard lock(saying_);
  return said_;
}

void Listener::Worker::take(const BlockQueue::Block& block) {
  const std::shared_ptr<TakeSink> disk = hear(block);
  // The take may have ended meanwhile: what goes to the disk too late is of a recording that nobody wants.
  if (!disk || disk->failure() || disk->write(toDisk_)) return;
  tell([o = &owner_, why = words::said(disk->failure()->why)] { emit o->recordingFailed(why); });
}

std::shared_ptr<TakeSink> Listener::Worker::hear(const BlockQueue::Block& block) {
  const std::lock_guard lock(mutex_);
  if (!stages_) return nullptr;
  samples_.insert(samples_.end(), block.samples.begin(), block.samples.end());
  stages_->push(block.samples);
  toDisk_ = block.samples;
  if (plan_.context.apart) {
    hearFirst(block);
    toDisk_ = interleaved(block);
  }
  say([&](Said& now) {
    now.clock.note(block.arrived, heard_s());
    now.samples = samples_.size();
  });
  show();
  return recorder_;
}

void Listener::Worker::hearFirst(const BlockQueue::Block& block) {
  first_.insert(first_.end(), block.first.begin(), block.first.end());
  first_.resize(samples_.size());  // what is missing of it is silent
  firstStages_->push(std::span(first_).last(block.samples.size()));
}

std::vector<float> Listener::Worker::interleaved(const BlockQueue::Block& block) const {
  std::vector<float> both;
  const std::size_t from = first_.size() - block.samples.size();
  for (std::size_t n = 0; n < block.samples.size(); ++n) {
    both.push_back(first_[from + n]);
    both.push_back(block.samples[n]);
  }
  return both;
}

void Listener::Worker::show() {
  const auto moment = std::chrono::steady_clock::now();
  if (*underway_) return;
  // A long take is drawn less often: handing over its tracks costs more.
  if (moment - pictured_ < kPictureEvery * (1.0 + heard_s() / kDoubledAfter_s)) return;
  pictured_ = moment;
  const auto live = picture();
  const Sounding sounding = soundingOf(*live);
  *underway_ = true;
  tell([o = &owner_, live, held = sounding.held_s, flag = underway_] {
    *flag = false;
    emit o->grew(live, held);
  });
  if (!plan_.stopsByItself || stopTold_ || !said().placed || !end_.reached(*live, sounding)) return;
  stopTold_ = true;
  tell([o = &owner_] { emit o->autoStop(); });
}

std::shared_ptr<Snapshot> Listener::Worker::picture() const {
  auto live = std::make_shared<Snapshot>();
  live->tracks = stages_->soFar();
  if (firstStages_) live->tracks.first = std::make_shared<const Tracks>(firstStages_->soFar());
  live->context = plan_.context;
  const Said now = said();
  if (now.partner) {
    now.partner->hear(live->tracks.frames.empty() ? 0.0 : live->tracks.frames.back().f0_hz);
    live->context.accompaniment.partner = now.partner->voice();
  }
  live->sheet = plan_.sheet;
  live->sheetStart_s = now.sheetStart_s;
  live->live = true;
  live->asked_s = plan_.asked_s;
  live->analysis.pair = livePair(*live);
  return live;
}

void Listener::Worker::begin(const Plan& plan) {
  const std::lock_guard lock(mutex_);
  plan_ = plan;
  stages_ = std::make_unique<TakeStages>(rate_, plan_.context, TakeStages::While::sounding);
  firstStages_ = plan_.context.apart
                     ? std::make_unique<TakeStages>(rate_, Context{}, TakeStages::While::sounding)
                     : nullptr;
  recorder_ = owner_.makeSink_(plan_.recording, rate_, plan_.context.apart ? 2 : 1);
  samples_.clear();
  first_.clear();
  stopTold_ = false;
  end_ = {};
  say([&](Said& now) {
    now = {};
    now.sheetStart_s = plan_.sheetStart_s;
    now.placed = plan_.placed;
  });
}

Listener::Recording Listener::Worker::end() {
  const std::lock_guard lock(mutex_);
  stages_.reset();
  recorder_.reset();
  return {std::move(samples_), std::move(first_), said().clock};
}

}  // namespace calando
