#include "app/sound/listener.h"

#include <chrono>
#include <mutex>

#include "app/words/words.h"
#include "core/engine/take_end.h"
#include "core/engine/take_stages.h"
#include "core/live/input_meter.h"

namespace calando {

namespace {

constexpr auto kPictureEvery = std::chrono::duration<double>(0.016);
constexpr double kDoubledAfter_s = 60.0;
constexpr auto kMeterEvery = std::chrono::milliseconds(60);
constexpr auto kSilent = std::chrono::milliseconds(30);  // a source is asked after that whether it has ended

}  // namespace

struct Listener::Worker {
  Listener* owner;
  double rate;
  std::shared_ptr<BlockQueue> queue = std::make_shared<BlockQueue>();
  std::atomic<bool> stopping{false};
  /// A picture is on its way to the interface, which may be handled after the worker has gone.
  std::shared_ptr<std::atomic<bool>> underway = std::make_shared<std::atomic<bool>>(false);
  /// What is on its way to the interface when the worker goes is of a source that is not listened to any
  /// more.
  std::shared_ptr<const bool> alive = std::make_shared<const bool>(true);
  /// What the interface asks for and says while a take sounds; it never waits for a block that is in hand.
  struct Said {
    double sheetStart_s = 0.0;
    bool placed = true;
    std::shared_ptr<LivePartner> partner;  // who listens
    StreamClock clock = Recording{}.clock;
    std::size_t samples = 0;
  };
  mutable std::mutex saying;
  Said said;
  std::mutex mutex;  // guards the take; held for a block at a time, but not while it goes to the disk
  std::unique_ptr<TakeStages> stages;
  std::unique_ptr<TakeStages> firstStages;  // where each of two has a microphone
  std::vector<float> first;
  std::vector<float> toDisk;  // the worker's alone
  std::shared_ptr<TakeSink> recorder;
  std::vector<float> samples;
  Plan plan;
  bool told = false;
  TakeEnd end;
  bool toldEnd = false;
  std::chrono::steady_clock::time_point pictured;
  std::thread thread;

  void run() {
    InputMeter meter(rate);
    auto metered = std::chrono::steady_clock::now();
    BlockQueue::Block block;
    while (!stopping) {
      if (!queue->blocks.wait_dequeue_timed(block, kSilent)) {
        if (queue->ended && !std::exchange(toldEnd, true)) tell([o = owner] { emit o->sourceEnded(); });
        continue;
      }
      meter.push(block.samples);
      take(block);
      const auto now = std::chrono::steady_clock::now();
      if (now - metered < kMeterEvery) continue;
      metered = now;
      tell([o = owner, state = meter.state(queue->dropped)] { emit o->inputChanged(state); });
    }
  }

  /// To the interface, as long as this source is the one that is listened to.
  template <class Tell>
  void tell(Tell tell) {
    owner->hand([alive = std::weak_ptr(alive), tell] {
      if (!alive.expired()) tell();
    });
  }

  Said saidNow() const {
    const std::lock_guard lock(saying);
    return said;
  }
  template <class Say>
  void say(Say say) {
    const std::lock_guard lock(saying);
    say(said);
  }

  void take(const BlockQueue::Block& block) {
    const std::shared_ptr<TakeSink> disk = hear(block);
    // The take may have ended meanwhile: what goes to the disk too late is of a recording that nobody wants.
    if (!disk || disk->failure() || disk->write(toDisk)) return;
    tell([o = owner, why = words::said(disk->failure()->why)] { emit o->recordingFailed(why); });
  }

  /// Where it is to be recorded; nullptr: no take sounds.
  std::shared_ptr<TakeSink> hear(const BlockQueue::Block& block) {
    const std::lock_guard lock(mutex);
    if (!stages) return nullptr;
    samples.insert(samples.end(), block.samples.begin(), block.samples.end());
    stages->push(block.samples);
    toDisk = block.samples;
    if (plan.context.apart) {
      takeFirst(block);
      toDisk = interleaved(block);
    }
    say([&](Said& now) {
      now.clock.note(block.arrived, heard_s());
      now.samples = samples.size();
    });
    picture();
    return recorder;
  }

  /// What is missing of it is silent.
  void takeFirst(const BlockQueue::Block& block) {
    first.insert(first.end(), block.first.begin(), block.first.end());
    first.resize(samples.size());
    firstStages->push(std::span(first).last(block.samples.size()));
  }

