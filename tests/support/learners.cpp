#include "support/learners.h"

#include <algorithm>
#include <cmath>

#include "core/exercise/exercise_ptr.h"
#include "core/figures/findings.h"
#include "core/library/cards.h"
#include "core/plan/plan.h"
#include "core/signal/two_tones.h"
#include "core/theory/interval.h"
#include "core/theory/tube.h"

namespace practice {

using namespace calando;

namespace {

const Exercise* cardBefore(const Exercise& card) {
  const auto before = std::ranges::find(exercises(), card.id, &Exercise::then);
  return before == exercises().end() ? nullptr : &*before;
}

/// Where a value lies between the steps of a ladder.
double placeOn(const std::vector<double>& steps, double value) {
  const auto over = std::ranges::lower_bound(steps, value);
  if (over == steps.begin()) return 0.0;
  if (over == steps.end()) return static_cast<double>(steps.size() - 1);
  const double under = *std::prev(over);
  return static_cast<double>(over - steps.begin()) - 1.0 + (value - under) / (*over - under);
}

ExercisePtr find(const std::string& id) { return findExercise(id); }

}  // namespace

std::string ladderOf(const Exercise& card) {
  const Exercise* first = &card;
  while (const Exercise* before = cardBefore(*first)) first = before;
  return first->id;
}

double hardnessOf(const Exercise& card, double asked) {
  constexpr double aCard = 2.0;
  double hard = card.grows.what == Grows::What::nothing ? 0.0 : placeOn(card.grows.steps, asked);
  for (const Exercise* c = cardBefore(card); c; c = cardBefore(*c)) hard += aCard;
  return hard;
}

Course courseOf(const Learner& learner, std::vector<std::string> order, int weeks, unsigned seed) {
  sounds::Dice dice(seed);
  std::normal_distribution<double> form(0.0, learner.form);
  Course course;
  course.planned.order = std::move(order);
  const Day first = std::chrono::local_days(std::chrono::year(2026) / 9 / 7);
  std::int64_t id = 0;
  for (int d = 0; d < 7 * weeks; ++d) {
    const Day today = first + std::chrono::days(d);
    DayDone done{};
    done.day = today;
    const auto stateNow = [&] {
      PlanState state{course.planned.plan, {}, course.past, {}, today, find};
      for (const std::string& exercise : course.planned.order) state.order.push_back(find(exercise));
      return state;
    };
    const bool ill = d >= learner.illFrom && d < learner.illTo;
    if (!ill && dice.chance(learner.practises)) {
      done.practised = true;
      done.sheets = sheetsFor(stateNow(), "trumpet-bb", today, 1);
      const double today_form = form(dice.random);
      for (const DaySheet& sheet : done.sheets)
        for (const SheetItem& item : sheet.items)
          for (int set = 0; set < item.sets; ++set) {
            double& able = course.able.try_emplace(ladderOf(*item.card), learner.able).first->second;
            const double room = able + today_form - hardnessOf(*item.card, item.asked.value_or(0.0));
            const bool good = dice.chance(0.97 / (1.0 + std::exp(-2.0 * room - 1.0)));
            able += learner.learns * std::exp(-room * room / 2.0);
            PastTake take{++id, d * 86400, item.card->id, TeachersWord::none,
                          TakeSummary{good ? Verdict::inside : Verdict::outside, {}, {}}};
            take.day = today;
            TakeRequest wish;
            askFor(wish, *item.card, item.asked);
            take.seconds = wish.seconds;
            take.tempo_bpm = wish.tempo_bpm;
            take.mostCounts = wish.mostCounts;
            course.past.insert(course.past.begin(), take);
          }
    } else {
      for (auto& [ladder, able] : course.able) able = std::max(learner.able, able - 0.02);
    }
    constexpr std::size_t most = 30;  // a plan that always wants something else is none
    while (done.practised && done.taken.size() < most) {
      const std::vector<Proposal> list = proposalsFor(stateNow());
      if (list.empty()) break;
      course.planned = taken(course.planned, list.front(), today);
      done.taken.push_back(list.front());
    }
    for (const std::string& exercise : course.planned.order)
      if (const auto asked = askedNow(course.planned.plan, *find(exercise), course.past))
        done.asked[exercise] = *asked;
    done.order = course.planned.order;
    course.days.push_back(std::move(done));
  }
  return course;
}

}  // namespace practice
