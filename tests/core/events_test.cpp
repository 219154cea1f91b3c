#include <gtest/gtest.h>

#include <cmath>

#include "core/engine/analysis.h"
#include "core/exercise/context.h"
#include "core/figures/figure_input.h"
#include "core/figures/findings.h"
#include "core/measure/edges/sounds.h"
#include "core/signal/tracker.h"
#include "core/theory/instrument.h"
#include "core/theory/pitch.h"
#include "support/signals.h"

namespace calando {
namespace {

using sounds::tone;
using sounds::ToneSpec;

Tone onlyTone(const std::vector<float>& samples, const Context& context = {}) {
  const Analysis analysis = analyse(samples, 48000, context);
  EXPECT_EQ(analysis.tones.size(), 1u);
  return analysis.tones.empty() ? Tone{} : analysis.tones[0];
}

double clamp01(double x) { return std::min(1.0, std::max(0.0, x)); }

TEST(Onset, IsWhereTheLevelIsHalf) {
  for (const double f0 : {58.27, 116.54, 233.08, 466.16, 932.3, 2093.0})
    for (const double ramp : {0.0, 0.02, 0.06, 0.15}) {
      const double seconds = 1.5;
      const Tone t = onlyTone(tone(
          {.f0_hz = f0, .seconds = seconds, .before_s = 0.5137, .after_s = 0.5, .amplitude = [=](double t) {
             return ramp == 0.0 ? 1.0 : clamp01(t / ramp) * clamp01((seconds - t) / ramp);
           }}));
      // A start in no time cuts a period anywhere: what is cut off holds more or less of its energy.
      const double tolerance = ramp == 0.0 ? std::max(0.5 / f0, 0.002) : f0 < 100.0 ? 0.004 : 0.002;
      EXPECT_NEAR(t.start_s, 0.5137 + ramp / 2.0, tolerance) << f0 << " Hz, ramp " << ramp;
      EXPECT_NEAR(t.end_s, 0.5137 + seconds - ramp / 2.0, tolerance) << f0 << " Hz, ramp " << ramp;
    }
}

TEST(Rise, OfALinearRampIsFourFifthsOfIt) {
  for (const double ramp : {0.05, 0.2}) {
    const Tone t = onlyTone(tone({.f0_hz = 440, .before_s = 0.5, .after_s = 0.5, .amplitude = [=](double t) {
                                    return clamp01(t / ramp);
                                  }}));
    EXPECT_NEAR(t.onset.rise_ms.value(), 800.0 * ramp, 6.0);
  }
}

TEST(Dropouts, AreAllFoundWithTheirPlaceAndLength) {
  for (const double f0 : {58.27, 116.54, 233.08, 587.3, 1568.0})
    for (const double length : {0.02, 0.04, 0.08, 0.14}) {
      const double at[] = {0.7, 1.35};
      const Tone t = onlyTone(
          tone({.f0_hz = f0, .seconds = 2.2, .before_s = 0.4, .after_s = 0.4, .amplitude = [=](double t) {
                  return (t >= at[0] && t < at[0] + length) || (t >= at[1] && t < at[1] + length) ? 0.0 : 1.0;
                }}));
      ASSERT_EQ(t.dropouts.size(), 2u) << f0 << " Hz, " << length;
      const double tolerance = f0 < 100.0 ? 0.005 : 0.002;
      for (std::size_t i = 0; i < 2; ++i) {
        EXPECT_NEAR(t.dropouts[i].at_s, 0.4 + at[i], tolerance) << f0 << " Hz, " << length;
        EXPECT_NEAR(t.dropouts[i].length_s, length, tolerance) << f0 << " Hz";
      }
      EXPECT_NEAR(t.held_s, 2.2 - 2.0 * length, 0.01);
    }
}

TEST(Dropouts, LongerOnesEndTheTone) {
  const auto samples = tone({.seconds = 2.0, .before_s = 0.4, .after_s = 0.4, .amplitude = [](double t) {
                               return t > 1.0 && t < 1.2 ? 0.0 : 1.0;
                             }});
  const Analysis analysis = analyse(samples, 48000, {});
  ASSERT_EQ(analysis.tones.size(), 2u);
  EXPECT_NEAR(analysis.tones[0].end_s, 1.4, 0.005);
  EXPECT_NEAR(analysis.tones[1].start_s, 1.6, 0.005);
}

TEST(Dropouts, AreNotSeenInASwellOrATremolo) {
  const Tone t = onlyTone(tone({.seconds = 4.0, .before_s = 0.4, .after_s = 0.4, .amplitude = [](double t) {
                                  return (0.25 + 0.75 * std::sin(M_PI * t / 4.0)) *
                                         (1.0 + 0.25 * std::sin(2 * M_PI * 5 * t));
                                }}));
  EXPECT_TRUE(t.dropouts.empty());
}

TEST(Notes, SlurredOnesAreSeveralInOneTone) {
  // C-D-E, a second each.
  const Tone t =
      onlyTone(tone({.f0_hz = 261.63, .seconds = 3.0, .before_s = 0.4, .after_s = 0.4, .cents = [](double t) {
                       return t < 1 ? 0.0 : t < 2 ? 200.0 : 400.0;
                     }}));
  ASSERT_EQ(t.notes.size(), 3u);
  for (std::size_t i = 0; i < 3; ++i) {
    EXPECT_EQ(t.notes[i].concert, 60 + 2 * static_cast<int>(i));
    EXPECT_NEAR(t.notes[i].offset_cents.value(), 0.0, 0.5);
    EXPECT_NEAR(t.notes[i].start_s, 0.4 + static_cast<double>(i), 0.02);
  }
  EXPECT_TRUE(t.slips.empty());
}

TEST(Notes, AGlideBetweenTwoHasItsSpan) {
  const Tone t =
      onlyTone(tone({.f0_hz = 233.08, .seconds = 3.0, .before_s = 0.4, .after_s = 0.4, .cents = [](double t) {
                       return 500.0 * clamp01(t - 1.0);
                     }}));
  ASSERT_EQ(t.notes.size(), 2u);
  ASSERT_EQ(t.glides.size(), 1u);
  EXPECT_NEAR(t.glides[0].semitones(), 5.0, 0.7);  // its ends merge into the plateaus' ±60 cents
  EXPECT_NEAR(t.glides[0].start_s, 1.4, 0.12);
}

TEST(Slips, AwayAndSoonBackIsOneNoteAndASlip) {
  for (const double length : {0.1, 0.25, 0.4}) {
    Context context;
    context.instrument = findInstrument("horn-f");
    const Tone t =
        onlyTone(tone({.f0_hz = 349.23,
                       .seconds = 3.0,
                       .before_s = 0.4,
                       .after_s = 0.4,
                       .cents = [=](double t) { return t > 1.2 && t < 1.2 + length ? 315.6 : 0.0; }}),
                 context);
    ASSERT_EQ(t.notes.size(), 1u) << length;
    ASSERT_EQ(t.slips.size(), 1u) << length;
    EXPECT_EQ(noteName(t.slips[0].from, Spelling::flats), "C5");
    EXPECT_EQ(noteName(t.slips[0].to, Spelling::flats), "Eb5");
    EXPECT_NEAR(t.slips[0].at_s, 1.6, 0.03);
    EXPECT_NEAR(t.slips[0].length_s, length, 0.05);
    EXPECT_LT(t.notes[0].wander_cents.value(), 1.0);  // the slip is not in the note's figures
  }
}

TEST(Slips, AnUnaskedNoteIsOneHoweverLong) {
  Context context;
  context.asked = {60};
  const auto samples =
      tone({.f0_hz = 261.63, .seconds = 3.0, .before_s = 0.4, .after_s = 0.4, .cents = [](double t) {
              return t < 1.5 ? 0.0 : 700.0;
            }});
  EXPECT_EQ(onlyTone(samples, context).slips.size(), 1u);
  context.asked = {60, 67};
  EXPECT_TRUE(onlyTone(samples, context).slips.empty());
}

TEST(Scoop, IsTheDepartureOfTheBeginning) {
  for (const double depth : {-40.0, -15.0, 25.0}) {
    const Tone t =
        onlyTone(tone({.f0_hz = 440, .seconds = 2.0, .before_s = 0.5, .after_s = 0.5, .cents = [=](double t) {
                         return depth * (1.0 - clamp01((t - 0.04) / 0.12));
                       }}));
    // The first frames are seen through windows of 48 ms that reach into the slide.
    EXPECT_NEAR(t.onset.scoop_cents.value(), depth, 0.2 * std::abs(depth)) << depth;
    EXPECT_NEAR(t.onset.settle_ms.value(), 1000.0 * (0.04 + 0.12 * (1.0 - 10.0 / std::abs(depth))), 30.0)
        << depth;
  }
}

TEST(Release, SagAndFadeAreOfTheLastHalfSecond) {
  // The core ends 100 ms before the end: the last 500 ms of it are 0.6 to 0.1 s before the end.
  const Tone t = onlyTone(tone({.seconds = 4.0,
                                .before_s = 0.4,
                                .after_s = 0.4,
                                .cents = [](double t) { return t < 3.4 ? 0.0 : -14.0; },
                                .amplitude = [](double t) { return t < 3.4 ? 1.0 : 0.5; }}));
  EXPECT_NEAR(t.release.sag_cents.value(), -14.0, 0.5);
  EXPECT_NEAR(t.release.fade_db.value(), -6.02, 0.3);
}

std::vector<float> joined(std::initializer_list<std::vector<float>> parts) {
  std::vector<float> all;
  for (const auto& part : parts) all.insert(all.end(), part.begin(), part.end());
  return all;
}

TEST(AirBefore, IsTheNoiseUpToTheTone) {
  const auto quiet = sounds::noise(0.6, 1e-4, 48000, 1);
  const auto air = sounds::noise(0.3, 0.01, 48000, 2);
  const auto sound = tone({.f0_hz = 440, .seconds = 1.5, .floor_rms = 1e-4});
  EXPECT_NEAR(onlyTone(joined({quiet, air, sound, quiet})).onset.air_before_ms.value(), 300.0, 20.0);
  EXPECT_EQ(onlyTone(joined({quiet, sound, quiet})).onset.air_before_ms, 0.0);
  // A breath that has stopped before the tone is not air before it.
  EXPECT_EQ(onlyTone(joined({quiet, air, sounds::noise(0.2, 1e-4), sound, quiet})).onset.air_before_ms, 0.0);
}

TEST(Airs, ABreathHasItsLevelCentroidAndShape) {
  const auto quiet = sounds::noise(0.6, 1e-4, 48000, 1);
  const auto even = sounds::noise(2.0, 0.02, 48000, 2);
  const Analysis analysis = analyse(joined({quiet, even, quiet}), 48000, {});
  ASSERT_EQ(analysis.airs.size(), 1u);
  const Air& air = analysis.airs[0];
  EXPECT_NEAR(air.start_s, 0.6, 0.02);
  EXPECT_NEAR(air.end_s, 2.6, 0.02);
  // Of white noise up to 24 kHz the share from 150 Hz to 8 kHz.
  EXPECT_NEAR(air.level_dbfs.value(), 20.0 * std::log10(0.02) + 10.0 * std::log10(7850.0 / 24000.0), 0.3);
  EXPECT_NEAR(air.centroid_hz.value(), (150.0 + 8000.0) / 2.0, 120.0);  // white: the middle of the band
  EXPECT_NEAR(air.front_load.value(), 0.25, 0.01);
  EXPECT_EQ(air.phase, AirPhase::unknown);
  auto hurried = even;
  for (std::size_t n = 0; n < hurried.size(); ++n)
    hurried[n] *=
        static_cast<float>(1.0 - 0.9 * static_cast<double>(n) / static_cast<double>(hurried.size()));
  const Analysis second = analyse(joined({quiet, hurried, quiet}), 48000, {});
  ASSERT_EQ(second.airs.size(), 1u);
  EXPECT_GT(second.airs[0].front_load.value(), 0.35);  // linear from 1 to 0.1: 0.40 of the whole
}

TEST(Airs, BeforeAToneItIsAnInhale) {
  const auto quiet = sounds::noise(0.6, 1e-4, 48000, 1);
  const auto samples = joined({quiet, sounds::noise(0.8, 0.01, 48000, 2), sounds::noise(0.2, 1e-4),
                               tone({.f0_hz = 440, .seconds = 1.0, .floor_rms = 1e-4}), quiet});
  const Analysis analysis = analyse(samples, 48000, {});
  ASSERT_EQ(analysis.airs.size(), 1u);
  EXPECT_EQ(analysis.airs[0].phase, AirPhase::inhale);
}

TEST(Room, HumAndDronesBelongToIt) {
  for (const double hum : {50.0, 100.0}) {
    auto samples =
        joined({sounds::noise(1.0, 1e-4, 48000, 1), tone({.f0_hz = 311.1, .seconds = 2.0, .floor_rms = 1e-4}),
                sounds::noise(1.0, 1e-4, 48000, 2)});
    for (std::size_t n = 0; n < samples.size(); ++n)
      samples[n] += static_cast<float>(0.004 * std::sin(2.0 * M_PI * hum * static_cast<double>(n) / 48000.0));
    const Analysis analysis = analyse(samples, 48000, {});
    ASSERT_EQ(analysis.tones.size(), 1u) << hum;
    EXPECT_NEAR(analysis.tones[0].start_s, 1.0, 0.01);
    EXPECT_NEAR(analysis.tones[0].held_s, 2.0, 0.02);
  }
}

TEST(Room, ClapsAndClicksAreNoTones) {
  std::vector<float> samples = sounds::noise(4.0, 1e-4);
  const auto burst = sounds::noise(1.0, 0.4, 48000, 9);
  for (const double at : {0.5, 1.3, 2.1, 2.9})
    for (std::size_t n = 0; n < 9600; ++n)
      samples[static_cast<std::size_t>(at * 48000) + n] +=
          burst[n] * static_cast<float>(std::exp(-static_cast<double>(n) / 1200.0));
  for (std::size_t n = 0; n < samples.size(); n += 24000) samples[n] = 0.9f;
  EXPECT_TRUE(analyse(samples, 48000, {}).tones.empty());
}

TEST(Analysis, OfSilenceHasEmptyLists) {
  for (const auto& samples :
       {std::vector<float>(), std::vector<float>(100, 0.0f), std::vector<float>(96000, 0.0f)}) {
    const Analysis analysis = analyse(samples, 48000, {});
    EXPECT_TRUE(analysis.tones.empty());
    EXPECT_TRUE(analysis.airs.empty());
    EXPECT_FALSE(analysis.noiseFloor_dbfs);
  }
}

TEST(Analysis, LiveGivesTheFiguresOfOffline) {
  const auto samples = tone(
      {.f0_hz = 196.0,
       .seconds = 5.0,
       .before_s = 0.6,
       .after_s = 0.6,
       .cents = [](double t) { return 12.0 * std::sin(2 * M_PI * 5.1 * t) - 30.0 * std::exp(-t * 20.0); },
       .floor_rms = 1e-3});
  const Analysis offline = analyse(samples, 48000, {});
  Tracker tracker(48000, Tracker::kLiveLag);
  for (std::size_t i = 0; i < samples.size(); i += 960)
    tracker.push(std::span(samples).subspan(i, std::min<std::size_t>(960, samples.size() - i)));
  tracker.finish();
  const Analysis live = analyse(tracker.tracks(), {});
  ASSERT_EQ(live.tones.size(), 1u);
  ASSERT_EQ(live.tones[0].notes.size(), 1u);
  const Note& a = offline.tones[0].notes[0];
  const Note& b = live.tones[0].notes[0];
  EXPECT_NEAR(live.tones[0].held_s, offline.tones[0].held_s, 0.001);
  EXPECT_NEAR(b.offset_cents.value(), a.offset_cents.value(), 0.01);
  EXPECT_NEAR(b.wander_cents.value(), a.wander_cents.value(), 0.05);
  EXPECT_NEAR(b.vibrato.value().extent_cents, a.vibrato.value().extent_cents, 0.05);
  EXPECT_NEAR(b.hnr_db.value(), a.hnr_db.value(), 0.05);
  EXPECT_NEAR(live.tones[0].onset.scoop_cents.value(), offline.tones[0].onset.scoop_cents.value(), 0.5);
}

}  // namespace
}  // namespace calando
