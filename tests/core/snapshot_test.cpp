#include "core/engine/snapshot.h"

#include <gtest/gtest.h>

#include <nlohmann/json.hpp>

#include "core/engine/asked_level.h"
#include "core/engine/take_end.h"
#include "core/exercise/context.h"
#include "core/judging/level.h"
#include "core/library/cards.h"
#include "core/library/take_spec.h"
#include "core/signal/tracker.h"
#include "support/signals.h"

namespace calando {
namespace {

Context askedFor(const char* exercise) {
  TakeSpec asked;
  asked.instrument = "trumpet-bb";
  asked.exercise = exercise;
  asked.note = 67;
  return contextFor(asked);
}

/// While a counted take sounds.
Snapshot liveAt(double duration_s, double start_s) {
  Snapshot live;
  live.context = askedFor("scale-4-4");
  live.sheet = unroll(live.context);
  live.sheetStart_s = start_s;
  live.live = true;
  live.tracks.duration_s = duration_s;
  return live;
}

TEST(Snapshot, ACueLiesWhereTheCountHasItUntilItWasPlayed) {
  const Snapshot live = liveAt(2.0, 3.0);
  const double beat = live.sheet.beat_s;
  EXPECT_NEAR(live.placeOf(0).start_s, 3.0, 1e-9);
  EXPECT_NEAR(live.placeOf(0).end_s, 3.0 + 4 * beat, 1e-9);
  EXPECT_EQ(live.cueAt(3.0 + beat), 0u);
  EXPECT_FALSE(live.cueAt(3.0 + 5 * beat)) << "a rest is no cue to be heard";
  EXPECT_FALSE(live.cueAt(1.0)) << "the count-in";
  Snapshot over = live;
  over.live = false;
  CueResult played;
  played.start_s = 3.0;
  played.end_s = 3.0 + 4 * beat;
  played.matched = 0;
  played.note = 0;
  Tone tone{};
  tone.start_s = 3.05;
  tone.end_s = 3.0 + 3.5 * beat;
  Note note{};
  note.start_s = 3.1;
  note.end_s = 3.0 + 3.4 * beat;
  tone.notes.push_back(note);
  over.analysis.tones.push_back(tone);
  over.analysis.cues.push_back(played);
  EXPECT_NEAR(over.spanOf(0).start_s, 3.1, 1e-9);
  EXPECT_NEAR(over.spanOf(0).end_s, 3.0 + 3.4 * beat, 1e-9);
  over.analysis.cues[0].matched.reset();
  EXPECT_NEAR(over.spanOf(0).start_s, 3.0, 1e-9) << "what did not come is where the count has it";
}

TEST(Snapshot, NamesTheNoteThatSoundsNowAndNoneWhereItGoesOrIsOver) {
  for (const int note : {46, 58, 65, 77, 89}) {
    for (const double off_cents : {-40.0, 0.0, 40.0}) {
      Snapshot live = liveAt(0.0, 0.0);
      Tracker tracker(48000.0, Tracker::kLiveLag);
      const auto hear = [&](const std::vector<float>& samples) {
        tracker.push(samples);
        live.tracks = tracker.tracks();
        return live.soundsNow();
      };
      const double f0_hz = 440.0 * std::exp2((note - 69 + off_cents / 100.0) / 12.0);
      EXPECT_FALSE(hear(sounds::noise(0.5, 0.001))) << note;
      EXPECT_EQ(hear(sounds::tone({.f0_hz = f0_hz, .seconds = 0.8})), note);
      const auto way = [](double t) { return 1200.0 * t; };
      EXPECT_FALSE(hear(sounds::tone({.f0_hz = f0_hz, .seconds = 0.8, .cents = way}))) << note;
      EXPECT_FALSE(hear(sounds::noise(0.8, 0.001))) << note;
    }
  }
}

TEST(Snapshot, ASwellLiesOverWhatIsAskedByTheMeanOfItAll) {
  Snapshot over = liveAt(0.0, 1.0);
  over.context = askedFor("swell");
  over.sheet = unroll(over.context);
  over.live = false;
  EXPECT_FALSE(overAsked_dbfs(over, 0)) << "nothing was played";
  const Span asked = over.placeOf(0);
  over.tracks.frames.resize(static_cast<std::size_t>(asked.end_s / kHop_s) + 50);
  for (std::size_t i = 0; i < over.tracks.frames.size(); ++i) {
    const double t = static_cast<double>(i) * kHop_s;
    const double share = (t - asked.start_s) / (asked.end_s - asked.start_s);
    if (share < 0.0 || share > 1.0) continue;
    over.tracks.frames[i].f0_hz = 440.0f;
    const double strays = i % 2 == 0 ? 3.0 : -3.0;
    over.tracks.frames[i].level_dbfs =
        static_cast<float>(-21.5 + strays + valueAt(over.sheet.cues[0].loudness, share));
  }
  ASSERT_TRUE(overAsked_dbfs(over, 0));
  EXPECT_NEAR(*overAsked_dbfs(over, 0), -21.5, 0.05);
}

TEST(Snapshot, ATakeIsOverASecondAfterItsLastCueOrItsTone) {
  const double end = 3.0 + liveAt(0, 3.0).sheet.length_s();
  EXPECT_FALSE(TakeEnd().reached(liveAt(end + 0.9, 3.0), {0.0, 9.0}))
      << "a counted take has its time, silent or not";
  EXPECT_TRUE(TakeEnd().reached(liveAt(end + 1.1, 3.0), {0.0, 0.0}));
  Snapshot tone;
  tone.context = askedFor("steady-tone");
  tone.sheet = unroll(tone.context);
  EXPECT_FALSE(TakeEnd().reached(tone, {5.0, 0.9}));
  EXPECT_TRUE(TakeEnd().reached(tone, {5.0, 1.1}));
  EXPECT_FALSE(TakeEnd().reached(tone, {0.4, 5.0})) << "a try is not yet the tone";
}

TEST(Asked, AWishIsReplacedWholeAndWhatWasPlayedStays) {
  TakeSpec asked;
  asked.accompaniment = {true, 440.0, {}};
  asked.start_s = 4.0;
  asked.against = ComparisonTake{9.0, 2.0};
  asked.range = {60, 72};
  TakeRequest other;
  other.exercise = "scale-4-4";
  other.note = 62;
  asked.wish() = other;
  bool sound = true;
  const TakeSpec back = askedFrom(toJson(asked), &sound);
  EXPECT_TRUE(sound);
  EXPECT_EQ(back.exercise, "scale-4-4");
  EXPECT_EQ(back.note, 62);
  EXPECT_EQ(back.accompaniment, asked.accompaniment);
  EXPECT_EQ(back.start_s, 4.0);
  EXPECT_EQ(back.against->held_s, 9.0);
  EXPECT_EQ(back.range.highest, 72);
  EXPECT_EQ(contextFor(back).accompaniment, asked.accompaniment);
}

TEST(Snapshot, ACountedBreathThatGoesOnIsWaitedForUpToThreeSeconds) {
  for (const double past_s : {-0.5, 1.4, 6.0}) {
    Snapshot live;
    live.context = askedFor("in-2-out-4");
    live.context.tempo_bpm = 240.0;
    live.sheet = unroll(live.context);
    live.sheetStart_s = 1.0;
    live.live = true;
    const double end_s = 1.0 + live.sheet.length_s();
    Tracker tracker(48000.0, Tracker::kLiveLag);
    double over_s = 0.0;
    for (int block = 0; over_s == 0.0 && block < 150; ++block) {
      const bool breathes = block >= 10 && 0.1 * block < end_s + past_s;
      tracker.push(sounds::noise(0.1, breathes ? 0.01 : 0.0003, 48000.0, static_cast<unsigned>(block)));
      live.tracks = tracker.tracks();
      if (TakeEnd().reached(live, soundingOf(live))) over_s = live.tracks.duration_s;
    }
    EXPECT_NEAR(over_s - end_s, std::clamp(past_s + 1.0, 1.0, 3.0), 0.35) << past_s;
  }
}

TEST(Snapshot, OneBreathIsOverTwoAndAHalfSecondsAfterIt) {
  Snapshot live = liveAt(0.0, 0.0);
  live.context = askedFor("long-hiss");
  live.sheet = unroll(live.context);
  Tracker tracker(48000.0, Tracker::kLiveLag);
  std::vector<double> ends;
  const auto hear = [&](double seconds, double rms, unsigned seed) {
    for (int block = 0; block < static_cast<int>(seconds * 10.0); ++block) {
      tracker.push(sounds::noise(0.1, rms, 48000.0, seed + static_cast<unsigned>(block)));
      live.tracks = tracker.tracks();
      if (TakeEnd().reached(live, soundingOf(live))) ends.push_back(live.tracks.duration_s);
    }
  };
  hear(3.0, 0.0003, 1);  // a quiet room is no breath
  hear(4.0, 0.01, 100);
  EXPECT_TRUE(ends.empty());
  hear(3.0, 0.0003, 200);
  ASSERT_FALSE(ends.empty());
  EXPECT_NEAR(ends.front(), 7.0 + 2.5, 0.25);
}

}  // namespace
}  // namespace calando
