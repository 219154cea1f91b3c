#include "core/measure/pair/pair.h"

#include <gtest/gtest.h>

#include <cmath>
#include <functional>

#include "core/base/problem.h"
#include "core/engine/analysis.h"
#include "core/engine/take_stages.h"
#include "core/exercise/accompaniment.h"
#include "core/exercise/context.h"
#include "core/exercise/pair_card.h"
#include "core/figures/figure.h"
#include "core/judging/level.h"
#include "core/library/cards.h"
#include "core/measure/edges/sounds.h"
#include "core/standin/performance.h"
#include "core/standin/player.h"
#include "support/duets.h"

namespace calando {
namespace {

struct Duet {
  Interval interval;
  OneOfTwo first, second;
  std::vector<float> sound;
  double truth(double t) const {
    return std::abs(interval.over * first.at(t) - interval.under * second.at(t));
  }
};
Duet steadyDuet(Dice& dice, double wander_cents) {
  Duet duet{kIntervals[dice.whole(0, 4)], {}, {}, {}};
  duet.first.hz = dice(80, 900);
  const double beat = std::exp(dice(std::log(0.2), std::log(12.0))) * (dice.chance(0.5) ? 1 : -1);
  duet.second.hz = (duet.interval.over * duet.first.hz + beat) / duet.interval.under;
  duet.second.rms = 0.1 * std::pow(10.0, dice(-12, 12) / 20.0);
  if (wander_cents > 0.0) {
    duet.first.cents = wandering(dice, wander_cents);
    duet.second.cents = wandering(dice, wander_cents);
  }
  duet.sound = together(duet.first.sound(dice, 6.4), duet.second.sound(dice, 6.4));
  // Fifteen decibels under the louder one, of what lies up to 10 kHz.
  addNoise(duet.sound, std::max(0.1, duet.second.rms) * std::pow(10.0, -15.0 / 20.0) * std::sqrt(2.4), dice);
  return duet;
}

/// Wherever the end falls between two looks at the beats: what no window is long enough for is not slow.
TEST(Pair, EndsAsItWasToTheEnd) {
  Dice dice(6101);
  for (int end = 0; end < 5; ++end) {
    const double off = dice(8.0, 11.0), hz = dice(300.0, 420.0);
    OneOfTwo first{hz, wandering(dice, 0.4), 0.4, 5.0 + 0.05 * end}, second{hz, [](double) { return 0.0; }};
    second.from_s = 1.0;
    second.to_s = first.to_s;
    second.cents = [=](double t) { return off + 12.0 * std::max(0.0, 3.0 - t); };
    const auto pair = heard(together(first.sound(dice, 6.0), second.sound(dice, 6.0)), {});
    ASSERT_TRUE(pair && pair->cents_at_end);
    EXPECT_NEAR(*pair->cents_at_end, off, 1.5) << end;
  }
}

TEST(Pairs, BeatAsTheyWereMadeInOneSignal) {
  Dice dice(410u * sounds::firstSeed());
  std::vector<double> rates, cents;
  const int duets = static_cast<int>(sounds::howMany(8));
  for (int i = 0; i < duets; ++i) {
    const Duet duet = steadyDuet(dice, 0.0);
    const auto pair = heard(duet.sound, {duet.interval.semitones});
    ASSERT_TRUE(pair) << duet.first.hz << " " << duet.second.hz;
    for (const Pair::Beat& b : pair->beats)
      if (b.at_s > 0.8 && b.at_s < 5.6) rates.push_back(b.rate_hz - duet.truth(b.at_s));
    if (std::abs(sounds::cents(duet.first.hz, duet.second.hz)) < 12.0) continue;
    // In a unison where both begin at once nobody knows who is who.
    const bool swapped = !pair->sign_known && duet.second.hz < duet.first.hz;
    cents.push_back(sounds::cents(swapped ? duet.second.hz : duet.first.hz, *pair->first_hz));
    cents.push_back(sounds::cents(swapped ? duet.first.hz : duet.second.hz, *pair->second_hz));
  }
  sounds::expectWithin(rates, 0.05, 0.2);
  sounds::expectWithin(cents, 0.5, 1.5);
}

TEST(Pairs, ThatStrayHaveASpreadThatCoversIt) {
  Dice dice(411u * sounds::firstSeed());
  int covered = 0, all = 0;
  std::vector<double> off;
  const int duets = static_cast<int>(sounds::howMany(16));
  for (int i = 0; i < duets; ++i) {
    const Duet duet = steadyDuet(dice, 1.0);
    const auto pair = heard(duet.sound, {duet.interval.semitones});
    ASSERT_TRUE(pair) << duet.first.hz << " " << duet.second.hz << " " << duet.second.rms;
    for (const Pair::Beat& b : pair->beats) {
      if (b.at_s < 0.8 || b.at_s > 5.6) continue;
      ++all;
      off.push_back(b.rate_hz - duet.truth(b.at_s));
      covered += std::abs(off.back()) <= b.spread_hz ? 1 : 0;
    }
  }
  EXPECT_GE(covered, 0.9 * all) << covered << " of " << all;
  sounds::expectWithin(off, 0.2, 1.0);
}

TEST(Pairs, ThatGoOnBeatingAreNeverOne) {
  Dice dice(430);
  for (int i = 0; i < 6; ++i) {
    OneOfTwo first{dice(120, 800)}, second = first;
    second.hz += dice(1.05, 3.0) * (dice.chance(0.5) ? 1 : -1);
    const auto pair = heard(together(first.sound(dice, 6.4), second.sound(dice, 6.4)), {});
    ASSERT_TRUE(pair) << first.hz << " " << second.hz;
    EXPECT_FALSE(pair->lock_s) << first.hz << " " << second.hz;
  }
}

TEST(Pairs, OfOnePlayerAloneAreNone) {
  Dice dice(440);
  for (int i = 0; i < 8; ++i) {
    OneOfTwo alone{dice(90, 800), wandering(dice, 3.0)};
    auto sound = alone.sound(dice, 6.4);
    addNoise(sound, 0.01, dice);
    EXPECT_FALSE(heard(sound, {})) << alone.hz;
  }
}

// A card for two, played by the stand-in to the partner that the card makes.
class PairCards : public testing::Test {
 protected:
  Analysis play(const char* card, const char* player, bool partnerSounds, double leak_db = -200.0) {
    Context context;
    context.exercise = findExercise(card);
    context.level = findLevel("growing");
    context.instrument = findInstrument("trumpet-bb");
    context.asked = {67};
    context.reference = referenceFor(context);
    const CueSheet sheet = unroll(context);
    const PartnerVoice partner = partnerFor(sheet, context);
    Performance performance = perform(*findPlayer(player), sheet, context, 5);
    Accompaniment heard;
    heard.partner = partner;
    const auto sound = render(heard, sheet, kRate_hz, std::min(leak_db, 0.0));
    // The count begins where the performance begins.
    if (leak_db > -100.0)
      for (std::size_t n = 0; n < std::min(sound.size(), performance.samples.size()); ++n)
        performance.samples[n] += sound[n];
    if (partnerSounds) {
      context.accompaniment = heard;
      context.start_s = sheet.countIn_s();
    }
    return analyse(performance.samples, kRate_hz, context);
  }
  static std::optional<double> read(const Analysis& analysis, std::string_view id) {
    for (const Reading& reading : analysis.readings)
      if (reading.id() == id) return reading.value;
    return std::nullopt;
  }
};

TEST_F(PairCards, SayHowSoonThePartnerWasFound) {
  const Analysis found = play("unison", "finds-it", true);
  ASSERT_TRUE(found.pair);
  EXPECT_TRUE(read(found, "lock_s"));
  EXPECT_LT(*read(found, "residual_cents"), 4.0);
  EXPECT_LT(*read(found, "beat_left_hz"), 0.7);
  EXPECT_EQ(found.pair->moved, Moved::second);
  const Analysis beside = play("unison", "stays-off", true);
  EXPECT_FALSE(read(beside, "lock_s"));
  EXPECT_NEAR(*read(beside, "apart_cents"), 9.0, 1.5);
  ASSERT_FALSE(beside.advice.empty());
  EXPECT_EQ(beside.advice.front().id, "pair-still-beats");
}

TEST_F(PairCards, AreTheSameWhereThePartnerLeaks) {
  for (const char* card : {"unison", "octave-over", "fifth-over"}) {
    const Analysis quiet = play(card, "finds-it", true), leaks = play(card, "finds-it", true, -18.0);
    ASSERT_TRUE(quiet.pair && leaks.pair) << card;
    EXPECT_TRUE(leaks.drone_dbfs) << card;
    // A fifth that trembles by a cent is under a beat a second now and then.
    EXPECT_NEAR(*leaks.pair->lock_s, *quiet.pair->lock_s, card == std::string("fifth-over") ? 0.5 : 0.06)
        << card;
    EXPECT_NEAR(*leaks.pair->cents_at_start, *quiet.pair->cents_at_start, 0.3) << card;
    EXPECT_NEAR(*leaks.pair->residual_cents, *quiet.pair->residual_cents, 0.1) << card;
    const Note &a = *quiet.mainTone()->mainNote(), &b = *leaks.mainTone()->mainNote();
    EXPECT_NEAR(*a.offset_cents, *b.offset_cents, 0.2) << card;
    EXPECT_NEAR(*a.wander_cents, *b.wander_cents, 0.2) << card;
  }
}

TEST_F(PairCards, HearBothOnOneMicrophoneWhereNoPartnerWasMade) {
  // The partner's sound is that of another player in the room.
  const Analysis both = play("unison", "stays-off", false, -3.0);
  ASSERT_TRUE(both.pair);
  EXPECT_NEAR(*both.pair->cents_at_end, 9.0, 1.5);
  EXPECT_FALSE(both.pair->lock_s);
}

TEST_F(PairCards, GoWithThePartnerThatDriftsAndTheIntervalThatIsAsked) {
  const Analysis alone = play("drifting-partner", "steady", true);
  ASSERT_TRUE(alone.pair);
  // The player stays, the partner goes down by 20 cents.
  EXPECT_NEAR(*alone.pair->cents_at_end - *alone.pair->cents_at_start, 19.0, 3.0);
  const Analysis third = play("third-over", "steady", true);
  ASSERT_TRUE(third.pair);
  EXPECT_NEAR(third.pair->interval_semitones, 4.0, 1e-9);
  EXPECT_LT(std::abs(*third.pair->cents_at_end), 5.0);
}

// In headphones a drone or partner leaves nothing in the take: the player at its pitch is no drone.
TEST(PartnerVoices, AreNotTakenForThePlayerInHeadphones) {
  Context context;
  context.accompaniment.drone_hz = 220.0;
  const Analysis analysis = analyse(
      sounds::tone({.f0_hz = 220.4, .seconds = 4.0, .before_s = 1.0, .after_s = 0.5}), kRate_hz, context);
  ASSERT_EQ(analysis.tones.size(), 1u);
  EXPECT_NEAR(analysis.tones[0].held_s, 4.0, 0.01);
  EXPECT_FALSE(analysis.drone_dbfs);
}

TEST(PartnerVoices, SoundOnTheCountAndWithoutASeam) {
  Context context;
  context.exercise = findExercise("drifting-partner");
  context.asked = {60};
  const CueSheet sheet = unroll(context);
  Accompaniment what;
  what.partner = partnerFor(sheet, context);
  const auto sound = render(what, sheet, kRate_hz);
  EXPECT_EQ(sound.size(), static_cast<std::size_t>((sheet.countIn_s() + sheet.length_s()) * kRate_hz));
  // No step from sample to sample is larger than its partials allow.
  double steepest = 0.0;
  for (std::size_t n = 1; n < sound.size(); ++n)
    steepest = std::max(steepest, std::abs(static_cast<double>(sound[n]) - sound[n - 1]));
  EXPECT_LT(steepest, 0.07 * 6.2832 * 262.0 / kRate_hz * 3.7);
  const Tracks tracks = trackTake(sound, kRate_hz, {});
  EXPECT_NEAR(sounds::cents(261.63, tracks.frames[200].f0_hz), 0.0, 0.1);
  EXPECT_NEAR(sounds::cents(261.63, tracks.frames[1000].f0_hz), -10.0, 0.1);
}

}  // namespace
}  // namespace calando
