#pragma once

#include <array>

#include "core/maths/fft.h"
#include "core/maths/sliding_signal.h"
#include "core/signal/air_bands.h"

namespace calando {

/// A moment of noise: mean square by bands, and of what lies below them, where air that is blown at the
/// microphone rumbles.
struct AirFrame {
  std::array<float, kAirBands> power{};
  float wind = 0.0f;         ///< 40 to 120 Hz
  float centroid_hz = 0.0f;  ///< power-weighted mean frequency of the bands; 0 where there is nothing

  double all() const;
};

/// Measures it in a window of 1024 samples (Hann).
class AirSpectrum {
 public:
  explicit AirSpectrum(double rate_hz);
  AirFrame measure(const SlidingSignal& signal, double centre_s);

 private:
  double rate_;
  RealFft fft_;
  std::array<std::size_t, kAirBands + 1> firstBin_;
  std::size_t windFirst_, windLast_;
};

}  // namespace calando
