#include "core/judging/judging.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <set>

#include "core/exercise/context.h"
#include "core/exercise/cue_sheet.h"
#include "core/figures/figure.h"
#include "core/figures/findings.h"
#include "core/figures/reading.h"
#include "core/judging/advice.h"
#include "core/judging/level.h"
#include "core/library/cards.h"
#include "core/signal/tracks.h"

namespace calando {
namespace {

/// A tone all of whose figures are inside the growing level's targets.
Analysis goodTake() {
  Note note{};
  note.start_s = 1.0;
  note.end_s = 12.0;
  note.f0_hz = 440.0;
  note.target_hz = 440.0;
  note.offset_cents = 2.0;
  note.wander_cents = 2.0;
  note.shake_cents = 1.0;
  note.drift_cents_per_s = 0.1;
  note.level_sd_db = 0.5;
  note.hnr_db = 25.0;
  note.tilt_db_per_octave = -8.0;
  note.subharmonic_db = -30.0;
  Tone tone{};
  tone.start_s = 1.0;
  tone.end_s = 12.0;
  tone.held_s = 11.0;
  tone.notes = {note};
  tone.onset = {0.0, 40.0, 3.0, 20.0};
  tone.release = {-2.0, -0.5};
  Analysis analysis;
  analysis.tones = {tone};
  return analysis;
}

Context growing() {
  Context context;
  context.exercise = findExercise("steady-tone");
  context.level = findLevel("growing");
  context.instrument = findInstrument("trumpet-bb");
  return context;
}

/// Without a sound: the notes are made up.
void judgeAs(Analysis& analysis, const Context& context) { judge(analysis, {}, unroll(context), context); }

Analysis judged(const std::function<void(Tone&, Note&)>& change, const Context& context = growing()) {
  Analysis analysis = goodTake();
  change(analysis.tones[0], analysis.tones[0].notes[0]);
  judgeAs(analysis, context);
  return analysis;
}

const Reading& reading(const Analysis& a, const std::string& id) {
  return *std::ranges::find(a.readings, id, &Reading::id);
}

struct AdviceCase {
  const char* id;
  std::function<void(Tone&, Note&)> fault;
};
class EachFault : public testing::TestWithParam<AdviceCase> {};
TEST_P(EachFault, GetsItsOwnAdviceWithItsFigure) {
  const Analysis analysis = judged(GetParam().fault);
  ASSERT_EQ(analysis.advice.size(), 1u);
  EXPECT_EQ(analysis.advice[0].id, GetParam().id);
  EXPECT_FALSE(analysis.advice[0].because.empty());
  EXPECT_EQ(analysis.advice[0].text.find('{'), std::string::npos) << "a figure was not filled in";
  EXPECT_FALSE(analysis.advice[0].why.empty());
}
INSTANTIATE_TEST_SUITE_P(
    Advice, EachFault,
    testing::
        Values(
            AdviceCase{"raise", [](Tone&, Note&) {}},
            AdviceCase{"too-short", [](Tone& t, Note&) { t.held_s = 4; }},
            AdviceCase{"too-short-fading", [](Tone& t, Note&) { t.held_s = 2, t.release.fade_db = -3.5; }},
            AdviceCase{"breaks",
                       [](Tone& t, Note&) {
                         t.dropouts = {{3, 0.05}, {5, 0.05}};
                       }},
            AdviceCase{"flips",
                       [](Tone& t, Note&) {
                         t.slips = {{3, 60, 64, 0.1}};
                       }},
            AdviceCase{"late-with-air", [](Tone& t, Note&) { t.onset.air_before_ms = 400; }},
            AdviceCase{"runs-out",
                       [](Tone& t, Note&) {
                         t.release = {-40, -2.5};
                       }},
            AdviceCase{"sags", [](Tone& t, Note&) { t.release.sag_cents = -40; }},
            AdviceCase{"lifts", [](Tone& t, Note&) { t.release.sag_cents = 40; }},
            AdviceCase{"fades", [](Tone& t, Note&) { t.release.fade_db = -9; }},
            AdviceCase{"swells-at-end", [](Tone& t, Note&) { t.release.fade_db = 9; }},
            AdviceCase{"scoops-in", [](Tone& t, Note&) { t.onset.scoop_cents = -60; }},
            AdviceCase{"drops-in", [](Tone& t, Note&) { t.onset.scoop_cents = 60; }},
            AdviceCase{"wanders", [](Tone&, Note& n) { n.wander_cents = 15; }},
            AdviceCase{"trembles", [](Tone&, Note& n) { n.shake_cents = 15; }},
            AdviceCase{"drifts-sharp", [](Tone&, Note& n) { n.drift_cents_per_s = 8; }},
            AdviceCase{"drifts-flat", [](Tone&, Note& n) { n.drift_cents_per_s = -8; }},
            AdviceCase{"uneven-fading",
                       [](Tone& t, Note& n) { n.level_sd_db = 4, t.release.fade_db = -3.5; }},
            AdviceCase{"uneven-level", [](Tone&, Note& n) { n.level_sd_db = 4; }},
            AdviceCase{"sharp-steady", [](Tone&, Note& n) { n.offset_cents = 30; }},
            AdviceCase{"flat-steady", [](Tone&, Note& n) { n.offset_cents = -30; }},
            AdviceCase{"flat", [](Tone&, Note& n) { n.offset_cents = -60, n.wander_cents = 7; }},
            AdviceCase{"sharp", [](Tone&, Note& n) { n.offset_cents = 60, n.wander_cents = 7; }},
            AdviceCase{"noisy", [](Tone&, Note& n) { n.hnr_db = 5; }},
            AdviceCase{"mostly-noise", [](Tone&, Note& n) { n.hnr_db = 1; }},
            AdviceCase{"swings-widely", [](Tone&, Note& n) { n.wander_cents = 45; }},
            AdviceCase{"raise-swinging", [](Tone&, Note& n) { n.vibrato = {5, 80}; }},
            AdviceCase{
                "pulses",
                [](Tone&, Note& n) {
                  n.level_sd_db = 4, n.level_wave = {2, 11};
                }},
            AdviceCase{"rings-on", [](Tone& t, Note&) { t.held_s = 4, t.release.rings_on_s = 0.9; }},
            AdviceCase{"thin", [](Tone&, Note& n) { n.tilt_db_per_octave = -25; }},
            AdviceCase{"crackles", [](Tone&, Note& n) { n.subharmonic_db = -3; }}),
    [](const auto& info) {
      std::string name = info.param.id;
      std::ranges::replace(name, '-', '_');
      return name;
    });

TEST(Advice, GoesToTheFigureFurthestOutsideInWidthsOfItsTarget) {
  // Offset ±12: 24 wide, 30 is 0.75 widths out. Wander up to 5: 8 is 0.6 widths out.
  EXPECT_EQ(judged([](Tone&, Note& n) { n.offset_cents = 30, n.wander_cents = 8; }).advice[0].because[0],
            "offset_cents");
  EXPECT_EQ(judged([](Tone&, Note& n) { n.offset_cents = 24, n.wander_cents = 8; }).advice[0].because[0],
            "wander_cents");
}

TEST(Advice, BreaksTiesByWhatATeacherMendsFirst) {
  // 10 s asked for: 5 s is half a width out, like 7.5 cents of wander and 24 cents of offset.
  const auto all = [](Tone& t, Note& n) { t.held_s = 5, n.wander_cents = 7.5, n.offset_cents = 24; };
  EXPECT_EQ(judged(all).advice[0].because[0], "held_s");
  EXPECT_EQ(judged([](Tone&, Note& n) { n.wander_cents = 7.5, n.offset_cents = 24; }).advice[0].because[0],
            "wander_cents");
}

/// What stands in braces in a text: the reading's id alone.
std::set<std::string> placesOf(const AdviceCard& card) {
  std::string all = card.says + card.why;
  for (const AdviceCard::Try& one : card.tries) all += one.says;
  std::set<std::string> ids;
  for (std::size_t at = 0; (at = all.find('{', at)) != std::string::npos; ++at)
    ids.insert(all.substr(at + 1, all.find_first_of(":}", at) - at - 1));
  return ids;
}

TEST(Advice, HasEveryFigureThatItsWordsNameOnEveryCardThatMayGiveIt) {
  for (const AdviceCard& advice : adviceCards())
    for (const Exercise& card : exercises()) {
      const auto shows = [&](const std::string& id) {
        return std::ranges::find(card.readings, id) != card.readings.end();
      };
      if ((advice.from == AdviceCard::From::smallPart) != (card.part != PartPlayed::whole)) continue;
      if (!advice.reading.empty() && !shows(advice.reading)) continue;
      for (const std::string& id : placesOf(advice))
        EXPECT_TRUE((id == "tuner" && !advice.whom.everybody()) ||
                    (id == "figure" && advice.from == AdviceCard::From::outside) || shows(id) ||
                    findFigure(id)->aside ||
                    std::ranges::any_of(advice.conditions, [&](const auto& c) { return c.reading == id; }))
            << advice.id << " on " << card.id << ": " << id;
    }
}

TEST(Advice, IsGivenForEveryFigureThatCanBeOutside) {
  for (const Exercise& card : exercises())
    for (const auto& [level, targets] : card.targets)
      for (const std::string& id : card.readings) {
        const Target* target = findTarget(id, card, *findLevel(level), nullptr);
        if (!target || !card.scored || card.part != PartPlayed::whole) continue;
        for (const bool above : {false, true}) {
          const auto& bound = above ? target->high : target->low;
          if (!bound) continue;
          Reading worst;
          worst.figure = findFigure(id);
          worst.value = *bound + (above ? 3.0 : -3.0) * target->width;
          worst.low = target->low;
          worst.high = target->high;
          worst.hasTarget = true;
          worst.excess = 3.0;
          worst.verdict = Verdict::outside;
          const auto advice = chooseAdvice({worst}, {}, nullptr, nullptr);
          ASSERT_TRUE(advice) << card.id << " " << id;
          EXPECT_EQ(advice->because.front(), id);
          EXPECT_EQ(advice->text.find("{figure}"), std::string::npos) << advice->text;
        }
      }
}

TEST(Verdicts, HaveTheirBounds) {
  const auto offset = [](double cents) {
    return reading(judged([=](Tone&, Note& n) { n.offset_cents = cents; }), "offset_cents").verdict;
  };
  EXPECT_EQ(offset(12.0), Verdict::inside);
  EXPECT_EQ(offset(-12.1), Verdict::near);
  EXPECT_EQ(offset(24.0), Verdict::near);
  EXPECT_EQ(offset(24.1), Verdict::outside);
  EXPECT_EQ(reading(judged([](Tone&, Note& n) { n.wander_cents.reset(); }), "wander_cents").verdict,
            Verdict::unmeasured);
}

TEST(Verdicts, AirBeforeIsNoFaultWhereTheCardAsksForABreathStart) {
  const auto airy = [](Tone& t, Note&) { t.onset.air_before_ms = 400; };
  EXPECT_EQ(reading(judged(airy), "air_before_ms").verdict, Verdict::outside);
  for (const OnsetWanted onset : {OnsetWanted::breath, OnsetWanted::tongued}) {
    auto card = std::make_shared<Exercise>(*growing().exercise);
    card->cues[0].onset = onset;
    Context context = growing();
    context.exercise = card;
    const bool breath = onset == OnsetWanted::breath;
    const Analysis analysis = judged(airy, context);
    EXPECT_EQ(reading(analysis, "air_before_ms").verdict, breath ? Verdict::unmeasured : Verdict::outside);
    EXPECT_EQ(reading(analysis, "air_before_ms").value, 400.0);  // measured all the same
    EXPECT_EQ(analysis.advice.at(0).id, breath ? "raise" : "late-with-air");
    card->targets["growing"]["air_before_ms"] = {Target{{}, 300.0, 200.0, {}}};
    EXPECT_EQ(reading(judged(airy, context), "air_before_ms").verdict, Verdict::near);
  }
}

TEST(Verdicts, APauseBetweenTwoNotesIsNoBreakButOneWithinANoteIs) {
  const auto breaks = [](double at_s, int secondNote) {
    return reading(judged([=](Tone& t, Note& n) {
                     Note next = n;
                     next.written = secondNote;
                     next.start_s = n.end_s + 0.1;
                     next.end_s = next.start_s + 1.0;
                     t.dropouts = {{at_s < 0.0 ? n.end_s : at_s, 0.1}};
                     t.notes.push_back(next);
                   }),
                   "dropouts")
        .value;
  };
  const int same = goodTake().tones[0].notes[0].written;
  EXPECT_EQ(breaks(-1.0, same + 2), 0.0);
  EXPECT_EQ(breaks(-1.0, same), 1.0);  // the same note stopped and came back
  EXPECT_EQ(breaks(goodTake().tones[0].start_s + 2.0, same + 2), 1.0);
}

TEST(Verdicts, AreNotYetWhenNothingOrAnotherNoteCame) {
  Analysis silent;
  judgeAs(silent, growing());
  for (const Reading& r : silent.readings) EXPECT_EQ(r.verdict, Verdict::notYet) << r.id();
  EXPECT_TRUE(silent.advice.empty());
  Context asked = growing();
  asked.asked = {60};
  EXPECT_EQ(reading(judged([](Tone&, Note&) {}, asked), "offset_cents").verdict, Verdict::notYet);
}

TEST(Verdicts, OfBeatsAreThoseOfTheCentsThatTheyAre) {
  for (const double hz : {58.27, 440.0, 987.77})
    for (const auto& [semitones, partial] : {std::pair{0.0, 1.0}, {7.0, 3.0}, {12.0, 2.0}})
      for (const auto& [cents, verdict] :
           {std::pair{3.0, Verdict::inside}, {5.0, Verdict::near}, {9.0, Verdict::outside}}) {
        Context context = growing();
        context.exercise = findExercise("unison");
        Analysis analysis;
        analysis.noiseFloor_dbfs = -70.0;
        Tone tone{};
        tone.notes.emplace_back();
        analysis.tones.push_back(tone);
        analysis.pair.emplace();
        analysis.pair->interval_semitones = semitones;
        analysis.pair->first_hz = hz;
        analysis.pair->beat_left_hz = partial * hz * (std::exp2(cents / 1200.0) - 1.0);
        judgeAs(analysis, context);
        EXPECT_EQ(reading(analysis, "beat_left_hz").verdict, verdict)
            << hz << " Hz, " << semitones << ", " << cents << " cents";
      }
}

TEST(Verdicts, OfColourAreByWhatTheTeacherAcceptedOnTheNote) {
  const auto tilt = [](double db) { return [db](Tone&, Note& n) { n.tilt_db_per_octave = db; }; };
  Context dark = growing();
  const Reading general = reading(judged(tilt(-24.0), dark), "tilt_db_per_octave");
  EXPECT_EQ(general.verdict, Verdict::outside) << "thin, for everybody";
  dark.own = {{"tilt_db_per_octave", -22.5}};
  EXPECT_EQ(reading(judged(tilt(-24.0), dark), "tilt_db_per_octave").verdict, Verdict::inside);
  EXPECT_EQ(reading(judged(tilt(-28.0), dark), "tilt_db_per_octave").verdict, Verdict::outside);
  dark.own = {{"tilt_db_per_octave", -10.0}};
  EXPECT_EQ(reading(judged(tilt(-14.8), dark), "tilt_db_per_octave").verdict, Verdict::outside)
      << "good enough for others, and not what this player can";
}

TEST(Verdicts, SecondsAskedForReplaceTheLevels) {
  Context context = growing();
  context.askedSeconds = 5.0;
  const Analysis analysis = judged([](Tone& t, Note&) { t.held_s = 6.0; }, context);
  EXPECT_EQ(reading(analysis, "held_s").verdict, Verdict::inside);
  EXPECT_EQ(reading(analysis, "held_s").low, 5.0);
}

TEST(Verdicts, AreOfWhatIsWrittenNotOfWhatIsBehindIt) {
  Context context = growing();
  context.askedSeconds = 10.0;
  for (const auto& [held_s, verdict] : {std::pair{9.96, Verdict::inside}, {9.94, Verdict::near}}) {
    const Analysis analysis = judged([&](Tone& t, Note&) { t.held_s = held_s; }, context);
    EXPECT_EQ(reading(analysis, "held_s").verdict, verdict) << held_s;
  }
  const double most = *reading(judged([](Tone&, Note&) {}), "wander_cents").high;
  EXPECT_EQ(reading(judged([&](Tone&, Note& n) { n.wander_cents = most + 0.04; }), "wander_cents").verdict,
            Verdict::inside);
}

TEST(Verdicts, OfANoteAreThoseOfWhatIsCountedInIt) {
  const auto rowOf = [](const Analysis& analysis) { return analysis.cues.front().verdict; };
  EXPECT_EQ(rowOf(judged([](Tone&, Note&) {})), Verdict::inside);
  Dropout inside{};
  inside.at_s = 4.0;
  inside.length_s = 0.08;
  const Analysis broken = judged([&](Tone& t, Note&) { t.dropouts = {inside}; });
  EXPECT_EQ(rowOf(broken), reading(broken, "dropouts").verdict);
  EXPECT_NE(rowOf(broken), Verdict::inside);
}

TEST(Targets, OfAFamilyHoldOnlyForIt) {
  Context flute = growing();
  flute.instrument = findInstrument("flute");
  EXPECT_FALSE(reading(judged([](Tone&, Note&) {}, flute), "tilt_db_per_octave").hasTarget);
  EXPECT_TRUE(reading(judged([](Tone&, Note&) {}), "tilt_db_per_octave").hasTarget);
}

TEST(Catalogues, AreConsistentAndAskMoreLevelByLevel) {
  std::set<std::string> ids;
  for (const AdviceCard& card : adviceCards()) EXPECT_TRUE(ids.insert(card.id).second) << card.id;
  EXPECT_GE(ids.size(), 15u);
  ASSERT_EQ(levels().size(), 3u);
  for (std::size_t i = 1; i < levels().size(); ++i)
    for (const auto& [id, several] : levels()[i].targets)
      for (const Instrument& instrument : instruments()) {
        const Target* target = targetIn(levels()[i].targets, id, &instrument);
        const Target* easier = targetIn(levels()[i - 1].targets, id, &instrument);
        ASSERT_EQ(target != nullptr, easier != nullptr) << id << " on " << instrument.id;
        if (target && target->low) {
          EXPECT_GE(*target->low, *easier->low) << id << " on " << instrument.id;
        }
        if (target && target->high) {
          EXPECT_LE(*target->high, *easier->high) << id << " on " << instrument.id;
        }
      }
}

TEST(Catalogues, RefuseWhatTheyDoNotKnow) {
  EXPECT_FALSE(parseLevels(R"([{"id":"x","label":"X","targets":{"shininess":{"low":1}}}])"));
  EXPECT_FALSE(parseLevels(R"([{"id":"x","label":"X","targets":{"dropouts":{"high":0}}}])"));  // no width
  EXPECT_FALSE(parseExercises(R"([{"id":"x","title":"X","purpose":"","cues":[],"readings":["shininess"]}])"));
  EXPECT_FALSE(parseAdvice("{not json"));
}

}  // namespace
}  // namespace calando
