#include "core/exercise/context.h"
#include "core/flexibility_fixture.h"

namespace calando {
namespace {

TEST(Slurs, HaveTheLengthTheGapAndTheDipThatTheyWereMadeWith) {
  std::vector<double> lengths, gaps, places, dips, bumps;
  constexpr unsigned sounds = 60;
  for (unsigned seed = 1; seed <= sounds; ++seed) {
    const Slur slur(seed);
    const Analysis heard = analyse(sounds::tone(slur.spec), kRate_hz, {});
    for (const Tone& tone : heard.tones)
      for (const Transition& t : tone.transitions) {
        lengths.push_back(t.length_ms - 1000.0 * slur.length_s);
        gaps.push_back(t.gap_ms - (slur.gap ? 1000.0 * slur.length_s : 0.0));
        places.push_back(1000.0 * (t.at_s - slur.middle_s - kBefore_s));
        if (slur.dip_db > -25.0) dips.push_back(t.dip_db - slur.dip_db);
        bumps.push_back(t.bump_db - slur.bump_db);
        EXPECT_EQ(t.from<t.to, slur.interval_cents> 0.0);
      }
  }
  EXPECT_EQ(lengths.size(), sounds);
  expectWithin(lengths, 3.0, 8.0);
  expectWithin(gaps, 3.0, 8.0);
  expectWithin(places, 3.0, 8.0);
  expectWithin(dips, 0.3, 1.0);
  expectWithin(bumps, 0.3, 1.0);
}

TEST(Partials, OfACardGoFromTubeToTube) {
  for (const char* instrument : {"trumpet-bb", "trombone", "euphonium", "bassoon"}) {
    const Analysis heard = playedBy("steady", "slur-settings", 2, instrument);
    const Instrument* played = findInstrument(instrument);
    int tubes = 0;
    std::optional<int> before;
    for (const CueResult& row : heard.cues) {
      if (!row.asked) continue;
      ASSERT_TRUE(row.note) << instrument;
      // In tune on its own tube, whichever that is, and its note is named after that.
      EXPECT_NEAR(row.pitch.series_cents.value(), 1.0, 2.5) << instrument;
      const int partial = heard.tones[*row.matched].notes[*row.note].partial.value();
      EXPECT_GE(partial, 2);
      EXPECT_LE(partial, 4);
      const int base = *row.asked - TubeSetting::interval(partial);
      tubes += base != before;
      before = base;
    }
    EXPECT_EQ(tubes, played->tubing ? 7 : 3) << instrument;  // a bassoon's low F, C and B
  }
  const CueNote note = *parseCueNote("partial 3 down 2");
  EXPECT_EQ(note.down, 2);
  EXPECT_EQ(nameOf(note), "partial 3 down 2");
  for (const char* wrong :
       {"degree 3 down 1", "partial 3 down", "down 2", "partial 3 up 1", "partial 3 down -1"})
    EXPECT_FALSE(parseCueNote(wrong)) << wrong;
}

TEST(Slurs, OverABreakAreToldApart) {
  const Analysis clarinet = playedBy("steady", "widening", 3, "clarinet-bb");  // from A4 up over the break
  int over = 0;
  for (const Tone& tone : clarinet.tones)
    for (const Transition& t : tone.transitions) {
      ASSERT_TRUE(t.over_break);
      EXPECT_EQ(*t.over_break, (t.from < *parseNote("B4")) != (t.to < *parseNote("B4")));
      over += *t.over_break;
    }
  EXPECT_GT(over, 0);
  EXPECT_FALSE(std::isnan(reading(clarinet, "break_way_ms")));
  const Analysis horn = playedBy("steady", "widening", 3);
  EXPECT_FALSE(horn.tones.front().transitions.front().over_break);
  EXPECT_TRUE(std::isnan(reading(horn, "break_dip_db")));
}

TEST(Slurs, OfOneToneAndNoRepeatedNoteAreAWay) {
  sounds::ToneSpec spec;
  spec.cents = [](double t) { return 25.0 * std::sin(2.0 * std::numbers::pi * 5.5 * t); };
  for (const Tone& tone : analyse(sounds::tone(spec), kRate_hz, {}).tones)
    EXPECT_TRUE(tone.transitions.empty());
}

TEST(Slurs, StepsAreAsUnevenAsTheyWerePlayed) {
  for (unsigned seed = 1; seed <= 8; ++seed) {
    Context context;
    context.instrument = findInstrument(seed % 2 ? "clarinet-bb" : "horn-f");
    context.exercise = findExercise(seed % 2 ? "widening" : "stairs-5");
    context.level = findLevel("growing");
    const CueSheet sheet = unroll(context);
    const Performance played =
        perform(*findPlayer(seed < 3 ? "steady" : "slurs-uneven"), sheet, context, seed);
    context.start_s = played.truth.cues.front().start_s;
    const Analysis heard = analyse(played.samples, played.rate_hz, context);
    double squares = 0.0, asked = 0.0;
    const Tone& tone = played.truth.tones.front();
    for (std::size_t n = 1; n < tone.notes.size(); ++n) {
      const double step = sheet.cues[n].start_s - sheet.cues[n - 1].start_s;
      squares += std::pow(tone.notes[n].start_s - tone.notes[n - 1].start_s - step, 2.0);
      asked += step;
    }
    const double count = static_cast<double>(tone.notes.size() - 1);
    const double truth_s = std::sqrt(squares / count);
    for (const Reading& r : heard.readings) {
      if (r.id() == "step_spread_ms") {
        EXPECT_NEAR(r.value.value(), 1000.0 * truth_s, 3.0) << seed;
      }
      if (r.id() == "step_spread_percent") {
        EXPECT_NEAR(r.value.value(), 100.0 * truth_s / (asked / count), 0.4) << seed;
      }
    }
  }
}

/// Three times down, up through where it began and back, its level and noise following a resonance or not.
struct MadeBend {
  sounds::ToneSpec spec;
  double centre_cents, depth_cents, return_cents;