  std::vector<float> interleaved(const BlockQueue::Block& block) const {
    std::vector<float> both;
    const std::size_t from = first.size() - block.samples.size();
    for (std::size_t n = 0; n < block.samples.size(); ++n) {
      both.push_back(first[from + n]);
      both.push_back(block.samples[n]);
    }
    return both;
  }

  double heard_s() const { return static_cast<double>(samples.size()) / rate; }

  /// Tells the interface how the take stands; one picture at a time is on its way: an interface that is busy
  /// gets the newest when it has time again.
  void picture() {
    const auto moment = std::chrono::steady_clock::now();
    if (*underway) return;
    // A long take is drawn less often: handing over its tracks costs more.
    if (moment - pictured < kPictureEvery * (1.0 + heard_s() / kDoubledAfter_s)) return;
    pictured = moment;
    auto live = std::make_shared<Snapshot>();
    live->tracks = stages->soFar();
    if (firstStages) live->tracks.first = std::make_shared<const Tracks>(firstStages->soFar());
    live->context = plan.context;
    const Said now = saidNow();
    if (now.partner) {
      now.partner->hear(live->tracks.frames.empty() ? 0.0 : live->tracks.frames.back().f0_hz);
      live->context.accompaniment.partner = now.partner->voice();
    }
    live->sheet = plan.sheet;
    live->sheetStart_s = now.sheetStart_s;
    live->live = true;
    live->asked_s = plan.asked_s;
    live->analysis.pair = livePair(*live);
    const Sounding sounding = soundingOf(*live);
    *underway = true;
    tell([o = owner, live, held = sounding.held_s, flag = underway] {
      *flag = false;
      emit o->grew(live, held);
    });
    if (!plan.stopsByItself || told || !now.placed || !end.reached(*live, sounding)) return;
    told = true;
    tell([o = owner] { emit o->autoStop(); });
  }

  void begin(const Plan& wanted) {
    plan = wanted;
    stages = std::make_unique<TakeStages>(rate, plan.context, TakeStages::While::sounding);
    firstStages = plan.context.apart
                      ? std::make_unique<TakeStages>(rate, Context{}, TakeStages::While::sounding)
                      : nullptr;
    recorder = owner->makeSink_(plan.recording, rate, plan.context.apart ? 2 : 1);
    samples.clear();
    first.clear();
    told = false;
    end = {};
    say([&](Said& now) {
      now = {};
      now.sheetStart_s = plan.sheetStart_s;
      now.placed = plan.placed;
    });
  }
};

Listener::Listener(MakeSink makeSink) : makeSink_(std::move(makeSink)) {}
Listener::~Listener() { quiet(); }

void Listener::listen(std::unique_ptr<BlockSource> source) { listen(std::move(source), nullptr); }

void Listener::listen(std::unique_ptr<BlockSource> source, const Plan* plan) {
  quiet();
  source_ = std::move(source);
  rate_ = source_->rate();
  worker_ = std::make_unique<Worker>();
  worker_->owner = this;
  worker_->rate = rate_;
  if (plan) worker_->begin(*plan);  // before the first sample
  running_ = plan != nullptr;
  worker_->thread = std::thread([w = worker_.get()] { w->run(); });
  source_->start(worker_->queue);
}

void Listener::quiet() {
  if (source_) source_->stop();
  if (worker_) {
    worker_->stopping = true;
    worker_->thread.join();
  }
  source_.reset();
  worker_.reset();
  running_ = false;
}

void Listener::begin(const Plan& plan) {
  if (!worker_) return;
  const std::lock_guard lock(worker_->mutex);
  worker_->begin(plan);
  running_ = true;
}

void Listener::placeSheet(double start_s) {
  if (!worker_) return;
  worker_->say([=](Worker::Said& now) {
    now.sheetStart_s = start_s;
    now.placed = true;
  });
}

void Listener::follow(std::shared_ptr<LivePartner> partner) {
  if (worker_) worker_->say([&](Worker::Said& now) { now.partner = std::move(partner); });
}

StreamClock Listener::clock() const { return worker_ ? worker_->saidNow().clock : Recording{}.clock; }

double Listener::heard_s() const {
  return worker_ ? static_cast<double>(worker_->saidNow().samples) / rate_ : 0.0;
}

Listener::Recording Listener::end() {
  running_ = false;
  if (!worker_) return {};
  const std::lock_guard lock(worker_->mutex);
  worker_->stages.reset();
  worker_->recorder.reset();
  return {std::move(worker_->samples), std::move(worker_->first), worker_->saidNow().clock};
}

}  // namespace calando
