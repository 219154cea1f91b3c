#pragma once

#include <map>
#include <optional>
#include <span>
#include <string>
#include <vector>

#include "core/figures/figure.h"
#include "core/judging/advice.h"
#include "core/judging/history.h"

/// What grew over weeks, and whether that is more than chance. Pure: a student's takes, newest first, go in.
namespace calando {

struct TriedCue;

/// Which takes a course is of; what is left empty is any.
struct Selection {
  std::string figure;
  std::string exercise = {};
  std::optional<int> note = {};  ///< asked for, written
};

/// One take's value of a figure.
struct Point {
  std::int64_t take;
  Day day;
  double value;
};
/// Values of takes that count and are not vetoed, oldest first. Levels can be compared only where the
/// microphone stood in one place: of a figure in dB those of the newest take's place.
struct Points {
  std::vector<Point> list;
  int elsewhere = 0;  ///< takes that are left out: the microphone stood elsewhere, or nobody knows where
};
Points pointsOf(std::span<const PastTake> takes, const Selection& selection);

/// The median of the takes since a day; nullopt: there is none.
struct Middle {
  double value;
  int takes;
};
std::optional<Middle> middleSince(const Points& points, Day since);

/// A week of a figure.
struct CourseWeek {
  Day monday;
  int takes = 0;
  std::optional<double> middle = {};  ///< median; nullopt without takes
  double least = 0.0, most = 0.0;
};
/// A figure by calendar weeks, from the first one with a value to the last.
struct Course {
  std::vector<CourseWeek> weeks;
  /// Standard deviation of one take about the others of its day; nullopt under four takes that have such.
  std::optional<double> repeat;
  int takes = 0;
  int elsewhere = 0;
};
Course courseOf(std::span<const PastTake> takes, const Selection& selection);

/// Two periods, both ends included.
struct Period {
  Day from, to;
  bool holds(Day day) const { return day >= from && day <= to; }
};
struct PeriodMean {
  int takes = 0;
  int days = 0;
  double mean = 0.0;   ///< of the days' means: takes of one day are alike
  double error = 0.0;  ///< its standard error
};
struct Difference {
  PeriodMean before, after;
  double change() const { return after.mean - before.mean; }
  /// Half of the interval that holds the true change in 95 of 100.
  double unsure = 0.0;
  /// More than chance, and more than what is written of the figure.
  bool tells = false;
};
/// Which two: the last one ends today, and they touch.
enum class Periods { fourWeeks, week, month, halves };
struct PeriodPair {
  Period before, after;
};
/// `first`: the day of the first value, for halves of all the time since.
PeriodPair periodsOf(Periods periods, Day today, Day first);

/// Welch's comparison of the means of days (Welch 1947). Nullopt under two days in either.
std::optional<Difference> differenceOf(const Points& points, const Period& before, const Period& after,
                                       const Print& print);

/// Of so many degrees of freedom, at least 1, the factor on a standard error for 95 of 100.
double studentFactor(double degrees);

/// What a try did, over all the times that it was taken up.
struct TryEffect {
  const AdviceCard* observed;
  std::size_t index;
  const Figure* figure;  ///< what was held beside; nullptr: whether it was heard again
  int times = 0;
  int helped = 0;
  std::optional<double> change;  ///< mean of after less before
  std::optional<double> unsure;  ///< half of its interval of 95 in 100; nullopt under three
};
/// Those tried most often first.
std::vector<TryEffect> effectsOf(std::span<const TriedCue> ledger);

/// A figure by note and week: median of the takes that asked for that note.
std::map<int, std::map<Day, double>> byNoteAndWeek(std::span<const PastTake> takes,
                                                   const std::string& figure);

/// Cards by how often they were played since a day, counting takes alone, the most often first.
std::vector<std::string> mostPlayed(std::span<const PastTake> takes, Day since = Day::min());
/// So many at most of takes that count: those inside first, then near, then outside, in the order they had.
std::vector<const PastTake*> bestFew(std::vector<const PastTake*> takes, std::size_t most);

/// Some minutes of playing on a day.
struct Worked {
  Day day;
  double minutes;
};
/// Minutes by week.
struct WeekLoad {
  Day monday;
  double minutes = 0.0;
  int days = 0;
};
/// The last `weeks` up to that of `today`, oldest first.
std::vector<WeekLoad> loadOf(std::span<const Worked> work, Day today, std::size_t weeks);
/// The last week has more than half as much again as the mean of up to four before it that had any, and ten
/// minutes more.
bool jumps(std::span<const WeekLoad> weeks);

}  // namespace calando
