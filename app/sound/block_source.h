#pragma once

#include <readerwriterqueue/readerwriterqueue.h>

#include <QAudioDevice>
#include <QObject>
#include <atomic>
#include <chrono>
#include <functional>
#include <memory>
#include <vector>

#include "app/work/pending.h"

namespace calando {

/// Blocks of mono samples on their way from a source of sound to the worker that records and measures them.
/// One thread writes and never waits, one reads and waits for the next.
struct BlockQueue {
  struct Block {
    std::vector<float> samples;
    std::vector<float> first;  ///< as many, of the first of two players who have a channel each; else empty
    std::chrono::steady_clock::time_point arrived;
  };
  moodycamel::BlockingReaderWriterQueue<Block> blocks{512};
  std::atomic<long> dropped{0};    ///< blocks lost because the reader was more than some seconds behind
  std::atomic<bool> ended{false};  ///< by itself: the device is gone

  void push(std::vector<float> samples, std::vector<float> first = {}) {
    if (!blocks.try_enqueue({std::move(samples), std::move(first), std::chrono::steady_clock::now()}))
      ++dropped;
  }
};

/// Where sound comes from. It fills its queue on a thread of its own from start() to stop().
class BlockSource {
 public:
  virtual ~BlockSource() = default;
  virtual double rate() const = 0;
  virtual void start(std::shared_ptr<BlockQueue> queue) = 0;
  virtual void stop() = 0;
};

/// A microphone through Qt Multimedia, read on its own thread: the interface's would lose blocks while it
/// paints.
/// `apart`: its first two channels are two players.
std::unique_ptr<BlockSource> deviceSource(const QAudioDevice& device, bool apart = false);

/// A sound that is worked out before it can be played.
struct Prepared {
  std::shared_ptr<const std::vector<float>> samples;
  double rate_hz;
  double firstCue_s;                                     ///< after its start
  std::shared_ptr<const std::vector<float>> first = {};  ///< of the first of two on a channel of its own
};
/// Has a sound worked out by the queue and plays it then, in real time; until then, and after it, the room is
/// heard, quiet noise. `begun` is told when it begins, seconds after start(), on the source's thread.
std::unique_ptr<BlockSource> preparedSource(WorkQueue& queue, std::function<Prepared()> work, double rate_hz,
                                            double faster,
                                            std::function<void(const Prepared&, double begins_s)> begun);

/// Prepared samples in real time, as if somebody played; then silence until it is stopped. `faster` than real
/// time is for tests.
std::unique_ptr<BlockSource> playedSource(std::vector<float> samples, double rate_hz, double faster = 1.0);

}  // namespace calando
