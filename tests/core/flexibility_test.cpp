// Slurs, bends, steps and partials: made sounds, random in every dimension, their truth known by
// construction.
#include <gtest/gtest.h>

#include <array>
#include <map>
#include <numbers>

#include "core/engine/analysis.h"
#include "core/exercise/cue_sheet.h"
#include "core/judging/fingerings.h"
#include "core/judging/level.h"
#include "core/judging/reach_map.h"
#include "core/library/cards.h"
#include "core/measure/pitch/bend.h"
#include "core/signal/tracker.h"
#include "core/standin/player.h"
#include "support/dice.h"
#include "support/signals.h"

namespace calando {
namespace {

using sounds::Dice;
using sounds::expectWithin;

constexpr double kRate_hz = 48000.0;
constexpr double kBefore_s = 0.3;

const sounds::Spectrum& anySpectrum(Dice& dice) {
  return sounds::spectra()[static_cast<std::size_t>(
      dice.whole(0, static_cast<int>(sounds::spectra().size()) - 1))];
}

/// 0 to 1 over so many seconds about `middle_s`, straight or rounded.
std::function<double(double)> way(double middle_s, double length_s, bool rounded) {
  return [=](double t) {
    const double x = std::clamp((t - middle_s) / length_s + 0.5, 0.0, 1.0);
    return rounded ? 0.5 - 0.5 * std::cos(std::numbers::pi * x) : x;
  };
}

double edges(double t, double seconds) { return std::clamp(std::min(t, seconds - t) / 0.03, 0.0, 1.0); }

Analysis playedBy(const char* player, const char* card, unsigned seed, const char* instrument = "horn-f") {
  Context context;
  context.instrument = findInstrument(instrument);
  context.exercise = findExercise(card);
  context.level = findLevel("growing");
  const Performance played = perform(*findPlayer(player), unroll(context), context, seed);
  context.start_s = played.truth.cues.front().start_s;
  return analyse(played.samples, played.rate_hz, context);
}

double reading(const Analysis& analysis, std::string_view id) {
  for (const Reading& r : analysis.readings)
    if (r.id() == id) return r.value.value_or(std::nan(""));
  return std::nan("");
}

/// Two notes and what is between them: a way of the pitch, with the level sinking or swelling in it, or a
/// gap.
struct Slur {
  sounds::ToneSpec spec;
  double middle_s, length_s, interval_cents;
  bool gap;
  double dip_db, bump_db;

