#pragma once

#include <map>
#include <string>
#include <vector>

#include "core/plan/sheet.h"
#include "support/dice.h"

/// Students who practise what a plan gives them: how well a take comes depends on how hard it is against what
/// they can do, and they learn most from what is just within reach. Independent of the plan's own rules.
namespace practice {

struct Learner {
  const char* name;
  double able;       ///< steps of a ladder that they can do at first
  double learns;     ///< steps a take, at most
  double form;       ///< how much days differ, steps
  double practises;  ///< share of the days
  int illFrom = -1;  ///< days without playing, [from, to)
  int illTo = -1;
};

/// What happened on a day.
struct DayDone {
  calando::Day day;
  bool practised;
  std::vector<calando::Proposal> taken;  ///< at its end
  std::vector<calando::DaySheet> sheets;
  std::map<std::string, double> asked;  ///< of cards that grow, at its end
  std::vector<std::string> order;
};

struct Course {
  std::vector<DayDone> days;
  std::vector<calando::PastTake> past;  ///< newest first
  calando::Planned planned;             ///< at the end
  std::map<std::string, double> able;   ///< by the first card of its ladder, steps
};

/// Some weeks of a learner with a running order, every proposal taken.
Course courseOf(const Learner& learner, std::vector<std::string> order, int weeks, unsigned seed);

/// How hard a card is with what is asked, in steps of its ladder from the first card on; the ladder's first
/// card.
double hardnessOf(const calando::Exercise& card, double asked);
std::string ladderOf(const calando::Exercise& card);

}  // namespace practice
