#include "core/signal/bands.h"

#include <algorithm>
#include <cmath>

namespace calando {

namespace {

constexpr double kFullScale = 0.9999;  // 16-bit files end at 0.99997
constexpr int kClipRun = 3;

}  // namespace

Bands::Bands(double rate_hz)
    : decimation_(decimationFor(rate_hz)),
      rumble_(rumbleFilter(decimation_.outputRate())),
      bandLimit_(bandLimitFor(decimation_.outputRate())),
      softening_(softeningFor(decimation_.outputRate())),
      decimated_(decimation_.outputRate()),
      sound_(decimation_.outputRate()),
      band_(decimation_.outputRate()),
      soft_(softening_.outputRate()) {}

void Bands::push(std::span<const float> samples) {
  decimation_.push(samples, decimated_);
  filterOn();
}

void Bands::finish() {
  decimation_.finish(decimated_);
  filterOn();
  bandLimit_.finish(sound_);
  softening_.finish(soft_);
  takeRumbleOut();
}

/// Takes what the decimation has brought through the band limits.
void Bands::filterOn() {
  filtered_.resize(static_cast<std::size_t>(decimated_.end() - limited_));
  decimated_.copy(limited_, filtered_);
  limited_ = decimated_.end();
  decimated_.forgetBefore(limited_);
  bandLimit_.push(filtered_, sound_);
  softening_.push(filtered_, soft_);
  takeRumbleOut();
}

void Bands::takeRumbleOut() {
  filtered_.resize(static_cast<std::size_t>(sound_.end() - band_.end()));
  sound_.copy(band_.end(), filtered_);
  rumble_.run(filtered_);
  band_.push(filtered_);
}

double Bands::reached() const { return std::min(sound_.seconds(), soft_.seconds()); }

void Bands::forgetBefore(double t) {
  for (SlidingSignal* signal : {&sound_, &band_, &soft_})
    signal->forgetBefore(static_cast<long>(t * signal->rate()));
}

int ClipCounter::operator()(float x) {
  run_ = std::abs(x) < kFullScale ? 0 : run_ + 1;
  return run_ == kClipRun ? kClipRun : run_ > kClipRun ? 1 : 0;
}

}  // namespace calando