  MadeBend(unsigned seed, bool rings) {
    Dice dice(seed);
    const double down = -dice(60.0, 130.0), home = dice(-12.0, 12.0), width = dice(15.0, 60.0);
    const double centre = dice(-45.0, 5.0), above = std::max(dice(5.0, 30.0), centre + 15.0);
    const double pass_s = dice(1.5, 2.6), slope_db = dice(-2.0, 2.0), tilt_db = dice(-3.0, 3.0);
    const auto path = [=](double t) {
      const double x = (t - 0.5) / pass_s;
      if (x <= 0.0 || x >= 3.0) return x <= 0.0 ? 0.0 : home;
      const double p = x - std::floor(x), end = x >= 2.0 ? home : 0.0;
      const auto between = [](double a, double b, double q) {
        return a + (b - a) * (0.5 - 0.5 * std::cos(std::numbers::pi * q));
      };
      return p < 0.4   ? between(0.0, down, p / 0.4)
             : p < 0.8 ? between(down, above, (p - 0.4) / 0.4)
                       : between(above, end, (p - 0.8) / 0.2);
    };
    // What the player's air does by itself: slow, and up to about ±2 dB.
    std::array<std::pair<double, double>, 12> waves;
    for (auto& [rate, phase] : waves) {
      rate = dice(0.3, 4.0);
      phase = dice(0.0, 6.28);
    }
    const double stray_db = dice(0.5, 1.0) / std::sqrt(6.0), seconds = 3.0 * pass_s + 1.0;
    spec.f0_hz = 110.0 * std::exp2(dice(0.0, 2.0));
    spec.seconds = seconds;
    spec.snr_db = dice(25.0, 40.0);
    spec.before_s = spec.after_s = kBefore_s;
    spec.spectrum = &anySpectrum(dice);
    spec.seed = seed;
    spec.cents = path;
    spec.amplitude = [=](double t) {
      const double x = (path(t) - centre) / width;
      double db = rings ? -10.0 * std::log10(1.0 + x * x) : tilt_db * path(t) / 100.0;
      db += slope_db * (t / seconds - 0.5);
      for (const auto& [rate, phase] : waves)
        db += stray_db * std::sin(2.0 * std::numbers::pi * rate * t + phase);
      return 0.4 * edges(t, seconds) * std::pow(10.0, db / 20.0);
    };
    centre_cents = centre;
    depth_cents = down;
    return_cents = home;
  }

