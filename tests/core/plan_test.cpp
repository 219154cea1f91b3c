#include "core/plan_fixture.h"

namespace calando {
namespace {

TEST(Plan, AGateNeedsGoodTakesOnDifferentDays) {
  Desk desk;
  desk.play(0, "steady-tone", 10.0, "+++++");
  EXPECT_TRUE(desk.proposed(0).empty()) << "all on one day";
  desk.play(1, "steady-tone", 10.0, "-");
  EXPECT_TRUE(desk.proposed(1).empty()) << "on the other day none was good";
  desk.play(2, "steady-tone", 10.0, "-+");
  const auto list = desk.proposed(2);
  ASSERT_EQ(list.size(), 1u) << "one new thing, though the next step could open, too";
  EXPECT_EQ(list[0].kind, stepUp);
  EXPECT_EQ(list[0].from, 10.0);
  EXPECT_EQ(list[0].to, 12.0);
  EXPECT_EQ(list[0].standing.good, 3);
  EXPECT_EQ(list[0].standing.days, 2);
  EXPECT_EQ(list[0].takes.size(), 5u);
  desk.plan.gate = Gate{4, 5, 2};
  EXPECT_TRUE(desk.proposed(2).empty()) << "the teacher asks for more";
  desk.plan.gate = Gate{2, 5, 3};
  EXPECT_TRUE(desk.proposed(2).empty()) << "on three days";
}

TEST(Plan, WhatIsNewKeepsTheRestWaitingAndWhatWasRefusedIsNotAskedAgainForAWeek) {
  Desk desk;
  desk.play(0, "steady-tone", 10.0, "+++");
  desk.play(1, "steady-tone", 10.0, "++");
  ASSERT_EQ(desk.proposed(1).size(), 1u);
  const Proposal up = desk.proposed(1)[0];
  Desk other = desk;
  other.plan = refused(other.plan, up, day(1));
  EXPECT_TRUE(std::ranges::none_of(other.proposed(7), [](const auto& p) { return p.kind == stepUp; }));
  EXPECT_EQ(other.proposed(8).at(0).kind, stepUp);
  other.take(up, 2);
  EXPECT_EQ(other.plan.find("steady-tone")->asked, 12.0);

  desk.take(up, 1);
  desk.play(2, "steady-tone", 12.0, "+++");
  EXPECT_TRUE(desk.proposed(2).empty()) << "12 seconds are new";
  desk.play(3, "steady-tone", 12.0, "--");
  const auto list = desk.proposed(3);
  ASSERT_EQ(list.size(), 1u);
  EXPECT_EQ(list[0].kind, open) << "no longer new, and not the same again";
  EXPECT_EQ(list[0].exercise, "scale-4-4");
  // A value of the teacher's own.
  const Planned ownValue = taken({desk.plan, desk.order}, up, 11.0, day(4));
  EXPECT_EQ(ownValue.plan.find("steady-tone")->asked, 11.0);
}

TEST(Plan, StepsBackAfterThreeBadDaysAndWaitsLongerEachTime) {
  Desk desk;
  desk.order = {"steady-tone"};
  desk.plan.step("steady-tone") = {"steady-tone", 12.0, day(0), true};
  desk.play(0, "steady-tone", 12.0, "--");
  desk.play(1, "steady-tone", 12.0, "--");
  EXPECT_TRUE(desk.proposed(1).empty());
  desk.play(3, "steady-tone", 12.0, "-");
  auto list = desk.proposed(3);
  ASSERT_EQ(list.size(), 1u);
  EXPECT_EQ(list[0].kind, stepBack);
  EXPECT_EQ(list[0].why, Proposal::Why::badDays);
  EXPECT_EQ(list[0].to, 10.0);
  EXPECT_EQ(list[0].takes.size(), 5u);
  desk.take(list[0], 3);
  desk.play(4, "steady-tone", 10.0, "+++");
  desk.play(5, "steady-tone", 10.0, "+++");
  EXPECT_TRUE(std::ranges::none_of(desk.proposed(6), [](const auto& p) { return p.kind == stepUp; }));
  list = desk.proposed(10);
  const auto up = std::ranges::find(list, stepUp, &Proposal::kind);
  ASSERT_NE(up, list.end());
  EXPECT_EQ(up->to, 11.0) << "half a step, where the whole one was too much";
  // At the lowest step: a rest until a Monday, twice, then something else.
  desk = {};
  desk.play(0, "steady-tone", 4.0, "-");
  desk.play(1, "steady-tone", 4.0, "-");
  desk.play(2, "steady-tone", 4.0, "-");
  for (int round = 0, today = 2; round < 3; ++round, today += 14) {
    list = desk.proposed(today);
    ASSERT_FALSE(list.empty());
    EXPECT_EQ(list[0].kind, round < 2 ? rest : leave);
    if (round < 2) {
      EXPECT_EQ(std::chrono::weekday(*list[0].notBefore), std::chrono::Monday);
      EXPECT_EQ(list[0].notBefore, day(7 + today - 2));
    }
    desk.take(list[0], today);
    EXPECT_EQ(desk.proposed(today).at(0).kind, open) << "what rests keeps nothing else closed";
    for (int d = 11; d < 14; ++d) desk.play(today + d, "steady-tone", 4.0, "-");
  }
}

TEST(Plan, APauseMakesEverythingThatGrowsOneStepEasierOnce) {
  Desk desk;
  desk.plan.step("steady-tone") = {"steady-tone", 15.0, day(-20)};
  desk.play(0, "steady-tone", 15.0, "+-");
  desk.play(1, "scale-4-4", 15.0, "+");
  EXPECT_TRUE(desk.proposed(10).empty());
  for (const int today : {11, 16}) {
    if (today == 16) desk.play(15, "steady-tone", 15.0, "-");
    const auto list = desk.proposed(today);
    ASSERT_EQ(list.size(), 1u) << "scale-4-4 has nothing to be less of";
    EXPECT_EQ(list[0].why, Proposal::Why::pause);
    EXPECT_EQ(list[0].to, 12.0);
  }
  Desk refusing = desk;
  refusing.plan = refused(desk.plan, desk.proposed(16)[0], day(16));
  EXPECT_TRUE(refusing.proposed(16).empty());
  desk.take(desk.proposed(16)[0], 16);
  EXPECT_TRUE(desk.proposed(16).empty()) << "once";
}

TEST(Plan, GoesOnToTheNextCardAndBackFromIt) {
  Desk desk;
  desk.order = {"scale-4-4"};
  desk.play(0, "scale-4-4", 8.0, "+++");
  desk.play(1, "scale-4-4", 8.0, "++");
  auto list = desk.proposed(1);
  ASSERT_EQ(list.size(), 1u);
  EXPECT_EQ(list[0].kind, goOn);
  desk.take(list[0], 1);
  EXPECT_EQ(desk.order, std::vector<std::string>{"scale-8-8"});
  for (int d = 2; d < 5; ++d) desk.play(d, "scale-8-8", 8.0, "--");
  list = desk.proposed(5);
  ASSERT_EQ(list.size(), 1u);
  EXPECT_EQ(list[0].kind, goBack);
  desk.take(list[0], 5);
  EXPECT_EQ(desk.order, std::vector<std::string>{"scale-4-4"});
}

TEST(Plan, TheRangeGrowsByANoteWhereItsEdgeIsReliable) {
  Desk desk;
  desk.order = {"chromatic-up"};
  desk.range = {0, 12};
  for (int d = 0; d < 2; ++d) {
    desk.play(d, "steady-tone", 8.0, "++");
    for (int i = 0; i < 2; ++i) desk.past[static_cast<std::size_t>(i)].note = 12;
  }
  desk.play(1, "steady-tone", 8.0, "+");
  desk.past[0].note = 12;
  const auto list = desk.proposed(1);
  ASSERT_EQ(list.size(), 1u);
  EXPECT_EQ(list[0].kind, range);
  EXPECT_EQ(list[0].to, 13.0);
  desk.take(list[0], 1);
  desk.range.highest = 13;
  EXPECT_TRUE(desk.proposed(2).empty());
  for (int d = 3; d < 6; ++d) {
    desk.play(d, "steady-tone", 8.0, "-");
    desk.past[0].note = 13;
  }
  ASSERT_EQ(desk.proposed(6).size(), 1u);
  EXPECT_EQ(desk.proposed(6)[0].to, 12.0);
}

TEST(Plan, ComesBackFromItsText) {
  sounds::Dice dice(4);
  for (int i = 0; i < 200; ++i) {
    Plan plan;
    plan.minutes = dice.whole(5, 60);
    for (bool& on : plan.weekdays) on = dice.chance(0.7);
    if (dice.chance(0.5)) plan.gate = Gate{dice.whole(1, 5), dice.whole(5, 9), dice.whole(1, 4)};
    const auto someDay = [&] {
      return dice.chance(0.5) ? std::optional(day(dice.whole(-9999, 9999))) : std::nullopt;
    };
    for (int s = dice.whole(0, 6); s-- > 0;) {
      PlanStep& step = plan.step("step-" + std::to_string(s));
      step = {step.exercise, {}, someDay(), dice.chance(0.5), someDay(), someDay(), someDay()};
      if (dice.chance(0.5)) step.asked = dice(1.0, 60.0);
      if (dice.chance(0.5)) step.failed = dice(1.0, 60.0);
      step.backs = dice.whole(0, 3);
      step.rests = dice.whole(0, 3);
      step.left = dice.chance(0.2);
    }
    if (dice.chance(0.5)) plan.holidays.push_back({day(3), day(dice.whole(3, 30))});
    const std::string text = toText(plan);
    ASSERT_EQ(planFrom(text), plan) << text;
    // Whatever became of the text, it is a plan.
    std::string broken = text;
    for (int b = dice.whole(1, 5); b-- > 0;)
      broken[static_cast<std::size_t>(dice.whole(0, static_cast<int>(text.size()) - 1))] =
          static_cast<char>(dice.whole(32, 126));
    const Plan read = planFrom(broken);
    EXPECT_TRUE(read.minutes >= 5 && read.minutes <= 240);
  }
}

}  // namespace
}  // namespace calando
