// Takes of whole exercises, made without the stand-in: which sound was for which cue, and the figures of
// each.
#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <numbers>
#include <random>

#include "core/engine/analysis.h"
#include "core/exercise/accompaniment.h"
#include "core/exercise/cue_sheet.h"
#include "core/figures/figure.h"
#include "core/figures/matching.h"
#include "core/judging/history.h"
#include "core/judging/judging.h"
#include "core/judging/level.h"
#include "core/library/cards.h"
#include "core/measure/edges/dynamics.h"
#include "core/signal/tracker.h"
#include "core/standin/player.h"
#include "support/signals.h"

namespace calando {
namespace {

/// Tones and whatever else one after the other, over one soft room.
class Scene {
 public:
  Scene& rest(double seconds) {
    samples_.resize(samples_.size() + static_cast<std::size_t>(seconds * 48000.0), 0.0f);
    return *this;
  }
  Scene& play(int semitone, double seconds, double cents = 0.0, double rms = 0.1, int spectrum = 0) {
    append(sounds::tone(
        {.f0_hz = 440.0 * std::exp2((semitone - 69) / 12.0 + cents / 1200.0),
         .seconds = seconds,
         .spectrum = &sounds::spectra()[static_cast<std::size_t>(spectrum)],
         .rms = rms,
         .amplitude = [seconds](double t) { return std::clamp(std::min(t, seconds - t) / 0.03, 0.0, 1.0); },
         .floor_rms = 0.0}));
    return *this;
  }
  /// Something spoken: a pitch that falls all the while, in short bits.
  Scene& speak() {
    for (const double f0 : {160.0, 140.0, 120.0}) {
      append(sounds::tone({.f0_hz = f0,
                           .seconds = 0.16,
                           .rms = 0.05,
                           .cents = [](double t) { return -3000.0 * t; },
                           .amplitude = [](double t) { return std::sin(std::numbers::pi * t / 0.16); },
                           .floor_rms = 0.0}));
      rest(0.2);
    }
    return *this;
  }
  /// Something else that is heard from the start on.
  Scene& add(const std::vector<float>& other, float gain) {
    for (std::size_t n = 0; n < std::min(samples_.size(), other.size()); ++n) samples_[n] += gain * other[n];
    return *this;
  }
  Analysis analysed(const Context& context) const {
    std::vector<float> x = samples_;
    const auto room = sounds::noise(static_cast<double>(x.size()) / 48000.0, 1e-4);
    for (std::size_t n = 0; n < std::min(x.size(), room.size()); ++n) x[n] += room[n];
    return analyse(x, 48000, context);
  }

  const std::vector<float>& samples() const { return samples_; }

