#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>

#include "core/exercise/accompaniment.h"
#include "core/exercise/context.h"
#include "core/exercise/cue_sheet.h"
#include "core/exercise/fit.h"
#include "core/exercise/note_range.h"
#include "core/figures/findings.h"
#include "core/judging/history.h"
#include "core/library/cards.h"
#include "core/library/lesson.h"

namespace calando {
namespace {

std::string card(const std::string& rest) {
  return R"({"id": "x", "title": "X", "family": "long tones", "purpose": "p", "readings": ["offset_cents"], )" +
         rest + "}";
}

TEST(Cards, AreTheSameAfterBeingWrittenAndRead) {
  for (const Exercise& shipped : exercises()) {
    const std::string text = toText(shipped);
    const auto again = parseExercise(text);
    ASSERT_TRUE(again) << shipped.id << ": " << english(again.error());
    EXPECT_EQ(toText(*again), text);
    EXPECT_EQ(again->cues.size(), shipped.cues.size());
    EXPECT_EQ(again->readings, shipped.readings);
  }
}

TEST(Cards, AskForThingsThatEveryInstrumentCanPlay) {
  for (const Exercise& exercise : exercises())
    for (const Instrument& instrument : instruments()) {
      if (misfitOf(exercise, instrument)) continue;
      Context context;
      context.exercise = findExercise(exercise.id);
      context.instrument = &instrument;
      const CueSheet sheet = unroll(context);
      const auto heard =
          std::ranges::count_if(sheet.cues, [](const SheetCue& c) { return isAudible(c.kind); });
      EXPECT_EQ(heard > 0, exercise.asksForSound()) << exercise.id << " on " << instrument.id;
      double reached = 0.0;
      for (const SheetCue& cue : sheet.cues) {
        EXPECT_DOUBLE_EQ(cue.start_s, reached) << exercise.id;
        reached = cue.end_s();
        // Notes that a card names for its own instruments may be over what the catalogue calls the range.
        if (!cue.note || !exercise.whom.instruments.empty()) continue;
        const int sounding = instrument.soundingOf(*cue.note);
        const PartPlayed part = partOn(exercise.part, &instrument);
        EXPECT_TRUE(part == PartPlayed::whole
                        ? sounding >= instrument.lowest && sounding <= instrument.highest
                        : rowOf(part).holds(context.hzOf(*cue.note)))
            << exercise.id << " on " << instrument.id << ": " << sounding;
      }
    }
}

struct BadCard {
  const char* name;
  const char* rest;
  const char* place;
  const char* remedy;
};
class BadCards : public testing::TestWithParam<BadCard> {};
TEST_P(BadCards, AreRefusedWithPlaceAndRemedyInOneLine) {
  const auto parsed = parseExercise(card(GetParam().rest));
  ASSERT_FALSE(parsed);
  EXPECT_NE(english(parsed.error()).find(GetParam().place), std::string::npos) << english(parsed.error());
  EXPECT_NE(english(parsed.error()).find(GetParam().remedy), std::string::npos) << english(parsed.error());
  EXPECT_EQ(english(parsed.error()).find('\n'), std::string::npos);
}
INSTANTIATE_TEST_SUITE_P(
    For, BadCards,
    testing::Values(
        BadCard{"no_cues", R"("cues": [])", "cues", "at least one cue"},
        BadCard{"a_kind", R"("cues": [{"kind": "tone"}, {"kind": "shout"}])", "cue 2", "one of inhale"},
        BadCard{"a_key", R"("cues": [{"kind": "tone", "beat": 4}])", "cue 1", "correct its spelling"},
        BadCard{"beats_without_tempo", R"("cues": [{"kind": "tone", "beats": 4}])", "cue 1", "tempo"},
        BadCard{"a_note", R"("cues": [{"kind": "tone", "note": "H4"}])", "cue 1", "like \"Bb4\""},
        BadCard{"a_degree", R"("cues": [{"kind": "tone", "note": {"degree": 0}}])", "cue 1", "1 to 48"},
        BadCard{"an_open_rest", R"("cues": [{"kind": "rest"}])", "cue 1", "needs beats or seconds"},
        BadCard{"loudness", R"("cues": [{"kind": "swell", "loudness": [[0.5, 0], [0.2, -6]]}])", "cue 1",
                "must grow"},
        BadCard{"a_path", R"("cues": [{"kind": "bend", "pitch": [[0, 0], [1, -9000]]}])", "cue 1",
                "-2400 to 2400"},
        BadCard{"each", R"("cues": [{"kind": "tone", "note": "each"}])", "generator", "need one another"},
        BadCard{"tempo", R"("tempo": 1000, "cues": [{"kind": "tone"}])", "tempo", "20 to 400"},
        BadCard{"a_target", R"("targets": {"growing": {"offset_cents": {}}}, "cues": [{"kind": "tone"}])",
                "targets of growing", "needs \"low\" or \"high\""},
        BadCard{"pulses", R"("cues": [{"kind": "pulse"}])", "cue 1", "number of pulses"}),
    [](const auto& info) { return std::string(info.param.name); });

TEST(Cards, ThatAreNoJsonAreSaidSo) {
  EXPECT_NE(english(parseExercise("{\"id\": ").error()).find("no JSON"), std::string::npos);
}

Exercise parsed(const std::string& rest) {
  auto exercise = parseExercise(card(rest));
  EXPECT_TRUE(exercise) << (exercise ? "" : english(exercise.error()));
  return exercise ? *exercise : Exercise{};
}

TEST(Cards, NotesAreWrittenAsTheyAreRead) {
  for (const char* text : {"any", "home", "each", "Bb4", "degree 5", "interval -3", "partial 7"}) {
    const auto note = parseCueNote(text);
    ASSERT_TRUE(note) << english(note.error());
    EXPECT_EQ(nameOf(*note), text);
  }
  for (const char* text : {"", "degree", "degree x", "degree 99", "finger 3", "H9"})
    EXPECT_FALSE(parseCueNote(text)) << text;
}

std::vector<int> notesAskedFor(const std::string& rest, int home = 60) {
  Context context;
  context.exercise = std::make_shared<Exercise>(parsed(rest));
  context.asked = {home};
  std::vector<int> notes;
  for (const SheetCue& cue : unroll(context).cues)
    if (cue.note) notes.push_back(*cue.note);
  return notes;
}

TEST(CueSheet, GeneratesScalesChromaticsSeriesAndNeighbours) {
  const auto generated = [](const char* kind, int count) {
    return notesAskedFor(R"("cues": [{"kind": "tone", "note": "each"}], "generator": {"kind": ")" +
                         std::string(kind) + R"(", "count": )" + std::to_string(count) + "}");
  };
  using Notes = std::vector<int>;
  EXPECT_EQ(generated("scale", 8), (Notes{60, 62, 64, 65, 67, 69, 71, 72}));
  EXPECT_EQ(generated("scale", -8), (Notes{60, 59, 57, 55, 53, 52, 50, 48}));
  EXPECT_EQ(generated("chromatic", -3), (Notes{60, 59, 58}));
  EXPECT_EQ(generated("series", 6), (Notes{60, 72, 79, 84, 88, 91}));
  EXPECT_EQ(generated("outward", 5), (Notes{61, 59, 62, 58, 63}));
  EXPECT_EQ(
      notesAskedFor(R"("cues": [{"kind": "tone", "note": "home"}, {"kind": "tone", "note": {"degree": 5}},
      {"kind": "tone", "note": {"interval": -1}}, {"kind": "tone", "note": {"partial": 3}},
      {"kind": "tone", "note": "Bb3"}])"),
      (Notes{60, 67, 59, 79, 58}));
}

