#include <gtest/gtest.h>

#include <cmath>

#include "core/engine/analysis.h"
#include "core/exercise/context.h"
#include "core/figures/figure_input.h"
#include "core/figures/findings.h"
#include "core/maths/statistics.h"
#include "core/measure/edges/sounds.h"
#include "core/theory/instrument.h"
#include "core/theory/pitch.h"
#include "support/signals.h"

namespace calando {
namespace {

using sounds::tone;

/// The only note of a signal with half a second of quiet around its tone.
Note noteOf(sounds::ToneSpec spec, const Context& context = {}) {
  spec.before_s = spec.after_s = 0.5;
  spec.floor_rms = spec.floor_rms < 0.0 ? 1e-4 : spec.floor_rms;
  const Analysis analysis = analyse(tone(spec), spec.rate_hz, context);
  EXPECT_EQ(analysis.tones.size(), 1u);
  if (analysis.tones.empty() || analysis.tones[0].notes.size() != 1) {
    ADD_FAILURE() << "not one note";
    return {};
  }
  return analysis.tones[0].notes[0];
}

TEST(Offset, IsAgainstTheAskedNoteNearItAndElseAgainstTheNearest) {
  Context context;
  context.instrument = findInstrument("trumpet-bb");
  context.asked = {*parseNote("C5")};  // sounds B flat 4
  const double target = frequencyOf(70, {});
  const Note flat = noteOf({.f0_hz = target * std::exp2(-80.0 / 1200.0)}, context);
  EXPECT_EQ(flat.asked, parseNote("C5"));
  EXPECT_NEAR(flat.target_hz, target, 1e-9);
  EXPECT_NEAR(flat.offset_cents.value(), -80.0, 0.05);
  EXPECT_EQ(flat.concert, 69);  // what sounded is nearer to A4
  const Note other = noteOf({.f0_hz = frequencyOf(75, {}) * std::exp2(9.0 / 1200.0)}, context);
  EXPECT_FALSE(other.offset_cents);  // another note
  EXPECT_NEAR(other.target_hz, frequencyOf(75, {}), 1e-9);
  EXPECT_EQ(other.written, *parseNote("F5"));
}

TEST(Offset, DoesNotDependOnTheGainAndMovesWithA4) {
  for (const double rms : {0.003, 0.03, 0.3})
    EXPECT_NEAR(noteOf({.f0_hz = 442.0, .rms = rms}).offset_cents.value(), sounds::cents(440, 442), 0.05);
  Context context;
  context.reference.a4_hz = 442.0;
  EXPECT_NEAR(noteOf({.f0_hz = 442.0}, context).offset_cents.value(), 0.0, 0.05);
}

TEST(Drift, IsTheSlope) {
  for (const double slope : {-6.0, 0.0, 4.0}) {
    const Note note = noteOf({.seconds = 4.0, .cents = [slope](double t) { return slope * t; }});
    EXPECT_NEAR(note.drift_cents_per_s.value(), slope, 0.05);
    EXPECT_LT(note.wander_cents.value(), 0.1);  // drift is no wander
    EXPECT_LT(note.shake_cents.value(), 0.1);
    EXPECT_FALSE(note.vibrato);
  }
}

TEST(Vibrato, HasItsRateAndExtentAndNothingOfItIsLeftInWanderAndShake) {
  for (const double f0 : {116.54, 233.08, 440.0, 1174.7})
    for (const double rate : {4.5, 5.0, 6.7})
      for (const double extent : {12.0, 20.0, 35.0}) {
        const Note note = noteOf({.f0_hz = f0, .seconds = 3.0, .cents = [=](double t) {
                                    return extent * std::sin(2 * M_PI * rate * t);
                                  }});
        ASSERT_TRUE(note.vibrato) << f0 << " " << rate << " " << extent;
        EXPECT_NEAR(note.vibrato->rate_hz, rate, 0.02) << f0 << " " << extent;
        EXPECT_NEAR(note.vibrato->extent_cents, extent, 0.02 * extent) << f0 << " " << rate;
        EXPECT_LE(note.wander_cents.value(), 0.3) << f0 << " " << rate << " " << extent;
        EXPECT_LE(note.shake_cents.value(), 0.3) << f0 << " " << rate << " " << extent;
      }
}

TEST(Vibrato, IsNotSeenInARandomTremble) {
  // Five sines of unrelated rates: it trembles, but no line keeps its phase.
  const auto tremble = [](double t) {
    double sum = 0.0;
    for (const double hz : {3.9, 5.3, 6.6, 7.9, 9.7}) sum += std::sin(2.0 * M_PI * hz * t + 7.0 * hz);
    return 4.0 * sum;
  };
  const Note note = noteOf({.seconds = 4.0, .cents = tremble});
  EXPECT_FALSE(note.vibrato);
  // RMS of five sines of 4 cents, the slowest near the corner.
  EXPECT_NEAR(note.shake_cents.value(), 4.0 * std::sqrt(2.5), 0.8);
}

TEST(Wander, IsTheSpreadOfASlowWave) {
  // MAD of a sine is its depth / √2, so wander is 1.4826 · depth / √2.
  const Note note =
      noteOf({.seconds = 10.0, .cents = [](double t) { return 6.0 * std::sin(2 * M_PI * 0.8 * t); }});
  EXPECT_NEAR(note.wander_cents.value(), 1.4826 * 6.0 / std::sqrt(2.0), 0.25);
  EXPECT_LT(note.shake_cents.value(), 0.3);
}

TEST(Level, IsThatOfTheRmsAndAFullScaleSineIsMinusThree) {
  for (const double dbfs : {-50.0, -20.0, -3.01}) {
    const Note note = noteOf({.spectrum = &sounds::spectra()[3], .rms = std::pow(10.0, dbfs / 20.0)});
    EXPECT_NEAR(note.level_dbfs.value(), dbfs, 0.05);
    EXPECT_LT(note.level_sd_db.value(), 0.1);
  }
}

TEST(Level, SlopeIsInDecibelsASecond) {
  const Note note =
      noteOf({.seconds = 4.0, .amplitude = [](double t) { return std::pow(10.0, (-3.0 * t) / 20.0); }});
  EXPECT_NEAR(note.level_slope_db_per_s.value(), -3.0, 0.05);
}

TEST(Hnr, IsRightFromFiveToFortyDecibelsAlsoUnderVibrato) {
  const auto powerFrom = [](int first) {
    double sum = 0.0;
    for (int k = first; k <= 40; ++k) sum += std::pow(sounds::spectra()[0].strength(k), 2.0);
    return sum;
  };
  for (const double f0 : {55.0, 61.7, 73.4, 82.4, 116.5, 233.08, 440.0, 1174.7})
    for (const double hnr : {5.0, 10.0, 20.0, 30.0, 40.0})
      for (const double extent : {0.0, 20.0}) {
        // A fundamental below 60 Hz does not count. White noise up to 24 kHz: between 60 Hz and 10 kHz lies
        // 9.94 / 24 of its power. The falling spectrum has all but a thousandth of its power below 10 kHz.
        const double counted = f0 < 60.0 ? 10.0 * std::log10(powerFrom(2) / powerFrom(1)) : 0.0;
        const double snr = hnr - counted - 10.0 * std::log10(24.0 / 9.94);
        const double rms = 0.1;
        const Note note = noteOf({.f0_hz = f0,
                                  .seconds = 2.0,
                                  .rms = rms,
                                  .cents = [=](double t) { return extent * std::sin(2 * M_PI * 5 * t); },
                                  .floor_rms = rms / std::pow(10.0, snr / 20.0)});
        EXPECT_NEAR(note.hnr_db.value_or(-99), hnr, 0.5) << f0 << " Hz, ±" << extent << " cents";
      }
}

TEST(Colour, ReadsTheHarmonicsBack) {
  const auto strength = [](int k) { return std::pow(10.0, -8.0 * std::log2(k) / 20.0); };  // 8 dB an octave
  const sounds::Spectrum sloped{"sloped", strength};
  const Note note = noteOf({.f0_hz = 233.08, .spectrum = &sloped, .floor_rms = 3e-5});
  ASSERT_EQ(note.harmonics_db.size(), 20u);
  for (int k = 1; k <= 20; ++k)
    EXPECT_NEAR(note.harmonics_db[static_cast<std::size_t>(k - 1)].value(), -8.0 * std::log2(k), 0.1) << k;
  EXPECT_NEAR(note.tilt_db_per_octave.value(), -8.0, 0.1);
  double odd = 0.0, even = 0.0, weighted = 0.0, power = 0.0;
  for (int k = 1; k <= 40; ++k) {
    if (k > 1 && k <= 20) (k % 2 ? odd : even) += -8.0 * std::log2(k) / (k % 2 ? 9 : 10);
    weighted += k * strength(k) * strength(k);
    power += strength(k) * strength(k);
  }
  EXPECT_NEAR(note.odd_even_db.value(), odd - even, 0.1);
  EXPECT_NEAR(note.brightness.value(), weighted / power, 0.02);
}

TEST(Colour, OwnSpreadIsTheDistanceOfTheTwoHalves) {
  const auto& [bright, dark] = std::pair(sounds::Spectrum{"bright", [](int k) { return 1.0 / k; }},
                                         sounds::Spectrum{"dark", [](int k) { return 1.0 / (k * k); }});
  const auto half = [](const sounds::Spectrum& spectrum, bool first) {
    return sounds::tone({.seconds = 4.0,
                         .spectrum = &spectrum,
                         .before_s = 0.5,
                         .after_s = 0.5,
                         .amplitude =
                             [first](double t) {
                               // The core ends 0.1 s before the tone: its middle is at 1.95 s.
                               const double share = std::clamp((t - 1.94) / 0.02, 0.0, 1.0);
                               return first ? 1.0 - share : share;
                             },
                         .floor_rms = 0.0});
  };
  auto samples = half(bright, true);
  const auto later = half(dark, false);
  for (std::size_t i = 0; i < samples.size(); ++i) samples[i] += later[i];
  const Analysis changing = analyse(samples, 48000, {});
  ASSERT_EQ(changing.tones.size(), 1u);
  // The halves differ by k, that is 20·log10 k; those of the dark one go down to 40 dB at the tenth.
  std::vector<double> differences;
  for (int k = 1; k <= 10; ++k) differences.push_back(20.0 * std::log10(k));
  EXPECT_NEAR(*changing.tones[0].notes[0].colour_repeat_db, standardDeviation(differences), 0.7);
  EXPECT_LT(*noteOf({.seconds = 4.0, .snr_db = 50}).colour_repeat_db, 0.2);
}

TEST(Colour, OfASineIsOnePartial) {
  const sounds::Spectrum sine{"sine", [](int k) { return k == 1 ? 1.0 : 0.0; }};
  const Note note = noteOf({.f0_hz = 440.0, .spectrum = &sine});
  EXPECT_NEAR(note.brightness.value(), 1.0, 0.001);
  EXPECT_FALSE(note.tilt_db_per_octave);
  EXPECT_FALSE(note.odd_even_db);
}

TEST(Crackle, IsFoundBetweenTheHarmonics) {
  // Every second period stronger: sidebands halfway between the partials.
  for (const double depth : {0.02, 0.1}) {
    const double f0 = 233.08;
    auto samples = tone({.f0_hz = f0, .seconds = 2.0, .before_s = 0.5, .after_s = 0.5, .floor_rms = 1e-5});
    for (std::size_t n = 0; n < samples.size(); ++n)
      samples[n] *=
          static_cast<float>(1.0 + depth * std::sin(M_PI * f0 * (static_cast<double>(n) / 48000.0 - 0.5)));
    const Analysis analysis = analyse(samples, 48000, {});
    ASSERT_FALSE(analysis.tones.empty());
    // Each partial throws depth/2 to either side; where two neighbours meet their phases are random, so the
    // strongest lies between one sideband and twice one above the mean of the partials.
    const double one = 20.0 * std::log10(depth / 2.0);
    EXPECT_GT(analysis.tones[0].notes[0].subharmonic_db.value(), one - 1.0);
    EXPECT_LT(analysis.tones[0].notes[0].subharmonic_db.value(), one + 7.0);
  }
  EXPECT_LT(noteOf({.f0_hz = 233.08, .floor_rms = 1e-5}).subharmonic_db.value(), -45.0);
}

TEST(Jitter, IsTheMeanDifferenceOfNeighbouringPeriods) {
  // Periods alternate by ±0.5 %: neighbours differ by 1 %. A pulse train of raised cosines has sharp periods.
  const double rate = 48000.0;
  std::vector<float> samples(static_cast<std::size_t>(0.5 * rate), 0.0f);
  std::vector<double> starts;
  double at = 0.5;
  for (int i = 0; at < 2.5; ++i) {
    starts.push_back(at);
    at += (1.0 + (i % 2 ? 0.005 : -0.005)) / 200.0;
  }
  samples.resize(static_cast<std::size_t>(3.0 * rate), 0.0f);
  for (const double start : starts)
    for (int n = -80; n < 80; ++n) {
      const auto i = static_cast<std::size_t>(start * rate) + static_cast<std::size_t>(n + 100);
      const double t = (static_cast<double>(i) - 100.0) / rate - start;
      const double u = t / 0.0012;
      if (std::abs(u) < 1.0 && i < samples.size())
        samples[i] += static_cast<float>(0.3 * (0.5 + 0.5 * std::cos(M_PI * u)) * std::sin(2500.0 * t));
    }
  const Analysis analysis = analyse(samples, rate, {});
  ASSERT_FALSE(analysis.tones.empty());
  EXPECT_NEAR(analysis.tones[0].notes[0].jitter_percent.value(), 1.0, 0.15);
  EXPECT_LT(noteOf({.f0_hz = 200.0, .floor_rms = 1e-6}).jitter_percent.value(), 0.02);
}

}  // namespace
}  // namespace calando
