#include "core/breath_fixture.h"
#include "core/engine/snapshot.h"
#include "core/engine/take_stages.h"
#include "core/exercise/context.h"
#include "core/exercise/key_times.h"
#include "core/figures/findings.h"
#include "core/figures/verdict.h"

namespace calando {
namespace {

// What is heard while the breath is to be kept is told, and how long; what the breaths on either side still
// have, or have already, is no leak.
TEST(Breaths, InAHoldAreLeaks) {
  const int takes = static_cast<int>(sounds::howMany(16));
  int right = 0;
  for (unsigned seed = 1; static_cast<int>(seed) <= takes; ++seed) {
    Dice dice(seed);
    Context context = contextOf("in-3-hold-3-out-3");
    context.start_s = 1.5;
    const CueSheet sheet = unroll(context);
    sounds::BreathSound sound = breathed(sheet, *context.start_s, seed);
    for (sounds::Breath& breath : sound.breaths)  // nobody is exact
      (breath.way == sounds::Way::in ? breath.end_s : breath.start_s) +=
          breath.way == sounds::Way::in ? dice(-0.1, 0.5) : dice(-0.2, 0.2);
    const double leak_s = seed % 2 == 0 ? 0.0 : dice(0.4, 1.2);
    if (leak_s > 0.0)  // in the second hold, well inside of it
      sound.breaths.push_back({*context.start_s + 13.3, *context.start_s + 13.3 + leak_s, sounds::Way::out,
                               sounds::Mouth::pursed, -62.0 + dice(12.0, 25.0)});
    const Analysis heard = analyse(sounds::breathing(sound), kRate_hz, context);
    const Reading leak = reading(heard, "leak_s");
    right += std::abs(*leak.value - leak_s) < 0.16 && (leak.verdict == Verdict::inside) == (leak_s == 0.0) &&
             *reading(heard, "missing").value == 0.0;
  }
  EXPECT_GE(right, takes - std::max(1, takes * 3 / 100));
}

// A climb goes up a count at a time, as far as the player's most; how far it held is told, and a take that
// runs is over with the first round that did not.
TEST(Breaths, OfAClimbHoldUpToACount) {
  for (const int holds : {5, 7}) {
    Context context = contextOf("climb");
    context.mostCounts = 7;
    context.start_s = 1.0;
    const CueSheet sheet = unroll(context);
    ASSERT_EQ(sheet.cues.size(), 9u);  // 4, 5, normal breath, 6, 7
    EXPECT_TRUE(isRest(sheet.cues[4].kind));
    EXPECT_DOUBLE_EQ(sheet.cues[4].length_s, 8.0);
    EXPECT_DOUBLE_EQ(sheet.cues.back().length_s, 7.0);
    sounds::BreathSound sound = breathed(sheet, *context.start_s, 3);
    for (sounds::Breath& breath : sound.breaths)
      if (breath.end_s - breath.start_s > holds + 0.5) breath.end_s = breath.start_s + 0.55 * holds;
    const std::vector<float> samples = sounds::breathing(sound);
    const Analysis heard = analyse(samples, kRate_hz, context);
    EXPECT_EQ(reading(heard, "highest_even").value, holds);
    Snapshot live;
    live.tracks = trackTake(samples, kRate_hz, context);
    live.context = context;
    live.context.start_s.reset();
    live.sheet = sheet;
    live.sheetStart_s = *context.start_s;
    live.live = true;
    EXPECT_EQ(roundsPlayed(live), 4u);
    for (std::size_t round = 0; round < 4; ++round)
      EXPECT_EQ(roundFailed(live, round), 4 + static_cast<int>(round) > holds) << round;
    live.tracks.duration_s = *context.start_s + 8.0 + 10.0;  // just at the end of the second
    EXPECT_EQ(roundsPlayed(live), 1u);
  }
  EXPECT_EQ(unroll(contextOf("climb")).cues.size(), 12u) << "to eight, where nobody has said more";
}

// In and out have faults of their own: who rushes the one is told of that one, and what was asked for is
// none.
TEST(BreathWays, AreJudgedApartAndByWhatWasAskedFor) {
  const auto rushed = [](double share) { return std::exp(-2.5 * share); };
  const auto even = [](double) { return 1.0; };
  struct Case {
    const char* card;
    bool rushesIn, rushesOut;
    const char* advice;  // begins so; empty: all is well
  };
  for (const Case& c : {Case{"in-4-out-4", false, false, "raise"},
                        {"in-4-out-4", true, false, "breath-full-early"},
                        {"in-4-out-4", false, true, "breath-spent-early"},
                        {"in-4-fall-out", false, true, "raise"},
                        {"in-4-fall-out", true, true, "breath-full-early"}})
    for (unsigned seed = 1; seed <= 4; ++seed) {
      SCOPED_TRACE(std::string(c.card) + c.advice + std::to_string(seed));
      Context context = contextOf(c.card);
      context.start_s = 1.0;
      sounds::BreathSound sound = breathed(unroll(context), *context.start_s, seed);
      for (sounds::Breath& breath : sound.breaths) {
        breath.level_dbfs = -30.0;
        const bool rushes = breath.way == sounds::Way::in ? c.rushesIn : c.rushesOut;
        if (rushes) {
          breath.shape = rushed;
        } else {
          breath.shape = even;
        }
      }
      const Analysis heard = analyse(sounds::breathing(sound), kRate_hz, context);
      EXPECT_EQ(reading(heard, "in_first_quarter").verdict == Verdict::inside, !c.rushesIn);
      EXPECT_NEAR(*reading(heard, "in_first_quarter").value, c.rushesIn ? 0.51 : 0.25, 0.06);
      ASSERT_EQ(heard.advice.size(), 1u);
      EXPECT_TRUE(heard.advice[0].id.starts_with(c.advice)) << heard.advice[0].id;
    }
}

// By the player's key: both times are told; where the hand let go before the air came nothing is.
TEST(Breaths, TimedByKeyHaveBothTimesOrWereAnInvalidTry) {
  struct Try {
    double from_s;
    bool air, invalid;
  };
  for (const Try& t : {Try{2.5, true, false}, {1.8, true, false}, {1.2, true, true}, {1.2, false, false}}) {
    SCOPED_TRACE(t.from_s);
    Context context = contextOf("sheet-at-wall");
    context.key = KeyTimes{t.from_s, t.from_s + 7.25};
    sounds::BreathSound sound;
    sound.rate_hz = kRate_hz;
    sound.seconds = 14.0;
    if (t.air) sound.breaths = {{2.0, 11.5, sounds::Way::out, sounds::Mouth::pursed}};
    const Analysis heard = analyse(sounds::breathing(sound), kRate_hz, context);
    EXPECT_EQ(heard.letGoTooEarly, t.invalid);
    EXPECT_EQ(reading(heard, "sheet_held_s").value.has_value(), !t.invalid);
    EXPECT_NEAR(reading(heard, "sheet_held_s").value.value_or(7.25), 7.25, 1e-9);
    EXPECT_EQ(reading(heard, "sheet_held_s").verdict, t.invalid ? Verdict::unmeasured : Verdict::near);
    EXPECT_EQ(reading(heard, "air_lasts_s").value.has_value(), t.air);
    EXPECT_NEAR(reading(heard, "air_lasts_s").value.value_or(9.5), 9.5, 0.06);
    EXPECT_EQ(heard.advice.empty(), t.invalid);
  }
}

TEST(Breaths, BeforeAToneSayHowLongTheyTookAndWhenItCame) {
  for (unsigned seed = 1; seed <= 6; ++seed) {
    SCOPED_TRACE(seed);
    Dice dice(seed);
    Context context = contextOf("breath-and-tone");
    context.start_s = 1.0;
    const double inhale_s = dice(0.4, 1.1), gap_s = dice(0.06, 0.5);
    sounds::BreathSound sound;
    sound.rate_hz = kRate_hz;
    sound.room_dbfs = -64.0;
    sound.microphone = &sounds::microphones()[seed % 5];
    sound.seconds = 26.0;
    for (int round = 0; round < 3; ++round) {
      sounds::Breath breath{1.0 + 8.0 * round, 1.0 + 8.0 * round + inhale_s, sounds::Way::in};
      breath.rise_s = breath.fall_s = 0.04;
      sound.breaths.push_back(breath);
    }
    std::vector<float> samples = sounds::breathing(sound);
    for (const sounds::Breath& breath : sound.breaths) {
      const auto tone = sounds::tone({.f0_hz = 330.0, .seconds = 3.5, .rate_hz = kRate_hz, .floor_rms = 0.0});
      auto n = static_cast<std::size_t>((breath.end_s + gap_s) * kRate_hz);
      for (const float x : tone) samples[n++] += x;
    }
    const Analysis heard = analyse(samples, kRate_hz, context);
    ASSERT_TRUE(reading(heard, "inhale_s").value);
    EXPECT_NEAR(*reading(heard, "inhale_s").value, inhale_s, 0.04);
    EXPECT_NEAR(*reading(heard, "tone_after_ms").value, 1000.0 * gap_s, 45.0);
  }
}

// A microphone that turns everybody's breath bright: by what holds for all, open breaths are not open; held
// against this player's own they are, and tight ones are told.
TEST(OpenBreath, LearntFromAPlayerIsWhatTheirBreathsAreHeldAgainst) {
  const sounds::Microphone bright{
      "bright", [](double hz) { return hz < 300.0    ? -20.0
                                       : hz > 2000.0 ? 16.0
                                                     : -4.0; }, 0.2};
  const auto inhales = [&](sounds::Mouth mouth, unsigned seed) {
    sounds::BreathSound sound;
    sound.rate_hz = kRate_hz;
    sound.microphone = &bright;
    sound.seed = seed;
    sound.seconds = 8.0;
    for (const double at : {1.0, 4.5}) sound.breaths.push_back({at, at + 2.0, sounds::Way::in, mouth});
    return sounds::breathing(sound);
  };
  std::vector<OpenMark> marks;
  int openBefore = 0;
  for (const unsigned seed : {1u, 2u})
    for (const Air& air : analyse(inhales(sounds::Mouth::open, seed), kRate_hz, Context{}).airs) {
      marks.push_back({*air.profile, *air.level_dbfs});
      openBefore += air.sound == AirSound::open;
    }
  ASSERT_EQ(marks.size(), 4u);
  EXPECT_EQ(openBefore, 0) << "the microphone is not bright enough to mislead";
  const auto back = openMarksFrom(toText(marks));
  ASSERT_EQ(back.size(), marks.size());
  Context context;
  context.open = openBreathOf(back);
  int told = 0, all = 0;
  for (unsigned seed = 10; seed < 16; ++seed)
    for (const auto mouth : {sounds::Mouth::open, sounds::Mouth::tight})
      for (const Air& air : analyse(inhales(mouth, seed), kRate_hz, context).airs) {
        ++all;
        told += air.sound == (mouth == sounds::Mouth::open ? AirSound::open : AirSound::tight);
        EXPECT_EQ(*air.open_distance_db > 2.0 * context.open->repeat_db, air.sound != AirSound::open);
      }
  EXPECT_EQ(all, 24);
  EXPECT_GE(told, 23);
  EXPECT_FALSE(openBreathOf({}));
  EXPECT_TRUE(openMarksFrom("[{\"profile_db\": [1, 2]}, 7]").empty());
}

// Thin is a breath in beside the other breaths in: however loud the breaths out are.
TEST(Breaths, InAreThinBesideTheOtherBreathsInOrThePlayersOwn) {
  Context context = contextOf("in-4-out-4");
  context.start_s = 1.0;
  for (const int thin : {-1, 2}) {  // none, the second breath in
    sounds::BreathSound sound = breathed(unroll(context), *context.start_s, 6);
    sound.room_dbfs = -80.0;
    for (std::size_t i = 0; i < sound.breaths.size(); ++i)
      sound.breaths[i].level_dbfs = i % 2 == 1 ? -28.0 : static_cast<int>(i) == thin ? -62.0 : -44.0;
    const std::vector<float> samples = sounds::breathing(sound);
    const Analysis heard = analyse(samples, kRate_hz, context);
    ASSERT_EQ(heard.airs.size(), 6u);
    for (std::size_t i = 0; i < 6; i += 2)
      EXPECT_EQ(heard.airs[i].sound, static_cast<int>(i) == thin ? AirSound::thin : AirSound::open) << i;
    // Against a learnt breath all of them may be.
    context.open = OpenBreath{*heard.airs[0].profile, -26.0, 2.0};
    for (const Air& air : analyse(samples, kRate_hz, context).airs)
      EXPECT_EQ(air.sound == AirSound::thin, air.phase == AirPhase::inhale);
    context.open.reset();
  }
}

/// One that hears little below 300 to 500 Hz, may lift what is about 3 kHz, and little above 3.4 to 8 kHz.
sounds::Microphone telephone(Dice& dice) {
  const double bottom_hz = dice(300.0, 500.0), top_hz = dice(3400.0, 8000.0), lift_db = dice(0.0, 6.0);
  const double below = dice(12.0, 24.0), above = dice(12.0, 30.0);  // dB an octave
  return {"a telephone's",
          [=](double hz) {
            const double octaves = std::log2(hz / 3000.0);
            return lift_db * std::exp(-octaves * octaves) - below * std::max(0.0, std::log2(bottom_hz / hz)) -
                   above * std::max(0.0, std::log2(hz / top_hz));
          },
          0.2};
}

/// Noise that is as dense from one frequency to another, with skirts, through a microphone.
sounds::Microphone plateau(const sounds::Microphone& through, double from_hz, double to_hz, double skirt) {
  return {through.name,
          [=, gain_db = through.gain_db](double hz) {
            return gain_db(hz) - skirt * std::max({0.0, std::log2(from_hz / hz), std::log2(hz / to_hz)});
          },
          through.wind};
}

// Little of an open breath's lows is left: what is left is told all the same, and never as its opposite.
TEST(Breaths, ThroughATelephoneAreToldByWhatItLeaves) {
  const unsigned sets = sounds::howMany(4);
  int all = 0, told = 0, wrong = 0, thins = 0, thinsTold = 0;
  for (const unsigned seed : sounds::seeds(sets)) {
    Dice dice(seed);
    const bool open = dice.chance(0.7), throat = dice.chance(0.5);
    const sounds::Microphone microphone =
        throat ? telephone(dice)
        : open ? plateau(telephone(dice), dice(150.0, 300.0), dice(1100.0, 2500.0), dice(12.0, 24.0))
               : plateau(telephone(dice), dice(1500.0, 2200.0), dice(5000.0, 7500.0), dice(12.0, 24.0));
    sounds::BreathSound sound;
    sound.rate_hz = kRate_hz;
    sound.seed = seed;
    sound.microphone = &microphone;
    sound.room_dbfs = dice(-80.0, -70.0);
    const double level_dbfs = dice(-38.0, -30.0);
    const int thin = open ? 2 * dice.whole(0, 3) : -1;  // one of those in
    double at_s = 1.0;
    for (int k = 0; k < 8; ++k) {
      const double length_s = dice(1.2, 2.5);
      sound.breaths.push_back({at_s, at_s + length_s, k % 2 == 0 ? sounds::Way::in : sounds::Way::out,
                               !throat ? sounds::Mouth::white
                               : open  ? sounds::Mouth::open
                                       : sounds::Mouth::tight});
      sound.breaths.back().level_dbfs = level_dbfs - (k == thin ? dice(17.0, 20.0) : 0.0);
      at_s += length_s + (k % 2 == 0 ? dice(0.3, 0.45) : dice(0.6, 1.2));
    }
    sound.seconds = at_s + 1.0;
    const Analysis heard = analyse(sounds::breathing(sound), kRate_hz, Context{});
    for (int k = 0; k < 8; k += 2) {
      const sounds::Breath& breath = sound.breaths[static_cast<std::size_t>(k)];
      const auto air = std::ranges::find_if(heard.airs, [&](const Air& one) {
        return std::abs(one.start_s - breath.start_s) < 0.3 && std::abs(one.end_s - breath.end_s) < 0.3;
      });
      const AirSound as = air == heard.airs.end() ? AirSound::unclear : air->sound;
      (k == thin ? thins : all) += 1;
      (k == thin ? thinsTold : told) += as == (k == thin ? AirSound::thin
                                               : open    ? AirSound::open
                                                         : AirSound::tight);
      wrong += as == (open ? AirSound::tight : AirSound::open);
    }
  }
  std::printf("%d of %d told, %d wrong; %d of %d thin told\n", told, all, wrong, thinsTold, thins);
  EXPECT_GE(told, 0.8 * all);
  EXPECT_GE(thinsTold, 0.8 * thins);
  EXPECT_EQ(wrong, 0);
}

}  // namespace
}  // namespace calando
