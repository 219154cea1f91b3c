#pragma once

#include <array>

#include "core/maths/fft.h"
#include "core/maths/sliding_signal.h"

namespace calando {

inline constexpr double kAirBottom_hz = 150.0;  ///< what the figures of air are of
inline constexpr double kAirTop_hz = 8000.0;
inline constexpr std::size_t kAirBands = 12;  ///< of half an octave nearly, even in log frequency

/// A moment of noise: mean square by bands, and of what lies below them, where air that is blown at the
/// microphone rumbles.
struct AirFrame {
  std::array<float, kAirBands> power{};
  float wind = 0.0f;         ///< 40 to 120 Hz
  float centroid_hz = 0.0f;  ///< power-weighted mean frequency of the bands; 0 where there is nothing

  double all() const;
};

/// The lower edge of a band; of kAirBands the upper edge of the last.
double airBandEdge(std::size_t band);

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
