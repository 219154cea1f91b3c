#include "core/growth/growth.h"

#include <gtest/gtest.h>

#include "core/exercise/partner.h"
#include "core/growth/fatigue.h"
#include "core/judging/ledger.h"
#include "core/maths/sliding_signal.h"
#include "core/signal/air_spectrum.h"
#include "core/signal/tone_colour.h"
#include "core/signal/two_tones.h"
#include "core/theory/interval.h"
#include "support/dice.h"

namespace calando {
namespace {

const Day kMonday = std::chrono::local_days(std::chrono::year(2026) / 9 / 7);
Day day(int n) { return kMonday + std::chrono::days(n); }

/// A student's takes, made day by day.
struct Past {
  std::vector<PastTake> takes;  // newest first
  PastTake& add(int onDay, std::map<std::string, double> values, const char* exercise = "steady-tone") {
    PastTake take{static_cast<std::int64_t>(takes.size()) + 1, onDay * 86400, exercise, TeachersWord::none,
                  TakeSummary{Verdict::inside, std::move(values), {}}};
    take.day = day(onDay);
    take.place = 1;
    return *takes.insert(takes.begin(), take);
  }
};

TEST(Growth, AFigureByWeekWithHowFarTakesOfADayLieApart) {
  sounds::Dice dice(11);
  for (int round = 0; round < 20; ++round) {
    Past past;
    const double spread = dice(0.2, 3.0), growth = dice(-0.5, 0.5);
    std::normal_distribution<double> take(0.0, spread), form(0.0, 4.0);
    for (int d = 0; d < 56; d += 2) {
      const double today = 20.0 + growth * d + form(dice.random);
      for (int i = 0; i < 6; ++i) past.add(d, {{"wander_cents", today + take(dice.random)}});
    }
    past.add(20, {{"wander_cents", 1000.0}}).word = TeachersWord::invalidTry;
    past.add(20, {{"held_s", 5.0}});
    past.add(20, {{"wander_cents", 900.0}}, "swell");
    const Course course = courseOf(past.takes, {"wander_cents", "steady-tone"});
    EXPECT_EQ(course.takes, 28 * 6);
    ASSERT_EQ(course.weeks.size(), 8u);
    EXPECT_NEAR(*course.repeat / spread, 1.0, 0.2);
    for (const CourseWeek& week : course.weeks) {
      EXPECT_EQ(std::chrono::weekday(week.monday), std::chrono::Monday);
      EXPECT_EQ(week.takes, (week.monday - kMonday).count() / 7 % 2 == 0 ? 24 : 18);
      EXPECT_TRUE(week.least <= *week.middle && *week.middle <= week.most);
    }
  }
  EXPECT_TRUE(courseOf({}, {"held_s"}).weeks.empty());
  Past gap;
  gap.add(0, {{"held_s", 5.0}});
  gap.add(15, {{"held_s", 9.0}});
  const Course course = courseOf(gap.takes, {"held_s"});
  ASSERT_EQ(course.weeks.size(), 3u);
  EXPECT_FALSE(course.weeks[1].middle);
  EXPECT_FALSE(course.repeat) << "no day has two";
}

TEST(Growth, LevelsOfOtherPlacesOfTheMicrophoneAreNotMixedIn) {
  Past past;
  for (int d = 0; d < 4; ++d) past.add(d, {{"hnr_db", 12.0}, {"held_s", 6.0}});
  past.add(5, {{"hnr_db", 20.0}, {"held_s", 7.0}}).place = 2;
  past.add(6, {{"hnr_db", 21.0}, {"held_s", 8.0}}).place = 2;
  past.add(6, {{"hnr_db", 2.0}}).place.reset();
  const Points core = pointsOf(past.takes, {"hnr_db"});
  EXPECT_EQ(core.elsewhere, 5);
  ASSERT_EQ(core.list.size(), 2u);
  EXPECT_EQ(core.list[0].value, 20.0) << "oldest first";
  EXPECT_EQ(pointsOf(past.takes, {"held_s"}).list.size(), 6u);
}

TEST(Growth, OfFewTakesTheIntervalIsAsWideAsStudentSays) {
  for (const auto& [degrees, factor] : {std::pair(1.0, 12.706),
                                        {2.0, 4.303},
                                        {4.0, 2.776},
                                        {5.0, 2.571},
                                        {6.0, 2.447},
                                        {10.0, 2.228},
                                        {30.0, 2.042},
                                        {1000.0, 1.962}})
    EXPECT_NEAR(studentFactor(degrees), factor, 0.01) << degrees;
}

TEST(Growth, ADifferenceIsSaidWhereThereIsOneAndNotWhereThereIsNone) {
  sounds::Dice dice(12);
  int covered = 0, alarms = 0, found = 0, rounds = 1000;
  for (int round = 0; round < rounds; ++round) {
    const double change = round % 2 ? 0.0 : 3.0, formSpread = dice(0.1, 1.0), takeSpread = dice(0.1, 2.0);
    std::normal_distribution<double> form(0.0, formSpread), take(0.0, takeSpread);
    Past past;
    for (int d = 0; d < 40; d += dice.whole(1, 4)) {
      const double today = 10.0 + (d >= 20 ? change : 0.0) + form(dice.random);
      for (int i = dice.whole(1, 5); i > 0; --i) past.add(d, {{"held_s", today + take(dice.random)}});
    }
    const auto d = differenceOf(pointsOf(past.takes, {"held_s"}), {day(0), day(19)}, {day(20), day(39)}, {1});
    ASSERT_TRUE(d);
    EXPECT_EQ(d->before.takes + d->after.takes, static_cast<int>(past.takes.size()));
    covered += std::abs(d->change() - change) <= d->unsure;
    (change == 0.0 ? alarms : found) += d->tells;
  }
  EXPECT_NEAR(covered / static_cast<double>(rounds), 0.95, 0.025);
  EXPECT_LE(alarms, rounds / 2 * 8 / 100);
  EXPECT_GE(found, rounds / 2 * 97 / 100);
  Past past;
  for (const int d : {0, 1, 20, 21}) past.add(d, {{"held_s", d < 20 ? 6.0 : 6.04}});
  const Points points = pointsOf(past.takes, {"held_s"});
  EXPECT_FALSE(differenceOf(points, {day(0), day(1)}, {day(20), day(21)}, {1})->tells)
      << "less than is written of it";
  EXPECT_FALSE(differenceOf(points, {day(0), day(0)}, {day(20), day(21)}, {1})) << "one day is none";
}

TEST(Growth, WhatATryDidHasItsUncertainty) {
  const Figure* figure = findFigure("wander_cents");
  std::vector<TriedCue> ledger;
  for (const double after : {4.0, 5.0, 6.0, 5.0})
    ledger.push_back({nullptr, 1, figure, 8.0, after, after < 6.0});
  ledger.push_back({nullptr, 0, nullptr, {}, {}, true});
  const auto effects = effectsOf(ledger);
  ASSERT_EQ(effects.size(), 2u);
  EXPECT_EQ(effects[0].times, 4);
  EXPECT_EQ(effects[0].helped, 3);
  EXPECT_DOUBLE_EQ(*effects[0].change, -3.0);
  EXPECT_NEAR(*effects[0].unsure, 3.182 * std::sqrt(2.0 / 3.0) / 2.0, 1e-3);
  EXPECT_FALSE(effects[1].change);
}

TEST(Growth, LoadIsByWeekAndAJumpIsSaid) {
  std::vector<Worked> work{{day(-90), 60.0}, {day(34), 60.0}};  // too long ago, not yet
  for (int week = 0; week < 5; ++week)
    for (int d = 0; d < (week == 4 ? 5 : 3); ++d)
      for (const double minutes : {4.0, 6.0}) work.push_back({day(7 * week + d), minutes});
  const auto loads = loadOf(work, day(33), 6);
  ASSERT_EQ(loads.size(), 6u);
  EXPECT_EQ(loads[0].minutes, 0.0);
  EXPECT_EQ(loads[1].minutes, 30.0);
  EXPECT_EQ(loads[5].minutes, 50.0);
  EXPECT_EQ(loads[5].days, 5);
  EXPECT_TRUE(jumps(loads));
  EXPECT_FALSE(jumps(std::span(loads).first(5)));
  EXPECT_FALSE(jumps({})) << "nothing to jump from";
}

TEST(Growth, WhatIsPlayedMostAndTheBestOfIt) {
  Past past;
  for (int i = 0; i < 5; ++i) past.add(i, {}, i % 2 ? "swell" : "steady-tone");
  past.add(2, {}, "swell").word = TeachersWord::invalidTry;
  past.add(9, {}, "swell");
  EXPECT_EQ(mostPlayed(past.takes), (std::vector<std::string>{"steady-tone", "swell"}));
  EXPECT_EQ(mostPlayed(past.takes, day(3)), (std::vector<std::string>{"swell", "steady-tone"}));
  std::vector<PastTake> takes(5);
  const Verdict verdicts[] = {Verdict::outside, Verdict::near, Verdict::inside, Verdict::notYet,
                              Verdict::inside};
  std::vector<const PastTake*> all;
  for (std::size_t i = 0; i < takes.size(); ++i) {
    takes[i].kept = TakeSummary{verdicts[i], {}, {}};
    all.push_back(&takes[i]);
  }
  EXPECT_EQ(bestFew(all, 3), (std::vector<const PastTake*>{&takes[2], &takes[4], &takes[1]}));
  takes[0].word = TeachersWord::accept;
  EXPECT_EQ(bestFew(all, 1).front(), &takes[0]) << "the teacher's word goes before";
  EXPECT_EQ(bestFew(all, 9).size(), 5u);
}

TEST(Growth, PeriodsEndTodayAndTouchEachOther) {
  const Day friday = std::chrono::local_days(std::chrono::year(2026) / 3 / 13);
  for (const Periods periods : {Periods::fourWeeks, Periods::week, Periods::month, Periods::halves}) {
    const PeriodPair pair = periodsOf(periods, friday, friday - std::chrono::days(61));
    EXPECT_EQ(pair.after.to, friday);
    EXPECT_EQ(pair.after.from - pair.before.to, std::chrono::days(1));
    EXPECT_LT(pair.before.from, pair.before.to);
  }
  EXPECT_EQ(isoOf(periodsOf(Periods::month, friday, friday).before.from), "2026-02-01");
  EXPECT_EQ(isoOf(periodsOf(Periods::fourWeeks, friday, friday).before.from), "2026-01-17");
}

TEST(Growth, OffsetsByNoteAndWeekAreMedians) {
  Past past;
  for (const double cents : {5.0, 9.0, 30.0}) past.add(1, {{"offset_cents", cents}}).note = 3;
  past.add(8, {{"offset_cents", -4.0}}).note = 3;
  past.add(8, {{"offset_cents", -4.0}});
  const auto map = byNoteAndWeek(past.takes, "offset_cents");
  ASSERT_EQ(map.size(), 1u);
  EXPECT_EQ(map.at(3).at(day(0)), 9.0);
  EXPECT_EQ(map.at(3).at(day(7)), -4.0);
}

/// A day of ten takes after weeks of others; what falls by its end.
struct TiredDay {
  double cents, db;
  bool knownBefore = true;
};
bool isTired(sounds::Dice& dice, const TiredDay& how) {
  Past past;
  std::normal_distribution<double> offset(0.0, 3.0), core(0.0, 1.0);
  const auto play = [&](int d, double tired) {
    const bool low = dice.chance(0.4);
    PastTake& take =
        past.add(d, {{"offset_cents", (low ? -12.0 : 4.0) + how.cents * tired + offset(dice.random)},
                     {"hnr_db", (low ? 20.0 : 14.0) + how.db * tired + core(dice.random)}});
    take.note = low ? -5 : 7;
    take.kept->reach = {{60, low ? -24 : -21, 4.0}};
  };
  if (how.knownBefore)
    for (int d = 0; d < 20; d += 2)
      for (int i = 0; i < 4; ++i) play(d, 0.0);
  for (int i = 0; i < 12; ++i) play(21, i / 11.0);
  return fatigueOn(past.takes, day(21)).has_value();
}

TEST(Fatigue, IsWhatFallsTogetherAndNotOneFigureAlone) {
  sounds::Dice dice(13);
  int tired = 0, fresh = 0, alone = 0, better = 0;
  for (int i = 0; i < 200; ++i) {
    tired += isTired(dice, {-16.0, -5.0});
    fresh += isTired(dice, {0.0, 0.0});
    alone += isTired(dice, {-16.0, 0.0});
    better += isTired(dice, {-16.0, 5.0});
  }
  EXPECT_GE(tired, 190);
  EXPECT_LE(fresh, 4);
  EXPECT_LE(alone, 14);
  EXPECT_LE(better, 4);
  int firstDay = 0, freshFirst = 0;
  for (int i = 0; i < 200; ++i) {
    firstDay += isTired(dice, {-30.0, -9.0, false});
    freshFirst += isTired(dice, {0.0, 0.0, false});
  }
  EXPECT_GE(firstDay, 170) << "where nothing is usual yet the day's first takes are";
  EXPECT_LE(freshFirst, 6);
}

}  // namespace
}  // namespace calando
