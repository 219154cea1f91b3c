#include "core/cues_fixture.h"
#include "core/exercise/context.h"
#include "core/figures/findings.h"
#include "core/figures/reading.h"

namespace calando {
namespace {

TEST(HomeReturns, AreTheLargestDepartureFromTheFirst) {
  Scene scene;
  scene.rest(1.0);
  const std::pair<int, double> notes[] = {{60, 3.0}, {62, 5.0}, {60, 9.0}, {62, 2.0}, {60, -8.0}};
  for (const auto& [note, cents] : notes) scene.play(note, 3.9, cents).rest(0.1);
  EXPECT_NEAR(value(scene.analysed(contextOf("home-two", 60)), "home_return_cents"), -11.0, 0.3);
}

TEST(Colour, DistanceIsNothingForTheSameNoteAtAnotherLevelAndGrowsWithTheSpectrum) {
  const auto noteOf = [](double rms, int spectrum) {
    Scene scene;
    return scene.rest(0.5).play(60, 3.0, 0.0, rms, spectrum).rest(0.5).analysed({}).tones.at(0).notes.at(0);
  };
  const Note model = noteOf(0.1, 0);
  EXPECT_NEAR(*colourDistance(model, noteOf(0.02, 0)), 0.0, 0.3);
  EXPECT_GT(*colourDistance(model, noteOf(0.1, 2)), 3.0);
  Note poor = model;
  poor.harmonics_db.resize(2);
  EXPECT_FALSE(colourDistance(model, poor));
}

/// A tone whose level goes up to a peak and down again in straight lines of decibels.
sounds::ToneSpec swellSpec(double seconds, double peak_s, double depth_db) {
  return {.f0_hz = 233.08,
          .seconds = seconds,
          .before_s = 0.5,
          .after_s = 0.5,
          .amplitude =
              [=](double t) {
                const double share = t < peak_s ? t / peak_s : (seconds - t) / (seconds - peak_s);
                return std::pow(10.0, -depth_db * (1.0 - share) / 20.0);
              },
          .floor_rms = 1e-4};
}

class Swells : public testing::TestWithParam<double> {};
TEST_P(Swells, HaveTheirPeakWithinATenthOfABeat) {
  const double peak = GetParam();
  const auto samples = sounds::tone(swellSpec(4.0, peak, 18.0));
  const Analysis a = analyse(samples, 48000, contextOf("swell", 58));
  ASSERT_EQ(a.cues.size(), 1u);
  ASSERT_TRUE(a.cues[0].dynamics.peak_error_beats);
  EXPECT_NEAR(*a.cues[0].dynamics.peak_error_beats, peak - 2.0, 0.1);
}
INSTANTIATE_TEST_SUITE_P(Peaks, Swells, testing::Values(1.2, 1.6, 2.0, 2.5, 3.0));

TEST(Swell, OffTheShapeIsNothingWhenItIsFollowedAndElseTheSpread) {
  const auto tracks = trackAll(sounds::tone(swellSpec(4.0, 2.0, 14.0)), 48000);
  const auto followed = dynamicFigures(tracks, 0.55, 4.45, [](double share) {
    return -14.0 * std::abs(2.0 * (0.05 + share * 3.9) / 4.0 - 1.0);
  });
  EXPECT_NEAR(*followed.shape_error_db, 0.0, 0.15);
  // Held against no change: a triangle of 14 dB has a standard deviation of 14/√12.
  const auto level = dynamicFigures(tracks, 0.55, 4.45, [](double) { return 0.0; });
  EXPECT_NEAR(*level.shape_error_db, 14.0 * 3.9 / 4.0 / std::sqrt(12.0), 0.1);
}

TEST(Swell, PitchAndColourByLevelAreTheirSlopes) {
  auto spec = swellSpec(4.0, 2.0, 20.0);
  // Half a cent a decibel.
  spec.cents = [](double t) { return -0.5 * 20.0 * std::abs(t / 2.0 - 1.0); };
  const auto tracks = trackAll(sounds::tone(spec), 48000);
  const auto figures = dynamicFigures(tracks, 0.6, 4.4, [](double) { return 0.0; });
  EXPECT_NEAR(*figures.cents_per_db, 0.5, 0.02);
  EXPECT_NEAR(*figures.partials_per_db, 0.0, 0.01);
  auto steady = spec;
  steady.amplitude = {};
  EXPECT_FALSE(dynamicFigures(trackAll(sounds::tone(steady), 48000), 0.6, 4.4, [](double) {
                 return 0.0;
               }).cents_per_db);
}

TEST(Pulses, HaveTheirDepthAndEvenness) {
  const double depth = 6.0;
  const std::vector<double> crest = {0.0, -2.0, 0.0, -2.0, 0.0, -2.0, 0.0, -2.0};
  sounds::ToneSpec spec = {
      .f0_hz = 300.0, .seconds = 4.0, .before_s = 0.5, .after_s = 0.5, .floor_rms = 1e-4};
  spec.amplitude = [&](double t) {
    const auto pulse = static_cast<std::size_t>(std::min(7.0, t / 0.5));
    const double phase = t / 0.5 - static_cast<double>(pulse);
    const double db = crest[pulse] * std::sin(std::numbers::pi * phase) -
                      depth * 0.5 * (1.0 + std::cos(2.0 * std::numbers::pi * phase));
    return std::pow(10.0, db / 20.0);
  };
  const auto pulses = pulseFigures(trackAll(sounds::tone(spec), 48000), 0.5, 4.5, 8);
  ASSERT_TRUE(pulses);
  EXPECT_NEAR(pulses->depth_db, depth - 1.0, 0.3);  // crests 0 and -2 in turn
  EXPECT_NEAR(pulses->spread_db, 1.0, 0.1);
  EXPECT_FALSE(pulseFigures(trackAll(sounds::tone(spec), 48000), 0.5, 1.0, 8));
}

TEST(CoreGain, IsHowFarTheToneOpens) {
  auto samples = sounds::tone({.f0_hz = 233.08, .seconds = 6.0, .rms = 0.1, .snr_db = 80});
  const auto noise = sounds::noise(6.0, 0.03);
  for (std::size_t n = 0; n < samples.size(); ++n)  // the noise falls by 12 dB over six seconds
    samples[n] +=
        noise[n] * static_cast<float>(std::pow(10.0, -12.0 * static_cast<double>(n) / 288000.0 / 20.0));
  const auto figures = dynamicFigures(trackAll(samples, 48000), 0.1, 5.9, [](double) { return 0.0; });
  EXPECT_NEAR(*figures.core_gain_db, 8.0, 0.6);  // from the middle of the first third to that of the last
}

TEST(Judging, AnExploringStepIsHeldAgainstNothing) {
  Scene scene;
  const Analysis a = scene.rest(1.0).play(60, 3.0, 40.0).rest(1.0).analysed(contextOf("first-note", 60));
  for (const Reading& r : a.readings) EXPECT_FALSE(r.hasTarget) << r.id();
  EXPECT_TRUE(a.advice.empty());
}

}  // namespace
}  // namespace calando
