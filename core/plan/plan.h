#pragma once

#include <array>
#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/day.h"
#include "core/exercise/exercise.h"
#include "core/judging/history.h"

/// What a student practises between lessons, and how it grows: one thing at a time, never by more than one
/// step, and back where it does not hold. Pure: what there is goes in, what could be changed comes out, and
/// nothing is changed but on the teacher's word. docs/plan.md has the rules.
namespace calando {

/// A step of a student's running order, as the plan has it.
struct PlanStep {
  std::string exercise;
  std::optional<double> asked = {};   ///< of what its card grows by; nullopt: as it was asked for last
  std::optional<Day> since = {};      ///< when it was opened or what it asks last changed
  bool raised = false;                ///< that made it harder: it is new until it has been done a few times
  std::optional<Day> notBefore = {};  ///< it rests until then
  std::optional<Day> noMoreBefore = {};  ///< nothing harder until then
  std::optional<Day> answered = {};      ///< when something proposed for it was refused
  std::optional<double> failed = {};     ///< what it was taken back from last, until it gets past that
  int backs = 0;                         ///< how often since
  int rests = 0;                         ///< how often it rested since it last grew
  bool left = false;                     ///< taken out until somebody wants it again

  bool operator==(const PlanStep&) const = default;
};

/// The player's range as a step of its own: it is no card.
inline constexpr std::string_view kRangeStep = "range";

/// Days on which nothing is practised, both ends included.
struct Holiday {
  Day from, to;
  bool operator==(const Holiday&) const = default;
};

/// A student's plan; the order of its steps is that of the lesson.
struct Plan {
  std::optional<Gate> gate;  ///< the teacher's, instead of the cards' own
  std::vector<PlanStep> steps;
  int minutes = 20;                                                           ///< a day
  std::array<bool, 7> weekdays = {true, true, true, true, true, true, true};  ///< from Monday on
  std::vector<Holiday> holidays;

  const PlanStep* find(std::string_view exercise) const;
  /// Made where there is none.
  PlanStep& step(std::string_view exercise);
  bool isHoliday(Day day) const;
  bool operator==(const Plan&) const = default;
};

std::string toText(const Plan& plan);
/// What cannot be is left out; a plan without anything where it is none of ours.
Plan planFrom(std::string_view text);

/// What a step asks now: what the plan has, else what was asked last, else the first of its card's steps.
/// nullopt where its card does not grow.
std::optional<double> askedNow(const Plan& plan, const Exercise& card, std::span<const PastTake> past);

/// What a take was asked for of what its card grows by; nullopt where the card does not grow.
std::optional<double> askedIn(const PastTake& take, const Exercise& card);

/// They are the same but for how they were typed.
bool isSameAsking(double a, double b);
/// The next of a card's steps over or under what is asked; `half`: half way there where that can be told
/// apart. nullopt past the ends.
std::optional<double> stepOver(const Grows& grows, double asked, bool half = false);
std::optional<double> stepUnder(const Grows& grows, double asked);

/// The gate of a card in a plan.
Gate gateOf(const Plan& plan, const Exercise& card);

}  // namespace calando
