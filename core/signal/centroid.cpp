#include "core/signal/centroid.h"

#include <cmath>
#include <numbers>

namespace calando {

double CentroidMeter::measure(const SlidingSignal& signal, double centre_s) {
  const auto time = fft_.time();
  signal.copy(std::lround(centre_s * rate_) - static_cast<long>(time.size() / 2), time);
  const double n = static_cast<double>(time.size());
  for (std::size_t i = 0; i < time.size(); ++i)
    time[i] *=
        static_cast<float>(0.5 - 0.5 * std::cos(2.0 * std::numbers::pi * (static_cast<double>(i) + 0.5) / n));
  fft_.forward();
  double sum = 0.0;
  double weighted = 0.0;
  for (std::size_t b = 0; b < fft_.spectrum().size(); ++b) {
    const double hz = static_cast<double>(b) * rate_ / n;
    if (hz < 150.0 || hz > 8000.0) continue;
    const double power = std::norm(fft_.spectrum()[b]);
    sum += power;
    weighted += hz * power;
  }
  return sum > 0.0 ? weighted / sum : 0.0;
}

}  // namespace calando
