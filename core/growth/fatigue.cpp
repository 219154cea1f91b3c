#include "core/growth/fatigue.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <tuple>

#include "core/base/problem.h"
#include "core/maths/statistics.h"
#include "core/signal/air_spectrum.h"

namespace calando {

namespace {

constexpr std::size_t kFewest = 8;       // takes on the day
constexpr std::size_t kFewestUsual = 3;  // of a kind, on days before
constexpr std::size_t kMostEach = 5;     // takes at either end of the day
constexpr double kErrors = 2.0;
constexpr std::size_t kTogether = 2;

/// The level at which its steady tone was held longest, dBFS.
std::optional<double> levelOf(const PastTake& take) {
  const auto& reach = take.kept->reach;
  const auto longest = std::ranges::max_element(reach, {}, &Reached::seconds);
  return longest == reach.end() ? std::nullopt : std::optional(static_cast<double>(longest->level_db));
}

std::optional<double> valueOf(const PastTake& take, const char* id) {
  const auto found = take.kept->values.find(id);
  return found == take.kept->values.end() ? std::nullopt : std::optional(found->second);
}

/// How much longer than asked for.
std::optional<double> heldOver(const PastTake& take) {
  const auto held = valueOf(take, "held_s");
  return held && take.seconds > 0.0 ? std::optional(*held - take.seconds) : std::nullopt;
}

struct Row {
  Fallen::What what;
  std::optional<double> (*of)(const PastTake&);
  double tired;  ///< the way that it goes
};
constexpr Row kRows[] = {
    {Fallen::What::pitch, [](const PastTake& t) { return valueOf(t, "offset_cents"); }, -1.0},
    {Fallen::What::level, levelOf, -1.0},
    {Fallen::What::core, [](const PastTake& t) { return valueOf(t, "hnr_db"); }, -1.0},
    {Fallen::What::crackle, [](const PastTake& t) { return valueOf(t, "subharmonic_db"); }, 1.0},
    {Fallen::What::held, heldOver, -1.0}};

/// Takes of one kind can be held beside one another.
using Kind = std::tuple<std::string, std::optional<int>, std::optional<int>>;
Kind kindOf(const PastTake& take) { return {take.exercise, take.note, take.place}; }

/// One figure's course through the day, against the usual.
struct DayCourse {
  std::vector<double> today;     ///< oldest first, each less what is usual for its kind
  std::optional<double> repeat;  ///< standard deviation of one such value about its day's mean
  double usualUnsure = 0.0;      ///< variance of the usual, in those of one value
};

/// Values of a day, each kind for itself, oldest first.
using ByKind = std::map<Kind, std::vector<double>>;

/// By how far each is from the one after it: what sinks all day does not tell (von Neumann 1941).
std::optional<double> repeatOf(const ByKind& today) {
  double squares = 0.0;
  std::size_t pairs = 0;
  for (const auto& [kind, values] : today)
    for (std::size_t i = 1; i < values.size(); ++i, ++pairs)
      squares += (values[i] - values[i - 1]) * (values[i] - values[i - 1]) / 2.0;
  return pairs < kFewest / 2 ? std::nullopt : std::optional(std::sqrt(squares / static_cast<double>(pairs)));
}

DayCourse courseOn(std::span<const PastTake> takes, Day day, const Row& row) {
  std::map<Kind, std::map<Day, std::vector<double>>> before;
  ByKind today;
  for (const PastTake& take : takes) {
    const auto value = take.day <= day && counts(take) ? row.of(take) : std::nullopt;
    if (!value) continue;
    auto& values = take.day < day ? before[kindOf(take)][take.day] : today[kindOf(take)];
    values.insert(values.begin(), *value);
  }
  DayCourse course;
  std::map<Kind, double> usual;
  PooledDeviation within;
  for (const auto& [kind, days] : before) {
    std::vector<double> all;
    for (const auto& [on, values] : days) {
      all.insert(all.end(), values.begin(), values.end());
      within.add(values);
    }
    if (all.size() >= kFewestUsual) usual[kind] = median(all);
  }
  for (const auto& [kind, values] : today)
    if (!usual.contains(kind) && values.size() > kFewestUsual) {
      usual[kind] = mean(std::span(values).first(kFewestUsual));
      course.usualUnsure = 1.0 / kFewestUsual;
    }
  course.repeat = within.free() >= kFewestUsual ? std::optional(within.value()) : repeatOf(today);
  for (const PastTake& take : takes) {
    if (take.day != day || !counts(take)) continue;
    const auto known = usual.find(kindOf(take));
    const auto value = row.of(take);
    if (known != usual.end() && value) course.today.insert(course.today.begin(), *value - known->second);
  }
  return course;
}

}  // namespace

std::optional<Fatigue> fatigueOn(std::span<const PastTake> takes, Day day) {
  Fatigue fatigue;
  for (const Row& row : kRows) {
    const DayCourse course = courseOn(takes, day, row);
    if (!course.repeat || course.today.size() < kFewest) continue;
    const std::size_t each = std::min(kMostEach, course.today.size() / 2);
    const std::span<const double> all(course.today);
    const double by = mean(all.last(each)) - mean(all.first(each));
    const double unsure =
        kErrors * *course.repeat * std::sqrt(2.0 / static_cast<double>(each) + course.usualUnsure);
    if (by * row.tired < -unsure) return std::nullopt;  // that got better
    if (by * row.tired <= unsure) continue;
    fatigue.fallen.push_back({row.what, by, unsure});
    fatigue.each = static_cast<int>(each);
  }
  return fatigue.fallen.size() >= kTogether ? std::optional(fatigue) : std::nullopt;
}

}  // namespace calando
