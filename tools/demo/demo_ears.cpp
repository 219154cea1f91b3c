#include "demo/demo_ears.h"

#include <algorithm>
#include <cmath>
#include <random>

#include "core/standin/random.h"

namespace calando {

namespace {

constexpr int kAWeek = 20;
constexpr double kSlips = 0.05, kSlope = 3.0;
constexpr std::int64_t kWeek_s = 7 * 86400, kAnswer_s = 8;

/// Somebody's ear: what they hear of a change in the first week and in the last.
struct DemoEar {
  const char* name;
  Change change;
  int concert;
  int weeks;
  double first, last;
};
constexpr DemoEar kEars[] = {
    {"Alva Brekke", Change::offset, 65, 8, 32.0, 9.0}, {"Alva Brekke", Change::wave, 65, 5, 24.0, 12.0},
    {"Edda Lunde", Change::offset, 69, 6, 14.0, 5.0},  {"Joon Tervel", Change::sag, 65, 6, 38.0, 21.0},
    {"Joon Tervel", Change::fuzz, 65, 4, 9.0, 6.0},    {"Mirea Stolt", Change::beat, 71, 5, 3.0, 0.9},
    {"Rune Solmark", Change::gap, 53, 5, 60.0, 34.0},  {"Rune Solmark", Change::offset, 53, 5, 40.0, 28.0}};

}  // namespace

Studio::Result<void> fillDemoEars(Studio& studio, const std::vector<Student>& students,
                                  std::int64_t evening_unix_s) {
  std::mt19937 random(41);
  for (const DemoEar& ear : kEars) {
    const std::int64_t student = std::ranges::find(students, ear.name, &Student::name)->id;
    const ChangeRow& row = rowOf(ear.change);
    const Way way = ear.change == Change::offset ? Way::reference : Way::which;
    for (int week = 0; week < ear.weeks; ++week) {
      const double share = ear.weeks < 2 ? 1.0 : static_cast<double>(week) / (ear.weeks - 1);
      const double truth = ear.first * std::pow(ear.last / ear.first, share);
      Threshold threshold(row.least, row.most);
      for (int n = 0; n < kAWeek; ++n) {
        const double amount = threshold.next(0.5, standin::uniform(random));
        const double hears = 1.0 - std::exp(-std::pow(amount / truth, kSlope));
        const bool right = standin::uniform(random) < kSlips * 0.5 + (1.0 - kSlips) * (0.5 + 0.5 * hears);
        threshold.add(amount, right, 0.5);
        const EarAnswer answer{evening_unix_s - (ear.weeks - 1 - week) * kWeek_s + n * kAnswer_s,
                               {},
                               way,
                               ear.change,
                               ear.concert,
                               amount,
                               2,
                               right};
        if (const auto kept = studio.ears.keepAnswer(student, answer); !kept) return kept;
      }
    }
  }
  return {};
}

}  // namespace calando
