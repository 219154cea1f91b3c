#pragma once

#include <functional>
#include <map>
#include <optional>
#include <vector>

#include "core/maths/fft.h"
#include "core/maths/filters.h"
#include "core/maths/sliding_signal.h"
#include "core/signal/frames.h"

namespace calando {

/// Resamples the signal along its tracked phase so that every period has the same number of samples, then
/// splits some dozen periods by least squares into a part that repeats (its amplitude changing linearly) and
/// the rest. Vibrato and drift are no noise to it, since the phase follows them.
///
/// The signal it is given has been through bandLimitFor() and rumbleFilter().
class ToneColour {
 public:
  explicit ToneColour(double rate_hz) : rumble_(rumbleFilter(rate_hz)) {}

  /// `f0_at(t)`: the tracked fundamental in Hz at time t, > 0 within [from_s, to_s], where the tone sounds.
  /// Nullopt when fewer than six periods of the tone surround `centre_s`. `subharmonics`: look for those too,
  /// in 18 periods or more where they are there.
  std::optional<ColourFrame> measure(const SlidingSignal& signal, double centre_s, double from_s, double to_s,
                                     const std::function<double(double)>& f0_at, bool subharmonics);

  /// Periods looked at: at least 12 (18 for subharmonics), at least 48 ms, a multiple of six.
  static int periods(double f0_hz, bool subharmonics);
  /// Seconds of signal wanted behind the last of them.
  static double tail(double f0_hz);

 private:
  RealFft& fft(std::size_t length);
  struct Window {
    std::vector<float> weights;
    double power = 0.0;  // sum of their squares
  };
  /// Four-term Blackman-Harris: its sidelobes stay 92 dB down.
  const Window& window(std::size_t length);
  SlidingSignal zeroPhase(const SlidingSignal& signal, double from_s, double to_s) const;
  void warp(const SlidingSignal& signal, double centre_s, int before, int after, int perPeriod,
            const std::function<double(double)>& f0_at);
  void equalise(double centre_s, int before, int after, int perPeriod,
                const std::function<double(double)>& f0_at);
  /// Fits the mean period and its straight change, leaves the mean's spectrum in fft(perPeriod) and returns
  /// the mean square of the rest: noise.
  double meanPeriod(int periods, int perPeriod);
  double subharmonic(int periods, int perPeriod, double f0_hz, double noise);

  Butterworth rumble_;
  std::map<std::size_t, RealFft> ffts_;
  std::map<std::size_t, Window> windows_;
  std::vector<float> warped_;
};

}  // namespace calando
