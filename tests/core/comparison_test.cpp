#include "core/engine/comparison.h"

#include <gtest/gtest.h>

#include <random>

#include "core/ears/place.h"
#include "core/engine/snapshot.h"
#include "core/exercise/cue_kind.h"
#include "core/figures/figure.h"
#include "core/figures/figure_input.h"
#include "core/figures/findings.h"
#include "core/figures/reading.h"
#include "core/measure/edges/sounds.h"

namespace calando {
namespace {

struct Played {
  int note;
  double start_s, end_s;
};

/// A take of these notes, each a cue that was played where it was asked for.
SnapshotPtr takeOf(const std::vector<Played>& notes) {
  auto take = std::make_shared<Snapshot>();
  for (const Played& played : notes) {
    Tone tone{};
    tone.start_s = played.start_s;
    tone.end_s = played.end_s;
    take->analysis.tones.push_back(tone);
    CueResult cue;
    cue.kind = CueKind::tone;
    cue.asked = played.note;
    cue.start_s = played.start_s;
    cue.end_s = played.end_s;
    take->analysis.cues.push_back(cue);
    CueResult rest;
    rest.kind = CueKind::rest;
    rest.start_s = played.end_s;
    rest.end_s = played.end_s + 1.0;
    take->analysis.cues.push_back(rest);
  }
  take->tracks.duration_s = notes.empty() ? 3.0 : notes.back().end_s + 2.0;
  return take;
}

void read(const SnapshotPtr& take, const char* figure, std::optional<double> value) {
  Reading reading;
  reading.figure = findFigure(figure);
  reading.value = value;
  std::const_pointer_cast<Snapshot>(take)->analysis.readings.push_back(reading);
}

TEST(Comparison, LaysTakesSoThatTheirSoundsBeginTogether) {
  std::mt19937 random(11);
  std::uniform_real_distribution<double> gap(0.3, 4.0), length(0.2, 6.0);
  for (int round = 0; round < 50; ++round) {
    std::vector<SnapshotPtr> takes;
    std::vector<std::vector<Played>> played(2 + static_cast<std::size_t>(round) % 5);
    for (auto& notes : played) {
      double at = 0.0;
      for (int note : {67, 69, 71}) {
        at += gap(random);
        notes.push_back({note, at, at + length(random)});
        at = notes.back().end_s;
      }
      takes.push_back(takeOf(notes));
    }
    EXPECT_TRUE(haveSameCues(takes));
    for (const bool byCue : {false, true}) {
      const auto all = alignedStretches(takes, byCue);
      ASSERT_EQ(all.size(), takes.size());
      for (std::size_t s = 0; s < (byCue ? 3u : 1u); ++s) {
        double longest = 0.0;
        for (std::size_t t = 0; t < takes.size(); ++t) {
          ASSERT_EQ(all[t].size(), byCue ? 3u : 1u);
          const Played& first = played[t][s];
          const double end = byCue ? first.end_s : played[t].back().end_s;
          const double lead = first.start_s - all[t][s].start_s;
          EXPECT_NEAR(lead, byCue ? 0.1 : 0.4, 1e-9);
          EXPECT_GE(all[t][s].end_s, end + lead - 1e-9) << "nothing of it is cut off";
          EXPECT_NEAR(all[t][s].end_s - all[t][s].start_s, all[0][s].end_s - all[0][s].start_s, 1e-9);
          longest = std::max(longest, end + lead - all[t][s].start_s);
        }
        EXPECT_NEAR(all[0][s].end_s - all[0][s].start_s, std::max(0.5, longest), 1e-9);
      }
    }
  }
}

TEST(Comparison, NotesLieUnderOneAnotherOnlyWhereTheyAreTheSame) {
  const Played a{67, 1, 2}, b{69, 3, 4}, c{71, 5, 6};
  EXPECT_FALSE(haveSameCues(std::vector{takeOf({a}), takeOf({a})})) << "one note needs no laying";
  EXPECT_FALSE(haveSameCues(std::vector{takeOf({a, b}), takeOf({a, c})}));
  EXPECT_FALSE(haveSameCues(std::vector{takeOf({a, b}), takeOf({a, b, c})}));
  EXPECT_TRUE(haveSameCues(std::vector{takeOf({a, b}), takeOf({a, b}), takeOf({a, b})}));
  const auto silent = alignedStretches(std::vector{takeOf({}), takeOf({a})}, false);
  EXPECT_NEAR(silent[0][0].end_s - silent[0][0].start_s, 3.8, 1e-9) << "all of a take without a tone";
}

TEST(Comparison, ShowsEveryFigureOfAnyTakeAndWhatItIsOffTheFirst) {
  const std::vector takes{takeOf({}), takeOf({}), takeOf({})};
  read(takes[0], "held_s", 8.5);
  read(takes[0], "sag_cents", std::nullopt);
  read(takes[1], "held_s", 7.25);
  read(takes[1], "sag_cents", -4.0);
  read(takes[2], "place_ms", 30.0);
  const auto rows = compareFigures(takes);
  ASSERT_EQ(rows.size(), 3u);
  EXPECT_EQ(rows[0].figure->id, "held_s");
  EXPECT_EQ(rows[2].figure->id, "place_ms");
  EXPECT_FALSE(rows[0].takes[0].fromFirst);
  EXPECT_EQ(rows[0].takes[1].fromFirst, -1.25);
  EXPECT_FALSE(rows[0].takes[2].value);
  EXPECT_EQ(rows[1].takes[1].value, -4.0);
  EXPECT_FALSE(rows[1].takes[1].fromFirst) << "the first was not measured";
  EXPECT_EQ(rows[2].takes[2].value, 30.0);
}

TEST(Comparison, BeginsWithWhatDiffersMostAgainstItsTarget) {
  const std::vector takes{takeOf({}), takeOf({})};
  const auto add = [&](const char* figure, double a, double b, std::optional<double> low,
                       std::optional<double> high) {
    read(takes[0], figure, a);
    read(takes[1], figure, b);
    for (const SnapshotPtr& take : takes) {
      Reading& reading = std::const_pointer_cast<Snapshot>(take)->analysis.readings.back();
      reading.low = low;
      reading.high = high;
    }
  };
  add("held_s", 8.0, 9.0, 8.0, std::nullopt);                // a half of its room
  add("sag_cents", -14.0, -1.2, -12.0, 12.0);                // more than all of it
  add("wander_cents", 4.0, 4.04, std::nullopt, 5.0);         // written the same
  add("offset_cents", 0.0, 3.0, -12.0, 12.0);                // a quarter
  add("level_sd_db", 0.5, 9.0, std::nullopt, std::nullopt);  // nothing is asked of it
  const auto named = [&](std::size_t most) {
    std::vector<std::string> ids;
    for (const ComparedFigure& row : mostDifferent(takes, most)) ids.emplace_back(row.figure->id);
    return ids;
  };
  EXPECT_EQ(named(5), (std::vector<std::string>{"sag_cents", "held_s", "offset_cents"}));
  EXPECT_EQ(named(1), std::vector<std::string>{"sag_cents"});
}

}  // namespace
}  // namespace calando
