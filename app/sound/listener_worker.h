#pragma once

#include <atomic>
#include <chrono>
#include <memory>
#include <mutex>
#include <span>
#include <thread>
#include <vector>

#include "app/sound/listener.h"
#include "core/engine/take_end.h"
#include "core/engine/take_stages.h"
#include "records/files/take_recorder.h"

namespace calando {

/// What a listener does with a source's blocks, on a thread of its own that ends with it: it measures,
/// writes to the disk and draws pictures, and hands its listener's signals over to the listener's thread.
class Listener::Worker {
 public:
  /// What the interface says and asks while a take sounds; it never waits for a block that is in hand.
  struct Said {
    double sheetStart_s = 0.0;
    bool placed = true;
    std::shared_ptr<LivePartner> partner;  ///< who listens
    StreamClock clock = Recording{}.clock;
    std::size_t samples = 0;
  };

  Worker(Listener& owner, double rate);
  ~Worker();
  Worker(const Worker&) = delete;
  Worker& operator=(const Worker&) = delete;

  void start();
  const std::shared_ptr<BlockQueue>& queue() const { return queue_; }
  /// These two wait for the block that is in hand.
  void begin(const Plan& plan);
  Recording end();
  Said said() const;
  template <class Say>
  void say(Say say) {
    const std::lock_guard lock(saying_);
    say(said_);
  }

 private:
  void run();
  void take(const BlockQueue::Block& block);
  /// Where it is to be recorded; nullptr: no take sounds.
  std::shared_ptr<TakeSink> hear(const BlockQueue::Block& block);
  void hearFirst(const BlockQueue::Block& block);
  std::vector<float> interleaved(const BlockQueue::Block& block) const;
  double heard_s() const { return static_cast<double>(samples_.size()) / rate_; }
  /// Tells the interface how the take stands; one picture at a time is on its way: an interface that is busy
  /// gets the newest when it has time again.
  void show();
  std::shared_ptr<Snapshot> picture() const;
  template <class Tell>
  void tell(Tell tell);

  Listener& owner_;
  const double rate_;
  const std::shared_ptr<BlockQueue> queue_ = std::make_shared<BlockQueue>();
  std::atomic<bool> stopping_{false};
  /// A picture is on its way to the interface, which may be handled after the worker has gone.
  const std::shared_ptr<std::atomic<bool>> underway_ = std::make_shared<std::atomic<bool>>(false);
  /// What is on its way to the interface when the worker goes is of a source that is not listened to any
  /// more.
  const std::shared_ptr<const bool> alive_ = std::make_shared<const bool>(true);
  mutable std::mutex saying_;
  Said said_;
  std::mutex mutex_;  // guards the take; held for a block at a time, but not while it goes to the disk
  std::unique_ptr<TakeStages> stages_;
  std::unique_ptr<TakeStages> firstStages_;  // where each of two has a microphone
  std::vector<float> samples_;
  std::vector<float> first_;
  std::vector<float> toDisk_;  // the thread's alone
  std::shared_ptr<TakeSink> recorder_;
  Plan plan_;
  bool stopTold_ = false;
  TakeEnd end_;
  std::chrono::steady_clock::time_point pictured_;
  std::thread thread_;
};

}  // namespace calando
