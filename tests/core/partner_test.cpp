#include "core/exercise/partner.h"

#include <gtest/gtest.h>

#include <cmath>
#include <functional>
#include <set>

#include "core/accompany/held_sound.h"
#include "core/accompany/live_partner.h"
#include "core/engine/analysis.h"
#include "core/engine/take_stages.h"
#include "core/exercise/context.h"
#include "core/exercise/pair_card.h"
#include "core/figures/figure.h"
#include "core/figures/findings.h"
#include "core/figures/reading.h"
#include "core/judging/level.h"
#include "core/library/cards.h"
#include "core/library/take_spec.h"
#include "core/signal/pair_track.h"
#include "core/signal/tracker.h"
#include "core/standin/partner_voice.h"
#include "core/standin/player.h"
#include "support/dice.h"
#include "support/signals.h"

namespace calando {
namespace {

using sounds::Dice;
using Curve = std::function<double(double)>;  // cents, by seconds from a tone's start
using Manner = PartnerVoice::Manner;

constexpr double kRate_hz = 48000.0;

/// A sheet's take, put together tone by tone.
struct Played {
  struct Tone {
    double from_s, to_s, hz;
    Curve cents = [](double) { return 0.0; };
  };
  std::vector<float> sound;

  Played(const CueSheet& sheet, const std::vector<Tone>& tones, Dice& dice)
      : sound(sounds::noise(sheet.countIn_s() + sheet.length_s() + 0.5, 1e-5, kRate_hz, 3)) {
    for (const Tone& tone : tones) {
      sounds::ToneSpec spec;
      spec.f0_hz = tone.hz;
      spec.seconds = tone.to_s - tone.from_s;
      spec.spectrum = &sounds::spectra()[static_cast<std::size_t>(dice.whole(0, 2))];
      spec.after_s = 0.05;
      spec.cents = tone.cents;
      const auto made = sounds::tone(spec);
      const auto at = static_cast<std::size_t>((sheet.countIn_s() + tone.from_s) * kRate_hz);
      for (std::size_t n = 0; n < made.size() && at + n < sound.size(); ++n) sound[at + n] += made[n];
    }
  }
};

/// A card, its sheet and its partner for a trumpet.
struct Asked {
  Context context;
  CueSheet sheet;

