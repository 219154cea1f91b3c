// The small part of every family: made sounds as reeds alone, crows and head joints are, random in every
// dimension, their truth known by construction.
#include <gtest/gtest.h>

#include <cmath>

#include "core/engine/analysis.h"
#include "core/exercise/context.h"
#include "core/exercise/cue_sheet.h"
#include "core/found_breaks.h"
#include "core/judging/level.h"
#include "core/library/cards.h"
#include "core/standin/performance.h"
#include "core/standin/player.h"
#include "support/buzz.h"
#include "support/dice.h"

namespace calando {
namespace {

constexpr double kRate_hz = 48000.0;
const unsigned kSounds = sounds::howMany(5);

using sounds::Dice;
using sounds::expectWithin;

/// What sounds on a small part are like.
struct Kind {
  const char* name;
  PartPlayed part;
  double lowest_hz, highest_hz;
  double tiltFrom, tiltTo;  ///< dB an octave
  double top_hz;
  double cleanFrom_db, cleanTo_db;  ///< over noise
  double jitterFrom, jitterTo;      ///< percent
  double noiseTo_hz;
  const char* instrument;
  const char* card;
};
void PrintTo(const Kind& kind, std::ostream* out) { *out << kind.name; }

constexpr Kind kKinds[] = {
    {"mouthpiece with neck or barrel", PartPlayed::mouthpieceNeck, 330.0, 1250.0, -9.0, -2.0, 9000.0, 8.0,
     26.0, 0.1, 1.0, 9000.0, "alto-sax", "neck-level"},
    {"a reed alone", PartPlayed::reed, 300.0, 1250.0, -6.0, 0.0, 12000.0, 8.0, 24.0, 0.2, 1.5, 10000.0,
     "oboe", "reed-level"},
    {"a crow, richer above than below", PartPlayed::reed, 230.0, 620.0, 0.0, 3.0, 6000.0, 6.0, 18.0, 0.3, 1.2,
     10000.0, "bassoon", "reed-crow"},
    {"a head joint", PartPlayed::headJoint, 400.0, 1900.0, -20.0, -10.0, 12000.0, 4.0, 18.0, 0.05, 0.4,
     9000.0, "flute", "head-level"},
    {"a recorder’s head", PartPlayed::headJoint, 500.0, 1500.0, -18.0, -8.0, 12000.0, 8.0, 24.0, 0.05, 0.4,
     9000.0, "recorder-soprano", "top-level"},
};

sounds::Buzz anyOf(const Kind& kind, Dice& dice, unsigned seed) {
  sounds::Buzz sound;
  sound.f0_hz = kind.lowest_hz * std::exp2(dice(0.0, std::log2(kind.highest_hz / kind.lowest_hz)));
  sound.tilt_db_per_octave = dice(kind.tiltFrom, kind.tiltTo);
  sound.top_hz = kind.top_hz;
  sound.hnr_db = dice(kind.cleanFrom_db, kind.cleanTo_db);
  sound.jitter_percent = dice(kind.jitterFrom, kind.jitterTo);
  sound.shimmer_db = dice(0.05, 0.6);
  sound.level_dbfs = -dice(14.0, 34.0);
  sound.room_dbfs = sound.level_dbfs - dice(28.0, 50.0);
  sound.noiseLow_hz = dice(80.0, 600.0);
  sound.noiseHigh_hz = dice(3000.0, kind.noiseTo_hz);
  sound.rise_s = dice(0.01, 0.08);
  sound.seconds = dice(1.2, 5.0);
  sound.seed = seed;
  return sound;
}

class SmallParts : public testing::TestWithParam<Kind> {
 protected:
  Context context() const {
    Context context;
    context.part = GetParam().part;
    context.instrument = findInstrument(GetParam().instrument);
    return context;
  }
};

TEST_P(SmallParts, HaveTheirPitchAndLength) {
  std::vector<double> cents, lengths, noise;
  int whole = 0;
  for (const unsigned seed : sounds::seeds(kSounds)) {
    Dice dice(seed);
    const sounds::Buzz spec = anyOf(GetParam(), dice, seed);
    const auto sound = sounds::buzz(spec);
    const Analysis heard = analyse(sound.samples, kRate_hz, context());
    whole += heard.tones.size() == 1;
    if (heard.tones.size() != 1) continue;
    const Tone& tone = heard.tones[0];
    ASSERT_TRUE(tone.mainNote()) << seed;
    EXPECT_TRUE(tone.dropouts.empty()) << seed;
    cents.push_back(centsBetween(sound.mean_hz, tone.mainNote()->f0_hz));
    noise.push_back(tone.mainNote()->hnr_db.value_or(-99.0) - spec.hnr_db);
    lengths.push_back(tone.held_s - spec.seconds);
  }
  EXPECT_GE(whole, static_cast<int>(kSounds) * 15 / 16) << "one tone";
  expectWithin(cents, 1.5, 6.0);
  expectWithin(lengths, 0.01, 0.05);
  // What strays from period to period counts as noise: of a head joint hardly anything does.
  if (GetParam().part == PartPlayed::headJoint) expectWithin(noise, 0.6, 3.0);
}

TEST_P(SmallParts, BreakWhereTheyBreakAndTheAirIsTold) {
  FoundBreaks found;
  for (const unsigned seed : sounds::seeds(kSounds)) {
    Dice dice(seed);
    sounds::Buzz spec = anyOf(GetParam(), dice, seed);
    spec.seconds = dice(2.5, 5.0);
    spec.room_dbfs = spec.level_dbfs - spec.hnr_db - dice(14.0, 25.0);
    for (double at = dice(0.6, 1.0); at < spec.seconds - 0.8; at += dice(0.7, 1.4))
      spec.breaks.push_back({at, dice(0.04, 0.145), dice.chance(0.5)});
    const auto sound = sounds::buzz(spec);
    const Analysis heard = analyse(sound.samples, kRate_hz, context());
    found.add(heard, sound, spec.breaks);
  }
  EXPECT_GE(static_cast<int>(found.begins.size()), 97 * found.made / 100) << "of " << found.made;
  EXPECT_LE(found.heard, found.made + 1);
  EXPECT_GE(found.airRight, 90 * found.made / 100) << "of " << found.made;
  expectWithin(found.begins, 0.004, 0.015);
  expectWithin(found.lengths, 0.006, 0.02);
}

TEST_P(SmallParts, SayWhenTheySpokeAndWhetherAirCameFirst) {
  std::vector<double> onsets;
  int right = 0;
  Context asked = context();
  asked.exercise = findExercise(GetParam().card);
  asked.level = findLevel("growing");
  for (const unsigned seed : sounds::seeds(kSounds)) {
    Dice dice(seed);
    sounds::Buzz spec = anyOf(GetParam(), dice, seed);
    const bool air = seed % 2 == 0;
    spec.airBefore_s = air ? dice(0.15, 2.0) : 0.0;
    spec.air_db = dice(-3.0, 6.0);
    spec.room_dbfs =
        air ? spec.level_dbfs - spec.hnr_db + spec.air_db - 20.0 : spec.level_dbfs - dice(25.0, 45.0);
    const auto sound = sounds::buzz(spec);
    const Analysis heard = analyse(sound.samples, kRate_hz, asked);
    ASSERT_NE(heard.mainTone(), nullptr) << seed;
    onsets.push_back(heard.mainTone()->start_s - sound.start_s);
    right += heard.cues.at(0).start == (air ? Start::afterAir : Start::instant);
  }
  EXPECT_GE(right, static_cast<int>(kSounds) * 15 / 16);
  expectWithin(onsets, 0.008, 0.1);
}

TEST_P(SmallParts, AreCalledNothingThatTheyAreNot) {
  int told = 0;
  for (const unsigned seed : sounds::seeds(kSounds)) {
    Dice dice(seed);
    sounds::Buzz spec = anyOf(GetParam(), dice, seed);
    spec.hnr_db = std::max(spec.hnr_db, 12.0);
    spec.jitter_percent = std::min(spec.jitter_percent, 1.0);
    spec.level_dbfs = -dice(16.0, 26.0);
    const Analysis heard = analyse(sounds::buzz(spec).samples, kRate_hz, context());
    const Tone* tone = heard.mainTone();
    ASSERT_TRUE(tone) << seed;
    EXPECT_NE(tone->quality, BuzzQuality::crackling) << seed;
    EXPECT_NE(tone->quality, BuzzQuality::weakCrackling) << seed;
    told += tone->quality == BuzzQuality::clean;
    EXPECT_EQ(tone->quality.has_value(), GetParam().part == PartPlayed::mouthpieceNeck) << seed;
  }
  if (GetParam().part == PartPlayed::mouthpieceNeck) {
    EXPECT_GE(told, static_cast<int>(kSounds) * 3 / 4);
  }
}

// The stand-in's small parts are heard as it played them, on every family.
TEST_P(SmallParts, OfTheStandInAreHeardAsItPlayed) {
  Context asked = context();
  asked.exercise = findExercise(GetParam().card);
  asked.level = findLevel("growing");
  for (const char* player : {"steady", "buzz-lips-part", "buzz-late", "buzz-weak"})
    for (std::uint32_t seed = 1; seed <= 4; ++seed) {
      const Performance played = perform(*findPlayer(player), unroll(asked), asked, seed);
      const Analysis heard = analyse(played.samples, played.rate_hz, asked);
      ASSERT_EQ(heard.tones.size(), played.truth.tones.size()) << player << seed;
      const Tone &is = heard.tones.front(), &was = played.truth.tones.front();
      EXPECT_NEAR(is.held_s, was.held_s, 0.06) << player << seed;
      EXPECT_EQ(is.dropouts.size(), was.dropouts.size()) << player << seed;
      ASSERT_TRUE(is.mainNote()) << player << seed;
      EXPECT_NEAR(centsBetween(was.mainNote()->f0_hz, is.mainNote()->f0_hz), 0.0, 8.0) << player << seed;
    }
}

INSTANTIATE_TEST_SUITE_P(Of, SmallParts, testing::ValuesIn(kKinds));

}  // namespace
}  // namespace calando
