// What a lesson goes on with after a take, by a table; and invented beginners of ten instruments who do as
// they are told for eight weeks.
#include "core/plan/next_try.h"

#include <gtest/gtest.h>

#include <random>
#include <set>

#include "core/exercise/fit.h"
#include "core/judging/advice.h"
#include "core/judging/level.h"
#include "core/library/cards.h"
#include "core/library/experience.h"
#include "core/library/lesson.h"
#include "core/plan/sheet.h"
#include "core/ten_instruments.h"

namespace calando {
namespace {

using Kind = NextTry::Kind;
const Day kMonday = std::chrono::local_days(std::chrono::year(2026) / 11 / 2);

/// A student in a lesson.
struct Player {
  const Instrument* instrument;
  Plan plan;
  std::vector<std::string> order;
  std::vector<PastTake> past = {};  // newest first
  Day today = kMonday;
  std::string standsFor = {};

  PlanState state() const {
    PlanState state{plan, {}, past, {}, today, [this](const std::string& id) {
                      const ExercisePtr card = findExercise(id);
                      return card && misfitOf(*card, instrument) ? nullptr : card;
                    }};
    for (const std::string& id : order) state.order.push_back(findExercise(id));
    return state;
  }
  void play(const Exercise& card, double asked, Verdict verdict, const std::string& observation = {}) {
    PastTake take{static_cast<std::int64_t>(past.size()) + 1, 0, card.id, TeachersWord::none,
                  TakeSummary{verdict, {}, {}, observation}};
    take.day = today;
    take.seconds = asked;
    if (card.counted() && asked > 0.0) take.tempo_bpm = asked;
    if (card.climbs()) take.mostCounts = static_cast<int>(asked);
    past.insert(past.begin(), take);
  }
  std::optional<NextTry> next(const Exercise& card) const {
    const PlanState s = state();
    return nextTry(s, proposalsFor(s), card, standsFor);
  }
};

using Until = NextTry::Until;

struct Turn {
  const char* what;
  const char* card;
  const char*
      takes;  ///< today's, oldest first: + good, - outside, 0 no sound; E and H: easier, harder from here
  const char* observed;
  const char* standsFor;
  std::optional<Kind> kind;
  double to = 0.0;
  const char* other = "";
};

TEST(NextTry, IsOneThingThatFollowsFromWhatWasHeard) {
  const Turn turns[] = {
      {"nothing yet", "steady-tone", "", "", "", {}},
      {"broken once is normal", "steady-tone", "-", "", "", {}},
      {"good once", "steady-tone", "+", "", "", Kind::onceMore},
      {"good after broken", "steady-tone", "--+", "", "", Kind::onceMore},
      {"broken twice", "steady-tone", "--", "", "", Kind::easier, 7.0},
      {"broken, good, broken", "steady-tone", "-+-", "", "", {}},
      {"easier, and broken once", "steady-tone", "--E-", "", "", {}},
      {"easier, and broken again", "steady-tone", "--E--", "", "", Kind::leave},
      {"easier, and broken as before", "steady-tone", "--E--", "runs-out", "", Kind::instead, 0, "long-hiss"},
      {"easier, and good", "steady-tone", "--E+", "", "", Kind::onceMore},
      {"easier, and good twice", "steady-tone", "--E++", "", "", Kind::asBefore, 10.0},
      {"as before, and good", "steady-tone", "--E++H+", "", "", Kind::onceMore},
      {"no sound twice", "steady-tone", "00", "silent-brass", "", Kind::instead, 0, "buzz-air-first"},
      {"no sound, and nobody knows why", "steady-tone", "00", "", "", Kind::leave},
      {"good often enough for today", "steady-tone", "+++", "", "", Kind::anotherDay},
      {"what is slow does not get slower", "scale-4-4", "--", "", "", Kind::leave},
      {"what is quick does", "tongued-rungs", "--", "", "", Kind::easier},
      {"stood in, and good once", "long-hiss", "+", "", "steady-tone", Kind::onceMore},
      {"stood in, and good twice", "long-hiss", "++", "", "steady-tone", Kind::back, 0, "steady-tone"},
      {"stood in, and broken: no second branch", "long-hiss", "--", "breath-tight", "steady-tone",
       Kind::leave},
      {"explored, not judged", "high-reach", "+", "", "", {}},
  };
  for (const Turn& turn : turns) {
    SCOPED_TRACE(turn.what);
    const Exercise& card = *findExercise(turn.card);
    Player player{findInstrument("trumpet-bb"), {}, {"steady-tone", "scale-4-4", "tongued-rungs"}};
    player.standsFor = turn.standsFor;
    double asked = card.counted() ? card.tempo_bpm : 10.0;
    for (const char what : std::string(turn.takes)) {
      if (what == 'E') asked = 7.0;
      if (what == 'H') asked = 10.0;
      if (what == '+') player.play(card, asked, Verdict::inside);
      if (what == '-') player.play(card, asked, Verdict::outside, turn.observed);
      if (what == '0') player.play(card, asked, Verdict::notYet, turn.observed);
    }
    const auto next = player.next(card);
    ASSERT_EQ(next.has_value(), turn.kind.has_value());
    if (!next) continue;
    EXPECT_EQ(next->kind, *turn.kind);
    if (turn.to > 0.0) {
      EXPECT_EQ(next->to, turn.to);
    }
    EXPECT_EQ(next->card, turn.other);
  }
}

TEST(NextTry, SaysWhatOnceMoreLeadsTo) {
  const Exercise& card = *findExercise("steady-tone");
  Player player{findInstrument("flute"), {}, {"steady-tone"}};
  const auto once = [&](int toCome, Until until) {
    const auto next = player.next(card);
    ASSERT_TRUE(next);
    EXPECT_EQ(next->kind, Kind::onceMore);
    EXPECT_EQ(next->toCome, toCome);
    EXPECT_EQ(next->until, until);
  };
  player.play(card, 10.0, Verdict::inside);
  once(2, Until::enoughToday);  // another day is wanted too
  player.today += std::chrono::days(1);
  player.play(card, 10.0, Verdict::inside);
  once(1, Until::reliable);
  player.past.clear();
  for (const double seconds : {10.0, 10.0}) player.play(card, seconds, Verdict::outside);
  player.play(card, 7.0, Verdict::inside);
  once(1, Until::asBefore);
}

TEST(NextTry, SaysWhatThePlanSaysOnceItIsReliable) {
  const Exercise& card = *findExercise("steady-tone");
  Player player{findInstrument("oboe"), {}, {"steady-tone"}};
  for (int day = 0; day < 2; ++day, player.today += std::chrono::days(1))
    for (int i = 0; i < 2; ++i) player.play(card, 10.0, Verdict::inside);
  player.today -= std::chrono::days(1);
  const auto next = player.next(card);
  ASSERT_TRUE(next && next->proposal);
  EXPECT_EQ(next->kind, Kind::plan);
  EXPECT_EQ(next->proposal->to, 12.0);
  EXPECT_EQ(proposalsFor(player.state()).front().exercise, next->proposal->exercise);
}

TEST(NextTry, LeadsToCardsThatThereAreAndThatAreJudged) {
  for (const AdviceCard& advice : adviceCards())
    for (const std::string& id : advice.instead) {
      const ExercisePtr card = findExercise(id);
      ASSERT_TRUE(card) << advice.id << ": " << id;
      for (const Level& level : levels())
        EXPECT_TRUE(card->scored && std::ranges::any_of(card->readings,
                                                        [&](const std::string& reading) {
                                                          return findTarget(reading, *card, level, nullptr) !=
                                                                 nullptr;
                                                        }))
            << advice.id << ": " << id << " leads back nowhere";
    }
}

/// Beginners who do as they are told.
class Walk : public testing::TestWithParam<std::string> {
 protected:
  std::vector<std::string> stepsOf(std::string_view lesson) const {
    for (const LessonTemplate& one : lessonsFor(findInstrument(GetParam())))
      if (one.id == lesson) return one.exercises;
    return {};
  }
  /// What may be observed when a card breaks.
  std::vector<std::string> observedOn(const Exercise& card, bool silent) const {
    std::vector<std::string> ids;
    for (const AdviceCard& advice : adviceCards()) {
      if (!advice.whom.holds(*findInstrument(GetParam()))) continue;
      const bool fits = silent ? advice.from == AdviceCard::From::silence
                               : std::ranges::find(card.readings, advice.reading) != card.readings.end();
      if (fits) ids.push_back(advice.id);
    }
    return ids;
  }
  Verdict heard(const Exercise& card, double asked) {
    const double hard = asked / std::max(1.0, able_[card.id == "steady-tone" ? "long" : card.family]);
    const double chance = std::clamp(1.2 - 0.7 * hard, 0.05, 0.95);
    std::uniform_real_distribution<double> any(0.0, 1.0);
    return any(random_) < chance ? Verdict::inside : any(random_) < 0.2 ? Verdict::notYet : Verdict::outside;
  }
  /// One exercise of a day, until the lesson goes on; how often it sounded.
  int practise(Player& player, const SheetItem& item);

