#pragma once

#include <gtest/gtest.h>

#include <cstdlib>
#include <fstream>

#include "core/figures/findings.h"
#include "core/library/cards.h"
#include "core/plan/plan.h"
#include "core/signal/two_tones.h"
#include "support/learners.h"

namespace calando {
// Of its own: other tests have helpers of these names, too.
inline namespace plans_fixture {

using practice::Course;
using practice::Learner;
using enum Proposal::Kind;

const Day kMonday = std::chrono::local_days(std::chrono::year(2026) / 11 / 2);
inline Day day(int n) { return kMonday + std::chrono::days(n); }

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

}  // namespace plans_fixture
}  // namespace calando