  explicit Slur(unsigned seed) {
    Dice dice(seed);
    spec.f0_hz = 116.0 * std::exp2(dice(0.0, 3.0));
    interval_cents = 100.0 * dice.whole(2, 9) * (dice.chance(0.5) && spec.f0_hz > 200.0 ? -1.0 : 1.0);
    gap = dice.chance(0.3);
    length_s = gap ? dice(0.02, 0.12) : dice(0.02, 0.25);
    middle_s = dice(0.8, 1.2);
    spec.seconds = 2.0;
    spec.snr_db = dice(25.0, 50.0);
    spec.before_s = spec.after_s = kBefore_s;
    // A weak fundamental that travels an octave in a tenth of a second is told by nobody.
    spec.spectrum = &sounds::spectra()[static_cast<std::size_t>(dice.chance(0.5) ? 0 : 3)];
    spec.seed = seed;
    // As long as it is from ±30 cents to ±30 cents.
    const bool rounded = dice.chance(0.5);
    const double out = 30.0 / std::abs(interval_cents);
    const double whole = gap       ? 5e-4
                         : rounded ? length_s / (1.0 - 2.0 * std::acos(1.0 - 2.0 * out) / std::numbers::pi)
                                   : length_s / (1.0 - 2.0 * out);
    const double over = std::max(whole, 0.03), depth_db = gap ? 0.0 : dice(-16.0, 5.0);
    const double ramp_s = dice(0.004, 0.02), middle = middle_s, cents = interval_cents,
                 inside = length_s / 2.0;
    spec.cents = [=, go = way(middle, whole, rounded)](double t) { return cents * go(t); };
    const bool silent = gap;
    spec.amplitude = [=](double t) {
      const double x = std::clamp((t - middle) / over + 0.5, 0.0, 1.0);
      const double open = silent ? std::clamp((std::abs(t - middle) - inside) / ramp_s + 0.1, 0.0, 1.0) : 1.0;
      return edges(t, 2.0) * open *
             std::pow(10.0, depth_db * 0.5 * (1.0 - std::cos(2.0 * std::numbers::pi * x)) / 20.0);
    };
    const auto level = [&](double t) {
      double sum = 0.0;
      for (int i = -50; i < 50; ++i) sum += std::pow(spec.amplitude(t + 0.0005 * i), 2.0);
      return 10.0 * std::log10(sum / 100.0 + 1e-12);
    };
    double low = 0.0, high = 0.0;
    for (double t = middle - length_s / 2.0; t <= middle + length_s / 2.0; t += 0.001) {
      low = std::min(low, level(t));
      high = std::max(high, level(t));
    }
    dip_db = low;
    bump_db = high;
  }
};

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
  constexpr unsigned sounds = 30;
  for (unsigned seed = 1; seed <= sounds; ++seed) {
    const MadeBend made(seed, true);
    const Bend bend = made.described();
    depths.push_back(bend.depth_cents - made.depth_cents);
    returns.push_back(bend.return_cents - made.return_cents);
    if (!bend.ring) continue;
    centres.push_back(bend.ring->cents - made.centre_cents);
    sure.push_back(centres.back() / bend.ring->spread);
  }
  EXPECT_GE(centres.size(), sounds * 8 / 10);
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
  constexpr unsigned sounds = 50;
  for (unsigned seed = 1; seed <= sounds; ++seed) {
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
  EXPECT_GE(asked, static_cast<int>(sounds * 98 / 100));
  EXPECT_GE(unasked, static_cast<int>(sounds * 90 / 100));
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
    // Some settings a run of each instrument; all of them come over the instruments that share them.
    for (std::size_t s = seed % 3; s < settings.size(); s += 5, ++seed) {
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

TEST(Fingerings, AreRankedByHowOftenTheySpokeThenByHowNearTheyCame) {
  std::vector<PastTake> takes;
  const auto add = [&](const char* fingering, std::optional<double> offset, int note = 90) {
    PastTake take;
    take.exercise = "fingering-search";
    take.note = note;
    take.fingering = fingering;
    take.kept = TakeSummary{};
    if (offset)
      take.kept->values = {
          {"offset_cents", *offset}, {"air_before_ms", 100.0 + *offset}, {"under_hz", 220.0}};
    takes.push_back(take);
  };
  for (const double offset : {-30.0, -20.0, -28.0}) add("octave, 1 3", offset);
  add("lucky", 1.0);
  for (int i = 0; i < 4; ++i) add("front F", i == 0 ? std::optional(5.0) : std::nullopt);
  for (const double offset : {4.0, 6.0, 8.0}) add("side key", offset);
  add("side key", 90.0, 91);  // for another note
  const auto ranked = fingeringsTried(takes, "fingering-search", 90);
  ASSERT_EQ(ranked.size(), 4u);
  EXPECT_EQ(ranked[0].fingering, "side key");
  EXPECT_EQ(ranked[1].fingering, "octave, 1 3");
  EXPECT_EQ(ranked[2].fingering, "lucky");
  EXPECT_EQ(ranked[3].fingering, "front F");
  EXPECT_EQ(ranked[3].spoke, 1);
  EXPECT_EQ(ranked[3].tries, 4);
  EXPECT_EQ(ranked[0].under_hz, 220.0);
  EXPECT_EQ(ranked[1].offset_cents, -28.0);
  EXPECT_EQ(ranked[0].speaks_ms, 106.0);
  EXPECT_FALSE(ranked[0].wander_cents);
}

TEST(Schools, AreHeldAgainstEachOtherTheTwoThatWereUsedMost) {
  std::vector<PastTake> takes;
  for (const auto& [school, values] : {std::pair{"air", std::vector{2.0, 3.0, 4.0, 3.0}},
                                       {"voicing", {6.0, 8.0, 10.0}},
                                       {"rare", {50.0}},
                                       {"", {90.0, 91.0, 92.0, 93.0, 94.0}}})
    for (const double value : values) {
      PastTake take;
      take.exercise = "stairs-4";
      take.school = school;
      take.kept = TakeSummary{Verdict::inside, {{"step_spread_percent", value}}, ""};
      takes.push_back(take);
    }
  const auto effect = schoolEffect(takes, "stairs-4", "step_spread_percent");
  ASSERT_TRUE(effect);
  EXPECT_EQ(std::pair(effect->one, effect->other), std::pair(std::string("air"), std::string("voicing")));
  EXPECT_NEAR(effect->contrast.difference(), -5.0, 1e-9);
  EXPECT_NEAR(effect->contrast.error(), std::sqrt(2.0 / 3.0 / 4.0 + 4.0 / 3.0), 1e-9);
  EXPECT_TRUE(effect->contrast.tells());
  takes[5].word = TeachersWord::invalidTry;
  EXPECT_FALSE(schoolEffect(takes, "stairs-4", "step_spread_percent")) << "two of a school are too few";
}

TEST(Attention, IsADifferenceOnlyBeyondItsUncertainty) {
  const auto takesOf = [](std::vector<double> sound, std::vector<double> count) {
    std::vector<PastTake> takes;
    for (const auto& [attention, values] : {std::pair{Attention::sound, sound}, {Attention::count, count}})
      for (const double value : values) {
        PastTake take;
        take.exercise = "widening";
        take.attention = attention;
        take.kept = TakeSummary{Verdict::inside, {{"step_spread_percent", value}}, ""};
        takes.push_back(take);
      }
    return takes;
  };
  const auto takes = takesOf({2.0, 3.0, 4.0}, {6.0, 8.0, 10.0, 8.0});
  const auto effect = attentionEffect(takes, "widening", "step_spread_percent");
  ASSERT_TRUE(effect);
  EXPECT_NEAR(effect->difference(), -5.0, 1e-9);
  // Standard errors 1/√3 and 1.633/√4.
  EXPECT_NEAR(effect->error(), std::sqrt(1.0 / 3.0 + 8.0 / 3.0 / 4.0), 1e-9);
  EXPECT_TRUE(effect->tells());
  EXPECT_FALSE(
      attentionEffect(takesOf({2.0, 9.0, 4.0}, {6.0, 3.0, 5.0}), "widening", "step_spread_percent")->tells());
  EXPECT_FALSE(attentionEffect(takesOf({2.0, 3.0}, {6.0, 8.0, 10.0}), "widening", "step_spread_percent"));
  EXPECT_FALSE(attentionEffect(takes, "stairs-4", "step_spread_percent"));
}

TEST(Reach, IsWhereATonesStaysForHalfASecond) {
  // Two seconds of one note soft, two of the fifth loud, two of a wave that no note is.
  sounds::ToneSpec spec;
  spec.f0_hz = 220.0;
  spec.seconds = 6.0;
  spec.before_s = spec.after_s = kBefore_s;
  spec.rms = 0.1;
  spec.cents = [](double t) {
    return t < 2.0 ? 0.0 : t < 4.0 ? 700.0 : 700.0 + 60.0 * std::sin(2.0 * std::numbers::pi * 1.2 * t);
  };
  spec.amplitude = [](double t) { return edges(t, 6.0) * (t < 2.0 ? 0.1 : 1.0); };
  const Analysis heard = analyse(sounds::tone(spec), kRate_hz, {});
  std::map<int, double> seconds;
  for (const Reached& cell : heard.reach) {
    seconds[cell.semitone] += cell.seconds;
    const double level = cell.semitone == 57 ? -40.0 : -20.0;
    EXPECT_LE(cell.level_db, level + 1.0);
    EXPECT_GT(cell.level_db, level - kReachStep_db - 1.0);
  }
  EXPECT_EQ(seconds.size(), 2u);
  EXPECT_NEAR(seconds[57], 1.85, 0.1);
  EXPECT_NEAR(seconds[64], 1.95, 0.25);
}

PastTake keptTake(std::int64_t id, const Analysis& analysis) {
  PastTake take;
  take.id = take.made_unix_s = id;
  take.place = 1;
  take.kept = keptOf(analysis);
  return take;
}

TEST(Reach, OfManyTakesHasItsEdgesAndItsHole) {
  const auto courseOf = [](const char* player) {
    constexpr std::int64_t day = 86400;
    std::vector<PastTake> takes{keptTake(40 * day, playedBy(player, "scale-8-8", 5)),
                                keptTake(1, playedBy(player, "chromatic-down", 6))};
    const ReachCourse course = reachCourse(takes);
    EXPECT_FALSE(course.then.empty());
    EXPECT_LT(course.then.cells().size(), course.now.cells().size());
    ReachMap again = course.then;  // a new take is only added
    again.add(takes.front());
    EXPECT_EQ(again.cells().size(), course.now.cells().size());
    takes.back().place = 2;  // levels of two places are not compared
    EXPECT_EQ(reachCourse(takes).elsewhere, 1);
    EXPECT_TRUE(reachCourse(takes).then.empty());
    takes.back().place.reset();
    EXPECT_EQ(reachCourse(takes).elsewhere, 1);
    takes.front().word = TeachersWord::invalidTry;
    EXPECT_TRUE(reachCourse(takes).now.empty());
    return course;
  };
  const ReachMap steady = courseOf("steady").now, loud = courseOf("high-only-loud").now;
  EXPECT_FALSE(holeOf(steady));
  const auto hole = holeOf(loud);
  ASSERT_TRUE(hole);
  EXPECT_TRUE(hole->high);
  EXPECT_GE(hole->louder_db, 9);
  EXPECT_GT(loud.softest(loud.highest()).value(), steady.softest(steady.highest()).value());
  EXPECT_FALSE(loud.softest(loud.highest() + 1));
  EXPECT_FALSE(loud.loudest(loud.lowest() - 1));
  EXPECT_EQ(loud.span_db(loud.highest()),
            *loud.loudest(loud.highest()) - *loud.softest(loud.highest()) + kReachStep_db);
}

}  // namespace
}  // namespace calando
