#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>

#include "core/engine/analysis.h"
#include "core/exercise/context.h"
#include "core/exercise/cue_sheet.h"
#include "core/exercise/fit.h"
#include "core/judging/judging.h"
#include "core/judging/level.h"
#include "core/library/cards.h"
#include "core/standin/performance.h"
#include "core/standin/player.h"
#include "support/signals.h"

namespace calando {
namespace {

/// GoogleTest's names have no dashes.
std::string nameOfTest(std::string id) {
  std::ranges::replace(id, '-', '_');
  return id;
}

class EveryPlayer : public testing::TestWithParam<std::string> {};

// The stand-in knows its truth; what is measured of its sound agrees with it.
TEST_P(EveryPlayer, IsMeasuredAsItPlayed) {
  for (const char* id : {"trumpet-bb", "flute", "clarinet-bb", "tuba-bb"}) {
    const Instrument& instrument = *findInstrument(id);
    const Part part{&instrument, instrument.soundingOf(instrument.firstNote), 6.0, {}};
    const Performance p = perform(*findPlayer(GetParam()), part, 11);
    Context context;
    context.instrument = &instrument;
    context.asked = {instrument.writtenOf(part.sounding)};
    const Analysis heard = analyse(p.samples, p.rate_hz, context);
    ASSERT_EQ(heard.tones.size(), 1u) << id;
    const Tone& got = heard.tones[0];
    const Tone& truth = p.truth.tones[0];
    // Room reflections and noise on top of the figures' own tolerance.
    EXPECT_NEAR(got.start_s, truth.start_s, 0.02) << id;
    EXPECT_NEAR(got.held_s, truth.held_s, 0.04) << id;
    EXPECT_EQ(got.dropouts.size(), truth.dropouts.size()) << id;
    EXPECT_EQ(got.slips.size(), truth.slips.size()) << id;
    ASSERT_EQ(got.notes.size(), 1u) << id;
    EXPECT_NEAR(got.notes[0].offset_cents.value(), truth.notes[0].offset_cents.value(), 1.5) << id;
    EXPECT_NEAR(got.notes[0].hnr_db.value(), truth.notes[0].hnr_db.value(), 3.0) << id;
    EXPECT_EQ(got.notes[0].vibrato.has_value(), truth.notes[0].vibrato.has_value()) << id;
    EXPECT_NEAR(got.release.sag_cents.value(), truth.release.sag_cents.value(), 3.0) << id;
  }
}
INSTANTIATE_TEST_SUITE_P(Players, EveryPlayer,
                         testing::Values("steady", "sagging", "scooping", "breathy", "vibrato",
                                         "short-of-air", "breaking", "flat-steady", "slipping"),
                         [](const auto& info) { return nameOfTest(info.param); });

struct OnInstrument {
  std::string exercise;
  const char* instrument;
  const char* player;
};
class EveryCard : public testing::TestWithParam<OnInstrument> {};

// Every card that ships, played as asked: each cue has its own sound, in tune and in place as the truth says.
TEST_P(EveryCard, IsFoundCueByCueAsItWasPlayed) {
  const OnInstrument& given = GetParam();
  Context context;
  context.instrument = findInstrument(given.instrument);
  context.exercise = findExercise(given.exercise);
  context.level = findLevel("growing");
  context.asked = {context.instrument->firstNote};
  context.askedSeconds = 4.0;
  if (context.exercise->counted()) {
    double fewest = 4.0;  // beats
    for (const Cue& cue : context.exercise->cues)
      if (isSounding(cue.kind)) fewest = std::min(fewest, cue.length.value);
    context.tempo_bpm = fewest * context.exercise->tempo_bpm / 2.0;  // the shortest two seconds at 60
  }
  const CueSheet sheet = unroll(context);
  const Performance played = perform(*findPlayer(given.player), sheet, context, 21);
  if (sheet.counted()) context.start_s = played.truth.cues.front().start_s;
  const Analysis heard = analyse(played.samples, played.rate_hz, context);
  ASSERT_EQ(heard.cues.size(), played.truth.cues.size());
  // The periods of a buzz stray about the pitch that it is given.
  const bool buzz = context.partPlayed() != PartPlayed::whole;
  EXPECT_NEAR(sounds::cents(heard.reference.a4_hz, played.truth.reference.a4_hz), 0.0, buzz ? 4.0 : 0.5);
  EXPECT_EQ(heard.reference.just, played.truth.reference.just);
  for (std::size_t c = 0; c < sheet.cues.size(); ++c) {
    const CueResult& cue = heard.cues[c];
    if (!cue.asksForSound()) continue;
    SCOPED_TRACE(given.exercise + ", cue " + std::to_string(c + 1));
    // Without a count a cue begins with its sound.
    EXPECT_NEAR(cue.start_s, played.truth.cues[c].start_s, sheet.counted() ? 1e-9 : 0.04);
    ASSERT_TRUE(cue.matched);
    const CueResult& row = played.truth.cues[c];
    const Tone& truth = played.truth.tones[*row.matched];
    const Tone& tone = heard.tones[*cue.matched];
    // What moves is no one note.
    if (const CueKind kind = sheet.cues[c].kind;
        kind == CueKind::bend || kind == CueKind::glide || kind == CueKind::drop) {
      EXPECT_NEAR(tone.start_s, truth.start_s, 0.03);
      EXPECT_NEAR(tone.end_s, truth.end_s, 0.05);
      continue;
    }
    ASSERT_TRUE(cue.note);
    const Note& note = tone.notes[*cue.note];
    const Note& played_note = truth.notes[*row.note];
    EXPECT_NEAR(note.start_s, played_note.start_s, 0.05);
    EXPECT_NEAR(note.end_s, played_note.end_s, 0.05);
    EXPECT_EQ(note.asked, context.exercise->surprises() ? std::nullopt : std::optional(played_note.written));
    EXPECT_NEAR(note.f0_hz / played_note.f0_hz, 1.0, buzz ? 0.0035 : 0.0015);
  }
  for (const Reading& r : heard.readings)
    if (r.id() == "missing" || r.id() == "slips") {
      EXPECT_EQ(r.value, 0.0) << r.id();
    }
}

std::vector<OnInstrument> everyCard() {
  constexpr const char* ids[] = {"trumpet-bb", "flute", "clarinet-bb", "bassoon", "tuba-bb", "alto-sax"};
  std::vector<OnInstrument> all;
  for (const Exercise& e : exercises()) {
    const char* on = ids[all.size() % std::size(ids)];
    if (misfitOf(e, findInstrument(on)))
      on =
          std::ranges::find_if(instruments(), [&](const auto& one) { return !misfitOf(e, one); })->id.c_str();
    all.push_back({e.id, on, all.size() % 3 == 2 ? "flat-steady" : "steady"});
  }
  return all;
}
INSTANTIATE_TEST_SUITE_P(ThatShips, EveryCard, testing::ValuesIn(everyCard()),
                         [](const auto& info) { return nameOfTest(info.param.exercise); });

TEST(StandIn, PlaysTheSameForTheSameSeedAndElseNot) {
  const Part part{findInstrument("oboe"), 67, 2.0, {}};
  const Player& player = *findPlayer("steady");
  EXPECT_EQ(perform(player, part, 5).samples, perform(player, part, 5).samples);
  EXPECT_NE(perform(player, part, 5).samples, perform(player, part, 6).samples);
}

TEST(StandIn, StaysWithinFullScaleOnEveryInstrument) {
  for (const Instrument& instrument : instruments()) {
    const Performance p = perform(*findPlayer("steady"),
                                  {&instrument, instrument.soundingOf(instrument.firstNote), 1.5, {}}, 1);
    float peak = 0.0f;
    for (const float x : p.samples) peak = std::max(peak, std::abs(x));
    EXPECT_LT(peak, 0.95f) << instrument.id;
    EXPECT_GT(peak, 0.05f) << instrument.id;
  }
}

}  // namespace
}  // namespace calando
