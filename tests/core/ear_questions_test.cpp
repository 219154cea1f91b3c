#include "core/ears/made_sound.h"
#include "core/ears/sound_maker.h"
#include "core/ears_fixture.h"

namespace calando {
namespace {

TEST(Threshold, OfListenersOfAKnownCurveIsFound) {
  struct Asked {
    double guess, slope;
    int after25, after40;  // of 100, at least
  };
  for (const Asked asked :
       {Asked{0.5, 3.5, 90, 90}, Asked{1.0 / 3.0, 2.5, 90, 90}, Asked{0.5, 1.5, 70, 55}}) {
    sounds::Dice dice(77);
    int within40 = 0, within25 = 0, covered = 0;
    for (int listener = 0; listener < 100; ++listener) {
      const double truth = 2.0 * std::pow(15.0, dice(0.0, 1.0));
      Threshold threshold(1.0, 60.0);
      for (int n = 1; n <= 40; ++n) {
        const double amount = threshold.next(asked.guess, dice(0.0, 1.0));
        // 5 of 100 answers are slips.
        const double hears = 1.0 - std::exp(-std::pow(amount / truth, asked.slope));
        const double right = dice.chance(0.05) ? asked.guess : asked.guess + (1.0 - asked.guess) * hears;
        threshold.add(amount, dice.chance(right), asked.guess);
        const double off = std::abs(threshold.heard().amount / truth - 1.0);
        if (n == 25) within40 += off <= 0.40;
        if (n == 40) within25 += off <= 0.25;
      }
      const HeardDifference heard = threshold.heard();
      covered += heard.low <= truth && truth <= heard.high;
      EXPECT_EQ(heard.answers, 40);
    }
    EXPECT_GE(within40, asked.after25) << asked.guess << ", " << asked.slope;
    EXPECT_GE(within25, asked.after40) << asked.guess << ", " << asked.slope;
    EXPECT_GE(covered, 84) << "nine in ten of it";
  }
}

TEST(Threshold, OfSomebodyWhoOnlyGuessesIsUnsureAndOfOneWhoHearsAllIsSmall) {
  sounds::Dice dice(5);
  Threshold guesses(1.0, 60.0), hears(1.0, 60.0);
  EXPECT_FALSE(hears.isSure());
  for (int n = 0; n < 60; ++n) {
    guesses.add(guesses.next(0.5), dice.chance(0.5), 0.5);
    hears.add(hears.next(0.5), true, 0.5);
  }
  EXPECT_GT(guesses.heard().amount, 30.0);
  EXPECT_LT(hears.heard().amount, 1.6);
}

TEST(Questions, HaveTheirAnswerWhereNobodyCanTellBeforehand) {
  SoundMaker maker = someMaker(8);
  Chance chance(99);
  const std::vector<Change> named{Change::sag, Change::gap, Change::wave, Change::fade};
  for (const auto& [way, change] : {std::pair{Way::which, Change::offset},
                                    {Way::which, Change::gap},
                                    {Way::odd, Change::wave},
                                    {Way::same, Change::fade},
                                    {Way::reference, Change::offset},
                                    {Way::named, Change::sag}}) {
    ASSERT_TRUE(canBeAsked(way, change));
    for (int i = 0; i < 6; ++i) {
      const auto question = ask(maker, way, change, 12.0, named, chance);
      ASSERT_TRUE(question);
      ASSERT_LT(question->right, question->choices);
      const std::vector<bool>& has = question->has;
      const auto with = static_cast<std::size_t>(std::ranges::find(has, true) - has.begin());
      switch (way) {
        case Way::which:
          EXPECT_EQ(question->right, change == Change::offset ? with : 1 - with);
          break;
        case Way::odd:
          EXPECT_EQ(std::ranges::count(has, has[question->right]), 1);
          break;
        case Way::same:
          EXPECT_EQ(question->right, std::ranges::count(has, true) == 0 ? 0u : 1u);
          EXPECT_EQ(question->sounds[0]->samples == question->sounds[1]->samples, question->right == 0);
          break;
        case Way::reference:
          EXPECT_EQ(question->right, question->changed.amount > 0.0 ? 1u : 0u);
          EXPECT_FALSE(has[0]);
          break;
        case Way::named:
          EXPECT_EQ(question->named[question->right], change);
          break;
      }
    }
  }
  EXPECT_FALSE(canBeAsked(Way::reference, Change::gap));
  EXPECT_FALSE(ask(maker, Way::named, Change::late, 40.0, named, chance)) << "it is not among the choices";
}

TEST(Questions, AreDrawnAsTheyWereMeasured) {
  sounds::Dice dice(12);
  SoundMaker maker = someMaker(11);
  Chance chance(5);
  const auto middle = [](const HeardCourse& course, double from, double to) {
    std::vector<double> cents, level;
    for (auto i = static_cast<std::size_t>(from * 100); i < static_cast<std::size_t>(to * 100); ++i) {
      if (course[i].cents) cents.push_back(*course[i].cents);
      level.push_back(course[i].level_db);
    }
    return std::pair(medianOf(cents).value_or(0.0), *medianOf(level));
  };
  for (int i = 0; i < 4; ++i) {
    const auto drawn = [&](Change change, double amount) {
      const auto question = ask(maker, Way::which, change, amount, {}, chance);
      const std::size_t with = question->has[0] ? 0 : 1;
      EXPECT_EQ(question->sounds[with]->course.size(), question->sounds[1 - with]->course.size());
      return std::pair(question->sounds[with]->course, question->sounds[1 - with]->course);
    };
    const double cents = dice(3.0, 50.0), softer_db = dice(2.0, 12.0), break_ms = dice(40.0, 130.0);
    const auto [sharp, plain] = drawn(Change::offset, cents);
    EXPECT_NEAR(middle(sharp, 0.2, 1.4).first - middle(plain, 0.2, 1.4).first, cents, 0.5);
    EXPECT_NEAR(middle(plain, 0.2, 1.4).first, 0.0, 5.0);
    EXPECT_NEAR(middle(plain, 0.2, 1.4).second, 0.0, 1.5);
    const auto [fading, steady] = drawn(Change::fade, softer_db);
    EXPECT_NEAR(middle(steady, 1.5, 1.56).second - middle(fading, 1.5, 1.56).second, softer_db,
                0.1 * softer_db);
    const HeardCourse broken = drawn(Change::gap, break_ms).first;
    const auto silence = std::count_if(broken.begin() + 20, broken.end() - 20,
                                       [](const HeardMoment& m) { return m.level_db < -20.0; });
    EXPECT_NEAR(10.0 * static_cast<double>(silence), break_ms, 15.0);
  }
}

/// Ten thousand draws: each place as often, whatever came before.
TEST(Questions, PlacesAreEvenAndDoNotTellTheNextOne) {
  for (const Way way : {Way::which, Way::odd, Way::same, Way::reference}) {
    Chance chance(static_cast<unsigned>(way) + 1);
    const std::size_t choices = way == Way::odd ? 3 : 2;
    std::vector<double> after(choices * choices);
    std::size_t before = 0;
    constexpr int draws = 10000;
    for (int i = 0; i < draws; ++i) {
      const Drawn drawn = drawPlaces(way, Change::offset, chance);
      ASSERT_LT(drawn.right, choices);
      after[before * choices + drawn.right] += 1.0;
      before = drawn.right;
    }
    const double each = draws / static_cast<double>(after.size());
    double chi = 0.0;
    for (const double n : after) chi += (n - each) * (n - each) / each;
    EXPECT_LT(chi, choices == 3 ? 26.1 : 16.3)
        << "p = 0.001 of " << after.size() - 1 << " degrees of freedom";
  }
}

TEST(Answers, GiveACourseByWeekAndByRegionAndAlikeOnesSayHowOftenIsGuessed) {
  sounds::Dice dice(21);
  std::vector<EarAnswer> answers;
  const Day monday = *dayFrom("2026-10-05");
  for (int week = 0; week < 4; ++week)
    for (int n = 0; n < 60; ++n) {
      EarAnswer a;
      a.day = monday + std::chrono::days(7 * week + n % 5);
      a.concert = n % 2 == 0 ? 62 : 50;
      a.amount = 2.0 * std::pow(15.0, dice(0.0, 1.0));
      const double truth = (week < 2 ? 16.0 : 4.0) * (n % 2 == 0 ? 1.0 : 2.5);
      a.right = dice.chance(0.5 + 0.5 * (1.0 - std::exp(-std::pow(a.amount / truth, 3.0))));
      answers.push_back(a);
    }
  const auto weeks = earWeeks(answers, Change::offset);
  ASSERT_EQ(weeks.size(), 4u);
  EXPECT_EQ(weeks[0].monday, monday);
  EXPECT_GT(weeks[0].heard.amount, 1.3 * weeks[3].heard.amount);
  EXPECT_TRUE(earWeeks(answers, Change::gap).empty());
  EXPECT_EQ(regionOf(62), 4);
  EXPECT_GT(thresholdOf(answers, Change::offset, 3).heard().amount,
            1.2 * thresholdOf(answers, Change::offset, 4).heard().amount);
  const auto regions = heardByRegion(answers, Change::offset);
  ASSERT_EQ(regions.size(), 2u);
  EXPECT_EQ(regions[0].first, 3);
  EXPECT_GT(regions[0].second.amount, regions[1].second.amount);
  EXPECT_EQ(thresholdOf(answers, Change::offset).heard().answers, 240);
  // Who calls everything different hears nothing by it.
  std::vector<EarAnswer> alike;
  for (int n = 0; n < 60; ++n) {
    EarAnswer a;
    a.way = Way::same;
    a.amount = n % 2 == 0 ? 0.0 : 4.0;
    a.right = n % 2 == 1;
    alike.push_back(a);
  }
  const HeardDifference careless = thresholdOf(alike, Change::offset).heard();
  for (EarAnswer& a : alike) a.right = true;
  EXPECT_GT(careless.amount, 2.0 * thresholdOf(alike, Change::offset).heard().amount);
  EXPECT_EQ(guessError(std::vector<EarGuess>{{0, {}, "held_s", 9.0, 20.0},
                                             {0, {}, "held_s", 8.0, 7.0},
                                             {0, {}, "held_s", 5.0, 7.0},
                                             {0, {}, "sag_cents", 5.0, 50.0}},
                       "held_s", 2),
            1.5);
}

}  // namespace
}  // namespace calando
