#include <gtest/gtest.h>

#include <cmath>

#include "core/standin/player.h"

namespace calando {
namespace {

class EveryPlayer : public testing::TestWithParam<std::string> {};

// The stand-in knows its truth; what is measured of its sound agrees with it.
TEST_P(EveryPlayer, IsMeasuredAsItPlayed) {
  for (const char* id : {"trumpet-bb", "flute", "clarinet-bb", "tuba-bb"}) {
    const Instrument& instrument = *findInstrument(id);
    const Part part{&instrument, comfortableNote(instrument), 6.0, {}};
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
    EXPECT_NEAR(got.notes[0].offset_cents, truth.notes[0].offset_cents, 1.5) << id;
    EXPECT_NEAR(got.notes[0].hnr_db.value(), truth.notes[0].hnr_db.value(), 3.0) << id;
    EXPECT_EQ(got.notes[0].vibrato.has_value(), truth.notes[0].vibrato.has_value()) << id;
    EXPECT_NEAR(got.release.sag_cents.value(), truth.release.sag_cents.value(), 3.0) << id;
  }
}
INSTANTIATE_TEST_SUITE_P(Players, EveryPlayer,
                         testing::Values("steady", "sagging", "scooping", "breathy", "vibrato",
                                         "short-of-air", "breaking", "flat-steady", "slipping"),
                         [](const auto& info) {
                           std::string name = info.param;
                           for (char& c : name)
                             if (c == '-') c = '_';
                           return name;
                         });

TEST(StandIn, PlaysTheSameForTheSameSeedAndElseNot) {
  const Part part{findInstrument("oboe"), 67, 2.0, {}};
  const Player& player = *findPlayer("steady");
  EXPECT_EQ(perform(player, part, 5).samples, perform(player, part, 5).samples);
  EXPECT_NE(perform(player, part, 5).samples, perform(player, part, 6).samples);
}

TEST(StandIn, StaysWithinFullScaleOnEveryInstrument) {
  for (const Instrument& instrument : instruments()) {
    const Performance p =
        perform(*findPlayer("steady"), {&instrument, comfortableNote(instrument), 1.5, {}}, 1);
    float peak = 0.0f;
    for (const float x : p.samples) peak = std::max(peak, std::abs(x));
    EXPECT_LT(peak, 0.95f) << instrument.id;
    EXPECT_GT(peak, 0.05f) << instrument.id;
  }
}

}  // namespace
}  // namespace calando
