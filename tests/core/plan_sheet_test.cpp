#include "core/plan_fixture.h"

namespace calando {
namespace {

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

TEST(Sheet, NamesTheNoteThatWasLastAskedForAndNoneWhereThereIsNone) {
  Plan plan;
  plan.minutes = 40;
  std::vector<PastTake> past(3);
  for (PastTake& take : past) take.exercise = "steady-tone";
  past[1].note = 67;  // the newest had a free one
  past[2].note = 60;
  PlanState state{plan, {}, past, {}, day(0), findExercise};
  for (const std::string& id : kOrder) {
    state.order.push_back(findExercise(id));
    plan.step(id).since = day(-9);
  }
  const auto notes = [&] {
    std::map<std::string, std::optional<int>> named;
    for (const DaySheet& sheet : sheetsFor(state, "trumpet-bb", day(0), 7))
      for (const SheetItem& item : sheet.items) named[item.card->id] = item.note;
    return named;
  };
  const int first = findInstrument("trumpet-bb")->firstNote;
  EXPECT_EQ(notes().at("steady-tone"), 67);
  EXPECT_EQ(notes().at("scale-4-4"), first);
  EXPECT_EQ(notes().at("swell"), first);
  EXPECT_EQ(notes().at("in-2-out-4"), std::nullopt);
  EXPECT_EQ(notes().at("buzz-4-4"), std::nullopt);
  past[1].note = past[2].note = 70;
  EXPECT_EQ(notes().at("steady-tone"), 70);
  past[1].note = past[2].note = std::nullopt;
  EXPECT_EQ(notes().at("steady-tone"), std::nullopt) << "any note";
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
