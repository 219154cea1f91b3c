// The sounds of those who need it most, with a card.
#include <gtest/gtest.h>

#include <cmath>

#include "core/engine/analysis.h"
#include "core/exercise/context.h"
#include "core/exercise/exercise.h"
#include "core/figures/figure_input.h"
#include "core/figures/findings.h"
#include "core/figures/reading.h"
#include "core/figures/verdict.h"
#include "core/judging/judging.h"
#include "core/judging/level.h"
#include "core/library/cards.h"
#include "core/measure/edges/sounds.h"
#include "support/beginners.h"
#include "support/dice.h"

namespace calando {
namespace {

using sounds::Dice;

/// One after the other, each with its own soft ends.
std::vector<float> oneByOne(const std::vector<sounds::Beginner>& tones) {
  std::vector<float> all;
  for (const sounds::Beginner& tone : tones) {
    const auto one = sounds::beginner(tone);
    all.insert(all.end(), one.begin(), one.end());
  }
  return all;
}

/// A scale with one note in another place, by up to a fifth; what is wrong with what is said of it.
std::string wrongWithScale(Dice& dice) {
  constexpr int kSteps[] = {0, 2, 4, 5, 7, 9, 11, 12};
  const int home = static_cast<int>(dice(38, 70));
  const auto at = static_cast<std::size_t>(dice(1, 7));
  const double off = dice(0.6, 7.0) * (dice(0, 1) < 0.5 ? -1.0 : 1.0);
  const double spread = dice(0.0, 12.0);  // cents, of the others
  Context context;
  context.exercise = findExercise("steady-tone");
  context.level = findLevel("growing");
  std::vector<sounds::Beginner> tones;
  for (std::size_t i = 0; i < std::size(kSteps); ++i) {
    context.asked.push_back(home + kSteps[i]);
    sounds::Beginner b;
    b.seed = static_cast<unsigned>(dice.random());
    b.seconds = dice(0.8, 1.3);
    b.hnr_db = dice(15, 30);
    const double semitones = home + kSteps[i] - 69 + (i == at ? off : dice(-1, 1) * spread / 100.0);
    b.f0_hz = 440.0 * std::exp2(semitones / 12.0);
    tones.push_back(b);
  }
  const Analysis analysis = analyse(oneByOne(tones), 48000, context);
  if (analysis.cues.size() != std::size(kSteps)) return "cues";
  for (std::size_t i = 0; i < std::size(kSteps); ++i) {
    const CueResult& cue = analysis.cues[i];
    const std::string which =
        "cue " + std::to_string(i) + (i == at ? " (off by " + std::to_string(off) + ")" : "");
    if (!cue.matched || !cue.note) return which + " has no sound";
    const Note& note = analysis.tones[*cue.matched].notes[*cue.note];
    if (std::abs(sounds::cents(tones[i].f0_hz, note.f0_hz)) > 3.0) return which + " has another's sound";
    if (note.asked != home + kSteps[i] || cue.asked != note.asked) return which + " was not asked for that";
    if (note.offset_cents != cue.pitch.offset_cents) return which + " has two offsets";
    const double true_cents = sounds::cents(440.0 * std::exp2((*cue.asked - 69) / 12.0), tones[i].f0_hz);
    if (note.offset_cents.has_value() != (std::abs(true_cents) <= 150.0)) return which + ": offset or none";
    if (note.offset_cents && std::abs(*note.offset_cents - true_cents) > 3.0) return which + ": wrong offset";
  }
  return {};
}

TEST(Beginners, AWrongNoteInAScaleIsOfTheCueItWasPlayedFor) {
  const unsigned count = sounds::howMany(10);
  unsigned right = 0;
  std::string wrong;
  for (const unsigned seed : sounds::seeds(count)) {
    Dice dice(seed);
    const std::string what = wrongWithScale(dice);
    right += what.empty();
    if (!what.empty()) wrong += "seed " + std::to_string(seed) + ": " + what + "\n";
  }
  EXPECT_GE(right + std::max(1u, count * 3 / 100), count) << wrong;
}

TEST(Beginners, TheToneSpeaksAtALaterTry) {
  Context context;
  context.exercise = findExercise("steady-tone");
  context.level = findLevel("growing");
  std::vector<sounds::Beginner> tries(4);
  const double seconds[] = {0.16, 0.1, 4.0, 0.5};
  for (std::size_t i = 0; i < 4; ++i) {
    tries[i].seconds = seconds[i];
    tries[i].ramp_s = 0.03;
    tries[i].seed = static_cast<unsigned>(i + 1);
  }
  const Analysis analysis = analyse(oneByOne(tries), 48000, context);
  const auto value = [&](const char* id) {
    return std::ranges::find(analysis.readings, id, &Reading::id)->value.value();
  };
  EXPECT_EQ(value("attempts"), 4.0);
  EXPECT_EQ(value("spoke_at"), 3.0);
  EXPECT_NEAR(value("held_s"), 4.0 - 0.03, 0.05);
  ASSERT_FALSE(analysis.advice.empty());
  EXPECT_EQ(analysis.advice[0].id, "later-try");
}

TEST(Beginners, AnotherNoteThanTheOneAskedForHasNoOffset) {
  Context context;
  context.asked = {57};
  sounds::Beginner b;
  b.f0_hz = 233.08;  // B flat
  const Note near = analyse(sounds::beginner(b), 48000, context).tones.at(0).notes.at(0);
  EXPECT_EQ(near.asked, 57);
  EXPECT_NEAR(near.offset_cents.value(), 100.0, 1.0);
  b.f0_hz = 261.63;
  const Note far = analyse(sounds::beginner(b), 48000, context).tones.at(0).notes.at(0);
  EXPECT_EQ(far.asked, 57);
  EXPECT_EQ(far.written, 60);
  EXPECT_FALSE(far.offset_cents);
  EXPECT_NEAR(far.target_hz, 261.63, 0.1);
}

TEST(Beginners, ATailInTheRoomIsSaidToRing) {
  sounds::Beginner b;
  b.room_dbfs = -72.0;
  const Analysis analysis = analyse(sounds::inRoom(b, 1.4, 4.0), 48000, {});
  ASSERT_EQ(analysis.tones.size(), 1u);
  EXPECT_GT(analysis.tones[0].release.rings_on_s, 0.5);
  EXPECT_LT(analysis.tones[0].release.rings_on_s, 1.4);
  EXPECT_EQ(analyse(sounds::beginner(b), 48000, {}).tones.at(0).release.rings_on_s, 0.0);
}

}  // namespace
}  // namespace calando
