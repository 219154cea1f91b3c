// The small part alone: made buzzes, random in every dimension, and the players of the stand-in.
#include "support/buzz.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <nlohmann/json.hpp>
#include <random>

#include "core/engine/analysis.h"
#include "core/exercise/context.h"
#include "core/exercise/cue_sheet.h"
#include "core/found_breaks.h"
#include "core/judging/ledger.h"
#include "core/judging/level.h"
#include "core/library/cards.h"
#include "core/library/take_spec.h"
#include "core/standin/performance.h"
#include "core/standin/player.h"
#include "support/dice.h"

namespace calando {
namespace {

constexpr double kRate_hz = 48000.0;

using sounds::Dice;
using sounds::expectWithin;

sounds::Buzz anyBuzz(Dice& dice, unsigned seed) {
  sounds::Buzz buzz;
  buzz.f0_hz = 80.0 * std::exp2(dice(0.0, 3.0));
  buzz.hnr_db = dice(3.0, 20.0);
  buzz.jitter_percent = dice(0.5, 3.0);
  buzz.shimmer_db = dice(0.1, 1.0);
  buzz.tilt_db_per_octave = -dice(4.0, 14.0);
  buzz.level_dbfs = -dice(18.0, 36.0);
  buzz.noiseLow_hz = dice(60.0, 500.0);
  buzz.noiseHigh_hz = dice(2500.0, 9000.0);
  buzz.room_dbfs = buzz.level_dbfs - dice(28.0, 45.0);
  buzz.rise_s = dice(0.01, 0.06);
  buzz.seed = seed;
  return buzz;
}

Context onTheMouthpiece() {
  Context context;
  context.part = PartPlayed::mouthpiece;
  return context;
}
Analysis heardOf(const sounds::BuzzSound& sound, const Context& context = onTheMouthpiece()) {
  return analyse(sound.samples, kRate_hz, context);
}

TEST(Buzz, HasItsPitchInNoiseAndJitter) {
  std::vector<double> errors;
  for (const unsigned seed : sounds::seeds(sounds::howMany(12))) {
    Dice dice(seed);
    sounds::Buzz spec = anyBuzz(dice, seed);
    spec.hnr_db = 5.0;
    spec.jitter_percent = 2.0;
    spec.seconds = dice(1.5, 5.0);
    const auto sound = sounds::buzz(spec);
    const Analysis heard = heardOf(sound);
    ASSERT_EQ(heard.tones.size(), 1u) << seed;
    ASSERT_EQ(heard.tones[0].notes.size(), 1u) << seed;
    errors.push_back(centsBetween(sound.mean_hz, heard.tones[0].notes[0].f0_hz));
  }
  expectWithin(errors, 1.5, 6.0);
}

TEST(Buzz, TravelsAsFarAsItGoesAndIsNotTornIntoNotes) {
  std::vector<double> spans, begins, ends;
  const unsigned ways = sounds::howMany(18);
  for (const unsigned seed : sounds::seeds(ways)) {
    Dice dice(seed);
    sounds::Buzz spec = anyBuzz(dice, seed);
    const double span = dice(1.0, 24.0), length = dice(0.8, 5.0), lean = dice(-0.25, 0.25);
    const bool siren = seed % 3 == 0, up = dice.chance(0.5), still = seed % 2 == 0;
    if (still) spec.jitter_percent = dice(0.2, 1.0);
    const double before = dice.chance(0.5) ? dice(0.1, 0.6) : 0.0,
                 after = dice.chance(0.5) ? dice(0.1, 0.6) : 0.0;
    const double low_hz = 80.0 * std::exp2(dice(0.0, std::max(0.01, std::log2(900.0 / 80.0) - span / 12.0)));
    spec.f0_hz = up ? low_hz : low_hz * std::exp2(span / 12.0);
    spec.seconds = before + length + after;
    spec.cents = [=](double t) {
      double x = std::clamp((t - before) / length, 0.0, 1.0);
      if (siren) x = x < 0.5 ? 2.0 * x : 2.0 - 2.0 * x;
      return (up ? 100.0 : -100.0) * span * (x + 2.0 * lean * std::sin(M_PI * x) * x * (1.0 - x));
    };
    const auto sound = sounds::buzz(spec);
    const Analysis heard = heardOf(sound);
    ASSERT_EQ(heard.tones.size(), 1u) << "torn, seed " << seed;
    const Tone& tone = heard.tones[0];
    ASSERT_TRUE(tone.range) << seed;
    spans.push_back(tone.range->semitones() - span);
    if (span < 1.5) continue;
    EXPECT_FALSE(tone.glides.empty()) << seed;
    if (siren) {
      EXPECT_LE(tone.notes.size(), 2u) << "more than its ends, seed " << seed;
    } else if (still && 100.0 * span / length >= 100.0 && !tone.glides.empty()) {
      begins.push_back(tone.glides.front().start_s - sound.start_s - before);
      ends.push_back(tone.glides.back().end_s - sound.start_s - before - length);
    }
  }
  expectWithin(spans, 0.3, 0.7);
  ASSERT_GE(begins.size(), ways / 6);
  expectWithin(begins, 0.03, 0.08);
  expectWithin(ends, 0.03, 0.08);
}

TEST(Buzz, OfAReedIsNotReadBelowItsPartHoweverItCrackles) {
  Context context;
  context.part = PartPlayed::mouthpieceNeck;
  for (unsigned seed = 1; seed <= 8; ++seed) {
    Dice dice(seed);
    sounds::Buzz spec = anyBuzz(dice, seed);
    spec.f0_hz = dice(230.0, 390.0);
    spec.hnr_db = dice(10.0, 20.0);
    spec.jitter_percent = dice(0.3, 1.5);
    spec.everyOther = dice(0.4, 0.5);
    const Analysis heard = heardOf(sounds::buzz(spec), context);
    ASSERT_NE(heard.mainTone(), nullptr);
    ASSERT_NE(heard.mainTone()->mainNote(), nullptr) << seed;
    EXPECT_NEAR(centsBetween(spec.f0_hz, heard.mainTone()->mainNote()->f0_hz), 0.0, 30.0) << seed;
  }
}

// A siren has no note, and still its length, level, noise, what it is like, and where its way back ends.
TEST(Buzz, ThatHoldsNoNoteHasItsLevelItsNoiseAndWhatItIsLike) {
  int told = 0, wrong = 0;
  const unsigned sirens = sounds::howMany(10);
  for (const unsigned seed : sounds::seeds(sirens)) {
    Dice dice(seed);
    sounds::Buzz spec = anyBuzz(dice, seed);
    spec.f0_hz = dice(150.0, 250.0);
    spec.jitter_percent = 0.5;
    spec.hnr_db = seed % 2 == 0 ? dice(12.0, 16.0) : dice(3.0, 5.0);
    spec.level_dbfs = seed % 2 == 0 ? -22.0 : -42.0;
    spec.room_dbfs = -70.0;
    spec.seconds = dice(2.0, 4.0);
    const double span = dice(4.0, 9.0), drop = dice(0.5, 2.0), half = spec.seconds / 2.0;
    spec.cents = [=](double t) {
      return 100.0 * (t < half ? span * t / half : span - (span + drop) * (t - half) / half);
    };
    const Analysis heard = heardOf(sounds::buzz(spec));
    ASSERT_EQ(heard.tones.size(), 1u) << seed;
    const Tone& tone = heard.tones[0];
    EXPECT_TRUE(tone.notes.empty()) << seed;
    EXPECT_NEAR(tone.level_dbfs.value(), spec.level_dbfs, 2.0) << seed;
    EXPECT_NEAR(tone.hnr_db.value(), spec.hnr_db, 3.0) << seed;
    const BuzzQuality is = seed % 2 == 0 ? BuzzQuality::clean : BuzzQuality::weak;
    told += tone.quality == is;
    wrong += tone.quality != is && tone.quality != BuzzQuality::unsure;
    EXPECT_EQ(tone.quality_margin.value() < 1.0, tone.quality == BuzzQuality::unsure);
    EXPECT_NEAR(tone.wayBack_semitones().value(), -drop, 0.4) << seed;
  }
  EXPECT_GE(told, static_cast<int>(sirens * 8 / 10));
  EXPECT_EQ(wrong, 0);
}

// Notes that a card makes lie where the part sounds; without one asked for, home is a note of its own.
TEST(Buzz, IsAskedForWhereItsPartSounds) {
  for (const char* id : {"tuba-bb", "trumpet-bb", "piccolo", "bassoon", "alto-sax"})
    for (const PartPlayed part : {PartPlayed::lips, PartPlayed::mouthpiece}) {
      Context context;
      context.instrument = findInstrument(id);
      context.exercise = findExercise("buzz-scale");
      context.part = part;
      const PartRow& row = rowOf(context.partPlayed());
      const std::map<Family, PartPlayed> small{{Family::brass, part},
                                               {Family::flute, PartPlayed::headJoint},
                                               {Family::singleReed, PartPlayed::mouthpieceNeck},
                                               {Family::doubleReed, PartPlayed::reed}};
      EXPECT_EQ(row.part, small.at(context.instrument->family)) << id;
      const auto notes = notesOf(unroll(context));
      EXPECT_GE(notes.size(), 5u) << id;
      for (const int note : notes) EXPECT_TRUE(row.holds(context.hzOf(note))) << id << " " << note;
    }
}

TEST(Buzz, OfAScaleIsNeverMeltedIntoASiren) {
  int asked = 0, found = 0;
  for (const unsigned seed : sounds::seeds(sounds::howMany(12))) {
    Dice dice(seed);
    sounds::Buzz spec = anyBuzz(dice, seed);
    spec.hnr_db = dice(5.0, 20.0);
    const double each = dice(0.35, 0.9), slur = dice(0.02, 0.1);
    const int notes = 3 + static_cast<int>(seed % 6);
    const bool up = dice.chance(0.5);
    std::vector<double> steps{0.0};
    constexpr int major[] = {0, 2, 4, 5, 7, 9, 11, 12};
    for (int i = 1; i < notes; ++i) steps.push_back((up ? 100.0 : -100.0) * major[i] + dice(-10.0, 10.0));
    spec.f0_hz = up ? dice(90.0, 350.0) : dice(200.0, 700.0);
    spec.seconds = each * notes;
    spec.cents = [=](double t) {
      const int i = std::clamp(static_cast<int>(t / each), 0, notes - 1);
      const double before = steps[static_cast<std::size_t>(std::max(0, i - 1))],
                   now = steps[static_cast<std::size_t>(i)];
      return before + (now - before) * std::clamp((t - i * each) / slur, 0.0, 1.0);
    };
    const Analysis heard = heardOf(sounds::buzz(spec));
    ASSERT_EQ(heard.tones.size(), 1u);
    asked += notes;
    found += static_cast<int>(heard.tones[0].notes.size());
    for (const Glide& glide : heard.tones[0].glides) EXPECT_LT(std::abs(glide.semitones()), 5.0) << seed;
    EXPECT_LE(static_cast<int>(heard.tones[0].notes.size()), notes) << seed;
  }
  EXPECT_GE(found, asked * 97 / 100);
}

TEST(Buzz, BreaksAreAllFoundAndWhetherTheAirWentOn) {
  FoundBreaks found;
  for (const unsigned seed : sounds::seeds(sounds::howMany(12))) {
    Dice dice(seed);
    sounds::Buzz spec = anyBuzz(dice, seed);
    spec.hnr_db = dice(5.0, 20.0);
    spec.edge_s = dice(0.003, 0.01);
    spec.room_dbfs = spec.level_dbfs - spec.hnr_db - dice(12.0, 25.0);
    double at = 0.5;
    for (unsigned i = 0; i <= seed % 4; ++i) {
      spec.breaks.push_back({at + dice(0.0, 0.3), dice(0.04, 0.145), dice.chance(0.5)});
      at = spec.breaks.back().at_s + spec.breaks.back().length_s + 0.4;
    }
    spec.seconds = at + 0.3;
    const auto sound = sounds::buzz(spec);
    const Analysis heard = heardOf(sound);
    const int before = found.heard;
    found.add(heard, sound, spec.breaks);
    EXPECT_LE(found.heard - before, static_cast<int>(spec.breaks.size())) << seed;
  }
  EXPECT_GE(static_cast<int>(found.begins.size()), found.made - 1);
  EXPECT_GE(found.airRight, 95 * found.made / 100);
  expectWithin(found.begins, 0.003, 0.01);
  expectWithin(found.lengths, 0.004, 0.015);
}

TEST(Buzz, SaysWhenItSpokeAndHowItBegan) {
  std::vector<double> onsets;
  Context context = onTheMouthpiece();
  context.exercise = findExercise("buzz-level");
  context.level = findLevel("growing");
  for (const unsigned seed : sounds::seeds(sounds::howMany(12))) {
    Dice dice(seed);
    sounds::Buzz spec = anyBuzz(dice, seed);
    spec.seconds = dice(0.8, 3.0);
    const bool air = seed % 2 == 0;
    spec.airBefore_s = air ? dice(0.15, 2.0) : 0.0;
    spec.air_db = dice(-3.0, 6.0);
    spec.room_dbfs =
        air ? spec.level_dbfs - spec.hnr_db + spec.air_db - 20.0 : spec.level_dbfs - dice(25.0, 45.0);
    const auto sound = sounds::buzz(spec);
    const Analysis heard = heardOf(sound, context);
    ASSERT_NE(heard.mainTone(), nullptr) << seed;
    onsets.push_back(heard.mainTone()->start_s - sound.start_s);
    ASSERT_TRUE(heard.cues.at(0).start) << seed;
    EXPECT_EQ(*heard.cues[0].start, air ? Start::afterAir : Start::instant) << seed;
  }
  expectWithin(onsets, 0.005, 0.03);
}

// Five players, each with a loudness, a place and a noise of their own; what they do varies about that.
TEST(Buzz, TellsWeakSpreadAndCrackling) {
  int right = 0, wrong = 0, all = 0;
  const unsigned takes = sounds::howMany(2);
  for (unsigned player = 0; player < 5; ++player)
    for (unsigned kind = 0; kind < 5; ++kind)
      for (unsigned take = 0; take < takes; ++take) {
        // Ten takes of each, then others of the same player.
        const unsigned others = 1000 * (take / 10) + 10000 * (sounds::firstSeed() - 1),
                       seed = others + 100 * player + 10 * kind + take % 10 + 1;
        Dice own(player + 7), dice(seed);
        const double louder_db = own(-4.0, 4.0), higher = own(0.8, 1.4), cleaner_db = own(-1.0, 2.0);
        sounds::Buzz spec;
        spec.seed = seed;
        spec.seconds = dice(1.5, 4.0);
        spec.f0_hz = 200.0 * higher * dice(0.9, 1.3);
        spec.level_dbfs = -22.0 + louder_db + dice(-2.0, 2.0);
        spec.hnr_db = 14.0 + cleaner_db + dice(-1.5, 1.5);
        spec.jitter_percent = dice(0.5, 2.0);
        spec.tilt_db_per_octave = -dice(6.0, 11.0);
        spec.room_dbfs = -66.0;
        BuzzQuality is = BuzzQuality::clean;
        const bool soft = kind == 1 || kind == 4, crackles = kind == 3 || kind == 4;
        if (soft) spec.level_dbfs -= 19.0;
        if (crackles) spec.everyOther = dice(0.28, 0.38);
        if (kind == 1) {
          spec.hnr_db -= 9.0;
          is = BuzzQuality::weak;
        }
        if (kind == 2) {
          spec.f0_hz *= 0.45;
          spec.hnr_db -= 10.0;
          spec.noiseHigh_hz = 9500.0;
          spec.noiseLow_hz = 80.0;
          is = BuzzQuality::spread;
        }
        if (kind == 3) is = BuzzQuality::crackling;
        if (kind == 4) is = BuzzQuality::weakCrackling;
        const Analysis heard = heardOf(sounds::buzz(spec));
        const Tone* tone = heard.mainTone();
        ASSERT_TRUE(tone && tone->quality) << seed;
        ++all;
        right += tone->quality == is;
        wrong += tone->quality != is && tone->quality != BuzzQuality::unsure;
      }
  EXPECT_GE(right, 90 * all / 100);
  EXPECT_LE(wrong, 3 * all / 100);
}

struct Observed {
  const char* player;
  const char* exercise;
  const char* instrument;
  std::vector<std::string> advice;  ///< one of these
};

// What each way of the stand-in on the small part is told, on brass and on a reed.
TEST(Buzz, OfThePlayersIsObservedAsTheyPlay) {
  const Observed list[] = {{"buzz-air-only", "buzz-level", "trumpet-bb", {"air-no-sound"}},
                           {"buzz-air-only", "buzz-level", "alto-sax", {"reed-open"}},
                           {"buzz-lips-part", "buzz-level", "trombone", {"comes-and-goes"}},
                           {"buzz-lips-part", "buzz-level", "clarinet-bb", {"reed-comes-and-goes"}},
                           {"buzz-stops", "buzz-level", "horn-f", {"everything-stops"}},
                           {"buzz-weak", "buzz-level", "trumpet-bb", {"weak"}},
                           {"buzz-crackles", "buzz-level", "trombone", {"crackling"}},
                           {"buzz-spread", "buzz-level", "trumpet-bb", {"spread"}},
                           {"buzz-wavers", "buzz-level", "trumpet-bb", {"waves", "climbs"}},
                           {"buzz-small-span", "buzz-siren", "trumpet-bb", {"pitch-stays"}},
                           {"buzz-late", "buzz-instant", "trumpet-bb", {"speaks-late"}},
                           {"steady", "buzz-level", "alto-sax", {"raise"}},
                           {"buzz-wide-span", "buzz-siren", "trumpet-bb", {"wider"}}};
  for (const Observed& o : list)
    for (std::uint32_t seed = 1; seed <= 3; ++seed) {
      Context context;
      context.exercise = findExercise(o.exercise);
      context.instrument = findInstrument(o.instrument);
      // What a beginner may do is no fault of theirs: its waves are inside what is asked at the start.
      context.level = findLevel(o.player == std::string("buzz-wavers") ? "fluent" : "starting");
      context.askedSeconds = 5.0;
      const Performance played = perform(*findPlayer(o.player), unroll(context), context, seed);
      const Analysis heard = analyse(played.samples, played.rate_hz, context);
      ASSERT_EQ(heard.advice.size(), 1u) << o.player;
      EXPECT_NE(std::ranges::find(o.advice, heard.advice[0].id), o.advice.end())
          << o.player << " " << o.instrument << " " << seed << ": " << heard.advice[0].id;
      EXPECT_EQ(heard.part,
                o.instrument == std::string("alto-sax") || o.instrument == std::string("clarinet-bb")
                    ? PartPlayed::mouthpieceNeck
                    : PartPlayed::mouthpiece);
      if (played.truth.tones.empty()) continue;
      EXPECT_NEAR(heard.tones.at(0).start_s, played.truth.tones[0].start_s, 0.03);
      EXPECT_NEAR(heard.tones[0].range->semitones(), played.truth.tones[0].range->semitones(), 0.7)
          << o.player;
    }
}

TEST(Buzz, OfAnObservationTheTryThatHelpedIsAskedForFirst) {
  const auto card = std::ranges::find(adviceCards(), "comes-and-goes", &AdviceCard::id);
  ASSERT_NE(card, adviceCards().end());
  // Newest first: breaks 4, firmer corners, 4 again; lips nearer, 1; it was so twice, once it was not.
  const auto take = [&](std::int64_t id, double breaks, std::size_t asks, bool tried, Seen seen) {
    PastTake past{id, id, "buzz-level", TeachersWord::none,
                  TakeSummary{Verdict::outside, {{"breaks_air_on", breaks}}, {}}};
    past.kept->observation = card->id;
    past.tried = tried ? "it was" : "";
    past.nextTry = asks;
    past.seen = seen;
    return past;
  };
  std::vector<PastTake> takes{take(3, 1.0, 1, true, Seen::right), take(2, 4.0, 1, true, Seen::wrong),
                              take(1, 4.0, 0, false, Seen::right)};
  const auto ledger = ledgerOf(takes);
  ASSERT_EQ(ledger.size(), 2u);
  EXPECT_EQ(ledger[0].index, 1u);
  EXPECT_EQ(ledger[0].before, 4.0);
  EXPECT_EQ(ledger[0].after, 1.0);
  EXPECT_TRUE(ledger[0].helped);
  EXPECT_FALSE(ledger[1].helped);
  const auto next = [&](std::size_t from) {
    return nextTries(std::span(takes).subspan(from), findInstrument("trumpet-bb"), {});
  };
  EXPECT_EQ(next(0).at(card->id), 2u) << "what helped was said just now";
  EXPECT_EQ(next(2).at(card->id), 1u) << "what was not asked for yet";
  EXPECT_EQ(confirmedOf(takes, card->id).right, 2);
  EXPECT_EQ(confirmedOf(takes, card->id).said, 3);
  // And it is asked for, wherever the take goes.
  TakeSpec asked;
  asked.nextTries = next(0);
  EXPECT_EQ(askedFrom(toJson(asked)).nextTries, asked.nextTries);
}

}  // namespace
}  // namespace calando