TEST(CueSheet, CountsBeatsAtItsTempoAndKeepsSeconds) {
  Context context;
  context.exercise = std::make_shared<Exercise>(parsed(
      R"("tempo": 60, "count_in": 3, "cues": [{"kind": "tone", "beats": 4}, {"kind": "rest", "beats": 2},
         {"kind": "tone", "seconds": 2.5}, {"kind": "rest", "beats": 1}])"));
  context.tempo_bpm = 120.0;
  const CueSheet sheet = unroll(context);
  ASSERT_EQ(sheet.cues.size(), 3u);  // nobody waits for the last rest
  EXPECT_DOUBLE_EQ(sheet.countIn_s(), 1.5);
  EXPECT_DOUBLE_EQ(sheet.cues[2].start_s, 3.0);
  EXPECT_DOUBLE_EQ(sheet.length_s(), 5.5);
}

TEST(CueSheet, OfOneToneIsOneForEveryNoteAskedFor) {
  Context context;
  context.exercise = findExercise("steady-tone");
  context.asked = {60, 62, 64};
  context.askedSeconds = 3.0;
  const CueSheet sheet = unroll(context);
  ASSERT_EQ(sheet.cues.size(), 3u);
  EXPECT_EQ(notesOf(sheet), (std::vector<int>{60, 62, 64}));
  EXPECT_TRUE(sheet.cues[1].open);
  EXPECT_DOUBLE_EQ(sheet.cues[1].start_s, 3.0);
}

