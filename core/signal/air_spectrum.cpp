#include "core/signal/air_spectrum.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <numeric>

namespace calando {

namespace {
constexpr double kHannPower = 0.375;  // mean of its square
constexpr double kWindBottom_hz = 40.0, kWindTop_hz = 120.0;
}  // namespace

double AirFrame::all() const { return std::accumulate(power.begin(), power.end(), 0.0); }

double airBandEdge(std::size_t band) {
  return kAirBottom_hz * std::pow(kAirTop_hz / kAirBottom_hz, static_cast<double>(band) / kAirBands);
}

AirSpectrum::AirSpectrum(double rate_hz) : rate_(rate_hz), fft_(kWindow) {
  const auto binAt = [&](double hz) {
    const double bin = std::ceil(hz * kWindow / rate_hz);
    return std::min(static_cast<std::size_t>(bin), fft_.spectrum().size());
  };
  for (std::size_t band = 0; band <= kAirBands; ++band) firstBin_[band] = binAt(airBandEdge(band));
  for (std::size_t i = 0; i < kWindow; ++i)
    window_[i] = static_cast<float>(
        0.5 - 0.5 * std::cos(2.0 * std::numbers::pi * (static_cast<double>(i) + 0.5) / kWindow));
  windFirst_ = binAt(kWindBottom_hz);
  windLast_ = std::max(binAt(kWindTop_hz), windFirst_ + 1);
}

AirFrame AirSpectrum::measure(const SlidingSignal& signal, double centre_s) {
  const auto time = fft_.time();
  signal.copy(std::lround(centre_s * rate_) - static_cast<long>(kWindow / 2), time);
  for (std::size_t i = 0; i < kWindow; ++i) time[i] *= window_[i];
  fft_.forward();
  const auto spectrum = fft_.spectrum();
  // Both halves of the spectrum, over the window's power.
  const double scale = 2.0 / (kHannPower * kWindow * kWindow);
  AirFrame frame;
  double weighted = 0.0, all = 0.0;
  for (std::size_t band = 0; band < kAirBands; ++band) {
    double power = 0.0;
    for (std::size_t bin = firstBin_[band]; bin < firstBin_[band + 1]; ++bin) {
      const double here = std::norm(spectrum[bin]);
      power += here;
      weighted += here * static_cast<double>(bin);
    }
    frame.power[band] = static_cast<float>(scale * power);
    all += power;
  }
  double wind = 0.0;
  for (std::size_t bin = windFirst_; bin < windLast_; ++bin) wind += std::norm(spectrum[bin]);
  frame.wind = static_cast<float>(scale * wind);
  if (all > 0.0) frame.centroid_hz = static_cast<float>(weighted / all * rate_ / kWindow);
  return frame;
}

}  // namespace calando
