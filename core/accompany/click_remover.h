#pragma once

#include <algorithm>
#include <complex>
#include <optional>
#include <span>
#include <vector>

#include "core/exercise/accompaniment.h"
#include "core/maths/sliding_signal.h"

namespace calando {

/// Takes the clicks of a count, and a fork struck with the first of them, out of a recording whose microphone
/// hears them. How one sounds on its way through loudspeaker, room and microphone, and where it lies to a
/// fraction of a sample, is learnt from the count-in, in which nobody plays; that shape is subtracted on
/// every later beat, and its place followed where the two devices' clocks drift apart. Nothing is changed
/// where no clicks are heard, as with headphones, where they are not alike (somebody plays into the
/// count-in), or no longer lie where they should. The result does not depend on how the signal is cut into
/// blocks.
class ClickRemover {
 public:
  /// The recording began with the sheet's count-in, or up to the longest latency before.
  ClickRemover(const CueSheet& sheet, std::optional<double> fork_hz, double rate_hz);

  /// Learns from the start of a recording, so that push(), from its first sample on, has the count-in cleaned
  /// as well. Where there are fewer samples than learntFrom(), push() learns as it goes.
  void learnFrom(std::span<const float> recording);
  /// How many samples that takes; 0 where nothing is to be learnt.
  std::size_t learntFrom() const {
    return learnt_ > 0 ? static_cast<std::size_t>(std::max(0L, learnsAt())) : 0;
  }
  /// The block without clicks; while they are learnt from, they stay.
  std::vector<float> push(std::span<const float> block);
  /// RMS of the loudest 10 ms of a click as it is heard; nullopt: none was learnt.
  std::optional<double> clicks_dbfs() const { return level_dbfs_; }

 private:
  struct Seen {
    double at;     // nominal, in samples
    double place;  // in the recording, in samples
  };

  void learn();
  bool learnPlaces(const SlidingSignal& heard);
  void learnFork();
  bool learnShapes(const SlidingSignal& heard);
  void watch(std::size_t click);
  void fitPlaces();
  double nominal(std::size_t click) const { return clicks_[click].at_s * rate_; }
  double place(std::size_t click) const { return offset_ + (1.0 + drift_) * nominal(click); }
  long learnsAt() const;
  long watchedAt(std::size_t click) const;
  void subtract(std::size_t click, long from, std::span<float> out) const;
  void subtractFork(long from, std::span<float> out) const;
  std::complex<double> forkAt(long sample) const;
  std::vector<float> highPassed(long from, long to) const;

  double rate_;
  std::optional<double> fork_hz_;
  std::vector<Click> clicks_;
  std::size_t learnt_ = 0;  // so many clicks of the count-in are learnt from
  double longest_s_;        // of a click and what the room makes of it
  std::vector<float> highPass_;
  SlidingSignal raw_;
  std::vector<SlidingSignal> shapes_;  // of a low and a high click, once they are learnt
  std::optional<double> level_dbfs_;
  bool tried_ = false;
  bool removes_ = false;
  std::complex<double> fork_;  // its amplitude as it is heard, when it is struck
  double forkStart_ = 0.0;     // in samples
  std::size_t next_ = 0;       // click to be watched
  int astray_ = 0;
  double offset_ = 0.0, drift_ = 0.0;
  std::vector<Seen> seen_;
};

}  // namespace calando