TEST(CueSheet, LeavesOutWhatTheInstrumentHasNotButNeverWhatIsAskedForByName) {
  Context context;
  context.instrument = findInstrument("recorder-soprano");
  const int highest = context.instrument->writtenOf(context.instrument->highest);
  for (const int above : {0, 5}) {
    context.asked = {highest + above};
    context.exercise = findExercise("scale-4-4");
    EXPECT_EQ(notesOf(unroll(context)), (std::vector<int>{highest + above}));
    context.exercise = findExercise("home-three");
    EXPECT_EQ(notesOf(unroll(context)), (std::vector<int>{highest + above}));
    context.exercise = findExercise("steady-tone");
    EXPECT_EQ(notesOf(unroll(context)), (std::vector<int>{highest + above}));
  }
}

TEST(CueSheet, KeepsToThePlayersRangeButAsksForWhatIsNamed) {
  Context context;
  context.instrument = findInstrument("trumpet-bb");
  context.exercise = findExercise("scale-4-4");
  context.range = {60, 65};  // C4 to F4
  context.asked = {60};
  EXPECT_EQ(notesOf(unroll(context)), (std::vector<int>{60, 62, 64, 65}));
  context.range.highest.reset();
  EXPECT_EQ(notesOf(unroll(context)).back(), 72);
  context.asked = {77};  // what is named is asked for, its line within the range
  context.range.highest = 65;
  EXPECT_EQ(notesOf(unroll(context)), (std::vector<int>{77}));
  for (const NoteRange range : {NoteRange{48, 55}, NoteRange{74, 81}, NoteRange{{}, 55}, NoteRange{74, {}}})
    for (const char* id : {"scale-4-4", "home-three", "model-note", "chromatic-down"}) {
      context.exercise = findExercise(id);
      context.range = range;
      context.asked.clear();  // the home note is one that the player has
      for (const int note : notesOf(unroll(context))) EXPECT_TRUE(range.holds(note)) << id << " " << note;
      context.asked = {65};
      for (const int note : notesOf(unroll(context)))
        EXPECT_TRUE(note == 65 || range.holds(note)) << id << " " << note;
    }
}

TEST(CueSheet, SpellsScalesByTheirKey) {
  const auto spelled = [](const char* exercise, int home) {
    Context context;
    context.exercise = findExercise(exercise);
    context.asked = {home};
    std::string names;
    for (const int note : notesOf(unroll(context)))
      names += pitchClassName(note % 12, spellingFor(context)) + " ";
    return names;
  };
  EXPECT_EQ(spelled("scale-4-4", 67), "G A B C D E F# G ");
  EXPECT_EQ(spelled("scale-4-4", 65), "F G A Bb C D E F ");
  EXPECT_EQ(spelled("home-three", 64), "E F# G# ");
  EXPECT_EQ(spelled("chromatic-down", 67), "G Gb F E Eb D ");  // no key: as the instrument prefers
}

