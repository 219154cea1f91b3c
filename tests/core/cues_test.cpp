#include "core/cues_fixture.h"
#include "core/exercise/context.h"
#include "core/figures/findings.h"
#include "core/figures/reading.h"

namespace calando {
namespace {

/// Just ratios as cents off equal steps, by hand: 5/4, 3/2, 2/1.
TEST(CardReference, PureIntervalsAreHeldAgainstTheHomeNoteOnATransposingInstrument) {
  Context context = contextOf("pure-chord", 64);  // written E4 on a horn in F sounds A3
  context.instrument = findInstrument("horn-f");
  Scene scene;
  scene.rest(0.5);
  for (const auto& [semitone, cents] :
       {std::pair{57, 0.0}, {61, -13.686}, {64, 1.955}, {69, 0.0}, {64, 1.955}, {61, 0.0}, {57, 0.0}})
    scene.play(semitone, 3.0, cents).rest(0.4);
  const Analysis a = scene.analysed(context);
  ASSERT_EQ(a.cues.size(), 7u);
  for (std::size_t i = 0; i < 7; ++i)  // the second third was played as on a keyboard
    EXPECT_NEAR(a.cues[i].pitch.offset_cents.value_or(99), i == 5 ? 13.686 : 0.0, 0.1) << i;
  EXPECT_TRUE(a.reference.just);
  EXPECT_EQ(a.reference.tonic, 9);
}

TEST(CardReference, TheOwnHomeNoteMovesTheReferenceForAllOthers) {
  auto card = std::make_shared<Exercise>(*findExercise("home-three"));
  card->reference = PitchReference::home;
  for (const double whole : {-38.0, 0.0, 27.0}) {
    Context context = contextOf("home-three", 67);
    context.exercise = card;
    context.reference.a4_hz = 442.0;
    Scene scene;
    scene.rest(0.5);
    for (const auto& [semitone, cents] : {std::pair{67, 0.0}, {69, 6.0}, {71, -9.0}, {69, 0.0}, {67, 4.0}})
      scene.play(semitone, 3.0, whole + cents).rest(0.4);
    const Analysis a = scene.analysed(context);
    ASSERT_EQ(a.cues.size(), 5u);
    const double expected[] = {0.0, 6.0, -9.0, 0.0, 4.0};
    for (std::size_t i = 0; i < 5; ++i)
      EXPECT_NEAR(a.cues[i].pitch.offset_cents.value_or(99), expected[i], 0.1) << i << " with " << whole;
    EXPECT_NEAR(sounds::cents(440.0, a.reference.a4_hz), whole, 0.1);
  }
}

TEST(Cues, OfAScaleAreFoundOnceInOrderWithTheirPlaceAndLength) {
  Scene scene;
  scene.rest(1.0);
  const double late[] = {0.0, 0.04, -0.03, 0.0, 0.08, 0.0, -0.05, 0.0};
  double at = 1.0;
  for (int i = 0; i < 8; ++i) {
    const double start = 1.0 + 8.0 * i + late[i];
    scene.rest(start - at).play(kScale[i], 3.5 + 0.1 * i, 2.0 * i);
    at = start + 3.5 + 0.1 * i;
  }
  const Analysis a = scene.rest(1.0).analysed(contextOf("scale-4-4", 60));
  const auto rows = sounding(a);
  ASSERT_EQ(rows.size(), 8u);
  for (std::size_t i = 0; i < 8; ++i) {
    ASSERT_EQ(rows[i].matched, i);
    EXPECT_EQ(rows[i].asked, kScale[i]);
    EXPECT_NEAR(*rows[i].count.place_ms, 1000.0 * late[i], 15.0) << i;
    // Half level at 15 ms of a 30 ms ramp, on both ends.
    EXPECT_NEAR(*rows[i].count.length_beats, 3.5 + 0.1 * static_cast<double>(i) - 0.03, 0.03) << i;
    EXPECT_NEAR(*rows[i].pitch.offset_cents, 2.0 * static_cast<double>(i), 0.1) << i;
  }
  EXPECT_EQ(value(a, "missing"), 0.0);
  // 0, 2 … 14: standard deviation of eight equally spaced values 2 apart is 2·√(63/12).
  EXPECT_NEAR(value(a, "note_spread_cents"), 2.0 * std::sqrt(63.0 / 12.0), 0.1);
}

// One implementation: what a lesson sees while it is played is what it sees afterwards.
TEST(Cues, OfALiveTakeAreThoseOfItsFile) {
  Scene scene;
  scene.rest(4.5);
  for (int i = 0; i < 8; ++i) scene.play(kScale[i], 1.6, 3.0 * i - 9.0).rest(0.4);
  const auto samples = scene.samples();
  Context context = contextOf("scale-4-4", 60);
  context.tempo_bpm = 240.0;
  Tracker live(48000, Tracker::kLiveLag);
  for (std::size_t at = 0; at < samples.size(); at += 960)
    live.push(std::span(samples).subspan(at, std::min<std::size_t>(960, samples.size() - at)));
  live.finish();
  const Analysis liveTake = analyse(live.tracks(), context), fileTake = analyse(samples, 48000, context);
  const auto heard = sounding(liveTake);
  const auto offline = sounding(fileTake);
  const Figure& hnr = *findFigure("hnr_db");
  ASSERT_EQ(heard.size(), 8u);
  for (std::size_t i = 0; i < heard.size(); ++i) {
    EXPECT_EQ(heard[i].matched, i);
    EXPECT_EQ(offline[i].matched, i);
    EXPECT_NEAR(*heard[i].count.place_ms, *offline[i].count.place_ms, 1.0) << i;
    EXPECT_NEAR(*heard[i].count.length_beats, *offline[i].count.length_beats, 0.01) << i;
    EXPECT_NEAR(*heard[i].pitch.offset_cents, *offline[i].pitch.offset_cents, 0.02) << i;
    EXPECT_NEAR(*hnr.ofCue(heard[i], liveTake), *hnr.ofCue(offline[i], fileTake), 0.5) << i;
  }
}

struct Trouble {
  const char* name;
  std::function<Scene()> scene;
  std::vector<std::optional<int>> heard;  // index of the tone for every cue
  double stretch;
};
class Troubles : public testing::TestWithParam<Trouble> {};

/// The scale at some tempo with notes left out.
void playScale(Scene& scene, std::vector<int> without, double stretch = 1.0) {
  for (int i = 0; i < 8; ++i) {
    if (std::ranges::find(without, i) == without.end())
      scene.play(kScale[i], 3.6 * stretch).rest(4.4 * stretch);
    else
      scene.rest(8.0 * stretch);
  }
}

TEST_P(Troubles, DoNotLoseTheOrder) {
  const Analysis a = GetParam().scene().analysed(contextOf("scale-4-4", 60));
  const auto rows = sounding(a);
  ASSERT_EQ(rows.size(), 8u);
  for (std::size_t i = 0; i < 8; ++i) {
    const auto& wanted = GetParam().heard[i];
    ASSERT_EQ(rows[i].matched.has_value(), wanted.has_value()) << i;
    if (!wanted) {
      EXPECT_EQ(rows[i].verdict, Verdict::notYet);
      continue;
    }
    EXPECT_NEAR(*rows[i].count.place_ms, 0.0, 15.0) << i;
    const Note& note = a.tones[*rows[i].matched].notes[*rows[i].note];
    EXPECT_NEAR(sounds::cents(440.0 * std::exp2((*wanted - 69) / 12.0), note.f0_hz), 0.0, 5.0) << i;
  }
  EXPECT_NEAR((rows[7].start_s - rows[0].start_s) / 56.0, GetParam().stretch, 0.002);
}
INSTANTIATE_TEST_SUITE_P(Of, Troubles,
                         testing::Values(Trouble{"a_missing_note",
                                                 [] {
                                                   Scene s;
                                                   playScale(s.rest(1.0), {3});
                                                   return s;
                                                 },
                                                 {60, 62, 64, {}, 67, 69, 71, 72},
                                                 1.0},
                                         Trouble{"two_missing_at_the_start",
                                                 [] {
                                                   Scene s;
                                                   playScale(s.rest(0.5), {0, 1});
                                                   return s;
                                                 },
                                                 {{}, {}, 64, 65, 67, 69, 71, 72},
                                                 1.0},
                                         Trouble{"speech_before_it",
                                                 [] {
                                                   Scene s;
                                                   playScale(s.rest(1.0).speak().rest(1.0), {});
                                                   return s;
                                                 },
                                                 {60, 62, 64, 65, 67, 69, 71, 72},
                                                 1.0},
                                         Trouble{"a_slower_tempo",
                                                 [] {
                                                   Scene s;
                                                   playScale(s.rest(1.0), {}, 1.25);
                                                   return s;
                                                 },
                                                 {60, 62, 64, 65, 67, 69, 71, 72},
                                                 1.25},
                                         Trouble{"a_note_tried_twice",
                                                 [] {
                                                   Scene s;
                                                   s.rest(1.0).play(60, 0.5).rest(1.0);
                                                   playScale(s, {});
                                                   return s;
                                                 },
                                                 {60, 62, 64, 65, 67, 69, 71, 72},
                                                 1.0}),
                         [](const auto& info) { return std::string(info.param.name); });

/// Sounds without any signal: notes as an analysis would have them.
std::vector<DetectedSound> heardScale(const std::vector<std::pair<int, double>>& notes) {
  std::vector<DetectedSound> sounds;
  for (std::size_t i = 0; i < notes.size(); ++i)
    sounds.push_back({notes[i].second, notes[i].second + 3.5, static_cast<double>(notes[i].first), i, 0});
  return sounds;
}

class RandomTakes : public testing::TestWithParam<unsigned> {};

// A scale at a tempo of its own, each start up to 150 ms off, with up to three notes missing and two too
// many: whatever is there is found, nothing else is.
TEST_P(RandomTakes, AreMatchedNoteForNote) {
  std::mt19937 random(GetParam());
  const auto uniform = [&](double low, double high) {
    return low + (high - low) * static_cast<double>(random()) / 4294967296.0;
  };
  Context context = contextOf("scale-4-4", 60);
  const CueSheet sheet = unroll(context);
  const double stretch = uniform(0.7, 1.4);
  const double start = uniform(0.0, 20.0);
  std::vector<std::pair<int, double>> played;
  std::vector<std::optional<std::size_t>> truth(sheet.cues.size());
  std::vector<int> kept;
  for (int i = 0; i < 8; ++i) kept.push_back(i);
  for (auto missing = random() % 4; missing > 0; --missing)
    kept.erase(kept.begin() + static_cast<std::ptrdiff_t>(random() % kept.size()));
  // Speech: far from any note that is asked for, before the exercise begins.
  for (auto extra = random() % 3; extra > 0; --extra)
    played.emplace_back(30, start - 3.0 * static_cast<double>(extra));
  for (const int i : kept) {
    truth[2 * static_cast<std::size_t>(i)] = played.size();
    played.emplace_back(kScale[i], start + stretch * 8.0 * i + uniform(-0.15, 0.15));
  }
  const SheetMatch match = matchSheet(sheet, heardScale(played), std::nullopt);
  EXPECT_EQ(match.sounds, truth) << "stretch " << stretch << ", start " << start;
  EXPECT_NEAR(match.stretch, stretch, 0.03);
}
INSTANTIATE_TEST_SUITE_P(Seeds, RandomTakes, testing::Range(1u, 61u));

TEST(AgainstAnother, TheDifferencesOfTheTwoTakesAreRead) {
  Context context;
  context.exercise = findExercise("against-best");
  context.level = findLevel("growing");
  const auto samples = sounds::tone({.seconds = 6.0, .snr_db = 50, .before_s = 0.5, .after_s = 0.5});
  const auto valueOf = [](const Analysis& analysis, const char* id) {
    return std::ranges::find(analysis.readings, id, &Reading::id)->value;
  };
  const Analysis alone = analyse(samples, 48000.0, context);
  EXPECT_FALSE(valueOf(alone, "held_more_s"));  // the first take has nothing to be held against
  const auto own = rivalOf(alone);
  ASSERT_TRUE(own);
  EXPECT_NEAR(own->held_s, 6.0, 0.02);
  context.against = ComparisonTake{own->held_s + 1.5, *own->wander_cents + 2.0};
  const Analysis against = analyse(samples, 48000.0, context);
  EXPECT_NEAR(*valueOf(against, "held_more_s"), -1.5, 1e-9);
  EXPECT_NEAR(*valueOf(against, "steadier_cents"), 2.0, 1e-9);
  ASSERT_FALSE(against.advice.empty());
  EXPECT_EQ(against.advice[0].id, "shorter-than-model");
  EXPECT_FALSE(rivalOf(analyse(sounds::noise(1.0, 0.001), 48000.0, context)));
}

TEST(Cues, OfBreathsAndTonesAreEachMatchedWithTheirKind) {
  const auto exercise =
      parseExercise(R"({"id": "x", "title": "X", "family": "breathing", "purpose": "p", "tempo": 60,
    "cues": [{"kind": "inhale", "beats": 2}, {"kind": "tone", "beats": 4, "note": "home"}, {"kind": "inhale", "beats": 2},
             {"kind": "exhale", "beats": 4}], "readings": ["missing", "place_ms"]})");
  ASSERT_TRUE(exercise) << english(exercise.error());
  Context context;
  context.exercise = std::make_shared<Exercise>(*exercise);
  context.level = findLevel("growing");
  context.asked = {60};
  std::vector<float> samples(static_cast<std::size_t>(48000 * 13.0), 0.0f);
  const auto put = [&](double at, const std::vector<float>& sound) {
    const auto from = static_cast<std::size_t>(at * 48000.0);
    for (std::size_t n = 0; n < sound.size(); ++n) samples[from + n] += sound[n];
  };
  put(0.0, sounds::noise(13.0, 1e-4));
  put(0.5, sounds::noise(1.7, 0.01));
  put(2.5, sounds::tone({.f0_hz = 261.63, .seconds = 3.7, .floor_rms = 0.0}));
  put(8.5, sounds::noise(3.8, 0.02, 48000.0, 5));
  const Analysis a = analyse(samples, 48000.0, context);
  ASSERT_EQ(a.cues.size(), 4u);
  ASSERT_EQ(a.tones.size(), 1u);
  EXPECT_EQ(a.cues[1].matched, 0u);
  ASSERT_TRUE(a.cues[0].matched);
  EXPECT_NEAR(a.airs[*a.cues[0].matched].start_s, 0.5, 0.05);
  EXPECT_FALSE(a.cues[2].matched);  // nobody breathed in there
  ASSERT_TRUE(a.cues[3].matched);
  EXPECT_NEAR(a.airs[*a.cues[3].matched].end_s, 12.3, 0.05);
}

TEST(Cues, OfACountedInTakeLieWhereTheCountSays) {
  Scene scene;
  scene.rest(4.2);
  playScale(scene, {});
  Context context = contextOf("scale-4-4", 60);
  context.start_s = 4.0;
  const Analysis a = scene.analysed(context);
  for (const CueResult& row : sounding(a)) EXPECT_NEAR(*row.count.place_ms, 200.0, 25.0);
  EXPECT_NEAR(value(a, "place_ms"), 200.0, 25.0);
}

struct Leak {
  const char* name;
  Accompaniment heard;
  float gain;        // of what is sent to the loudspeaker
  double drift_ppm;  // of the microphone's clock
  double ms, cents, other;
};
void PrintTo(const Leak& leak, std::ostream* out) { *out << leak.name; }
class Leaks : public testing::TestWithParam<Leak> {};

/// What the loudspeaker plays as it comes back: late, with two echoes, and by another clock.
std::vector<float> throughRoom(const std::vector<float>& played, double drift_ppm) {
  std::vector<float> heard(played.size() + 4800, 0.0f);
  for (const auto& [delay_s, gain] : {std::pair{0.0353, 1.0f}, {0.0424, 0.4f}, {0.0543, -0.25f}})
    for (std::size_t n = 0; n < heard.size(); ++n) {
      const double at = static_cast<double>(n) / (1.0 + drift_ppm * 1e-6) - delay_s * 48000.0;
      if (at < 0.0 || at + 1.0 >= static_cast<double>(played.size())) continue;
      const auto whole = static_cast<std::size_t>(at);
      const auto part = static_cast<float>(at - static_cast<double>(whole));
      heard[n] += gain * ((1.0f - part) * played[whole] + part * played[whole + 1]);
    }
  return heard;
}

TEST_P(Leaks, IntoTheMicrophoneLeaveTheFiguresAlone) {
  const Leak& leak = GetParam();
  Context context = contextOf("scale-4-4", 60);
  const CueSheet sheet = unroll(context);
  Scene scene;
  playScale(scene.rest(sheet.countIn_s()), {});
  context.start_s = sheet.countIn_s();
  const Analysis clean = scene.analysed(context);
  context.accompaniment = leak.heard;
  const Analysis leaking =
      scene.add(throughRoom(render(leak.heard, sheet, 48000.0), leak.drift_ppm), leak.gain).analysed(context);
  EXPECT_EQ(leaking.clicks_dbfs.has_value(), leak.heard.click);
  ASSERT_EQ(leaking.tones.size(), clean.tones.size());
  for (const Reading& r : clean.readings) {
    if (leak.heard.drone_hz && r.id() == "hnr_db") {
      EXPECT_TRUE(std::isnan(value(leaking, r.id())));  // the drone would be taken for the tone's own noise
      continue;
    }
    ASSERT_EQ(r.value.has_value(), std::isfinite(value(leaking, r.id()))) << r.id();
    if (r.value) {
      EXPECT_NEAR(value(leaking, r.id()), *r.value,
                  r.figure->unit == "ms"      ? leak.ms
                  : r.figure->unit == "cents" ? leak.cents
                                              : leak.other)
          << r.id();
    }
  }
}

INSTANTIATE_TEST_SUITE_P(
    Of, Leaks,
    testing::Values(
        Leak{"a_click_across_the_room",
             {.click = true, .fork_hz = {}, .drone_hz = {}},
             0.1f,
             0.0,
             2.0,
             0.3,
             0.5},
        Leak{"a_click_as_loud_as_the_tones",
             {.click = true, .fork_hz = {}, .drone_hz = {}},
             1.0f,
             0.0,
             2.0,
             0.3,
             0.5},
        Leak{"a_click_of_another_clock",
             {.click = true, .fork_hz = {}, .drone_hz = {}},
             1.0f,
             60.0,
             2.0,
             0.3,
             0.5},
        Leak{"a_click_after_a_fork",
             {.click = true, .fork_hz = 261.63, .drone_hz = {}},
             0.25f,
             0.0,
             2.0,
             0.3,
             0.5},
        Leak{"a_drone", {.click = false, .fork_hz = {}, .drone_hz = 261.63}, 0.1f, 0.0, 2.0, 0.3, 0.5}),
    [](const auto& info) { return std::string(info.param.name); });

TEST(Cues, AnotherNoteIsNotHeldAgainstTheOneAskedFor) {
  Scene scene;
  scene.rest(1.0);
  for (int i = 0; i < 8; ++i) scene.play(kScale[i] + (i == 2 ? 4 : 0), 3.6).rest(4.4);
  const auto rows = sounding(scene.analysed(contextOf("scale-4-4", 60)));
  EXPECT_FALSE(rows[2].pitch.offset_cents);
  EXPECT_TRUE(rows[1].pitch.offset_cents);
}

}  // namespace
}  // namespace calando
