#pragma once

#include <memory>
#include <span>
#include <vector>

#include "core/pitch/coarse_pitch.h"
#include "core/signal/tracks.h"

namespace calando {

/// Turns samples into tracks, block by block: the one implementation for files and for live sound.
///
/// Memory: some seconds of signal, and about 12 kB of tracks a second of tone. Not for the audio callback.
class Tracker {
 public:
  /// How many frames later a pitch is decided. Offline decisions equal those over the whole take.
  static constexpr int kOfflineLag = 150;
  static constexpr int kLiveLag = 7;

  /// `rate_hz` from 8 000 to 384 000.
  explicit Tracker(double rate_hz, int lagFrames = kOfflineLag, const Listening& to = {});
  ~Tracker();
  Tracker(Tracker&&) noexcept;
  Tracker& operator=(Tracker&&) noexcept;

  /// Mono samples; full scale is ±1. Not-a-number and infinite samples are taken as silence and counted.
  void push(std::span<const float> samples);
  /// No more samples will come: completes the last frames.
  void finish();
  /// Grows with every push: frames get their pitch about 0.1 s (live) behind the sound, their colour when the
  /// periods around them are there. Frames without a pitch decision yet are not in it.
  const Tracks& tracks() const;
  /// finish(), and nothing of them stays here.
  Tracks handOver();
  /// First guesses, from the past alone, at the frames that follow tracks().frames: what sounds right now. A
  /// window's centre is 11 ms behind the sound from 110 Hz up, 21 ms from 55 Hz, 43 ms below, and 3 ms for
  /// the filters. They are drawn and forgotten; the decided frames replace them.
  std::vector<TrackFrame> provisional();

 private:
  struct Stages;
  std::unique_ptr<Stages> stages_;
};

/// All of it at once.
Tracks trackAll(std::span<const float> samples, double rate_hz);

}  // namespace calando