TEST(CueSheet, SpellsPartialsByTheRootOfTheirTube) {
  Context context;
  context.instrument = findInstrument("trumpet-bb");
  context.exercise = findExercise("overtones");
  for (const auto& [valves, spelling] :
       {std::pair{"12", Spelling::sharps}, {"23", Spelling::flats}, {"1", Spelling::flats}}) {
    const auto tube = settingNamed(valves, context.instrument);
    ASSERT_TRUE(tube) << valves;
    context.fingering = *tube;
    EXPECT_EQ(spellingFor(context), spelling) << valves << " " << context.fingering->written;
  }
}

TEST(CueSheet, KnowsWhatAMomentMeans) {
  Context context;
  context.exercise = findExercise("scale-4-4");
  context.asked = {60};
  const CueSheet sheet = unroll(context);
  const SheetMoment before = momentOf(sheet, -1.5);
  EXPECT_EQ(before.countInLeft, 2);
  EXPECT_FALSE(before.current);
  EXPECT_EQ(before.next, 0u);
  EXPECT_DOUBLE_EQ(before.toNext_beats, 1.5);
  const SheetMoment inRest = momentOf(sheet, 5.25);
  EXPECT_EQ(inRest.countInLeft, 0);
  EXPECT_EQ(inRest.current, 1u);
  EXPECT_EQ(inRest.next, 2u);
  EXPECT_DOUBLE_EQ(inRest.sinceBeat_s, 0.25);
  EXPECT_DOUBLE_EQ(inRest.toNext_beats, 2.75);
  EXPECT_TRUE(momentOf(sheet, sheet.length_s()).over);
}

TEST(Accompaniment, HasItsClicksOnTheBeatsToTheSample) {
  Context context;
  context.exercise = findExercise("swell");
  context.tempo_bpm = 90.0;
  const CueSheet sheet = unroll(context);
  const auto heard = render({.click = true, .fork_hz = {}, .drone_hz = {}}, sheet, 48000.0);
  ASSERT_EQ(heard.size(), static_cast<std::size_t>(48000 * 8 * 60 / 90));  // four beats in, four of the swell
  for (int beat = 0; beat < 8; ++beat) {
    const auto at = static_cast<std::size_t>(beat * 32000);
    EXPECT_EQ(beat > 0 ? heard[at - 1] : 0.0f, 0.0f) << beat;
    EXPECT_NEAR(heard[at], 0.0f, 1e-6f) << beat;  // a sine from its zero
    EXPECT_GT(std::abs(heard[at + 2]), 0.02f) << beat;
  }
}

TEST(Accompaniment, AForkFadesAndADroneStays) {
  Context context;
  context.exercise = findExercise("scale-4-4");
  const CueSheet sheet = unroll(context);
  const auto rms = [](const std::vector<float>& x, double from, double to) {
    double sum = 0.0;
    for (auto n = static_cast<std::size_t>(from * 48000); n < static_cast<std::size_t>(to * 48000); ++n)
      sum += static_cast<double>(x[n]) * x[n];
    return std::sqrt(sum / ((to - from) * 48000));
  };
  const auto fork = render({.click = false, .fork_hz = 440.0, .drone_hz = {}}, sheet, 48000.0);
  EXPECT_LT(rms(fork, 5.5, 5.9), 0.02 * rms(fork, 0.1, 0.5));
  EXPECT_EQ(rms(fork, 6.1, 10.0), 0.0);
  const auto drone = render({.click = false, .fork_hz = {}, .drone_hz = 220.0}, sheet, 48000.0);
  EXPECT_NEAR(rms(drone, 50.0, 51.0), rms(drone, 1.0, 2.0), 1e-4);
}

TEST(Shape, IsStraightBetweenItsPoints) {
  const Shape shape = {{0, -12}, {0.5, 0}, {1, -6}};
  EXPECT_DOUBLE_EQ(valueAt(shape, 0.25), -6.0);
  EXPECT_DOUBLE_EQ(valueAt(shape, 0.75), -3.0);
  EXPECT_DOUBLE_EQ(valueAt(shape, -1.0), -12.0);
  EXPECT_DOUBLE_EQ(valueAt(shape, 2.0), -6.0);
  EXPECT_DOUBLE_EQ(valueAt({}, 0.3), 0.0);
}

}  // namespace
}  // namespace calando
