#pragma once

#include <span>
#include <vector>

#include "core/maths/sliding_signal.h"

namespace calando {

/// Linear-phase FIR filter that keeps every `factor`-th sample, its delay taken out: output sample n stands
/// at input sample n·factor.
class FirStage {
 public:
  /// `taps`: odd length, symmetric.
  FirStage(double inputRate_hz, int factor, std::vector<float> taps);

  double outputRate() const { return inputRate_ / factor_; }
  void push(std::span<const float> input, SlidingSignal& output);
  /// Emits the samples that were waiting for input, as if silence followed.
  void finish(SlidingSignal& output);

 private:
  void produce(SlidingSignal& output, long available);

  double inputRate_;
  int factor_;
  long half_;                // the filter's delay
  std::vector<float> taps_;  // with zeros behind them up to a multiple of 16
  std::vector<float> edge_;
  SlidingSignal waiting_;
  long received_ = 0;
  long emitted_ = 0;
};

/// Down to between 22 and 44 kHz (24 kHz for 48): flat to 10 kHz, what would fold back below that is 90 dB
/// down.
FirStage decimationFor(double inputRate_hz);
/// The same rate, limited to 10 kHz: the band in which harmonics and noise are compared.
FirStage bandLimitFor(double rate_hz);

/// Down to 7.2 to 14.4 kHz, limited to 2.4 kHz: where a fuzzy tone's harmonics stand out of its hiss.
FirStage softeningFor(double rate_hz);

/// Fourth-order Butterworth filter, -3 dB at its corner (bilinear transform). Its gain is known and can be
/// taken out again.
class Butterworth {
 public:
  static Butterworth highPass(double rate_hz, double corner_hz);
  static Butterworth lowPass(double rate_hz, double corner_hz);
  float operator()(float x);
  /// The same with one sample after the other, in place.
  void run(std::span<float> samples);
  /// Power gain at a frequency.
  double gainAt(double hz) const;

 private:
  struct Section {
    double b0, b1, b2, a1, a2;
    double z1 = 0.0, z2 = 0.0;

    [[gnu::always_inline]] inline double pass(double x);
  };
  enum class Kind { high, low };
  Butterworth(Kind kind, double rate_hz, double corner_hz);
  double rate_;
  Section sections_[2];
};

/// High-pass at 60 Hz: the lower end of that band.
Butterworth rumbleFilter(double rate_hz);

/// Takes out a constant offset, starting from the first sample so that an offset makes no click.
class OffsetFilter {
 public:
  explicit OffsetFilter(double rate_hz);
  float operator()(float x);

 private:
  double weight_;
  double offset_ = 0.0;
  bool started_ = false;
};

/// Kaiser-windowed sinc low-pass, odd length, unity at 0 Hz. Frequencies in cycles per sample.
/// Source: Kaiser 1974; length from Kaiser's estimate for `attenuation_db`.
std::vector<float> kaiserLowPass(double passEdge, double stopEdge, double attenuation_db);
/// Modified Bessel function of the first kind, order 0.
double besselI0(double x);

}  // namespace calando