  Bend described() const {
    const Tracks tracks = trackAll(sounds::tone(spec), kRate_hz);
    return *describeBend(tracks, kBefore_s, kBefore_s + spec.seconds);
  }
};

TEST(Bends, RingMostWhereTheirResonanceIs) {
  std::vector<double> centres, depths, returns, sure;
  const unsigned count = sounds::howMany(12);
  for (const unsigned seed : sounds::seeds(count)) {
    const MadeBend made(seed, true);
    const Bend bend = made.described();
    depths.push_back(bend.depth_cents - made.depth_cents);
    returns.push_back(bend.return_cents - made.return_cents);
    if (!bend.ring) continue;
    centres.push_back(bend.ring->cents - made.centre_cents);
    sure.push_back(centres.back() / bend.ring->spread);
  }
  EXPECT_GE(centres.size(), count * 8 / 10);
  expectWithin(centres, 2.0, 5.0);
  expectWithin(depths, 1.0, 2.0);
  expectWithin(returns, 0.3, 1.0);
  expectWithin(sure, 1.0, 2.5);
}

TEST(Bends, GoAsFastAndAsEvenlyAsTheyWereMade) {
  for (unsigned seed = 1; seed <= 6; ++seed) {
    Dice dice(seed);
    const double depth = dice(60.0, 120.0), latency_s = dice(0.8, 2.0),
                 wave = seed % 2 ? 0.0 : dice(4.0, 8.0);
    sounds::ToneSpec spec;
    spec.f0_hz = dice(150.0, 400.0);
    spec.seconds = 2.0 * latency_s + 1.0;
    spec.before_s = spec.after_s = kBefore_s;
    spec.cents = [=](double t) {  // straight down and straight up, with a wave of four a second or none
      const double down = std::clamp((t - 0.5) / latency_s, 0.0, 1.0) -
                          std::clamp((t - 0.5 - latency_s) / latency_s, 0.0, 1.0);
      return -depth * down + wave * std::sin(2.0 * std::numbers::pi * 4.0 * t);
    };
    const Tracks tracks = trackAll(sounds::tone(spec), kRate_hz);
    const Bend bend = *describeBend(tracks, kBefore_s, kBefore_s + spec.seconds);
    // A wave in so short a line leans it.
    const double speed = depth / latency_s, leans = 0.25 * wave;
    EXPECT_NEAR(bend.speed_cents_per_s.value(), speed, 0.04 * speed + leans) << seed;
    EXPECT_NEAR(bend.uneven_cents.value(), wave / std::numbers::sqrt2, 0.8) << seed;
  }
}

TEST(Bends, ThatRingNowhereHaveNoCentre) {
  for (unsigned seed = 101; seed <= 118; ++seed) EXPECT_FALSE(MadeBend(seed, false).described().ring) << seed;
}

TEST(Bends, OfThePlayersAreTold) {
  const Analysis above = playedBy("bends-above", "bend-through", 4, "trumpet-bb");
  EXPECT_NEAR(reading(above, "ring_centre_cents"), -26.0, 4.0);
  EXPECT_EQ(above.advice.front().id, "plays-above-the-ring");
  const Analysis loose = playedBy("bends-loose", "bend-return", 4);
  // Soft is darker: the upper harmonics go first, and the whole by more than the amplitude.
  EXPECT_LT(reading(loose, "bend_level_db"), -13.0);
  EXPECT_GT(reading(loose, "bend_level_db"), -17.0);
  const Analysis real = playedBy("steady", "real-and-bent", 4);
  EXPECT_NEAR(reading(real, "short_of_real_cents"), 0.0, 6.0);
}

TEST(Drops, AreAsDeepAsTheyWereMade) {
  for (unsigned seed = 1; seed <= 6; ++seed) {
    const Analysis heard =
        playedBy("steady", "finger-and-release", seed, seed % 2 ? "trumpet-bb" : "alto-sax");
    EXPECT_NEAR(reading(heard, "drop_cents"), -25.0, 3.0) << seed;
    EXPECT_NEAR(reading(heard, "drop_level_db"), 0.0, 1.5) << seed;
  }
}

}  // namespace
}  // namespace calando
