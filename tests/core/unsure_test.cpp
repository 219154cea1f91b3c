// What a figure says of its own uncertainty, held against how far it really is off.
#include <gtest/gtest.h>

#include <cmath>

#include "core/engine/analysis.h"
#include "core/exercise/context.h"
#include "core/figures/findings.h"
#include "core/measure/edges/sounds.h"
#include "core/theory/pitch.h"
#include "support/beginners.h"
#include "support/dice.h"

namespace calando {
namespace {

/// How often a figure was off by no more than it said, and than twice of it.
struct Covered {
  const char* what;
  int all = 0, once = 0, twice = 0;
  void add(const std::optional<double>& is, double should, const std::optional<double>& unsure) {
    if (!is || !unsure) return;
    ++all;
    once += std::abs(*is - should) <= *unsure;
    twice += std::abs(*is - should) <= 2.0 * *unsure;
  }
  /// Of a normal deviation 68 and 95 of 100; it is told from a few seconds.
  void expect(int fewest) const {
    std::printf("%s: %d of %d within one deviation, %d within two\n", what, once, all, twice);
    EXPECT_GE(all, fewest) << what;
    EXPECT_GE(once, 0.55 * all) << what;
    EXPECT_LE(once, 0.92 * all) << what;
    EXPECT_GE(twice, 0.85 * all) << what;
  }
};

TEST(Unsure, FiguresAreOffByAsMuchAsTheySay) {
  const unsigned sets = sounds::howMany(24);
  Covered offset{"offset"}, level{"level"}, held{"held"};
  for (const unsigned seed : sounds::seeds(sets)) {
    sounds::Dice dice(seed);
    sounds::Beginner b;
    b.seed = seed;
    b.f0_hz = 70.0 * std::exp2(dice(0.0, 3.8));
    b.seconds = dice(2.5, 8.0);
    b.ramp_s = dice(0.1, 0.5);
    b.hnr_db = dice(12.0, 30.0);
    b.cents = sounds::RandomTrack::between(dice.random, 0.1, dice(1.0, 6.0), dice(3.0, 15.0));
    b.level_db = sounds::RandomTrack::between(dice.random, 0.1, dice(1.0, 4.0), dice(0.5, 2.0));
    const Analysis heard = analyse(sounds::beginner(b), 48000, {});
    if (heard.tones.size() != 1 || heard.tones[0].notes.size() != 1) continue;  // others look at that
    const Tone& tone = heard.tones[0];
    const Note& note = tone.notes[0];
    offset.add(note.offset_cents, centsBetween(note.target_hz, b.f0_hz), note.unsure.pitch_cents);
    level.add(note.level_dbfs, -20.0, note.unsure.level_dbfs);
    held.add(tone.held_s, b.seconds - b.ramp_s, tone.held_unsure_s);
  }
  offset.expect(static_cast<int>(0.9 * sets));
  level.expect(static_cast<int>(0.9 * sets));
  held.expect(static_cast<int>(0.9 * sets));
}

}  // namespace
}  // namespace calando
