#include "core/judging/history.h"

#include <gtest/gtest.h>

#include "core/exercise/exercise.h"
#include "core/figures/findings.h"
#include "core/maths/sliding_signal.h"

namespace calando {
namespace {

using enum Verdict;

Exercise cardFor(Against against = Against::nobody) {
  Exercise card;
  card.id = "swell";
  card.good = 2;
  card.of = 3;
  card.against = against;
  return card;
}

PastTake take(std::int64_t id, Verdict verdict, double held_s = 5.0, std::optional<double> wander = {}) {
  PastTake t{id, 1000 * id, "swell", TeachersWord::none,
             TakeSummary{verdict, {{"held_s", held_s}}, "Advice of " + std::to_string(id)}};
  t.day += std::chrono::days(id);
  if (wander) t.kept->values["wander_cents"] = *wander;
  return t;
}

TEST(History, AStepStandsByTheNewestTakesThatCount) {
  const Exercise card = cardFor();
  const Gate gate = gateOf(card);
  EXPECT_EQ(standingOf({}, card, gate).tries, 0);
  EXPECT_EQ(standingOf({}, card, gate).last, unmeasured);
  EXPECT_EQ(standingOf({}, card, gate).toCome(gate), 2);
  std::vector<PastTake> takes{take(9, outside), take(8, inside), take(7, near), take(6, inside),
                              take(5, inside)};
  Standing s = standingOf(takes, card, gate);
  EXPECT_EQ(s.last, outside);
  EXPECT_EQ(s.tries, 3);
  EXPECT_EQ(s.good, 2);
  EXPECT_EQ(s.toCome(gate), 0);
  takes[0].word = TeachersWord::invalidTry;  // no longer there
  takes[1].word = TeachersWord::veto;        // good figures got by bad means
  takes[2].word = TeachersWord::accept;
  takes[3].exercise = "other";
  s = standingOf(takes, card, gate);
  EXPECT_EQ(s.last, outside);
  EXPECT_EQ(s.tries, 3);
  EXPECT_EQ(s.good, 2);
  takes[1].word = TeachersWord::accept;
  takes[1].day = takes[2].day;  // good ones, all on one day
  EXPECT_EQ(standingOf(std::span(takes).first(3), card, gate).toCome(gate), 1);
  takes[1].word = TeachersWord::veto;
  takes[4].kept.reset();  // not measured yet
  EXPECT_EQ(standingOf(takes, card, gate).tries, 2);
  EXPECT_EQ(standingOf(takes, card, gate).toCome(gate), 1);
  EXPECT_EQ(verdictOf(TeachersWord::notYet, {inside, {}, {}}), notYet);
}

TEST(History, TheLongestHeldIsOfTakesThatCount) {
  EXPECT_EQ(longestHeld_s({}), 0.0);
  std::vector<PastTake> takes{take(4, Verdict::inside, 8.0), take(3, Verdict::outside, 9.5),
                              take(2, Verdict::inside, 14.0), take(1, Verdict::inside, 12.0)};
  takes[2].word = TeachersWord::invalidTry;
  takes[3].stopped = true;
  EXPECT_EQ(longestHeld_s(takes), 9.5);
  takes[0].kept->values["air_lasts_s"] = 11.0;
  EXPECT_EQ(longestHeld_s(takes), 11.0);
}

TEST(History, TheBestTakeIsTheLongestAndOfEqualOnesTheSteadiest) {
  EXPECT_FALSE(bestOf({}));
  std::vector<PastTake> takes{take(5, inside, 8.0, 2.0), take(4, inside, 9.0), take(3, inside, 9.0, 4.0),
                              take(2, inside, 9.0, 3.0), take(1, inside, 12.0, 1.0)};
  takes[4].word = TeachersWord::veto;
  const auto rival = rivalFor(takes, cardFor(Against::best), {});
  ASSERT_TRUE(rival);
  EXPECT_EQ(rival->held_s, 9.0);
  EXPECT_EQ(rival->wander_cents, 3.0);
  EXPECT_FALSE(rivalFor(takes, cardFor(), {}));
  const Exercise taught = cardFor(Against::teacher);
  EXPECT_FALSE(rivalFor(takes, taught, {}));
  EXPECT_FALSE(rivalFor(takes, taught, 77)) << "a model that is gone";
  EXPECT_EQ(rivalFor(takes, taught, 5)->held_s, 8.0);
  takes[0].kept->values.erase("held_s");
  EXPECT_FALSE(rivalFor(takes, taught, 5)) << "no tone in it";
}

TEST(History, WhatCameBeforeATakeIsOfItsCardAndOlder) {
  std::vector<PastTake> takes{take(9, inside, 9.0), take(8, inside, 8.0), take(7, inside, 7.0),
                              take(6, inside, 6.0), take(5, inside, 5.0)};
  takes[2].word = TeachersWord::invalidTry;
  takes[3].exercise = "other";
  EXPECT_EQ(valuesBefore(takes, takes[0], 5).at("held_s"), (std::vector<double>{5.0, 8.0})) << "oldest first";
  EXPECT_EQ(valuesBefore(takes, takes[0], 1).at("held_s"), (std::vector<double>{8.0}));
  EXPECT_EQ(adviceBefore(takes, takes[0]), "Advice of 8");
  EXPECT_EQ(adviceBefore(takes, takes[1]), "Advice of 5");
  EXPECT_EQ(adviceBefore(takes, takes[4]), "");
  EXPECT_EQ(takeBefore(takes, 9), 8);
  EXPECT_FALSE(takeBefore(takes, 6));
  EXPECT_FALSE(takeBefore(takes, 1234));
  EXPECT_EQ(madeBetween(takes, "swell", 7000, 9000), 2);
}

TEST(History, OfBreathingIsByWeeksAndTakesNothingFromWhatWasStopped) {
  constexpr std::int64_t day = 86400, now = 100 * day;
  const auto breath = [&](std::int64_t daysAgo, std::map<std::string, double> values) {
    return PastTake{100 - daysAgo, now - daysAgo * day, "long-hiss", TeachersWord::none,
                    TakeSummary{inside, std::move(values), {}}};
  };
  std::vector<PastTake> takes{breath(0, {{"air_lasts_s", 9.0}, {"evenness_db", 1.0}}),
                              breath(2, {{"air_lasts_s", 14.0}, {"evenness_db", 2.0}}),
                              breath(3, {{"highest_even", 6.0}, {"evenness_db", 4.0}}),
                              breath(8, {{"highest_even", 4.0}, {"air_lasts_s", 30.0}}),
                              breath(9, {{"held_s", 5.0}}),
                              breath(40, {{"air_lasts_s", 8.0}})};
  takes[3].stopped = true;  // light-headed: however long it was
  using enum WeekFigure::Of;
  constexpr WeekFigure figures[] = {
      {"air_lasts_s"}, {"highest_even"}, {"evenness_db", middle}, {"evenness_db", least}};
  const auto weeks = weeksOf(takes, now, 2, figures);
  ASSERT_EQ(weeks.size(), 2u);
  EXPECT_EQ(weeks[0].sets, 0) << "a stopped one and one without breath";
  EXPECT_FALSE(weeks[0].values[0]);
  EXPECT_EQ(weeks[1].sets, 3);
  EXPECT_EQ(weeks[1].values[0], 14.0);
  EXPECT_EQ(weeks[1].values[1], 6.0);
  EXPECT_EQ(weeks[1].values[2], 2.0);
  EXPECT_EQ(weeks[1].values[3], 1.0);
  EXPECT_EQ(mostOf(takes, "long-hiss", "air_lasts_s", 0, now + 1), 14.0);
  EXPECT_EQ(mostOf(takes, "long-hiss", "air_lasts_s", 0, now - 30 * day), 8.0);
  EXPECT_FALSE(mostOf(takes, "swell", "air_lasts_s", 0, now + 1));
  Exercise moves = cardFor();
  moves.scored = false;
  takes = {take(9, unmeasured), take(8, unmeasured)};
  EXPECT_EQ(standingOf(takes, moves, gateOf(moves)).toCome(gateOf(moves)), 0)
      << "where nothing is judged, done is good";
}

}  // namespace
}  // namespace calando
