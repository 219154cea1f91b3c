// The first lesson, the first week and the eighth of beginners on ten instruments, played by the stand-in:
// what is heard is what was played, is judged, and what is said of it fits who played.
#include <gtest/gtest.h>

#include <algorithm>
#include <set>

#include "core/engine/analysis.h"
#include "core/exercise/context.h"
#include "core/exercise/cue_sheet.h"
#include "core/judging/advice.h"
#include "core/judging/judging.h"
#include "core/judging/level.h"
#include "core/library/cards.h"
#include "core/library/lesson.h"
#include "core/standin/performance.h"
#include "core/standin/player.h"
#include "core/ten_instruments.h"

namespace calando {
namespace {

class FirstWeeks : public testing::TestWithParam<std::string> {
 protected:
  const Instrument& instrument() const { return *findInstrument(GetParam()); }
  std::set<std::string> cardsOf(std::string_view lesson) const {
    for (const LessonTemplate& one : lessonsFor(&instrument()))
      if (one.id == lesson) return {one.exercises.begin(), one.exercises.end()};
    return {};
  }
  Analysis played(const Exercise& card, const char* level, const char* player) const {
    Context context;
    context.instrument = &instrument();
    context.exercise = findExercise(card.id);
    context.level = findLevel(level);
    if (card.part == PartPlayed::whole) context.asked = {instrument().firstNote};
    context.askedSeconds = 2.5;
    if (card.asksForPartials()) {
      context.fingering = openSetting(instrument());
      context.asked.clear();
    }
    double fewest = 4.0;  // beats; the shortest takes a second
    for (const Cue& cue : card.cues)
      if (isSounding(cue.kind)) fewest = std::min(fewest, cue.length.value);
    if (card.counted()) context.tempo_bpm = std::max(card.tempo_bpm, 60.0 * fewest);
    const CueSheet sheet = unroll(context);
    const Performance performed = perform(*findPlayer(player), sheet, context, 7);
    if (sheet.counted()) context.start_s = performed.truth.cues.front().start_s;
    return analyse(performed.samples, performed.rate_hz, context);
  }
};

TEST_P(FirstWeeks, AreHeardAndJudgedAsTheyArePlayed) {
  std::set<std::string> met;
  for (const auto& [lesson, level] :
       {std::pair{"first-lesson", "starting"}, {"daily-quarter", "starting"}, {"full", "growing"}})
    for (const std::string& id : cardsOf(lesson)) {
      const Exercise& card = *findExercise(id);
      if (!card.asksForTones() || !met.insert(id).second) continue;
      SCOPED_TRACE(id);
      const Analysis heard = played(card, level, "steady");
      EXPECT_FALSE(heard.tones.empty());
      int missing = 0, asked = 0;
      for (const CueResult& cue : heard.cues) {
        asked += cue.asksForSound();
        missing += cue.asksForSound() && !cue.matched;
      }
      EXPECT_EQ(missing, 0) << "of " << asked;
      if (!card.scored) continue;
      EXPECT_NE(overallVerdict(heard.readings), Verdict::notYet);
      EXPECT_NE(overallVerdict(heard.readings), Verdict::unmeasured);
      ASSERT_EQ(heard.advice.size(), 1u);
      EXPECT_TRUE(heard.advice[0].card->whom.holds(instrument())) << heard.advice[0].id;
      EXPECT_EQ(heard.advice[0].text.find('{'), std::string::npos) << heard.advice[0].text;
    }
  EXPECT_GE(met.size(), 12u);
}

TEST_P(FirstWeeks, BeginWithHelpForWhoeverMakesNoSound) {
  for (const std::string& id : cardsOf("first-lesson")) {
    const Exercise& card = *findExercise(id);
    if (!card.asksForTones() || !card.scored) continue;
    const Analysis heard = played(card, "starting", "buzz-air-only");
    ASSERT_EQ(heard.advice.size(), 1u) << id;
    const AdviceCard& advice = *heard.advice[0].card;
    if (!heard.tones.empty()) continue;  // who plays all of it plays a tone
    EXPECT_TRUE(advice.observes()) << id << ": " << advice.id;
    EXPECT_TRUE(advice.whom.holds(instrument())) << id << ": " << advice.id;
    EXPECT_FALSE(advice.whom.everybody()) << id << ": by instrument";
    EXPECT_FALSE(advice.tries.empty());
  }
}

INSTANTIATE_TEST_SUITE_P(On, FirstWeeks, testing::ValuesIn(kTenInstruments));

}  // namespace
}  // namespace calando
