#include "core/maths/hann_spectrum.h"

#include <algorithm>
#include <bit>
#include <cmath>
#include <numbers>

namespace calando {

namespace {
constexpr double kMainLobe = 2.2;  // Hann's half width, in reciprocal windows, with a little room
constexpr float kNothing = 1e-20f;
}  // namespace

HannSpectrum::HannSpectrum(double rate_hz, double window_s)
    : rate_(rate_hz),
      window_s_(window_s),
      window_(static_cast<std::size_t>(std::lround(window_s * rate_hz))),
      fft_(2 * std::bit_ceil(window_.size())) {
  for (std::size_t n = 0; n < window_.size(); ++n)
    window_[n] =
        static_cast<float>(0.5 - 0.5 * std::cos(2.0 * std::numbers::pi * (static_cast<double>(n) + 0.5) /
                                                static_cast<double>(window_.size())));
}

void HannSpectrum::look(const SlidingSignal& signal, double centre_s) {
  const std::span<float> time = fft_.time();
  const std::size_t length = window_.size();
  signal.copy(std::lround(centre_s * rate_) - static_cast<long>(length) / 2, time.first(length));
  std::ranges::fill(time.subspan(length), 0.0f);
  for (std::size_t n = 0; n < length; ++n) time[n] *= window_[n];
  fft_.forward();
}

double HannSpectrum::level_db(std::size_t bin) {
  return 10.0 * std::log10(std::max(kNothing, std::norm(fft_.spectrum()[bin])));
}

std::size_t HannSpectrum::binOf(double hz) const {
  return static_cast<std::size_t>(std::lround(hz / rate_ * static_cast<double>(fft_.length())));
}

std::size_t HannSpectrum::lobe() const { return binOf(kMainLobe / window_s_) + 1; }

HannSpectrum::Line HannSpectrum::vertex(std::size_t bin) {
  const double left = level_db(bin - 1), middle = level_db(bin), right = level_db(bin + 1);
  const double curvature = left - 2.0 * middle + right;
  const double shift = curvature < 0.0 ? 0.5 * (left - right) / curvature : 0.0;
  return {(static_cast<double>(bin) + shift) * rate_ / static_cast<double>(fft_.length()),
          middle - 0.25 * (left - right) * shift};
}

}  // namespace calando
