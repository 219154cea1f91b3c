#include "core/accompany/click_remover.h"

#include <gtest/gtest.h>

#include <cmath>

#include "core/exercise/context.h"
#include "core/exercise/cue_sheet.h"
#include "core/library/cards.h"
#include "support/signals.h"

namespace calando {
namespace {

CueSheet scaleSheet(double tempo_bpm) {
  Context context;
  context.exercise = findExercise("scale-4-4");
  context.tempo_bpm = tempo_bpm;
  return unroll(context);
}

/// A room with its noise for as long as the sheet; `late_s` after its start the clicks come back, at `gain`.
std::vector<float> roomWith(const CueSheet& sheet, double late_s, float gain) {
  const auto played = render({.click = true, .fork_hz = {}, .drone_hz = {}}, sheet, 48000.0);
  auto heard = sounds::noise(static_cast<double>(played.size()) / 48000.0, 1e-4);
  const auto late = static_cast<std::size_t>(late_s * 48000.0);
  for (std::size_t n = late; n < heard.size(); ++n) heard[n] += gain * played[n - late];
  return heard;
}

double loudest_dbfs(std::span<const float> x, double from_s) {
  double most = 0.0;
  for (auto n = static_cast<std::size_t>(from_s * 48000.0); n < x.size(); ++n)
    most = std::max<double>(most, std::abs(x[n]));
  return 20.0 * std::log10(most);
}

class Remover : public testing::TestWithParam<double> {};

TEST_P(Remover, LeavesNothingOfTheClicksAtAnyTempo) {
  const CueSheet sheet = scaleSheet(GetParam());
  for (const double late_s : {0.0, 0.0213, 0.31}) {
    const auto heard = roomWith(sheet, late_s, 0.5f);
    ClickRemover remover(sheet, {}, 48000.0);
    remover.learnFrom(heard);
    const auto left = remover.push(heard);
    ASSERT_TRUE(remover.clicks_dbfs()) << late_s;
    EXPECT_LT(loudest_dbfs(left, 0.0), loudest_dbfs(heard, 0.0) - 28.0) << late_s;
  }
}

INSTANTIATE_TEST_SUITE_P(At, Remover, testing::Values(40.0, 60.0, 96.0, 160.0, 208.0));

TEST(Remover, DoesNotDependOnTheBlocks) {
  const CueSheet sheet = scaleSheet(120);
  auto heard = roomWith(sheet, 0.04, 0.5f);
  const auto tone = sounds::tone({.f0_hz = 349.23, .seconds = 10.0, .before_s = 2.0});
  for (std::size_t n = 0; n < std::min(tone.size(), heard.size()); ++n) heard[n] += tone[n];
  ClickRemover whole(sheet, {}, 48000.0);
  const auto expected = whole.push(heard);
  EXPECT_LT(loudest_dbfs(expected, 20.0), -50.0);
  for (const std::size_t size : {std::size_t{7001}, std::size_t{480}}) {
    ClickRemover remover(sheet, {}, 48000.0);
    std::vector<float> left;
    for (std::size_t n = 0; n < heard.size(); n += size) {
      const auto part = remover.push(std::span(heard).subspan(n, std::min(size, heard.size() - n)));
      left.insert(left.end(), part.begin(), part.end());
    }
    EXPECT_EQ(left, expected) << size;
  }
}

TEST(Remover, ChangesNothingWhereNoClicksAreHeardOrTheyAreNotAlike) {
  const CueSheet sheet = scaleSheet(60);
  auto played = roomWith(sheet, 0.04, 0.05f);  // somebody plays from the start
  const auto tone = sounds::tone({.f0_hz = 698.46, .seconds = 6.0});
  for (std::size_t n = 0; n < tone.size(); ++n) played[n] += tone[n];
  for (const auto& heard :
       {roomWith(sheet, 0.0, 0.0f), roomWith(sheet, 0.0, 1e-4f), played, std::vector<float>(48000)}) {
    ClickRemover remover(sheet, {}, 48000.0);
    remover.learnFrom(heard);
    EXPECT_EQ(remover.push(heard), heard);
    EXPECT_FALSE(remover.clicks_dbfs());
  }
}

TEST(Remover, StopsWhereTheClicksNoLongerLieWhereTheyShould) {
  const CueSheet sheet = scaleSheet(60);
  auto heard = roomWith(sheet, 0.04, 0.5f);
  const auto at = heard.begin() + 48000 * 10 - 4800;
  heard.insert(at, 3840, 0.0f);  // the sound stumbles
  ClickRemover remover(sheet, {}, 48000.0);
  const auto left = remover.push(heard);
  EXPECT_LT(loudest_dbfs(std::span(left).first(48000 * 10 - 4800), 5.0), -50.0);
  EXPECT_TRUE(std::equal(left.begin() + 48000 * 14, left.end(), heard.begin() + 48000 * 14));
}

}  // namespace
}  // namespace calando
