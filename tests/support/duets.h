#pragma once

#include <algorithm>
#include <cmath>
#include <functional>
#include <optional>
#include <vector>

#include "core/engine/analysis.h"
#include "core/exercise/context.h"
#include "core/figures/findings.h"
#include "core/measure/pair/pair.h"
#include "support/dice.h"
#include "support/signals.h"

/// Two who play together, made so that what they do is known.
namespace calando {

using sounds::Dice;
using Curve = std::function<double(double)>;  // cents over the take's time

inline constexpr double kRate_hz = 48000.0;
struct Interval {
  double semitones;
  double over, under;
};
inline constexpr Interval kIntervals[] = {{0, 1, 1}, {12, 2, 1}, {7, 3, 2}, {4, 5, 4}, {19, 3, 1}};

struct OneOfTwo {
  double hz;
  Curve cents = [](double) { return 0.0; };
  double from_s = 0.4;
  double to_s = 6.0;
  double rms = 0.1;

  double at(double t) const { return hz * std::exp2(cents(t) / 1200.0); }
  std::vector<float> sound(Dice& dice, double take_s) const {
    sounds::ToneSpec spec;
    spec.f0_hz = hz;
    spec.before_s = from_s;
    spec.seconds = to_s - from_s;
    spec.after_s = take_s - to_s;
    spec.rms = rms;
    spec.spectrum = &sounds::spectra()[static_cast<std::size_t>(dice.whole(0, 2))];
    spec.cents = [this](double t) { return cents(t + from_s); };
    spec.floor_rms = 1e-5;
    spec.seed = static_cast<unsigned>(dice.whole(1, 1000000));
    return sounds::tone(spec);
  }
};

inline std::vector<float> together(std::vector<float> a, const std::vector<float>& b) {
  for (std::size_t n = 0; n < std::min(a.size(), b.size()); ++n) a[n] += b[n];
  return a;
}
inline void addNoise(std::vector<float>& sound, double rms, Dice& dice) {
  const auto noise = sounds::noise(static_cast<double>(sound.size() + 1) / kRate_hz, rms, kRate_hz,
                                   static_cast<unsigned>(dice.whole(1, 1000000)));
  for (std::size_t n = 0; n < sound.size(); ++n) sound[n] += noise[n];
}

inline std::optional<Pair> heard(const std::vector<float>& sound, const PairAsked& asked) {
  Context context;
  context.pair = asked;
  return analyse(sound, kRate_hz, context).pair;
}

/// One cent to either side, too slowly to be a tremble.
inline Curve wandering(Dice& dice, double cents) {
  const double a = dice(0.3, 1.5), b = dice(0.3, 1.5), p = dice(0, 6.28), q = dice(0, 6.28);
  return [=](double t) { return cents * (std::sin(6.2832 * a * t + p) + std::sin(6.2832 * b * t + q)); };
}

}  // namespace calando