  std::mt19937 random_;
  std::map<std::string, double> able_;  // by family of cards, in what they ask
  std::set<Kind> met_;
};

int Walk::practise(Player& player, const SheetItem& item) {
  ExercisePtr card = item.card;
  double asked = item.asked.value_or(card->counted() ? card->tempo_bpm : 5.0);
  int takes = 0;
  std::string observed;
  for (; takes < 25; ++takes) {
    EXPECT_FALSE(misfitOf(*card, *player.instrument)) << card->id;
    const Verdict verdict = heard(*card, asked);
    if (verdict != Verdict::inside && (observed.empty() || random_() % 2)) {
      const auto all = observedOn(*card, verdict == Verdict::notYet);
      observed = all.empty() ? std::string() : all[random_() % all.size()];
    }
    player.play(*card, asked, verdict, verdict == Verdict::inside ? std::string() : observed);
    const auto next = player.next(*card);
    if (!next && verdict == Verdict::inside) return takes + 1;  // nothing is judged of it
    if (!next) continue;
    met_.insert(next->kind);
    switch (next->kind) {
      case Kind::onceMore:
        EXPECT_GT(next->toCome, 0);
        for (const Proposal& p : proposalsFor(player.state()))
          EXPECT_FALSE(p.exercise == card->id && p.kind == Proposal::Kind::stepUp) << card->id;
        break;
      case Kind::easier:
        EXPECT_EQ(next->from, asked) << card->id;
        EXPECT_LT(next->to, next->from);
        EXPECT_GE(next->to, 0.6 * next->from) << card->id;
        asked = next->to;
        break;
      case Kind::asBefore:
        EXPECT_GT(next->to, next->from);
        asked = next->to;
        break;
      case Kind::instead:
        EXPECT_TRUE(player.standsFor.empty());
        player.standsFor = card->id;
        card = findExercise(next->card);
        asked = card->counted() ? card->tempo_bpm : 5.0;
        break;
      case Kind::back:
        EXPECT_EQ(next->card, item.card->id);
        card = item.card;
        player.standsFor.clear();
        asked = item.asked.value_or(card->counted() ? card->tempo_bpm : 5.0);
        break;
      case Kind::plan: {
        const Proposal& p = *next->proposal;
        if (p.kind == Proposal::Kind::stepUp) {
          EXPECT_LE(*p.to, *stepOver(card->grows, *p.from)) << card->id;
        }
        const Planned after = taken({player.plan, player.order}, p, player.today);
        player.plan = after.plan;
        player.order = after.order;
        // The sheet at home and the lesson ask the same from now on.
        for (const DaySheet& day : sheetsFor(player.state(), player.instrument->id, player.today, 1))
          for (const SheetItem& at : day.items)
            if (at.card->id == p.exercise && p.kind == Proposal::Kind::stepUp) {
              EXPECT_EQ(at.asked, p.to);
            }
        return takes + 1;
      }
      case Kind::anotherDay:
      case Kind::leave:
        player.standsFor.clear();
        return takes + 1;
    }
  }
  ADD_FAILURE() << player.instrument->id << ": nothing ends " << card->id;
  return takes;
}

TEST_P(Walk, GoesOnForEightWeeksWithoutADeadEndOrAJump) {
  std::set<std::string> played;
  int days = 0, empty = 0, proposals = 0;
  for (unsigned seed = 1; seed <= 6; ++seed) {
    random_.seed(seed);
    for (const char* family : {"long", "long tones", "flexibility", "dynamics", "breathing"})
      able_[family] = std::uniform_real_distribution<double>(4.0, 60.0)(random_);
    Player player{findInstrument(GetParam()), {}, stepsOf("first-lesson")};
    player.plan.minutes = 20;
    for (int d = 0; d < 56; ++d, player.today += std::chrono::days(1)) {
      if (d == 7) player.order = stepsOf("daily-quarter");
      if (random_() % 7 == 0) continue;
      for (auto& [family, able] : able_) able *= 1.01;
      const auto sheet = sheetsFor(player.state(), GetParam(), player.today, 1);
      ASSERT_EQ(sheet.size(), 1u);
      ++days;
      empty += sheet.front().items.empty();
      const Plan before = player.plan;
      for (const SheetItem& item : sheet.front().items) {
        played.insert(item.card->id);
        EXPECT_LE(practise(player, item), 24) << item.card->id;
        EXPECT_TRUE(player.standsFor.empty());
      }
      // What is left is the plan's: a new thing only where the lesson has not had it today.
      if (player.plan == before)
        for (const Proposal& p : proposalsFor(player.state())) {
          const Planned after = taken({player.plan, player.order}, p, player.today);
          player.plan = after.plan;
          player.order = after.order;
          ++proposals;
        }
    }
  }
  EXPECT_EQ(empty, 0) << "of " << days;
  EXPECT_GT(proposals, 5);
  EXPECT_GE(met_.size(), 7u);
  for (const std::string& id : stepsOf("daily-quarter"))
    EXPECT_TRUE(played.contains(id)) << "stays shut: " << id;
}

INSTANTIATE_TEST_SUITE_P(Beginners, Walk, testing::ValuesIn(kTenInstruments));

}  // namespace
}  // namespace calando
