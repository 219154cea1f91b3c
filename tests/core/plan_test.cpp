#include "core/plan/plan.h"

#include <gtest/gtest.h>

#include <cstdlib>
#include <fstream>

#include "core/figures/findings.h"
#include "core/library/cards.h"
#include "core/signal/two_tones.h"
#include "support/learners.h"

namespace calando {
namespace {

using practice::Course;
using practice::Learner;
using enum Proposal::Kind;

const Day kMonday = std::chrono::local_days(std::chrono::year(2026) / 11 / 2);
Day day(int n) { return kMonday + std::chrono::days(n); }

const std::vector<std::string> kOrder{"in-2-out-4", "buzz-4-4",      "steady-tone", "scale-4-4",
                                      "stairs-3",   "tongued-rungs", "swell",       "home-two"};

/// A student with a plan whose takes are made one by one.
struct Desk {
  Plan plan;
  std::vector<std::string> order{"steady-tone", "scale-4-4"};
  std::vector<PastTake> past;
  NoteRange range;

  void play(int onDay, const std::string& exercise, double asked, const std::string& verdicts) {
    for (const char v : verdicts) {
      PastTake take{static_cast<std::int64_t>(past.size()) + 1, onDay * 86400, exercise, TeachersWord::none,
                    TakeSummary{v == '+' ? Verdict::inside : Verdict::outside, {}, {}}};
      take.day = day(onDay);
      take.seconds = asked;
      past.insert(past.begin(), take);
    }
  }
  std::vector<Proposal> proposed(int today) const {
    PlanState state{plan, {}, past, range, day(today), findExercise};
    for (const std::string& id : order) state.order.push_back(findExercise(id));
    return proposalsFor(state);
  }
  void take(const Proposal& p, int today) {
    const Planned next = taken({plan, order}, p, day(today));
    plan = next.plan;
    order = next.order;
  }
};

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

TEST(Sheet, FillsTheTimeInOrderWithRestsAndTurns) {
  for (const int minutes : {10, 20, 40}) {
    Plan plan;
    plan.minutes = minutes;
    plan.weekdays = {true, true, false, true, true, true, false};
    plan.holidays = {{day(8), day(10)}};
    plan.step("swell").notBefore = day(7);
    plan.step("tongued-rungs") = {"tongued-rungs", 72.0, day(0), true};
    PlanState state{plan, {}, {}, {}, day(0), findExercise};
    for (const std::string& id : kOrder) {
      state.order.push_back(findExercise(id));
      if (!plan.find(id)) plan.step(id).since = day(-9);
    }
    plan.step("swell").since = day(-9);
    std::map<std::string, int> turns;
    const auto sheets = sheetsFor(state, "trumpet-bb", day(0), 14);
    ASSERT_EQ(sheets.size(), 10u);
    for (const DaySheet& sheet : sheets) {
      EXPECT_EQ(sheet.holiday, plan.isHoliday(sheet.day));
      EXPECT_LE(sheet.total_s(), 60.0 * minutes);
      EXPECT_EQ(sheet.items.empty(), sheet.holiday);
      std::size_t place = 0;
      bool hasNew = false;
      for (const SheetItem& item : sheet.items) {
        const auto at = static_cast<std::size_t>(std::ranges::find(kOrder, item.card->id) - kOrder.begin());
        EXPECT_TRUE(place <= at && at < kOrder.size()) << "the lesson's order";
        place = at;
        ++turns[item.card->id];
        hasNew |= item.card->id == "tongued-rungs";
        EXPECT_TRUE(item.card->id != "swell" || sheet.day >= day(7));
        EXPECT_TRUE(item.card->mostPerDay == 0 || item.sets <= item.card->mostPerDay);
        const SetLength length = lengthOf(*item.card, item.asked, "trumpet-bb", {});
        if (!item.card->drillsBreath()) {
          EXPECT_GE(item.set_s + item.rest_s, 2.0 * length.work_s - 1e-9) << item.card->id;
        }
        EXPECT_GE(item.rest_s, item.card->rest_s);
      }
      EXPECT_TRUE(hasNew || sheet.holiday);
      // What is left would not hold one more set of anything that may be done once more.
      for (const SheetItem& item : sheet.items) {
        const int most =
            item.card->mostPerDay > 0 ? std::min(3, item.card->mostPerDay) : std::max(3, item.card->sets);
        EXPECT_TRUE(item.sets >= most || sheet.total_s() + item.set_s + item.rest_s >
                                             60.0 * minutes - 15.0 * static_cast<double>(sheet.items.size()))
            << item.card->id << item.sets;
      }
    }
    EXPECT_EQ(turns.size(), kOrder.size()) << minutes << ": everything has its turn";
  }
}

constexpr Learner kLearners[] = {{"fast", 2.0, 0.10, 0.3, 0.9},
                                 {"slow", 0.5, 0.02, 0.4, 0.6},
                                 {"uneven", 1.0, 0.04, 1.5, 0.5},
                                 {"ill for two weeks", 1.5, 0.06, 0.4, 0.8, 56, 70},
                                 {"never practises", 1.0, 0.05, 0.3, 0.0},
                                 {"hardly able", -3.0, 0.01, 0.5, 0.7}};

class Led : public testing::TestWithParam<Learner> {};

unsigned seeds() {
  const char* more = std::getenv("CALANDO_LEARNERS");
  return more ? static_cast<unsigned>(std::atoi(more)) : 6u;
}

bool isRaise(const Proposal& p) { return p.kind == stepUp || p.kind == goOn || p.kind == open; }

TEST_P(Led, WithoutAJumpADeadEndOrAnEndlessRepeat) {
  const Learner& learner = GetParam();
  for (unsigned seed = 1; seed <= seeds(); ++seed) {
    const Course course = courseOf(learner, kOrder, 26, seed);
    std::map<std::pair<std::string, double>, int> backs;
    std::map<std::string, Day> raisedOn;
    int raises = 0;
    for (const practice::DayDone& done : course.days) {
      if (done.practised) {
        ASSERT_FALSE(done.sheets.at(0).items.empty()) << seed << ": nothing to do";
        EXPECT_LE(done.sheets[0].total_s(), 60.0 * course.planned.plan.minutes);
      }
      EXPECT_LT(done.taken.size(), 30u);
      EXPECT_LE(std::ranges::count_if(done.taken, isRaise), 1) << "one new thing";
      for (const Proposal& p : done.taken) {
        const ExercisePtr card = findExercise(p.exercise);
        if (p.kind == stepUp) {
          EXPECT_LE(p.to, stepOver(card->grows, *p.from)) << "a jump";
        }
        if (p.kind == stepBack) {
          EXPECT_GE(p.to, stepUnder(card->grows, *p.from));
          if (p.why != Proposal::Why::pause) {
            EXPECT_LE((++backs[{p.exercise, *p.from}]), 3) << seed << p.exercise;
          }
        }
        if (!isRaise(p)) continue;
        ++raises;
        if (const auto last = raisedOn.find(p.exercise); last != raisedOn.end()) {
          EXPECT_GE(done.day - last->second, std::chrono::days(1)) << p.exercise;
        }
        raisedOn[p.exercise] = done.day;
      }
    }
    if (learner.practises == 0.0) {
      EXPECT_EQ(raises, 0);
      EXPECT_EQ(course.planned.plan, Plan{});
      continue;
    }
    // Where they are led: near what they can do by then, and not past it.
    const practice::DayDone& last = course.days.back();
    for (const auto& [exercise, asked] : last.asked) {
      const ExercisePtr card = findExercise(exercise);
      const auto able = course.able.find(practice::ladderOf(*card));
      if (able == course.able.end()) continue;
      const double hard = practice::hardnessOf(*card, asked);
      EXPECT_LE(hard, std::max(0.0, able->second + 2.5)) << learner.name << seed << exercise;
      const double top = practice::hardnessOf(*card, card->grows.steps.back());
      if (learner.learns >= 0.05) {
        EXPECT_GE(hard, std::min(able->second, top) - 3.0) << learner.name << seed << exercise;
      }
    }
    if (learner.able > 0.0) {
      EXPECT_GE(raises, 6) << learner.name << seed;
    }
  }
}

INSTANTIATE_TEST_SUITE_P(Students, Led, testing::ValuesIn(kLearners));

/// The picture of docs/plan.md: what the long tone asks of each of them over half a year.
void draw(std::ostream& out) {
  constexpr double width = 900, row = 96, left = 150, right = 20;
  const std::vector<double>& steps = findExercise("steady-tone")->grows.steps;
  out << "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 " << width << ' '
      << row * std::size(kLearners) + 40
      << "\" font-family=\"sans-serif\" font-size=\"13\" fill=\"#1E2A36\">\n"
      << "<rect width=\"100%\" height=\"100%\" fill=\"#FCFAF5\"/>\n";
  for (std::size_t i = 0; i < std::size(kLearners); ++i) {
    const Course course = courseOf(kLearners[i], kOrder, 26, 1);
    const double foot = 20 + row * static_cast<double>(i + 1) - 14, head = foot - row + 30;
    const auto x = [&](std::size_t d) {
      return left + (width - left - right) * static_cast<double>(d) / static_cast<double>(course.days.size());
    };
    const auto y = [&](double asked) {
      return foot -
             (foot - head) * (std::log(asked / steps.front()) / std::log(steps.back() / steps.front()));
    };
    out << "<text x=\"12\" y=\"" << foot - 24 << "\">" << kLearners[i].name
        << "</text><path fill=\"none\" stroke=\"#D8D2C4\" d=\"M" << left << ' ' << foot << 'H'
        << width - right << "\"/>\n<path fill=\"none\" stroke=\"#31408F\" stroke-width=\"2\" d=\"";
    std::optional<double> asked;
    for (std::size_t d = 0; d < course.days.size(); ++d) {
      const auto now = course.days[d].asked.find("steady-tone");
      if (now == course.days[d].asked.end()) break;
      if (asked != now->second) out << (asked ? 'H' : 'M') << x(d) << (asked ? " V" : " ") << y(now->second);
      asked = now->second;
    }
    out << 'H' << x(course.days.size()) << "\"/>\n";
    if (asked)
      out << "<text x=\"" << width - right << "\" y=\"" << y(*asked) - 5 << "\" text-anchor=\"end\">"
          << *asked << " s</text>\n";
    for (std::size_t d = 0; d < course.days.size(); ++d)
      if (course.days[d].practised)
        out << "<path stroke=\"#B9573A\" d=\"M" << x(d) << ' ' << foot + 3 << "v5\"/>";
    out << '\n';
  }
  for (int week = 0; week <= 26; week += 2)
    out << "<text text-anchor=\"middle\" x=\"" << left + (width - left - right) * week / 26.0 << "\" y=\""
        << row * std::size(kLearners) + 32 << "\">" << week << "</text>\n";
  out << "<text x=\"12\" y=\"" << row * std::size(kLearners) + 32 << "\">week</text>\n</svg>\n";
}

TEST(Plan, IsDrawnForItsPage) {
  const char* file = std::getenv("CALANDO_PLAN_PICTURE");
  if (!file) GTEST_SKIP() << "scripts/plan draws it";
  std::ofstream out(file);
  draw(out);
  EXPECT_TRUE(out.good());
}

}  // namespace
}  // namespace calando
