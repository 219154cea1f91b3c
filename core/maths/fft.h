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

/// Autocorrelation of a stretch of real samples, through one complex FFT of half its padded length there and
/// one back (samples in pairs as complex numbers; their transform's power and the return to pairs are one
/// pass).
class Autocorrelation {
 public:
  /// Lags 0 … `lags`-1 of `samples` samples.
  Autocorrelation(std::size_t samples, std::size_t lags);
  ~Autocorrelation();
  Autocorrelation(Autocorrelation&&) noexcept;
  Autocorrelation& operator=(Autocorrelation&&) noexcept;

  std::span<float> samples();  ///< to be filled anew before each run
  /// Σ_j x_j·x_{j+lag} for each lag; valid until samples() is filled again.
  std::span<const float> run();

 private:
  struct Plans;
  std::unique_ptr<Plans> plans_;
};

}  // namespace calando