 private:
  void append(const std::vector<float>& more) { samples_.insert(samples_.end(), more.begin(), more.end()); }
  std::vector<float> samples_;
};

Context contextOf(const char* exercise, int home) {
  Context context;
  context.exercise = findExercise(exercise);
  context.level = findLevel("growing");
  context.asked = {home};
  return context;
}

constexpr int kScale[] = {60, 62, 64, 65, 67, 69, 71, 72};

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

std::vector<CueResult> sounding(const Analysis& analysis) {
  std::vector<CueResult> rows;
  for (const CueResult& cue : analysis.cues)
    if (cue.asksForSound()) rows.push_back(cue);
  return rows;
}

double value(const Analysis& analysis, std::string_view id) {
  const auto r = std::ranges::find(analysis.readings, id, &Reading::id);
  return r == analysis.readings.end() || !r->value ? NAN : *r->value;
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

struct MovingPitch {
  const char* name;
  const char* exercise;
  std::function<double(double)> cents;  // over the share of the tone
  double bend, back, error, uneven;     // NAN: not of this kind
};
void PrintTo(const MovingPitch& m, std::ostream* out) { *out << m.name; }

class Motions : public testing::TestWithParam<MovingPitch> {};

TEST_P(Motions, AreMeasuredAsTheyWerePlayed) {
  const MovingPitch& played = GetParam();
  Context context;
  context.exercise = findExercise(played.exercise);
  context.level = findLevel("growing");
  context.asked = {60};
  constexpr double seconds = 7.5;
  const double home = 440.0 * std::exp2((60 - 69) / 12.0);
  std::vector<float> samples = sounds::tone({.f0_hz = home,
                                             .seconds = seconds,
                                             .snr_db = 50,
                                             .before_s = 0.5,
                                             .after_s = 0.5,
                                             .cents = [&](double t) { return played.cents(t / seconds); }});
  const Analysis analysis = analyse(samples, 48000.0, context);
  ASSERT_EQ(analysis.cues.size(), 1u);
  const CueResult& cue = analysis.cues[0];
  ASSERT_TRUE(cue.matched);
  const auto agrees = [](const std::optional<double>& measured, double truth, double within) {
    if (std::isnan(truth))
      EXPECT_FALSE(measured);
    else
      EXPECT_NEAR(measured.value_or(1e9), truth, within);
  };
  agrees(cue.bend->depth_cents, played.bend, 2.0);
  agrees(cue.bend->return_cents, played.back, 1.0);
  agrees(cue.pitch.glide_error_cents, played.error, 2.0);
  agrees(cue.pitch.glide_uneven_cents, played.uneven, 1.5);
}

double bentBy(double deepest, double end, double share) {  // there over the first half, back over the second
  const double way = 0.5 - 0.5 * std::cos(2.0 * M_PI * std::clamp((share - 0.1) / 0.8, 0.0, 1.0));
  return deepest * way + (share > 0.5 ? end * std::clamp((share - 0.5) / 0.4, 0.0, 1.0) : 0.0);
}
double slidTo(double end, double share) { return end * std::clamp((share - 0.04) / 0.92, 0.0, 1.0); }

/// A slide that rests 0.3 s on either note, held against the line between the middles of its first and last
/// 120 ms (which begin 50 ms inside): a triangle's RMS on either side of the middle.
double restingSlide(double way) { return way * (0.3 - 0.11) / (7.5 - 0.22) / std::sqrt(3.0); }

INSTANTIATE_TEST_SUITE_P(
    Of, Motions,
    testing::Values(MovingPitch{"half_a_step_and_back", "bend-return",
                                [](double s) { return bentBy(-50, 0, s); }, -50, 0, NAN, NAN},
                    MovingPitch{"a_step_and_not_quite_back", "bend-return",
                                [](double s) { return bentBy(-100, -14, s); }, -101.5, -14, NAN, NAN},
                    MovingPitch{"upwards", "bend-return", [](double s) { return bentBy(60, 0, s); }, 60, 0,
                                NAN, NAN},
                    MovingPitch{"an_even_slide", "slide-fifth", [](double s) { return slidTo(700, s); }, NAN,
                                NAN, 0, restingSlide(700)},
                    MovingPitch{"a_slide_too_short", "slide-fifth", [](double s) { return slidTo(640, s); },
                                NAN, NAN, -60, restingSlide(640)},
                    // Half of the way in the first quarter, the rest over the other three: its RMS about the
                    // straight line is 700 / 4 / sqrt 3.
                    MovingPitch{"a_slide_that_hurries", "slide-fifth",
                                [](double s) {
                                  return s < 0.25 ? slidTo(1400, s) - slidTo(1400, 0.0) * s
                                                  : 350.0 + 350.0 * std::clamp((s - 0.25) / 0.71, 0.0, 1.0);
                                },
                                NAN, NAN, 0, 101.0}),
    [](const auto& info) { return std::string(info.param.name); });

class Paths : public testing::TestWithParam<int> {};

TEST_P(Paths, AreHeldAgainstThePitchMomentByMoment) {
  std::mt19937 random(static_cast<unsigned>(GetParam()));
  const auto between = [&](double low, double high) {
    return std::uniform_real_distribution(low, high)(random);
  };
  constexpr double seconds = 8.0;
  const int corners = 3 + GetParam() % 4;
  std::vector<double> way;
  std::string json;
  for (int i = 0; i <= corners; ++i) {
    way.push_back(std::round(between(-250.0, 250.0)));
    json += (i ? ", [" : "[") + std::to_string(static_cast<double>(i) / corners) + ", " +
            std::to_string(way.back()) + "]";
  }
  const double sharp = between(-25.0, 25.0), astray = between(0.0, 40.0), rate_hz = between(0.3, 1.2);
  const auto card = parseExercise(R"({"id": "x", "title": "X", "family": "f", "purpose": "p", "tempo": 60,
    "cues": [{"kind": "bend", "beats": 8, "note": "home", "pitch": [)" +
                                  json + R"(]}], "readings": ["path_error_cents"]})");
  ASSERT_TRUE(card) << english(card.error());
  Context context;
  context.exercise = std::make_shared<Exercise>(*card);
  context.level = findLevel("growing");
  context.asked = {60};
  context.start_s = 0.5;
  const auto samples = sounds::tone({.f0_hz = 440.0 * std::exp2((60 - 69) / 12.0),
                                     .seconds = seconds,
                                     .snr_db = 50,
                                     .before_s = 0.5,
                                     .after_s = 0.5,
                                     .cents = [&](double t) {
                                       const double at = std::clamp(t / seconds, 0.0, 0.9999) * corners;
                                       const auto leg = static_cast<std::size_t>(at);
                                       return sharp + way[leg] +
                                              (at - std::floor(at)) * (way[leg + 1] - way[leg]) +
                                              astray * std::sin(2.0 * M_PI * rate_hz * t);
                                     }});
  const Analysis analysis = analyse(samples, 48000.0, context);
  ASSERT_EQ(analysis.cues.size(), 1u);
  // The mean of a wave that does not close is taken off as the distance is.
  double sum = 0.0, squares = 0.0;
  for (int i = 0; i < 790; ++i) {
    const double off = astray * std::sin(2.0 * M_PI * rate_hz * (0.05 + 0.01 * i));
    sum += off;
    squares += off * off;
  }
  const double truth = std::sqrt(squares / 790 - std::pow(sum / 790, 2.0));
  const CueResult& cue = analysis.cues[0];
  EXPECT_NEAR(cue.pitch.path_error_cents.value_or(1e9), truth, 0.5 + 0.02 * truth);
  EXPECT_NEAR(cue.pitch.offset_cents.value_or(1e9), sharp + sum / 790, 1.0);
  // One sound, however many notes its pitch goes through.
  EXPECT_NEAR(cue.count.place_ms.value_or(1e9), 0.0, 20.0);
  EXPECT_NEAR(cue.count.length_error_beats.value_or(1e9), 0.0, 0.03);
  EXPECT_EQ(analysis.readings[0].value, analysis.cues[0].pitch.path_error_cents);
  EXPECT_EQ(analysis.advice.at(0).id == "off-the-path", truth > 20.0);
}
INSTANTIATE_TEST_SUITE_P(Drawn, Paths, testing::Range(1, 9));

TEST(Paths, ArePlayedByTheStandIn) {
  const auto card = parseExercise(R"({"id": "x", "title": "X", "family": "f", "purpose": "p", "tempo": 60,
    "count_in": 2, "cues": [{"kind": "bend", "beats": 6, "note": "home",
    "pitch": [[0, 0], [0.3, -120], [0.6, 60], [1, 0]]}], "readings": ["path_error_cents"]})");
  Context context;
  context.exercise = std::make_shared<Exercise>(*card);
  context.level = findLevel("growing");
  context.asked = {60};
  const Performance played = perform(*findPlayer("steady"), unroll(context), context, 3);
  context.start_s = played.truth.cues.front().start_s;
  const Analysis heard = analyse(played.samples, played.rate_hz, context);
  EXPECT_LT(heard.cues[0].pitch.path_error_cents.value_or(1e9), 8.0);
  context.exercise = findExercise("bend-return");
  EXPECT_FALSE(analyse(played.samples, played.rate_hz, context).cues[0].pitch.path_error_cents);
}

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

TEST(HomeReturns, AreTheLargestDepartureFromTheFirst) {
  Scene scene;
  scene.rest(1.0);
  const std::pair<int, double> notes[] = {{60, 3.0}, {62, 5.0}, {60, 9.0}, {62, 2.0}, {60, -8.0}};
  for (const auto& [note, cents] : notes) scene.play(note, 3.9, cents).rest(0.1);
  EXPECT_NEAR(value(scene.analysed(contextOf("home-two", 60)), "home_return_cents"), -11.0, 0.3);
}

TEST(Colour, DistanceIsNothingForTheSameNoteAtAnotherLevelAndGrowsWithTheSpectrum) {
  const auto noteOf = [](double rms, int spectrum) {
    Scene scene;
    return scene.rest(0.5).play(60, 3.0, 0.0, rms, spectrum).rest(0.5).analysed({}).tones.at(0).notes.at(0);
  };
  const Note model = noteOf(0.1, 0);
  EXPECT_NEAR(*colourDistance(model, noteOf(0.02, 0)), 0.0, 0.3);
  EXPECT_GT(*colourDistance(model, noteOf(0.1, 2)), 3.0);
  Note poor = model;
  poor.harmonics_db.resize(2);
  EXPECT_FALSE(colourDistance(model, poor));
}

/// A tone whose level goes up to a peak and down again in straight lines of decibels.
sounds::ToneSpec swellSpec(double seconds, double peak_s, double depth_db) {
  return {.f0_hz = 233.08,
          .seconds = seconds,
          .before_s = 0.5,
          .after_s = 0.5,
          .amplitude =
              [=](double t) {
                const double share = t < peak_s ? t / peak_s : (seconds - t) / (seconds - peak_s);
                return std::pow(10.0, -depth_db * (1.0 - share) / 20.0);
              },
          .floor_rms = 1e-4};
}

class Swells : public testing::TestWithParam<double> {};
TEST_P(Swells, HaveTheirPeakWithinATenthOfABeat) {
  const double peak = GetParam();
  const auto samples = sounds::tone(swellSpec(4.0, peak, 18.0));
  const Analysis a = analyse(samples, 48000, contextOf("swell", 58));
  ASSERT_EQ(a.cues.size(), 1u);
  ASSERT_TRUE(a.cues[0].dynamics.peak_error_beats);
  EXPECT_NEAR(*a.cues[0].dynamics.peak_error_beats, peak - 2.0, 0.1);
}
INSTANTIATE_TEST_SUITE_P(Peaks, Swells, testing::Values(1.2, 1.6, 2.0, 2.5, 3.0));

TEST(Swell, OffTheShapeIsNothingWhenItIsFollowedAndElseTheSpread) {
  const auto tracks = trackAll(sounds::tone(swellSpec(4.0, 2.0, 14.0)), 48000);
  const auto followed = dynamicFigures(tracks, 0.55, 4.45, [](double share) {
    return -14.0 * std::abs(2.0 * (0.05 + share * 3.9) / 4.0 - 1.0);
  });
  EXPECT_NEAR(*followed.shape_error_db, 0.0, 0.15);
  // Held against no change: a triangle of 14 dB has a standard deviation of 14/√12.
  const auto level = dynamicFigures(tracks, 0.55, 4.45, [](double) { return 0.0; });
  EXPECT_NEAR(*level.shape_error_db, 14.0 * 3.9 / 4.0 / std::sqrt(12.0), 0.1);
}

TEST(Swell, PitchAndColourByLevelAreTheirSlopes) {
  auto spec = swellSpec(4.0, 2.0, 20.0);
  // Half a cent a decibel.
  spec.cents = [](double t) { return -0.5 * 20.0 * std::abs(t / 2.0 - 1.0); };
  const auto tracks = trackAll(sounds::tone(spec), 48000);
  const auto figures = dynamicFigures(tracks, 0.6, 4.4, [](double) { return 0.0; });
  EXPECT_NEAR(*figures.cents_per_db, 0.5, 0.02);
  EXPECT_NEAR(*figures.partials_per_db, 0.0, 0.01);
  auto steady = spec;
  steady.amplitude = {};
  EXPECT_FALSE(dynamicFigures(trackAll(sounds::tone(steady), 48000), 0.6, 4.4, [](double) {
                 return 0.0;
               }).cents_per_db);
}

TEST(Pulses, HaveTheirDepthAndEvenness) {
  const double depth = 6.0;
  const std::vector<double> crest = {0.0, -2.0, 0.0, -2.0, 0.0, -2.0, 0.0, -2.0};
  sounds::ToneSpec spec = {
      .f0_hz = 300.0, .seconds = 4.0, .before_s = 0.5, .after_s = 0.5, .floor_rms = 1e-4};
  spec.amplitude = [&](double t) {
    const auto pulse = static_cast<std::size_t>(std::min(7.0, t / 0.5));
    const double phase = t / 0.5 - static_cast<double>(pulse);
    const double db = crest[pulse] * std::sin(std::numbers::pi * phase) -
                      depth * 0.5 * (1.0 + std::cos(2.0 * std::numbers::pi * phase));
    return std::pow(10.0, db / 20.0);
  };
  const auto pulses = pulseFigures(trackAll(sounds::tone(spec), 48000), 0.5, 4.5, 8);
  ASSERT_TRUE(pulses);
  EXPECT_NEAR(pulses->depth_db, depth - 1.0, 0.3);  // crests 0 and -2 in turn
  EXPECT_NEAR(pulses->spread_db, 1.0, 0.1);
  EXPECT_FALSE(pulseFigures(trackAll(sounds::tone(spec), 48000), 0.5, 1.0, 8));
}

TEST(CoreGain, IsHowFarTheToneOpens) {
  auto samples = sounds::tone({.f0_hz = 233.08, .seconds = 6.0, .rms = 0.1, .snr_db = 80});
  const auto noise = sounds::noise(6.0, 0.03);
  for (std::size_t n = 0; n < samples.size(); ++n)  // the noise falls by 12 dB over six seconds
    samples[n] +=
        noise[n] * static_cast<float>(std::pow(10.0, -12.0 * static_cast<double>(n) / 288000.0 / 20.0));
  const auto figures = dynamicFigures(trackAll(samples, 48000), 0.1, 5.9, [](double) { return 0.0; });
  EXPECT_NEAR(*figures.core_gain_db, 8.0, 0.6);  // from the middle of the first third to that of the last
}

TEST(Judging, AnExploringStepIsHeldAgainstNothing) {
  Scene scene;
  const Analysis a = scene.rest(1.0).play(60, 3.0, 40.0).rest(1.0).analysed(contextOf("first-note", 60));
  for (const Reading& r : a.readings) EXPECT_FALSE(r.hasTarget) << r.id();
  EXPECT_TRUE(a.advice.empty());
}

}  // namespace
}  // namespace calando
