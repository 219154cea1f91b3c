#include "core/exercise/context.h"
#include "core/flexibility_fixture.h"

namespace calando {
namespace {

/// An overtone with a lower note of its fingering sounding under it.
struct Overtone {
  std::vector<float> samples;
  TubeSetting setting;
  int partial, asked;
  double under_db;

  explicit Overtone(unsigned seed) {
    Dice dice(seed);
    setting = {"", dice.whole(34, 58)};
    const double low_hz = setting.hz(nullptr, 440.0);
    partial = low_hz > 300.0 ? 2 : dice.whole(2, 8);
    asked = setting.written + TubeSetting::interval(partial);
    under_db = -dice(10.0, 25.0);
    sounds::ToneSpec spec;
    const double off = std::exp2(dice(-30.0, 30.0) / 1200.0);
    spec.f0_hz = low_hz * partial * off;
    spec.spectrum = &anySpectrum(dice);
    spec.snr_db = dice(20.0, 45.0);
    spec.before_s = spec.after_s = 0.4;
    spec.seed = seed;
    spec.amplitude = [](double t) { return edges(t, 2.0); };
    samples = sounds::tone(spec);
    const auto strongest = [](const sounds::Spectrum& spectrum, double f0) {
      double sum = 0.0, most = 0.0;
      for (int k = 1; k * f0 < 20000.0 && k <= 60; ++k) {
        sum += std::pow(spectrum.strength(k), 2.0);
        most = std::max(most, spectrum.strength(k));
      }
      return most / std::sqrt(sum);
    };
    const double own = strongest(*spec.spectrum, spec.f0_hz);
    spec.f0_hz = low_hz * (dice.chance(0.5) ? off : 1.0);
    spec.spectrum = &sounds::spectra()[dice.chance(0.5) ? 0 : 3];
    spec.rms *= std::pow(10.0, under_db / 20.0) * own / strongest(*spec.spectrum, spec.f0_hz);
    spec.snr_db = 90.0;
    spec.seed = seed + 1;
    const auto under = sounds::tone(spec);
    for (std::size_t n = 0; n < samples.size(); ++n) samples[n] += under[n];
  }
};

TEST(Overtones, AreTheNoteAndNotWhatSoundsUnderThem) {
  int asked = 0, unasked = 0;
  std::vector<double> levels;
  const unsigned count = sounds::howMany(20);
  for (const unsigned seed : sounds::seeds(count)) {
    const Overtone made(seed);
    for (const bool told : {false, true}) {
      Context context;
      context.fingering = made.setting;
      if (told) context.asked = {made.asked};
      const Analysis heard = analyse(made.samples, kRate_hz, context);
      const Tone* tone = heard.mainTone();
      const Note* note = tone ? tone->mainNote() : nullptr;
      if (!note || note->partial != made.partial) continue;
      ++(told ? asked : unasked);
      levels.push_back(note->under_db.value_or(-200.0) - made.under_db);
    }
  }
  EXPECT_GE(asked, static_cast<int>(count * 98 / 100));
  EXPECT_GE(unasked, static_cast<int>(count * 90 / 100));
  expectWithin(levels, 0.5, 2.0);
}

/// Partials of a tube setting one after another, each of them off.
struct Rungs {
  std::vector<int> partials;
  sounds::ToneSpec spec;
};
Rungs rungsOf(const TubeSetting& setting, const Instrument& instrument, bool slurred, unsigned seed) {
  Dice dice(seed);
  Rungs rungs;
  constexpr double each_s = 0.7, pause_s = 0.25, latency_s = 0.05;
  std::vector<double> cents;
  for (int partial = 2; partial <= 8; ++partial) {
    rungs.partials.push_back(partial);
    cents.push_back(1200.0 * std::log2(partial / 2.0) + dice(-40.0, 40.0));
  }
  sounds::ToneSpec& spec = rungs.spec;
  spec.f0_hz = 2.0 * setting.hz(&instrument, 440.0);
  spec.seconds = each_s * static_cast<double>(cents.size());
  spec.snr_db = dice(30.0, 50.0);
  spec.before_s = spec.after_s = kBefore_s;
  spec.spectrum = &sounds::spectra()[0];
  spec.seed = seed;
  spec.cents = [=](double t) {
    double now = cents[0];
    for (std::size_t i = 1; i < cents.size(); ++i)
      now += (cents[i] - cents[i - 1]) *
             way(each_s * static_cast<double>(i), slurred ? latency_s : 1e-3, true)(t);
    return now;
  };
  spec.amplitude = [=, seconds = spec.seconds](double t) {
    if (slurred) return edges(t, seconds);
    const double into = std::fmod(t + pause_s / 2.0, each_s) - pause_s;
    return std::clamp(into / 0.02, 0.0, 1.0) * std::clamp((each_s - pause_s - into) / 0.02, 0.0, 1.0);
  };
  return rungs;
}

TEST(Partials, AreNamedOnEverySettingOfEveryBrass) {
  unsigned seed = 1;
  for (const Instrument& instrument : instruments()) {
    if (!instrument.tubing) continue;
    const auto settings = settingsOf(instrument);
    // Some settings of each instrument; in a campaign all of them come over the instruments that share them.
    for (std::size_t s = seed % 3; s < settings.size(); s += sounds::everything() ? 5 : 11, ++seed) {
      const bool slurred = seed % 2 == 0;
      const Rungs rungs = rungsOf(settings[s], instrument, slurred, seed);
      Context context;
      context.instrument = &instrument;
      context.fingering = settings[s];
      std::vector<int> heard;
      for (const Tone& tone : analyse(sounds::tone(rungs.spec), kRate_hz, context).tones)
        for (const Note& note : tone.notes) {
          heard.push_back(note.partial.value_or(0));
          if (note.partial) {
            EXPECT_NEAR(centsBetween(*note.partial * settings[s].hz(&instrument, 440.0), note.f0_hz),
                        *note.series_cents, 1e-6);
          }
        }
      EXPECT_EQ(heard, rungs.partials) << instrument.id << " " << settings[s].name << " slurred " << slurred;
    }
  }
}

// The first and third valve together are short: in tune, the note is far off the tube's own.
TEST(Partials, AreNamedWhereTheNoteIsInTuneAndTheTubeIsNot) {
  int far = 0;
  for (const Instrument& instrument : instruments()) {
    if (!instrument.tubing) continue;
    for (const TubeSetting& setting : settingsOf(instrument))
      for (const SeriesRung& rung : naturalSeries(setting, &instrument, 440.0, 10)) {
        const double natural = rung.hz;
        for (const double lipped : {-95.0, -70.0, 52.0, 88.0}) {
          const double hz = natural * std::exp2(lipped / 1200.0);
          const auto place = placeOn(hz, setting, &instrument, 440.0);
          const bool alone = rung.partial <= 5;  // the next one is 270 cents away and more
          if (alone) {
            ASSERT_TRUE(place) << instrument.id << " " << setting.name << " " << rung.partial;
            EXPECT_EQ(place->partial, rung.partial);
            EXPECT_NEAR(place->cents, lipped, 1e-6);
            ++far;
          } else if (place) {
            const double next = 1200.0 * std::log2((rung.partial + (lipped > 0 ? 1.0 : -1.0)) / rung.partial);
            EXPECT_LE(2.0 * std::abs(lipped), std::abs(next - lipped)) << "neither the one nor the other";
          }
        }
      }
  }
  EXPECT_GT(far, 500);
}

TEST(Partials, ThatASlipWentToAreNamed) {
  const Instrument* horn = findInstrument("horn-f");
  for (int from = 4; from <= 7; ++from)
    for (const int to : {from - 1, from + 1}) {
      Context context;
      context.instrument = horn;
      context.fingering = *settingNamed("12", horn);
      sounds::ToneSpec spec;
      spec.f0_hz = from * context.fingering->hz(horn, 440.0);
      const double away = 1200.0 * std::log2(static_cast<double>(to) / from);
      spec.cents = [=](double t) { return away * (way(0.9, 0.01, true)(t) - way(1.15, 0.01, true)(t)); };
      const Analysis heard = analyse(sounds::tone(spec), kRate_hz, context);
      ASSERT_EQ(heard.tones.size(), 1u);
      ASSERT_EQ(heard.tones[0].slips.size(), 1u) << from << " " << to;
      EXPECT_EQ(heard.tones[0].slips[0].from_partial, from);
      EXPECT_EQ(heard.tones[0].slips[0].to_partial, to);
    }
}

TEST(Partials, OfACardAreThoseOfTheTubeInUse) {
  Context context;
  context.instrument = findInstrument("trumpet-bb");
  context.exercise = findExercise("stairs-4");
  context.asked = {70};  // partials are of the tube, whatever note stands in the field
  EXPECT_EQ(unroll(context).cues.front().note, *parseNote("C4"));
  context.fingering = *settingNamed("12", context.instrument);
  EXPECT_EQ(unroll(context).cues.front().note, *parseNote("A3"));
  context.instrument = findInstrument("clarinet-bb");
  context.exercise = findExercise("overtones");
  context.fingering.reset();
  for (const SheetCue& cue : unroll(context).cues)
    if (cue.partial) {
      EXPECT_EQ(*cue.partial % 2, 1);
    }
}

}  // namespace
}  // namespace calando
