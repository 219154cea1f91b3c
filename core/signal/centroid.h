#pragma once

#include "core/signal/fft.h"
#include "core/signal/sliding_signal.h"

namespace calando {

/// Power-weighted mean frequency of the sound around a time, 150 Hz to 8 kHz; 0 where there is none.
class CentroidMeter {
 public:
  explicit CentroidMeter(double rate_hz) : rate_(rate_hz), fft_(1024) {}
  double measure(const SlidingSignal& signal, double centre_s);

 private:
  double rate_;
  RealFft fft_;
};

}  // namespace calando
