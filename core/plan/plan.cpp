#include "core/plan/plan.h"

#include <algorithm>
#include <cmath>

namespace calando {

const PlanStep* Plan::find(std::string_view exercise) const {
  const auto found = std::ranges::find(steps, exercise, &PlanStep::exercise);
  return found == steps.end() ? nullptr : &*found;
}

PlanStep& Plan::step(std::string_view exercise) {
  const auto found = std::ranges::find(steps, exercise, &PlanStep::exercise);
  if (found != steps.end()) return *found;
  steps.push_back({std::string(exercise)});
  return steps.back();
}

bool Plan::isHoliday(Day day) const {
  return std::ranges::any_of(holidays, [&](const Holiday& h) { return day >= h.from && day <= h.to; });
}

Gate gateOf(const Plan& plan, const Exercise& card) { return gateOf(card, plan.gate); }

std::optional<double> askedIn(const PastTake& take, const Exercise& card) {
  switch (card.grows.what) {
    case Grows::What::nothing:
      return std::nullopt;
    case Grows::What::seconds:
      return take.seconds;
    case Grows::What::tempo:
      return take.tempo_bpm.value_or(card.tempo_bpm);
    case Grows::What::counts:
      return take.mostCounts ? std::optional<double>(*take.mostCounts) : std::nullopt;
  }
  return std::nullopt;
}

std::optional<double> askedNow(const Plan& plan, const Exercise& card, std::span<const PastTake> past) {
  if (card.grows.what == Grows::What::nothing) return std::nullopt;
  if (const PlanStep* step = plan.find(card.id); step && step->asked) return step->asked;
  for (const PastTake& take : past)
    if (take.exercise == card.id)
      if (const auto asked = askedIn(take, card)) return asked;
  return card.grows.steps.front();
}

bool isSameAsking(double a, double b) {
  constexpr double same = 0.01;  // relative: what is asked is typed with few digits
  return std::abs(a - b) <= same * std::abs(b);
}

namespace {

/// The least that two steps differ by.
double finest(Grows::What what) { return what == Grows::What::tempo ? 2.0 : 1.0; }

}  // namespace

std::optional<double> stepOver(const Grows& grows, double asked, bool half) {
  const auto over = std::ranges::find_if(
      grows.steps, [&](double step) { return step > asked && !isSameAsking(step, asked); });
  if (over == grows.steps.end()) return std::nullopt;
  const double fine = finest(grows.what);
  const double middle = std::floor((asked + *over) / 2.0 / fine) * fine;
  return half && middle > asked && !isSameAsking(middle, asked) ? middle : *over;
}

std::optional<double> stepUnder(const Grows& grows, double asked) {
  const auto under = std::find_if(grows.steps.rbegin(), grows.steps.rend(),
                                  [&](double step) { return step < asked && !isSameAsking(step, asked); });
  return under == grows.steps.rend() ? std::nullopt : std::optional(*under);
}

}  // namespace calando
