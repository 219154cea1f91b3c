#pragma once

#include "core/exercise/exercise.h"
#include "core/exercise/exercise_ptr.h"
#include "core/library/take_spec.h"
#include "core/plan/proposals.h"

/// What a student does on a day at home: made from the plan, for the time that there is.
namespace calando {

struct SheetItem {
  ExercisePtr card;
  std::optional<double> asked;  ///< of what its card grows by
  std::optional<int> note;  ///< written, that it begins on: as it was last asked for; nullopt: any, or none
  int sets = 1;
  double set_s = 0.0;   ///< of one set, with its count-in and what is silent in it
  double rest_s = 0.0;  ///< after each set
  double total_s() const { return sets * (set_s + rest_s); }
};

struct DaySheet {
  Day day;
  std::vector<SheetItem> items;  ///< in the order of the lesson
  bool holiday = false;
  double total_s() const;
};

/// For the days of `days` days from `from` on that the plan has practice on, each within its minutes. What is
/// new is on every one of them; all else that is practised has its turn, what was done longest ago first. As
/// often as its card may be done a day, as many sets as it has, each with its rest: at least as long as the
/// lips or the air have worked. `instrument`: for how long a card takes.
std::vector<DaySheet> sheetsFor(const PlanState& state, const std::string& instrument, Day from, int days);

/// How long one set of a card takes, and how much of it sounds or is breathed, seconds.
struct SetLength {
  double whole_s;
  double work_s;
};
SetLength lengthOf(const Exercise& card, std::optional<double> asked, const std::string& instrument,
                   NoteRange range);

/// A card's wish with what it grows by.
void askFor(TakeRequest& wish, const Exercise& card, std::optional<double> asked);

}  // namespace calando
