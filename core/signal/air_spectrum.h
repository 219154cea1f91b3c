#pragma once

#include <array>

#include "core/maths/fft.h"
#include "core/maths/sliding_signal.h"
#include "core/signal/frames.h"

namespace calando {

/// Measures it in a window of 1024 samples (Hann).
class AirSpectrum {
 public:
  explicit AirSpectrum(double rate_hz);
  AirFrame measure(const SlidingSignal& signal, double centre_s);

 private:
  static constexpr std::size_t kWindow = 1024;

  double rate_;
  RealFft fft_;
  std::array<float, kWindow> window_;
  std::array<std::size_t, kAirBands + 1> firstBin_;
  std::size_t windFirst_, windLast_;
};

}  // namespace calando
