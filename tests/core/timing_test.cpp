#include <gtest/gtest.h>

#include <cmath>
#include <random>

#include "core/live/latency.h"
#include "core/live/stream_clock.h"
#include "support/signals.h"

namespace calando {
namespace {

TEST(Latency, IsFoundToTheSampleUnderNoiseAndEchoes) {
  for (const auto& [delay, head] : {std::pair{0.013, 0.0}, {0.08, -0.35}, {0.31, 0.2}, {-0.004, -0.03}}) {
    const auto played = calibrationSound(48000.0);
    auto heard = sounds::noise(5.2, 0.01);
    const auto add = [&](double at, float gain) {
      const auto from = static_cast<std::size_t>(std::lround(at * 48000.0));
      for (std::size_t n = 0; n < played.size() && from + n < heard.size(); ++n)
        heard[from + n] += gain * played[n];
    };
    add(delay - head, 0.2f);
    add(delay - head + 0.007, 0.12f);
    const auto found = calibrationOf(heard, 48000.0, head);
    ASSERT_TRUE(found.latency) << delay;
    EXPECT_EQ(found.heard, 8);
    EXPECT_NEAR(found.latency->seconds, delay, 1.0 / 48000.0);
    EXPECT_LT(found.latency->spread_s, 0.001);
  }
}

TEST(Latency, IsNotMadeUp) {
  const auto latency = [](std::span<const float> heard) {
    return calibrationOf(heard, 48000.0, 0.0).latency;
  };
  EXPECT_FALSE(latency(sounds::noise(5.0, 0.1)));
  EXPECT_FALSE(latency(std::vector<float>(240000, 0.0f)));
  EXPECT_FALSE(latency({}));
  auto played = calibrationSound(48000.0);
  EXPECT_FALSE(latency(std::span(played).first(80000)));  // three clicks
  // The sound stumbles in the middle: all are heard, but not where they should be.
  played.insert(played.begin() + 105000, 1500, 0.0f);
  const auto stumbled = calibrationOf(played, 48000.0, 0.0);
  EXPECT_EQ(stumbled.heard, 8);
  EXPECT_FALSE(stumbled.latency);
}

using Notes = StreamClock::Notes;

/// A stream that begins at 100 s and is noted every 20 ms for `seconds`; `lateBy` says by how much each note
/// is off at a place.
template <class LateBy>
StreamClock clockOf(Notes notes, double seconds, LateBy lateBy) {
  StreamClock clock(notes);
  double last_s = 0.0;
  for (double at = 0.02; at < seconds; at += 0.02) {
    last_s = std::max(last_s, 100.0 + at + lateBy(at));
    clock.note(
        std::chrono::steady_clock::time_point(std::chrono::duration_cast<std::chrono::steady_clock::duration>(
            std::chrono::duration<double>(last_s))),
        at);
  }
  return clock;
}

TEST(StreamClock, TellsTheBeginningFromUnsteadyNotes) {
  std::mt19937 random(3);
  std::exponential_distribution<double> late(1.0 / 0.006);
  std::uniform_real_distribution<double> either(-0.012, 0.012);
  const StreamClock blocks = clockOf(Notes::late, 8.0, [&](double) { return late(random); });
  const StreamClock played = clockOf(Notes::eitherWay, 8.0, [&](double) { return 0.03 + either(random); });
  EXPECT_NEAR(*blocks.began_s(), 100.0, 0.001);
  EXPECT_NEAR(*played.began_s(), 100.03, 0.003);
  EXPECT_EQ(blocks.slipped_s(), 0.0);
  EXPECT_EQ(played.slipped_s(), 0.0);
  EXPECT_NEAR(*headStart_s(played, blocks), -0.03, 0.003);
}

TEST(StreamClock, KnowsAStumbleFromABusySecondAndFromDrift) {
  const auto at = [](Notes notes, auto lateBy) { return clockOf(notes, 60.0, lateBy); };
  for (const Notes notes : {Notes::late, Notes::eitherWay}) {
    const StreamClock even = at(notes, [](double) { return 0.0; });
    const StreamClock gap = at(notes, [](double t) { return t < 2.4 ? 0.0 : 0.06; });
    const StreamClock early = at(notes, [](double t) { return t < 41.0 ? 0.08 : 0.0; });
    const StreamClock busy = at(notes, [](double t) { return t > 3.0 && t < 6.2 ? 0.09 : 0.0; });
    const StreamClock drift = at(notes, [](double t) { return 0.001 * t; });
    EXPECT_NEAR(gap.slipped_s(), 0.06, 1e-6);
    // Blocks that come less late afterwards were late before.
    EXPECT_NEAR(early.slipped_s(), notes == Notes::late ? 0.0 : -0.08, 1e-6);
    EXPECT_NEAR(busy.slipped_s(), 0.0, 1e-6);
    EXPECT_EQ(drift.slipped_s(), 0.0);
    EXPECT_FALSE(headStart_s(gap, even));
    EXPECT_FALSE(headStart_s(even, gap));
    EXPECT_NEAR(*headStart_s(even, busy), 0.0, 1e-6);
    EXPECT_NEAR(*headStart_s(even, drift), 0.0025, 0.0025);
  }
}

TEST(StreamClock, SaysNothingOfAStreamThatHasNotBegun) {
  const StreamClock none(Notes::late);
  EXPECT_FALSE(none.began_s());
  EXPECT_FALSE(headStart_s(none, clockOf(Notes::late, 1.0, [](double) { return 0.0; })));
}

}  // namespace
}  // namespace calando
