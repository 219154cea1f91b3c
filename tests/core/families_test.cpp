// What is for whom: cards, orders, cautions and advice as each instrument of the catalogue meets them.
#include <gtest/gtest.h>

#include <algorithm>
#include <map>
#include <set>

#include "core/care/cautions.h"
#include "core/care/ticks.h"
#include "core/exercise/context.h"
#include "core/exercise/cue_sheet.h"
#include "core/exercise/fit.h"
#include "core/judging/advice.h"
#include "core/judging/level.h"
#include "core/library/cards.h"
#include "core/library/lesson.h"

namespace calando {
namespace {

/// Of every instrument of the catalogue.
class Played : public testing::TestWithParam<std::string> {
 protected:
  const Instrument& instrument() const { return *findInstrument(GetParam()); }
  std::vector<ExercisePtr> cards() const {
    std::vector<ExercisePtr> fitting;
    for (const Exercise& card : exercises())
      if (!misfitOf(card, instrument())) fitting.push_back(findExercise(card.id));
    return fitting;
  }
  CueSheet sheetOf(const ExercisePtr& card, const std::string& level) const {
    Context context;
    context.instrument = findInstrument(GetParam());
    context.exercise = card;
    context.level = findLevel(level);
    return unroll(context);
  }
  std::vector<LessonTemplate> lessons() const { return lessonsFor(&instrument()); }
};

TEST_P(Played, IsLookedAtForWhatItIsPlayedWith) {
  const Family family = instrument().family;
  for (const ExercisePtr& card : cards()) {
    const auto looked = ticksOf(*card, &instrument());
    EXPECT_EQ(looked.empty(), !card->asksForSound() && card->ticks.empty()) << card->id;
    EXPECT_LE(looked.size(), 4u);
    const auto has = [&](std::string_view id) {
      return std::ranges::find(looked, id, &Tick::id) != looked.end();
    };
    if (family == Family::recorder) {
      EXPECT_FALSE(has("corners") || has("chin")) << card->id;
    }
    if (family == Family::flute) {
      EXPECT_FALSE(has("cheeks") || has("chin")) << card->id;
    }
    const bool bends = std::ranges::any_of(card->cues, [](const Cue& c) { return c.kind == CueKind::bend; });
    if (bends && card->ticks.empty() && card->part == PartPlayed::whole) {
      EXPECT_EQ(looked.front()->id, "jaw") << card->id;
    }
  }
}

TEST_P(Played, HasCardsThatCanBePlayedOnIt) {
  for (const ExercisePtr& card : cards()) {
    const CueSheet sheet = sheetOf(card, "starting");
    ASSERT_FALSE(sheet.cues.empty()) << card->id;
    const auto sounds = [](const auto& cues) {
      return std::ranges::count_if(cues, [](const auto& cue) { return isSounding(cue.kind); });
    };
    const bool made = card->generator.kind != Generator::Kind::none;
    if (card->asksForPartials()) {
      EXPECT_GE(sounds(sheet.cues), std::min<long>(3, sounds(card->cues))) << card->id;
    } else if (!made) {
      EXPECT_EQ(sounds(sheet.cues), sounds(card->cues)) << card->id;
    }
    const PartPlayed part = partOn(card->part, &instrument());
    for (const SheetCue& cue : sheet.cues) {
      if (!cue.note || !isSounding(cue.kind)) continue;
      const int sounding = instrument().soundingOf(*cue.note);
      const bool named = !card->whom.instruments.empty();  // notes over what the catalogue calls the range
      const bool within = part != PartPlayed::whole
                              ? rowOf(part).holds(frequencyOf(sounding, {}))
                              : sounding >= instrument().lowest && sounding <= instrument().highest;
      EXPECT_TRUE(within || named) << card->id << " " << noteName(*cue.note, Spelling::flats);
    }
  }
}

TEST_P(Played, HasItsFirstLessonItsQuarterOfAnHourAndItsSmallPart) {
  std::set<std::string> ids;
  for (const LessonTemplate& lesson : lessons()) {
    ids.insert(lesson.id);
    for (const std::string& id : lesson.exercises)
      EXPECT_FALSE(misfitOf(*findExercise(id), instrument())) << id;
    EXPECT_EQ(lesson.gated, lesson.id != "first-lesson");
    const auto small = std::ranges::count_if(
        lesson.exercises, [](const std::string& id) { return findExercise(id)->part != PartPlayed::whole; });
    EXPECT_GE(small, lesson.id == "first-lesson" ? 2 : lesson.id == "small-part" ? 4 : 0) << lesson.id;
  }
  for (const char* id : {"daily-short", "daily-quarter", "first-lesson", "full", "breath", "small-part",
                         "flexibility", "pairs"})
    EXPECT_TRUE(ids.contains(id)) << id;
  EXPECT_EQ(ids.contains("overtones"), instrument().family != Family::recorder);
}

/// What an instrument has not, as it would stand in a sentence.
std::vector<std::string> hasNot(const Instrument& instrument) {
  switch (instrument.family) {
    case Family::brass:
      return {"reed", "bite", "biting", "head joint", "crook", "barrel", "far edge", "beak", "plate"};
    case Family::singleReed:
      return {"the rim", "buzz", "valve", "far edge", "head joint", "crow", "plate", "tuning slide"};
    case Family::doubleReed:
      return {"the rim", "buzz", "mouthpiece", "valve", "far edge", "head joint", "barrel", "tuning slide"};
    case Family::flute:
      return {"the rim", "buzz", "reed", "bite", "mouthpiece", "valve", "beak", "barrel", "tuning slide"};
    case Family::recorder:
      return {"the rim",  "buzz",    "reed",          "bite",    "mouthpiece", "valve",
              "far edge", "roll it", "lips together", "corners", "barrel",     "tuning slide"};
  }
  return {};
}

std::string lowered(std::string text) {
  std::ranges::transform(text, text.begin(), [](unsigned char c) { return std::tolower(c); });
  return text;
}

TEST_P(Played, IsSpokenToOfWhatItHas) {
  std::vector<std::pair<std::string, std::string>> said;  // whose, what
  for (const ExercisePtr& card : cards()) {
    for (const std::string& text : {card->title, card->purpose}) said.emplace_back(card->id, text);
    for (const auto& [school, text] : card->schools) said.emplace_back(card->id, text);
    for (const Cue& cue : card->cues) said.emplace_back(card->id, cue.says);
    for (const Caution& caution : cautionsOf(*card, &instrument()))
      said.emplace_back(caution.id, caution.says);
  }
  for (const AdviceCard& advice : adviceCards()) {
    if (!advice.whom.holds(instrument())) continue;
    for (const std::string& text : {advice.says, advice.why}) said.emplace_back(advice.id, text);
    for (const AdviceCard::Try& one : advice.tries)
      if (one.whom.holds(instrument())) said.emplace_back(advice.id, one.says);
  }
  for (const auto& [whose, text] : said)
    for (const std::string& word : hasNot(instrument()))
      EXPECT_EQ(lowered(text).find(word), std::string::npos) << whose << ": " << text << " (" << word << ")";
}

TEST_P(Played, IsTunedByASoundThatABeginnerCanMake) {
  const int first = instrument().soundingOf(instrument().firstNote);
  EXPECT_TRUE(first >= instrument().lowest && first <= instrument().highest);
  EXPECT_GE(instrument().firstNote, instrument().comfortableLowest);
  EXPECT_LE(instrument().firstNote, instrument().comfortableHighest);
  EXPECT_GE(instrument().soundingOf(instrument().comfortableLowest), instrument().lowest);
  EXPECT_LE(instrument().soundingOf(instrument().comfortableHighest), instrument().highest);
}

std::vector<std::string> idsOfAll() {
  std::vector<std::string> ids;
  for (const Instrument& instrument : instruments()) ids.push_back(instrument.id);
  return ids;
}
INSTANTIATE_TEST_SUITE_P(On, Played, testing::ValuesIn(idsOfAll()), [](const auto& info) {
  std::string name = info.param;
  std::ranges::replace(name, '-', '_');
  return name;
});

/// What was wrong with who is taught what, one by one.
TEST(Families, DoNotMeetEachOthersCards) {
  const auto fits = [](const char* card, const char* instrument) {
    return !misfitOf(*findExercise(card), *findInstrument(instrument));
  };
  EXPECT_TRUE(fits("buzz-air-first", "horn-f"));
  for (const char* other : {"flute", "oboe", "clarinet-bb", "alto-sax", "bassoon", "recorder-alto"})
    EXPECT_FALSE(fits("buzz-air-first", other)) << other;
  EXPECT_TRUE(fits("slide-fourth", "trombone-straight"));
  EXPECT_FALSE(fits("slide-fourth", "trumpet-bb"));
  EXPECT_TRUE(fits("overblown-sixth", "tenor-sax"));
  EXPECT_FALSE(fits("overblown-sixth", "clarinet-bb"));
  EXPECT_TRUE(fits("odd-overtones", "bass-clarinet"));
  EXPECT_FALSE(fits("overtones", "clarinet-bb"));
  EXPECT_FALSE(fits("overtones", "recorder-soprano"));
  EXPECT_FALSE(fits("warm-tube", "oboe"));
  EXPECT_TRUE(fits("warm-tube", "alto-sax"));
}

/// A stopped cylinder has odd partials alone: its stairs go up them, none twice.
TEST(Families, ClarinetsClimbOddPartials) {
  Context context;
  context.instrument = findInstrument("clarinet-bb");
  context.level = findLevel("growing");
  context.exercise = findExercise("stairs-4");
  std::vector<int> partials;
  for (const SheetCue& cue : unroll(context).cues)
    if (cue.partial) partials.push_back(*cue.partial);
  EXPECT_EQ(partials, (std::vector{3, 5, 7, 9, 7, 5, 3}));
  EXPECT_EQ(misfitOf(*findExercise("stairs-5"), *context.instrument), Misfit::noOvertones);
}

/// The fourth valve of a compensating instrument leads through the loops of the others: with it all notes
/// down to the fundamental are there, and in tune; without, the low ones lie up to half a step sharp.
TEST(Families, ACompensatingEuphoniumIsInTuneBelow) {
  const Instrument& plain = *findInstrument("euphonium");
  const Instrument& compensating = *findInstrument("euphonium-compensating");
  for (const char* valves : {"14", "24", "124", "234", "1234"}) {
    const auto of = [&](const Instrument& instrument) {
      return settingNamed(valves, &instrument)->hz(&instrument, 440.0);
    };
    double tempered = 1.0;
    for (const char* valve = valves; *valve; ++valve)
      tempered *= std::exp2(-std::array{2, 1, 3, 5}[static_cast<std::size_t>(*valve - '1')] / 12.0);
    const double ideal = frequencyOf(plain.soundingOf(*plain.openFundamental), {}) * tempered;
    EXPECT_LT(std::abs(centsBetween(ideal, of(compensating))), 55.0) << valves;
    EXPECT_LT(std::abs(centsBetween(ideal, of(compensating))), 0.7 * std::abs(centsBetween(ideal, of(plain))))
        << valves;
  }
}

}  // namespace
}  // namespace calando
