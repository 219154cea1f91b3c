#include "core/accompany/heard_count.h"

#include <gtest/gtest.h>

#include <cmath>

#include "core/exercise/context.h"
#include "core/library/cards.h"
#include "support/dice.h"
#include "support/signals.h"

namespace calando {
namespace {

/// A counted exercise in a room that hears its clicks late; after `held_s` they are held up by `by_s`.
struct Counted {
  double tempo_bpm = 120.0;
  double late_s = 0.05;
  double gain = 0.5;
  double held_s = 1e9;
  double by_s = 0.0;

  CueSheet sheet() const {
    Context context;
    context.exercise = findExercise("scale-4-4");
    context.tempo_bpm = tempo_bpm;
    return unroll(context);
  }
  std::vector<float> heard() const {
    const auto played = render({.click = true, .fork_hz = {}, .drone_hz = {}}, sheet(), 48000.0);
    auto heard = sounds::noise(static_cast<double>(played.size()) / 48000.0, 1e-4);
    const auto samples = [](double s) { return static_cast<std::size_t>(std::lround(s * 48000.0)); };
    for (std::size_t n = 0; n < played.size(); ++n) {
      const std::size_t at = n + samples(late_s) + (n >= samples(std::min(held_s, 1e4)) ? samples(by_s) : 0);
      if (at < heard.size()) heard[at] += static_cast<float>(gain) * played[n];
    }
    return heard;
  }
};

TEST(HeardCount, LiesWhereItsClicksAreHeard) {
  sounds::Dice dice(1);
  for (int n = 0; n < 12; ++n) {
    const Counted counted{.tempo_bpm = dice(50.0, 200.0), .late_s = dice(0.0, 0.35), .gain = dice(0.02, 0.9)};
    const auto start_s = startByClicks(counted.heard(), counted.sheet(), 48000.0);
    ASSERT_TRUE(start_s) << n;
    EXPECT_NEAR(*start_s, counted.sheet().countIn_s() + counted.late_s, 1e-4) << n;
  }
}

TEST(HeardCount, IsNotBelievedWhereTheSoundWasHeldUp) {
  sounds::Dice dice(2);
  for (int n = 0; n < 12; ++n) {
    const Counted counted{.tempo_bpm = dice(60.0, 140.0), .held_s = dice(0.1, 20.0), .by_s = dice(0.02, 0.3)};
    EXPECT_FALSE(startByClicks(counted.heard(), counted.sheet(), 48000.0)) << n;
  }
}

TEST(HeardCount, IsUnknownWhereNoClickIsHeardOrAllAreCovered) {
  EXPECT_FALSE(startByClicks(Counted{.gain = 0.0}.heard(), Counted{}.sheet(), 48000.0));
  auto covered = Counted{.gain = 0.05}.heard();
  const auto tone = sounds::tone({.f0_hz = 349.23, .seconds = 40.0});
  for (std::size_t n = 0; n < std::min(tone.size(), covered.size()); ++n) covered[n] += tone[n];
  EXPECT_FALSE(startByClicks(covered, Counted{}.sheet(), 48000.0));
  EXPECT_FALSE(startByClicks(std::vector<float>(48000), Counted{}.sheet(), 48000.0));
}

}  // namespace
}  // namespace calando