  explicit Asked(const char* card, bool partner = true, std::uint32_t draw = 1) {
    context.exercise = findExercise(card);
    context.level = findLevel("growing");
    context.instrument = findInstrument("trumpet-bb");
    context.asked = {67};
    context.reference = referenceFor(context);
    sheet = unroll(context);
    if (!partner) return;
    context.accompaniment.partner = partnerFor(sheet, context, draw);
    sheet = unroll(context);
    context.start_s = sheet.countIn_s();
  }
  const PartnerVoice& partner() const { return *context.accompaniment.partner; }
  Analysis hear(const Played& played) const { return analyse(played.sound, kRate_hz, context); }
};

Reading readingOf(const Analysis& analysis, std::string_view id) {
  const auto found = std::ranges::find(analysis.readings, id, &Reading::id);
  return found == analysis.readings.end() ? Reading() : *found;
}
std::optional<double> read(const Analysis& analysis, std::string_view id) {
  return readingOf(analysis, id).value;
}

double steepest(std::span<const float> sound) {
  double step = 0.0;
  for (std::size_t n = 1; n < sound.size(); ++n)
    step = std::max(step, std::abs(static_cast<double>(sound[n]) - sound[n - 1]));
  return step;
}

struct GoesAlong {
  Manner manner;
  double player_cents, ends_cents;
};
class Listening : public testing::TestWithParam<GoesAlong> {};

TEST_P(Listening, GoesWhereItsMannerSaysAndTheAnalysisKnowsIt) {
  const auto& [manner, player_cents, ends_cents] = GetParam();
  Dice dice(500);
  Asked asked("both-at-once");
  asked.context.accompaniment.partner->manner = manner;
  const double hz = asked.partner().hz * std::exp2(player_cents / 1200.0);
  const Played played(asked.sheet, {{0.0, 11.9, hz}}, dice);
  const Analysis analysis = asked.hear(played);
  ASSERT_TRUE(analysis.pair);
  EXPECT_NEAR(*analysis.pair->cents_at_end, player_cents - ends_cents, 0.2);
  EXPECT_EQ(analysis.pair->lock_s.has_value(), std::abs(player_cents - ends_cents) < 4.0);
  // The same while it sounds, the player heard as it is: what it says that it did is what is to be heard.
  LivePartner live(asked.context.accompaniment, asked.sheet, 0.0, kRate_hz);
  std::vector<float> sound, block(960);
  while (const std::size_t given = live.next(block)) {
    sound.insert(sound.end(), block.begin(), block.begin() + static_cast<long>(given));
    live.hear(static_cast<double>(sound.size()) / kRate_hz > asked.sheet.countIn_s() ? hz : 0.0);
  }
  EXPECT_EQ(sound.size(), live.size());
  EXPECT_LT(steepest(sound), 0.07 * 6.2832 * asked.partner().hz / kRate_hz * 3.9);
  const Tracks tracks = trackTake(sound, kRate_hz, {});
  const PartnerVoice went = live.voice();
  for (double t = 0.2; t < 11.8; t += 0.37) {
    const auto frame = static_cast<std::size_t>(std::lround((t + asked.sheet.countIn_s()) / kHop_s));
    EXPECT_NEAR(sounds::cents(went.hzAt(t, asked.sheet.length_s()), tracks.frames[frame].f0_hz), 0.0, 0.7)
        << t;
  }
  EXPECT_NEAR(sounds::cents(asked.partner().hz, went.hzAt(11.5, asked.sheet.length_s())), ends_cents, 0.2);
}

INSTANTIATE_TEST_SUITE_P(Every, Listening,
                         testing::Values(GoesAlong{Manner::holds, 20.0, 0.0},
                                         GoesAlong{Manner::givesWay, 20.0, 10.0},
                                         GoesAlong{Manner::givesWay, -30.0, -15.0},
                                         GoesAlong{Manner::chases, 18.0, 18.0},
                                         GoesAlong{Manner::chases, -70.0, -50.0},  // no further
                                         GoesAlong{Manner::chases, 150.0, 0.0}));  // another note

TEST(HeldSounds, GoOnWithoutASeamAtTheirOwnPitchAndAtOneLevel) {
  Dice dice(501);
  for (int i = 0; i < 6; ++i) {
    const double hz = dice(110, 700), rate = dice(0.3, 1.2), phase = dice(0, 6.28), wave = dice(0.5, 4.0);
    sounds::ToneSpec spec;
    spec.f0_hz = hz;
    spec.seconds = dice(3.0, 6.0);
    spec.spectrum = &sounds::spectra()[static_cast<std::size_t>(dice.whole(0, 2))];
    spec.cents = [=](double t) { return wave * std::sin(6.2832 * rate * t + phase); };
    spec.amplitude = [](double t) { return 1.0 - 0.08 * t; };
    const auto take = sounds::tone(spec);
    const Tracks tracks = trackTake(take, kRate_hz, {});
    const Analysis analysis = analyse(tracks, {});
    ASSERT_TRUE(analysis.mainTone());
    const auto held = heldFrom(take, kRate_hz, tracks, *analysis.mainTone());
    ASSERT_TRUE(held) << hz;
    const Asked asked("unison", false);
    const PartnerVoice voice = partnerFrom(held, asked.sheet);
    Accompaniment what;
    what.partner = voice;
    const auto sound = render(what, asked.sheet, kRate_hz);
    EXPECT_LT(steepest(sound), 1.3 * steepest(held->samples));
    const Tracks heard = trackTake(sound, kRate_hz, {});
    std::vector<double> off, levels;
    for (double t = 0.2; t < 11.8; t += 0.05) {
      const TrackFrame& frame =
          heard.frames[static_cast<std::size_t>(std::lround((t + asked.sheet.countIn_s()) / kHop_s))];
      off.push_back(sounds::cents(voice.hzAt(t, 12.0), frame.f0_hz));
      levels.push_back(
          heard.energy.level_dbfs(t + asked.sheet.countIn_s() - 0.1, t + asked.sheet.countIn_s()));
    }
    sounds::expectWithin(off, 0.1, 1.0);
    const auto [least, most] = std::ranges::minmax(levels);
    EXPECT_LT(most - least, 0.6) << hz;  // within 0.3 dB to either side
    EXPECT_NEAR(levels.front(), 20.0 * std::log10(0.054), 0.5);
  }
  const auto brief = sounds::tone({.f0_hz = 300, .seconds = 1.0});
  const Tracks tracks = trackTake(brief, kRate_hz, {});
  EXPECT_FALSE(heldFrom(brief, kRate_hz, tracks, *analyse(tracks, {}).mainTone()));
}

TEST(Surprises, AreNotesThatThePlayerHasAndNobodyKnows) {
  std::set<long> notes, begins;
  for (std::uint32_t draw = 0; draw < 200; ++draw) {
    Asked asked("find-and-lock", false);
    asked.context.range = {62, 70};
    const PartnerVoice voice = partnerFor(asked.sheet, asked.context, draw);
    ASSERT_EQ(voice.notes.size(), 1u);
    const double written = 69.0 + 12.0 * std::log2(voice.hz / 440.0) + 2.0;
    EXPECT_NEAR(written, std::round(written), 0.001);
    EXPECT_GE(written, 61.9);
    EXPECT_LE(written, 70.1);
    notes.insert(std::lround(written));
    begins.insert(std::lround(10.0 * voice.notes.front().from_s));
    EXPECT_EQ(voice.hzAt(voice.notes.front().from_s - 0.01, 14.0), 0.0);
  }
  EXPECT_EQ(notes.size(), 9u);
  EXPECT_GT(begins.size(), 20u);
}

TEST(Surprises, AreFoundAsLongAfterTheyBeganAsTheyWere) {
  Dice dice(502);
  const Asked asked("find-and-lock", true, 7);
  const PartnerVoice::Note note = asked.partner().notes.front();
  // Twelve cents off, and there two seconds after the partner came.
  const double enters_s = note.from_s + 0.8;
  const Played played(
      asked.sheet,
      {{enters_s, 13.9, note.hz, [](double t) { return t < 1.2 ? 12.0 * (1.2 - t) / 1.2 : 0.0; }}}, dice);
  const Analysis analysis = asked.hear(played);
  ASSERT_TRUE(analysis.pair && analysis.pair->lock_s);
  // Within five cents, and under a beat.
  const double within_cents = std::min(5.0, 1200.0 * std::log2(1.0 + 1.0 / note.hz));
  EXPECT_NEAR(*read(analysis, "found_s"), 0.8 + 1.2 * (1.0 - within_cents / 12.0), 0.06);
}

/// A scale with a partner: notes that are right at once, that are mended, and that stay off.
TEST(ScalesOfTwo, SayNoteByNoteHowSoonTheyWereOne) {
  for (const char* card : {"scale-together", "scale-octave-over", "scale-octave-under"}) {
    Dice dice(503);
    const Asked asked(card);
    const double over = std::exp2(asked.context.exercise->pair->semitones / 12.0);
    std::vector<Played::Tone> tones;
    const double mended_s[] = {0.0, 1.0, 0.0, 1.6, -1.0};  // below 0: stays off
    for (std::size_t i = 0; i < 5; ++i) {
      const SheetCue& cue = asked.sheet.cues[i];
      const double mends_s = mended_s[i];
      tones.push_back({cue.start_s + 0.02, cue.end_s() - 0.05, asked.partner().notes[i].hz * over,
                       [=](double t) { return mends_s < 0.0 ? 15.0
                                              : t < mends_s ? 20.0
                                                            : 0.0; }});
    }
    const Analysis analysis = asked.hear(Played(asked.sheet, tones, dice));
    ASSERT_EQ(analysis.cues.size(), 5u);
    for (std::size_t i = 0; i < 5; ++i) {
      const Together& row = *analysis.cues[i].another.together;
      ASSERT_TRUE(row.cents_at_end) << card << i;
      EXPECT_NEAR(std::abs(*row.cents_at_end), mended_s[i] < 0.0 ? 15.0 : 0.0, 0.3) << card << i;
      ASSERT_EQ(row.lock_s.has_value(), mended_s[i] >= 0.0) << card << i;
      EXPECT_NEAR(row.lock_s.value_or(-1.0), mended_s[i], 0.1) << card << i;
    }
    EXPECT_EQ(*read(analysis, "at_once"), 2.0) << card;
    EXPECT_EQ(*read(analysis, "missing"), 0.0) << card;
  }
}

// The player comes late, and the microphone hears the partner, 20 dB softer, all the time.
TEST(ScalesOfTwo, AreTheSameWhereThePartnerLeaks) {
  Dice dice(507);
  const Asked asked("scale-together");
  std::vector<Played::Tone> tones;
  for (std::size_t i = 0; i < 5; ++i) {
    const SheetCue& cue = asked.sheet.cues[i];
    tones.push_back({cue.start_s + 0.5, cue.end_s() - 0.4, asked.partner().notes[i].hz,
                     [i](double t) { return i % 2 == 0 && t < 0.8 ? 18.0 : 0.0; }});
  }
  Played played(asked.sheet, tones, dice);
  const auto partner =
      render(asked.context.accompaniment, asked.sheet, kRate_hz, -14.6);  // its 0.054 to a tone's 0.1
  for (std::size_t n = 0; n < std::min(partner.size(), played.sound.size()); ++n)
    played.sound[n] += partner[n];
  const Analysis analysis = asked.hear(played);
  for (std::size_t i = 0; i < 5; ++i)
    EXPECT_NEAR(analysis.cues[i].another.together->lock_s.value_or(-1.0), i % 2 == 0 ? 0.8 : 0.0, 0.12) << i;
}

TEST(Turns, AreAsFarApartAsTheyWereMadeAndSoIsTheirSpread) {
  Dice dice(504);
  int covered = 0;
  for (int i = 0; i < 10; ++i) {
    const bool made = dice.chance(0.5), sings = !made && dice.chance(0.5);
    const Asked asked(sings ? "sung-note" : "take-turns", made);
    const double off = dice(-40, 40), hz = asked.context.hzOf(67), a = dice(0.4, 1.2), p = dice(0, 6.28);
    const Curve wanders = [=](double t) { return 3.0 * std::sin(6.2832 * a * t + p); };
    std::vector<Played::Tone> tones;
    // A voice may be an octave or two away.
    const double first_hz = sings ? hz * std::exp2(-dice.whole(0, 2)) : hz;
    if (!made) tones.push_back({0.05, 3.9, first_hz, wanders});
    const SheetCue& turn = asked.sheet.cues[2];
    tones.push_back({turn.start_s + 0.05, turn.end_s() - 0.1, hz * std::exp2(off / 1200.0), wanders});
    if (!sings) tones.push_back({10.05, 17.8, hz});
    const Analysis analysis = asked.hear(Played(asked.sheet, tones, dice));
    ASSERT_TRUE(read(analysis, "turn_cents") && readingOf(analysis, "turn_cents").unsure)
        << i << " " << off << " " << sings << made;
    const double spread = kOf90 * *readingOf(analysis, "turn_cents").unsure;
    EXPECT_NEAR(*read(analysis, "turn_cents"), off, 2.5) << i;
    EXPECT_LT(spread, 5.0);
    covered += std::abs(*read(analysis, "turn_cents") - off) <= spread ? 1 : 0;
  }
  EXPECT_GE(covered, 8);
}

TEST(Tunings, AreToldApartOverAPartner) {
  Dice dice(505);
  const Asked asked("third-two-ways");
  const double pure_hz = asked.partner().hz * 1.25;
  for (const double off : {0.0, 5.0, 9.0, 13.7}) {
    const Played played(asked.sheet, {{0.0, 15.9, pure_hz * std::exp2(off / 1200.0)}}, dice);
    const Analysis analysis = asked.hear(played);
    ASSERT_TRUE(analysis.pair && analysis.pair->tunings);
    EXPECT_NEAR(*read(analysis, "pure_cents"), off, 0.1);
    EXPECT_NEAR(*read(analysis, "equal_cents"), off - 13.686, 0.1);
    EXPECT_EQ(analysis.pair->tunings->nearerPure(), off < 6.8);
    EXPECT_NEAR(analysis.pair->tunings->equal_beats_hz,
                std::abs(5.0 * asked.partner().hz - 4.0 * asked.partner().hz * std::exp2(4.0 / 12.0)), 0.01);
  }
  EXPECT_FALSE(Asked("unison").hear(Played(Asked("unison").sheet, {{0.0, 11.9, 349.0}}, dice)).pair->tunings);
}

/// While two play on one microphone, what sounds now is told a third of a second later at most.
TEST(LivePairs, AreToldSoonAndAreNotWrong) {
  Dice dice(506);
  int wrong = 0, all = 0;
  std::vector<double> late;
  for (int i = 0; i < 6; ++i) {
    const double hz = dice(150, 600), beat = dice(1.6, 3.5), changes_s = 2.5;
    const double over = i % 2 == 0 ? 1.0 : 1.5, semitones = i % 2 == 0 ? 0.0 : 7.0;
    // 3·first - 2·second, or second - first: twice as fast from the change on.
    const auto secondHz = [=](double rate) { return over == 1.0 ? hz + rate : (3.0 * hz - rate) / 2.0; };
    sounds::ToneSpec spec;
    spec.f0_hz = hz;
    spec.seconds = 4.0;
    spec.floor_rms = 1e-4;
    auto sound = sounds::tone(spec);
    spec.f0_hz = secondHz(beat);
    spec.seed = 9;
    spec.rms = 0.1 * std::pow(10.0, dice(-9, 9) / 20.0);
    spec.cents = [=](double t) {
      return t < changes_s ? 0.0 : sounds::cents(secondHz(beat), secondHz(2.0 * beat));
    };
    const auto second = sounds::tone(spec);
    for (std::size_t n = 0; n < sound.size(); ++n) sound[n] += second[n];
    Tracker tracker(kRate_hz, Tracker::kLiveLag);
    PairListener listener(kRate_hz, semitones, {hz * std::exp2(dice(-20, 20) / 1200.0)});
    std::optional<double> told_s;
    for (std::size_t at = 0; at + 960 <= sound.size(); at += 960) {
      const std::span block = std::span<const float>(sound).subspan(at, 960);
      tracker.push(block);
      listener.push(block);
      Tracks tracks = tracker.tracks();
      for (const TrackFrame& guess : tracker.provisional()) tracks.frames.push_back(guess);
      tracks.pair = listener.latest(tracks);
      const auto pair = tracks.pair.frames.empty() ? std::nullopt : describePair(tracks, {semitones});
      const double now_s = static_cast<double>(at + 960) / kRate_hz;
      if (!pair) continue;
      const double rate = pair->line.back().rate_hz;
      if (now_s > 0.8 && now_s < changes_s) ++all, wrong += std::abs(rate - beat) > 0.4 ? 1 : 0;
      if (!told_s && now_s > changes_s && std::abs(rate - 2.0 * beat) < 0.4) told_s = now_s - changes_s;
    }
    ASSERT_TRUE(told_s) << hz << " " << beat;
    late.push_back(*told_s);
  }
  EXPECT_LE(std::ranges::max(late), 0.33);
  EXPECT_LE(wrong, all / 50) << wrong << " of " << all;
}

TEST(PartnerVoices, SoundOnAnInstrumentWhereTheyAreSaidToBe) {
  for (const char* instrument : {"flute", "tuba-bb", "clarinet-bb"}) {
    ASSERT_TRUE(findInstrument(instrument)) << instrument;
    Asked asked("drifting-partner");
    const double hz = instrument == std::string("tuba-bb") ? 87.4 : 351.2;
    asked.context.accompaniment.partner->hz = hz;
    asked.context.accompaniment.partner->sound = voiceOf(*findInstrument(instrument), hz);
    ASSERT_TRUE(asked.partner().sound) << instrument;
    const Tracks tracks = trackTake(render(asked.context.accompaniment, asked.sheet, kRate_hz), kRate_hz, {});
    for (const double t : {1.0, 5.0, 11.0}) {
      const auto frame = static_cast<std::size_t>(std::lround((t + asked.sheet.countIn_s()) / kHop_s));
      EXPECT_NEAR(sounds::cents(hz, tracks.frames[frame].f0_hz), -20.0 * t / 12.0, 0.3) << instrument << t;
    }
  }
}

TEST(PartnerVoices, AreKeptWithTheTake) {
  TakeSpec asked;
  asked.accompaniment.partner = PartnerVoice{.hz = 233.1,
                                             .drift_cents = -12.0,
                                             .fades = true,
                                             .manner = Manner::chases,
                                             .notes = {{0.0, 4.0, 233.1}, {4.0, 8.0, 261.6}},
                                             .course_cents = {0.0, 1.5, -2.0}};
  EXPECT_EQ(*askedFrom(toJson(asked)).accompaniment.partner, *asked.accompaniment.partner);
  auto broken = toJson(asked);
  broken["partner"]["notes"] = {1, 2};
  broken["partner"]["course_cents"] = "far";
  const auto read = askedFrom(broken).accompaniment.partner;
  EXPECT_TRUE(read && read->notes.empty() && read->course_cents.empty());
}

}  // namespace
}  // namespace calando
