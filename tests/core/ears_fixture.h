#pragma once

#include <gtest/gtest.h>

#include <complex>
#include <numbers>

#include "core/ears/answers.h"
#include "core/ears/material.h"
#include "core/ears/sound_maker.h"
#include "core/engine/analysis.h"
#include "core/engine/take_stages.h"
#include "core/exercise/context.h"
#include "core/figures/findings.h"
#include "core/library/take_spec.h"
#include "core/maths/statistics.h"
#include "core/measure/edges/dynamics.h"
#include "support/dice.h"
#include "support/signals.h"

namespace calando {
// Of its own: other tests have helpers of these names, too.
inline namespace ears_fixture {

inline std::optional<Material> materialOf(const sounds::ToneSpec& spec) {
  const auto samples = sounds::tone(spec);
  const Context context = contextFor({});
  const Tracks tracks = trackTake(samples, 48000.0, context);
  const Analysis analysis = analyse(tracks, context);
  return analysis.mainTone() ? materialFrom(samples, 48000.0, tracks, *analysis.mainTone()) : std::nullopt;
}

/// Somebody's tone, that holds as well as people do: random in pitch, colour, noise and how it moves.
inline sounds::ToneSpec someTone(sounds::Dice& dice) {
  const double f0 = 70.0 * std::exp2(dice(0.0, 4.2)), slow = dice(0.0, 6.0), quick = dice(0.0, 2.0);
  const double at = dice(0.0, 6.28);
  return {.f0_hz = f0,
          .seconds = 3.2,
          .spectrum = &sounds::spectra()[static_cast<std::size_t>(dice.whole(0, 2))],
          .rms = dice(0.02, 0.2),
          .snr_db = dice(18.0, 45.0),
          .before_s = 0.3,
          .after_s = 0.3,
          .cents = [=](double t) { return slow * std::sin(1.9 * t + at) + quick * std::sin(17.0 * t); },
          .amplitude = [](double t) { return std::clamp(std::min(t / 0.05, (3.2 - t) / 0.05), 0.0, 1.0); },
          .seed = static_cast<unsigned>(dice.random())};
}
inline std::optional<Material> someMaterial(sounds::Dice& dice) { return materialOf(someTone(dice)); }

inline SoundMaker someMaker(unsigned seed) {
  sounds::Dice dice(seed);
  return SoundMaker(someMaterial(dice).value());
}

inline double rms(std::span<const float> sound, double from_s, double to_s) {
  double power = 0.0, count = 0.0;
  for (auto n = static_cast<std::size_t>(from_s * 48000.0);
       n < std::min(sound.size(), static_cast<std::size_t>(to_s * 48000.0)); ++n, count += 1.0)
    power += static_cast<double>(sound[n]) * sound[n];
  return std::sqrt(power / count);
}
inline double decibels(double over, double under) { return 20.0 * std::log10(over / under); }

inline Analysis heard(const std::vector<float>& sound) {
  std::vector<float> take(14400);
  take.insert(take.end(), sound.begin(), sound.end());
  take.resize(take.size() + 14400);
  return analyse(take, 48000.0, contextFor({}));
}

/// The phase of a sound's fundamental against a carrier, by correlation. Nothing of the program is in it.
inline double phaseAt(std::span<const float> sound, double about_hz, double at_s) {
  std::complex<double> sum;
  const auto half = static_cast<long>(2.0 * 48000.0 / about_hz), middle = static_cast<long>(at_s * 48000.0);
  for (long n = -half; n < half; ++n)
    sum += (1.0 + std::cos(std::numbers::pi * static_cast<double>(n) / static_cast<double>(half))) *
           static_cast<double>(sound[static_cast<std::size_t>(middle + n)]) *
           std::polar(1.0, -2.0 * std::numbers::pi * about_hz * static_cast<double>(middle + n) / 48000.0);
  return std::arg(sum);
}

/// Its pitch between two moments: how fast that phase goes.
inline double fundamental(std::span<const float> sound, double about_hz, double from = 0.25,
                          double to = 1.3) {
  const int steps = static_cast<int>(std::lround(250.0 * (to - from)));
  double turned = 0.0, before = phaseAt(sound, about_hz, from);
  for (int i = 1; i <= steps; ++i) {
    const double here = phaseAt(sound, about_hz, std::lerp(from, to, static_cast<double>(i) / steps));
    turned += std::remainder(here - before, 2.0 * std::numbers::pi);
    before = here;
  }
  return about_hz + turned / (2.0 * std::numbers::pi * (to - from));
}

/// How much of a wave is in a course: its amplitude.
template <class Course>
inline double waveIn(Course course, double radians_per_s) {
  std::complex<double> sum;
  double mean = 0.0;
  constexpr int count = 64;
  for (int i = 0; i < count; ++i) mean += course(std::lerp(0.15, 1.45, (i + 0.5) / count)) / count;
  for (int i = 0; i < count; ++i) {
    const double t = std::lerp(0.15, 1.45, (i + 0.5) / count);
    sum += 2.0 / count * (course(t) - mean) * std::polar(1.0, -radians_per_s * t);
  }
  return std::abs(sum);
}

/// How much of a change is in a sound, measured by the test itself where that is simple.
inline std::optional<double> measuredHere(const Changed& changed, std::span<const float> sound,
                                          std::span<const float> plain, double hz) {
  switch (changed.change) {
    case Change::offset:
      return sounds::cents(fundamental(plain, hz),
                           fundamental(sound, hz * std::exp2(changed.amount / 1200.0)));
    case Change::fade:
      return -decibels(rms(sound, 1.54, 1.57) / rms(plain, 1.54, 1.57),
                       rms(sound, 0.1, 0.7) / rms(plain, 0.1, 0.7));
    case Change::gap: {
      double quiet_s = 0.0;
      for (double t = 0.6; t < 1.0; t += 0.0005)
        quiet_s += rms(sound, t - 0.001, t + 0.001) < 0.5 * rms(plain, t - 0.001, t + 0.001) ? 0.0005 : 0.0;
      return 1000.0 * quiet_s;
    }
    case Change::shorter:
      return 100.0 * (1.0 - static_cast<double>(sound.size()) / static_cast<double>(plain.size()));
    default:
      return std::nullopt;
  }
}

class OneThingChanged : public testing::TestWithParam<int> {};
INSTANTIATE_TEST_SUITE_P(Every, OneThingChanged, testing::Range(0, 16));

}  // namespace ears_fixture
}  // namespace calando
