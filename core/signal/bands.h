#pragma once

#include <span>
#include <vector>

#include "core/maths/filters.h"
#include "core/maths/sliding_signal.h"

namespace calando {

/// A sound in the bands it is measured in, each as far as it is needed.
class Bands {
 public:
  explicit Bands(double rate_hz);

  void push(std::span<const float> samples);
  /// Emits what was waiting, as if silence followed.
  void finish();
  /// What lies before is not asked for any more.
  void forgetBefore(double t);
  /// How far pitch can be looked for, seconds.
  double reached() const;

  const SlidingSignal& sound() const { return sound_; }  ///< up to 10 kHz: pitch is measured on it
  const SlidingSignal& band() const { return band_; }    ///< from 60 Hz on: colour is measured on it
  /// Up to 2.4 kHz: pitch is looked for in it where the sound is fuzzy.
  const SlidingSignal& soft() const { return soft_; }

 private:
  void filterOn();
  void takeRumbleOut();

  FirStage decimation_;
  Butterworth rumble_;
  FirStage bandLimit_;
  FirStage softening_;
  SlidingSignal decimated_;
  SlidingSignal sound_;
  SlidingSignal band_;
  SlidingSignal soft_;
  std::vector<float> filtered_;
  long limited_ = 0;  // samples of decimated_ that went through the band limit
};

/// Counts samples of sound that was cut off: three and more at full scale in a row.
class ClipCounter {
 public:
  /// Of a sample: how many it adds.
  int operator()(float x);

 private:
  int run_ = 0;
};

}  // namespace calando
