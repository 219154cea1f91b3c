#pragma once

#include <complex>
#include <cstddef>
#include <memory>
#include <span>

namespace calando {

/// Real FFT of one length with its own aligned buffers (FFTW, single precision). Not for sharing between
/// threads; making one takes a lock and some milliseconds, transforming does neither.
class RealFft {
 public:
  explicit RealFft(std::size_t length);
  ~RealFft();
  RealFft(RealFft&&) noexcept;
  RealFft& operator=(RealFft&&) noexcept;

  std::size_t length() const;
  std::span<float> time();                    ///< length() samples
  std::span<std::complex<float>> spectrum();  ///< length()/2 + 1 bins
  void forward();                             ///< time -> spectrum; unscaled
  void inverse();                             ///< spectrum -> time; unscaled, spoils the spectrum

 private:
  struct Plans;
  std::unique_ptr<Plans> plans_;
};

}  // namespace calando
