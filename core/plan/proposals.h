#pragma once

#include <functional>

#include "core/exercise/exercise.h"
#include "core/exercise/exercise_ptr.h"
#include "core/exercise/note_range.h"
#include "core/judging/history.h"
#include "core/plan/plan.h"

/// What of a plan could be changed, and why.
namespace calando {

/// What a proposal is made of.
struct PlanState {
  const Plan& plan;
  std::vector<ExercisePtr> order;  ///< the lesson's, without what is no more
  std::span<const PastTake> past;  ///< newest first
  NoteRange range;                 ///< the player's
  Day today;
  std::function<ExercisePtr(const std::string&)> find;  ///< any card, nullptr for none
};

/// Something that could be changed in the plan.
struct Proposal {
  enum class Kind {
    stepUp,    ///< the same, one step more of it
    goOn,      ///< the card after it takes its place
    open,      ///< the next step of the order
    stepBack,  ///< one step less
    goBack,    ///< the card before it takes its place
    rest,      ///< not before a Monday
    leave,     ///< something else for now
    range      ///< one note more, or one less again
  };
  enum class Why {
    gate,     ///< good often enough, on days enough
    badDays,  ///< none of the last three days had a good one
    stuck,    ///< weeks without getting there
    pause,    ///< after days without playing
    skipped   ///< what was before it rests or is left
  };
  Kind kind;
  Why why;
  std::string exercise;
  std::optional<double> from = {},
                        to = {};         ///< of stepUp and stepBack: what is asked; of range: a written note
  std::string card = {};                 ///< of goOn and goBack: the other card
  std::optional<Day> notBefore = {};     ///< of rest
  std::vector<std::int64_t> takes = {};  ///< that led to it, newest first
  Standing standing = {};                ///< of the gate
  int pause_days = 0;
};

/// What is proposed today: what is to be made easier; once that is settled at most one new thing.
std::vector<Proposal> proposalsFor(const PlanState& state);

/// A plan with its running order.
struct Planned {
  Plan plan;
  std::vector<std::string> order;
};
/// As it is once a proposal is taken. Of a range only the plan: the range itself is the student's.
Planned taken(const Planned& planned, const Proposal& proposal, Day today);
/// The same with another value than the proposed one.
Planned taken(const Planned& planned, Proposal proposal, double to, Day today);
/// It is not proposed again for a week.
Plan refused(Plan plan, const Proposal& proposal, Day today);

/// The takes that say whether what a step asks now is held, newest first.
std::vector<PastTake> takesOfStep(const PlanState& state, const Exercise& card);

/// It is practised now: it was opened, and neither rests nor is left.
bool isPractised(const PlanState& state, std::size_t row);
/// It is new: it was made harder or opened, and has not been done often enough since.
bool isNew(const PlanState& state, const Exercise& card);

}  // namespace calando
