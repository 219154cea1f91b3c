#include "core/maths/filters.h"

#include <algorithm>
#include <cmath>
#include <complex>
#include <numbers>

#include "core/maths/dot.h"

namespace calando {

namespace {
constexpr double kOffsetCorner_hz = 3.0;
constexpr double kBandTop_hz = 10000.0;
constexpr double kBandBottom_hz = 60.0;
constexpr double kBandSlope_hz = 500.0;
constexpr double kSoftTop_hz = 2400.0;
constexpr double kLeastSoftRate_hz = 7200.0;  // three times that: no steep filter is needed
constexpr double kLeastRate_hz = 22050.0;
constexpr double kAttenuation_db = 90.0;
}  // namespace

double besselI0(double x) {
  double term = 1.0;
  double sum = 1.0;
  for (int k = 1; term > 1e-12 * sum; ++k) {
    term *= (x / (2.0 * k)) * (x / (2.0 * k));
    sum += term;
  }
  return sum;
}

std::vector<float> kaiserLowPass(double passEdge, double stopEdge, double attenuation_db) {
  const double width = stopEdge - passEdge;
  const double cutoff = (passEdge + stopEdge) / 2.0;
  const int half =
      static_cast<int>(std::ceil((attenuation_db - 8.0) / (2.285 * 2.0 * std::numbers::pi * width) / 2.0));
  const double beta = 0.1102 * (attenuation_db - 8.7);
  std::vector<double> taps;
  double sum = 0.0;
  for (int n = -half; n <= half; ++n) {
    const double x = 2.0 * std::numbers::pi * cutoff * n;
    const double sinc = n == 0 ? 2.0 * cutoff : std::sin(x) / (std::numbers::pi * n);
    const double u = static_cast<double>(n) / (half + 1);
    taps.push_back(sinc * besselI0(beta * std::sqrt(1.0 - u * u)) / besselI0(beta));
    sum += taps.back();
  }
  std::vector<float> result;
  for (const double t : taps) result.push_back(static_cast<float>(t / sum));
  return result;
}

FirStage::FirStage(double inputRate_hz, int factor, std::vector<float> taps)
    : inputRate_(inputRate_hz),
      factor_(factor),
      half_(static_cast<long>(taps.size() / 2)),
      taps_(std::move(taps)),
      waiting_(inputRate_hz) {
  taps_.resize((taps_.size() + 15) / 16 * 16, 0.0f);
  edge_.resize(taps_.size());
}

FirStage decimationFor(double inputRate_hz) {
  const int factor = std::max(1, static_cast<int>(inputRate_hz / kLeastRate_hz));
  const double out = inputRate_hz / factor;
  // A file that slow has little above 10 kHz and no room for a filter's slope.
  if (factor == 1 && out < 2.1 * kBandTop_hz) return {inputRate_hz, 1, {1.0f}};
  return {inputRate_hz, factor,
          kaiserLowPass(kBandTop_hz / inputRate_hz, (out - kBandTop_hz) / inputRate_hz, kAttenuation_db)};
}

FirStage bandLimitFor(double rate_hz) {
  if (rate_hz < 2.2 * kBandTop_hz) return {rate_hz, 1, {1.0f}};
  return {
      rate_hz, 1,
      kaiserLowPass((kBandTop_hz - kBandSlope_hz) / rate_hz, (kBandTop_hz + kBandSlope_hz) / rate_hz, 70.0)};
}

FirStage softeningFor(double rate_hz) {
  const int factor = std::max(1, static_cast<int>(rate_hz / kLeastSoftRate_hz));
  return {rate_hz, factor,
          kaiserLowPass(kSoftTop_hz / rate_hz, (rate_hz / factor - kSoftTop_hz) / rate_hz, 60.0)};
}

Butterworth::Butterworth(Kind kind, double rate_hz, double corner_hz) : rate_(rate_hz), sections_{} {
  const double w = std::tan(std::numbers::pi * corner_hz / rate_hz);
  const double top = kind == Kind::high ? 1.0 : w * w;
  const double middle = kind == Kind::high ? -2.0 : 2.0;
  for (int s = 0; s < 2; ++s) {
    const double q = 1.0 / (2.0 * std::cos(std::numbers::pi * (2 * s + 1) / 8.0));
    const double norm = 1.0 / (1.0 + w / q + w * w);
    sections_[s] = {top * norm, middle * top * norm, top * norm, 2.0 * (w * w - 1.0) * norm,
                    (1.0 - w / q + w * w) * norm};
  }
}

Butterworth Butterworth::highPass(double rate_hz, double corner_hz) {
  return {Kind::high, rate_hz, corner_hz};
}
Butterworth Butterworth::lowPass(double rate_hz, double corner_hz) { return {Kind::low, rate_hz, corner_hz}; }

Butterworth rumbleFilter(double rate_hz) { return Butterworth::highPass(rate_hz, kBandBottom_hz); }

double Butterworth::Section::pass(double x) {
  const double out = b0 * x + z1;
  z1 = b1 * x - a1 * out + z2;
  z2 = b2 * x - a2 * out;
  return out;
}

float Butterworth::operator()(float x) { return static_cast<float>(sections_[1].pass(sections_[0].pass(x))); }

void Butterworth::run(std::span<float> samples) {
  Section first = sections_[0], second = sections_[1];  // in registers: no sample waits for memory
  for (float& x : samples) x = static_cast<float>(second.pass(first.pass(x)));
  sections_[0] = first;
  sections_[1] = second;
}

double Butterworth::gainAt(double hz) const {
  const std::complex<double> z = std::polar(1.0, -2.0 * std::numbers::pi * hz / rate_);
  double gain = 1.0;
  for (const Section& s : sections_)
    gain *= std::norm((s.b0 + s.b1 * z + s.b2 * z * z) / (1.0 + s.a1 * z + s.a2 * z * z));
  return gain;
}

OffsetFilter::OffsetFilter(double rate_hz)
    : weight_(1.0 - std::exp(-2.0 * std::numbers::pi * kOffsetCorner_hz / rate_hz)) {}

float OffsetFilter::operator()(float x) {
  if (!started_) {
    offset_ = std::abs(x) > 0.02f ? x : 0.0f;  // small: a sound that begins at once, not an offset
    started_ = true;
  }
  offset_ += weight_ * (x - offset_);
  return static_cast<float>(x - offset_);
}

void FirStage::push(std::span<const float> input, SlidingSignal& output) {
  waiting_.push(input);
  received_ += static_cast<long>(input.size());
  produce(output, received_);
}

void FirStage::finish(SlidingSignal& output) {
  waiting_.push(std::vector<float>(static_cast<std::size_t>(half_)));
  produce(output, received_ + half_);
}

CALANDO_DISPATCHED void FirStage::produce(SlidingSignal& output, long available) {
  for (; emitted_ * factor_ < received_ && emitted_ * factor_ + half_ < available; ++emitted_) {
    const long from = emitted_ * factor_ - half_;
    const float* x = edge_.data();
    if (waiting_.holds(from, from + static_cast<long>(taps_.size())))
      x = waiting_.data(from);
    else
      waiting_.copy(from, edge_);
    output.push(dot(taps_.data(), x, taps_.size()));
  }
  waiting_.forgetBefore(emitted_ * factor_ - half_);
}

}  // namespace calando
