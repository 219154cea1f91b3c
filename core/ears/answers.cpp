#include "core/ears/answers.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

#include "core/maths/statistics.h"

namespace calando {

namespace {

constexpr std::ptrdiff_t kLately = 40;
constexpr double kMostGuess = 0.98;

/// How often somebody calls alike ones different, with one of each said before.
double falseAlarms(std::span<const EarAnswer> answers, Change change) {
  double alike = 2.0, wrong = 1.0;
  for (const EarAnswer& a : answers)
    if (a.change == change && a.way == Way::same && a.amount == 0.0) {
      alike += 1.0;
      wrong += a.right ? 0.0 : 1.0;
    }
  return std::min(kMostGuess, wrong / alike);
}

}  // namespace

std::vector<EarAnswer> lately(std::span<const EarAnswer> answers, Change change) {
  std::vector<EarAnswer> of;
  for (const EarAnswer& answer : answers)
    if (answer.change == change) of.push_back(answer);
  if (std::ssize(of) > kLately) of.erase(of.begin(), of.end() - kLately);
  return of;
}

Threshold thresholdOf(std::span<const EarAnswer> answers, Change change, std::optional<int> region) {
  const ChangeRow& row = rowOf(change);
  Threshold threshold(row.least, row.most);
  const double alarms = falseAlarms(answers, change);
  for (const EarAnswer& a : answers) {
    if (a.change != change || a.amount <= 0.0 || (region && regionOf(a.concert) != *region)) continue;
    threshold.add(a.amount, a.right, a.way == Way::same ? alarms : 1.0 / std::max(2, a.choices));
  }
  return threshold;
}

std::vector<EarWeek> earWeeks(std::span<const EarAnswer> answers, Change change) {
  std::map<Day, std::vector<EarAnswer>> weeks;
  for (const EarAnswer& a : answers)
    if (a.change == change) weeks[mondayOf(a.day)].push_back(a);
  std::vector<EarWeek> list;
  for (const auto& [monday, of] : weeks) {
    const HeardDifference heard = thresholdOf(of, change).heard();
    if (heard.isKnown()) list.push_back({monday, heard});
  }
  return list;
}

std::vector<std::pair<int, HeardDifference>> heardByRegion(std::span<const EarAnswer> answers,
                                                           Change change) {
  std::set<int> regions;
  for (const EarAnswer& answer : answers)
    if (answer.change == change) regions.insert(regionOf(answer.concert));
  std::vector<std::pair<int, HeardDifference>> list;
  for (const int region : regions)
    if (const HeardDifference heard = thresholdOf(answers, change, region).heard(); heard.isKnown())
      list.emplace_back(region, heard);
  return list;
}

std::optional<double> guessError(std::span<const EarGuess> guesses, const std::string& figure,
                                 std::size_t most) {
  std::vector<double> off;
  for (auto guess = guesses.rbegin(); guess != guesses.rend() && off.size() < most; ++guess)
    if (guess->figure == figure) off.push_back(std::abs(guess->guessed - guess->was));
  return medianOf(std::move(off));
}

}  // namespace calando
