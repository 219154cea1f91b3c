#include <gtest/gtest.h>

#include <algorithm>

#include "core/engine/analysis.h"
#include "core/exercise/context.h"
#include "core/exercise/cue_sheet.h"
#include "core/figures/figure.h"
#include "core/judging/level.h"
#include "core/library/cards.h"
#include "core/standin/performance.h"
#include "core/standin/player.h"

namespace calando {
namespace {

constexpr const char* kBreaths = R"({"id": "breaths", "title": "In four, out four", "family": "breath",
  "purpose": "Even air.", "tempo": 60, "count_in": 4, "display": "shown",
  "cues": [{"kind": "inhale", "beats": 4}, {"kind": "exhale", "beats": 4},
           {"kind": "inhale", "beats": 4}, {"kind": "exhale", "beats": 4}],
  "targets": {"growing": {"missing": {"high": 0, "width": 1}, "place_ms": {"low": -250, "high": 250},
                          "length_error_beats": {"low": -0.6, "high": 0.6}}},
  "readings": ["missing", "place_ms", "length_error_beats"]})";

Context breathing() {
  Context context;
  context.instrument = findInstrument("trumpet-bb");
  const auto card = parseExercise(kBreaths);
  EXPECT_TRUE(card) << english(card.error());
  context.exercise = std::make_shared<Exercise>(*card);
  context.level = findLevel("growing");
  return context;
}

const Reading& reading(const Analysis& analysis, std::string_view id) {
  return *std::ranges::find(analysis.readings, id, &Reading::id);
}

// Air is judged like tone: a card of breaths has rows, readings, verdicts and advice.
TEST(Breaths, OfACardAreMatchedMeasuredAndJudged) {
  Context context = breathing();
  const CueSheet sheet = unroll(context);
  const Performance played = perform(*findPlayer("steady"), sheet, context, 4);
  ASSERT_EQ(played.truth.airs.size(), 4u);
  EXPECT_TRUE(played.truth.tones.empty());
  context.start_s = played.truth.cues.front().start_s;
  const Analysis heard = analyse(played.samples, played.rate_hz, context);
  ASSERT_EQ(heard.cues.size(), 4u);
  for (std::size_t i = 0; i < 4; ++i) {
    SCOPED_TRACE(i);
    ASSERT_TRUE(heard.cues[i].matched);
    EXPECT_EQ(*heard.cues[i].matched, i);
    EXPECT_NEAR(*heard.cues[i].count.place_ms,
                1000.0 * (played.truth.airs[i].start_s - heard.cues[i].start_s), 60);
    EXPECT_NEAR(*heard.cues[i].count.length_beats, played.truth.airs[i].end_s - played.truth.airs[i].start_s,
                0.12);
    EXPECT_EQ(heard.cues[i].verdict, Verdict::inside);
  }
  EXPECT_EQ(reading(heard, "missing").value, 0.0);
  EXPECT_EQ(reading(heard, "place_ms").verdict, Verdict::inside);
  EXPECT_EQ(heard.advice.size(), 1u);
}

TEST(Breaths, ThatDoNotComeAreMissing) {
  Context context = breathing();
  const CueSheet sheet = unroll(context);
  Performance played = perform(*findPlayer("steady"), sheet, context, 5);
  context.start_s = played.truth.cues.front().start_s;
  // The second breath out is kept: its place is as quiet as the room.
  const auto at = [&](double s) { return static_cast<std::size_t>(s * played.rate_hz); };
  const std::size_t from = at(played.truth.cues[3].start_s - 0.2), room = at(0.05);
  for (std::size_t n = from; n < played.samples.size(); ++n)
    played.samples[n] = played.samples[room + (n - from) % at(0.4)];
  const Analysis heard = analyse(played.samples, played.rate_hz, context);
  EXPECT_FALSE(heard.cues[3].matched);
  EXPECT_EQ(heard.cues[3].verdict, Verdict::notYet);
  EXPECT_EQ(reading(heard, "missing").value, 1.0);
  EXPECT_EQ(reading(heard, "missing").verdict, Verdict::outside);
  const Analysis silence = analyse(std::vector<float>(480000, 0.0f), 48000.0, context);
  EXPECT_EQ(reading(silence, "place_ms").verdict, Verdict::notYet);
}

}  // namespace
}  // namespace calando
