// How far a pitch travels, and what goes on in the breaks on the way.
#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <random>

#include "core/engine/analysis.h"
#include "core/exercise/context.h"
#include "core/figures/findings.h"
#include "core/measure/edges/sounds.h"
#include "core/theory/pitch.h"
#include "support/signals.h"

namespace calando {
namespace {

// Falls, rises and sirens of any span and length, with jitter and noise: the span is that of the path, and a
// steady tone has none.
TEST(Range, OfATravelIsThatOfItsPathAndJitterMakesNone) {
  std::vector<double> errors, ofSteady;
  for (unsigned seed = 1; seed <= 36; ++seed) {
    std::mt19937 random(seed);
    const auto dice = [&](double a, double b) { return std::uniform_real_distribution(a, b)(random); };
    const bool steady = seed % 4 == 0, siren = seed % 3 == 0, up = seed % 2 == 0;
    const double span = steady ? 0.0 : 100.0 * dice(1.0, 24.0), length = dice(0.8, 5.0),
                 jitter = dice(3.0, 40.0);
    std::vector<std::pair<double, double>> swings;
    for (int k = 0; k < 4; ++k) swings.emplace_back(dice(25.0, 60.0), dice(0.0, 6.28));
    const auto tone = sounds::tone({.f0_hz = dice(110.0, 400.0) * (up ? 1.0 : std::exp2(span / 2400.0)),
                                    .seconds = length + 0.6,
                                    .snr_db = dice(5.0, 25.0),
                                    .before_s = 0.4,
                                    .after_s = 0.4,
                                    .cents =
                                        [=](double t) {
                                          double s = std::clamp((t - 0.3) / length, 0.0, 1.0), stray = 0.0;
                                          if (siren) s = s < 0.5 ? 2.0 * s : 2.0 - 2.0 * s;
                                          for (const auto& [hz, phase] : swings)
                                            stray += std::sin(2.0 * 3.14159265 * hz * t + phase);
                                          return (up ? span : -span) * s + jitter * stray / std::sqrt(2.0);
                                        },
                                    .seed = seed});
    const Analysis heard = analyse(tone, 48000.0, Context{});
    ASSERT_EQ(heard.tones.size(), 1u) << "torn, seed " << seed;
    ASSERT_TRUE(heard.tones[0].range);
    const PitchRange& range = *heard.tones[0].range;
    (steady ? ofSteady : errors).push_back(std::abs(range.semitones() - span / 100.0));
    if (steady && length > 1.0) {
      ASSERT_TRUE(range.lowestSteady_hz);
      EXPECT_NEAR(centsBetween(*range.lowestSteady_hz, *range.highestSteady_hz), 0.0, 25.0);
    }
  }
  std::ranges::sort(errors);
  EXPECT_LE(errors[errors.size() / 2], 0.3);
  EXPECT_LE(errors[errors.size() * 95 / 100], 0.7);
  EXPECT_LE(*std::ranges::max_element(ofSteady), 0.15);
}

TEST(Range, TellsWhereItIsHeldAndHowUnevenTheWayIs) {
  // Held, up a fifth in a second along a curve, held.
  const auto path = [](double t) {
    const double s = std::clamp(t - 1.0, 0.0, 1.0);
    return 700.0 * (s + 0.08 * std::sin(2.0 * 3.14159265 * s));
  };
  const auto tone = sounds::tone(
      {.f0_hz = 220.0, .seconds = 3.0, .snr_db = 30.0, .before_s = 0.3, .after_s = 0.3, .cents = path});
  const Analysis heard = analyse(tone, 48000.0, Context{});
  ASSERT_EQ(heard.tones.size(), 1u);
  const PitchRange& range = *heard.tones[0].range;
  EXPECT_NEAR(centsBetween(220.0, *range.lowestSteady_hz), 0.0, 3.0);
  EXPECT_NEAR(centsBetween(220.0, *range.highestSteady_hz), 700.0, 3.0);
  ASSERT_FALSE(heard.tones[0].glides.empty());
  double uneven = 0.0;
  for (const Glide& glide : heard.tones[0].glides)
    uneven = std::max(uneven, glide.uneven_cents.value_or(0.0));
  EXPECT_GT(uneven, 20.0);
  EXPECT_LT(uneven, 56.0);  // an amplitude of 56 about the line
}

// Breaks of 40 to 140 ms, some of them with the air on: each is told.
TEST(Breaks, SayWhetherTheAirWentOn) {
  int right = 0, wrong = 0, found = 0, all = 0;
  for (unsigned seed = 1; seed <= 12; ++seed) {
    std::mt19937 random(seed);
    const auto dice = [&](double a, double b) { return std::uniform_real_distribution(a, b)(random); };
    struct Break {
      double at, length;
      bool air;
    };
    std::vector<Break> breaks;
    for (int i = 0; i < 4; ++i)
      breaks.push_back({0.8 + 0.9 * i + dice(0.0, 0.3), dice(0.05, 0.14), dice(0, 1) < 0.5});
    const double room = 0.1 * std::pow(10.0, -dice(45.0, 55.0) / 20.0),
                 air = room * std::pow(10.0, dice(12.0, 25.0) / 20.0);
    auto samples = sounds::tone({.f0_hz = dice(120.0, 500.0),
                                 .seconds = 4.8,
                                 .before_s = 0.5,
                                 .after_s = 0.5,
                                 .amplitude =
                                     [&](double t) {
                                       double a = 1.0;
                                       for (const Break& b : breaks)
                                         a *= 1.0 - std::clamp((t - b.at) / 0.004, 0.0, 1.0) *
                                                        std::clamp((b.at + b.length - t) / 0.004, 0.0, 1.0);
                                       return a;
                                     },
                                 .floor_rms = room,
                                 .seed = seed});
    const auto noise = sounds::noise(6.0, air, 48000.0, seed + 50);
    for (const Break& b : breaks) {
      if (!b.air) continue;
      const auto first = static_cast<std::size_t>((0.5 + b.at) * 48000.0);
      for (std::size_t n = first; n < first + static_cast<std::size_t>(b.length * 48000.0); ++n)
        samples[n] += noise[n];
    }
    const Analysis heard = analyse(samples, 48000.0, Context{});
    for (const Break& b : breaks) {
      ++all;
      for (const Tone& tone : heard.tones)
        for (const Dropout& d : tone.dropouts) {
          if (std::abs(d.at_s - 0.5 - b.at) > 0.03) continue;
          ++found;
          right += d.air_went_on == b.air;
          wrong += d.air_went_on == !b.air;
        }
    }
  }
  EXPECT_GE(found, all - 1);
  EXPECT_GE(right, 95 * found / 100);
  EXPECT_LE(wrong, found / 50);
}

}  // namespace
}  // namespace calando
