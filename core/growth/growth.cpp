#include "core/growth/growth.h"

#include <algorithm>
#include <cmath>
#include <functional>
#include <set>

#include "core/judging/ledger.h"
#include "core/maths/statistics.h"

namespace calando {

namespace {

constexpr std::chrono::days kWeek{7};

bool isOfLevel(const std::string& figure) {
  const Figure* found = findFigure(figure);
  return found && found->unit.starts_with("dB");
}

/// The place of the newest take that says one.
std::optional<int> placeOf(std::span<const PastTake> takes) {
  for (const PastTake& take : takes)
    if (take.place) return take.place;
  return std::nullopt;
}

std::map<Day, std::vector<double>> byDay(std::span<const Point> points) {
  std::map<Day, std::vector<double>> days;
  for (const Point& p : points) days[p.day].push_back(p.value);
  return days;
}

}  // namespace

Points pointsOf(std::span<const PastTake> takes, const Selection& selection) {
  Points points;
  const bool level = isOfLevel(selection.figure);
  const auto place = placeOf(takes);
  for (const PastTake& take : takes) {
    if (!counts(take) || take.word == TeachersWord::veto) continue;
    if (!selection.exercise.empty() && take.exercise != selection.exercise) continue;
    if (selection.note && take.note != selection.note) continue;
    const auto value = take.kept->values.find(selection.figure);
    if (value == take.kept->values.end()) continue;
    if (level && take.place != place)
      ++points.elsewhere;
    else
      points.list.push_back({take.id, take.day, value->second});
  }
  std::ranges::reverse(points.list);
  return points;
}

std::optional<Middle> middleSince(const Points& points, Day since) {
  std::vector<double> values;
  for (const Point& point : points.list)
    if (point.day >= since) values.push_back(point.value);
  const auto takes = static_cast<int>(values.size());
  const auto middle = medianOf(std::move(values));
  return middle ? std::optional(Middle{*middle, takes}) : std::nullopt;
}

Course courseOf(std::span<const PastTake> takes, const Selection& selection) {
  const Points points = pointsOf(takes, selection);
  Course course;
  course.takes = static_cast<int>(points.list.size());
  course.elsewhere = points.elsewhere;
  if (points.list.empty()) return course;
  std::map<Day, std::vector<double>> weeks;
  for (const Point& p : points.list) weeks[mondayOf(p.day)].push_back(p.value);
  for (Day monday = weeks.begin()->first; monday <= weeks.rbegin()->first; monday += kWeek) {
    CourseWeek week{monday};
    if (const auto found = weeks.find(monday); found != weeks.end()) {
      week.takes = static_cast<int>(found->second.size());
      week.middle = median(found->second);
      const auto [least, most] = std::ranges::minmax(found->second);
      week.least = least;
      week.most = most;
    }
    course.weeks.push_back(week);
  }
  PooledDeviation within;
  for (const auto& [day, values] : byDay(points.list)) within.add(values);
  constexpr std::size_t fewest = 4;
  if (within.values() >= fewest) course.repeat = within.value();
  return course;
}

PeriodPair periodsOf(Periods periods, Day today, Day first) {
  constexpr std::chrono::days day{1};
  const auto last = [&](std::chrono::days length) {
    return PeriodPair{{today - 2 * length + day, today - length}, {today - length + day, today}};
  };
  const auto monthOf = [](Day d) {
    const std::chrono::year_month_day date(d);
    return Day(date.year() / date.month() / 1);
  };
  switch (periods) {
    case Periods::fourWeeks:
      return last(4 * kWeek);
    case Periods::week:
      return last(kWeek);
    case Periods::month:
      return {{monthOf(monthOf(today) - day), monthOf(today) - day}, {monthOf(today), today}};
    case Periods::halves:
      break;
  }
  const Day middle = first + (today - first) / 2;
  return {{first, middle}, {middle + day, today}};
}

std::vector<std::string> mostPlayed(std::span<const PastTake> takes, Day since) {
  std::map<std::string, int> times;
  for (const PastTake& take : takes)
    if (counts(take) && take.day >= since) ++times[take.exercise];
  std::vector<std::string> cards;
  for (const auto& [exercise, n] : times) cards.push_back(exercise);
  std::ranges::stable_sort(cards, std::greater(), [&](const std::string& card) { return times[card]; });
  return cards;
}

std::vector<const PastTake*> bestFew(std::vector<const PastTake*> takes, std::size_t most) {
  std::ranges::stable_sort(takes, {}, [](const PastTake* t) { return verdictOf(t->word, *t->kept); });
  if (takes.size() > most) takes.resize(most);
  return takes;
}

double studentFactor(double degrees) {
  // The quantile's expansion about the normal one (Abramowitz and Stegun 26.7.5), good to 0.002 from five
  // degrees on; below, the values themselves.
  constexpr double few[] = {12.706, 4.303, 3.182, 2.776, 2.571};
  if (degrees < 5.0) {
    const auto under = static_cast<std::size_t>(std::max(degrees, 1.0)) - 1;
    return std::lerp(few[under], few[under + 1], std::max(degrees, 1.0) - static_cast<double>(under + 1));
  }
  constexpr double z = 1.959964;
  constexpr double z2 = z * z;
  const double g1 = z * (z2 + 1.0) / 4.0;
  const double g2 = z * ((5.0 * z2 + 16.0) * z2 + 3.0) / 96.0;
  const double g3 = z * (((3.0 * z2 + 19.0) * z2 + 17.0) * z2 - 15.0) / 384.0;
  return z + (g1 + (g2 + g3 / degrees) / degrees) / degrees;
}

std::optional<Difference> differenceOf(const Points& points, const Period& before, const Period& after,
                                       const Print& print) {
  const auto meanIn = [&](const Period& period) {
    std::vector<Point> in;
    for (const Point& p : points.list)
      if (period.holds(p.day)) in.push_back(p);
    PeriodMean mean{static_cast<int>(in.size())};
    std::vector<double> days;
    for (const auto& [day, values] : byDay(in)) days.push_back(calando::mean(values));
    mean.days = static_cast<int>(days.size());
    if (days.empty()) return mean;
    mean.mean = calando::mean(days);
    mean.error = sampleDeviation(days) / std::sqrt(static_cast<double>(days.size()));
    return mean;
  };
  Difference d{meanIn(before), meanIn(after)};
  if (d.before.days < 2 || d.after.days < 2) return std::nullopt;
  const double a = d.before.error * d.before.error, b = d.after.error * d.after.error;
  const double least = print.step();
  if (a + b > 0.0) {
    const double degrees = (a + b) * (a + b) / (a * a / (d.before.days - 1) + b * b / (d.after.days - 1));
    d.unsure = studentFactor(degrees) * std::sqrt(a + b);
  }
  d.tells = std::abs(d.change()) > d.unsure && std::abs(d.change()) >= least;
  return d;
}

std::vector<TryEffect> effectsOf(std::span<const TriedCue> ledger) {
  std::vector<TryEffect> effects;
  std::vector<std::vector<double>> changes;
  for (const TriedCue& cue : ledger) {
    auto found = std::ranges::find_if(effects, [&](const TryEffect& e) {
      return e.observed == cue.observed && e.index == cue.index && e.figure == cue.figure;
    });
    if (found == effects.end()) {
      effects.push_back({cue.observed, cue.index, cue.figure, 0, 0, {}, {}});
      changes.emplace_back();
      found = std::prev(effects.end());
    }
    ++found->times;
    found->helped += cue.helped;
    if (cue.before && cue.after)
      changes[static_cast<std::size_t>(found - effects.begin())].push_back(*cue.after - *cue.before);
  }
  constexpr std::size_t fewest = 3;
  for (std::size_t i = 0; i < effects.size(); ++i) {
    if (changes[i].empty()) continue;
    effects[i].change = mean(changes[i]);
    const auto n = static_cast<double>(changes[i].size());
    if (changes[i].size() >= fewest)
      effects[i].unsure = studentFactor(n - 1.0) * sampleDeviation(changes[i]) / std::sqrt(n);
  }
  std::ranges::stable_sort(effects, std::greater(), &TryEffect::times);
  return effects;
}

std::map<int, std::map<Day, double>> byNoteAndWeek(std::span<const PastTake> takes,
                                                   const std::string& figure) {
  std::map<int, std::map<Day, std::vector<double>>> values;
  for (const PastTake& take : takes) {
    if (!take.note || !counts(take) || take.word == TeachersWord::veto) continue;
    const auto value = take.kept->values.find(figure);
    if (value != take.kept->values.end()) values[*take.note][mondayOf(take.day)].push_back(value->second);
  }
  std::map<int, std::map<Day, double>> medians;
  for (const auto& [note, weeks] : values)
    for (const auto& [monday, list] : weeks) medians[note][monday] = median(list);
  return medians;
}

std::vector<WeekLoad> loadOf(std::span<const Worked> work, Day today, std::size_t weeks) {
  std::vector<WeekLoad> loads;
  const Day first = mondayOf(today) - kWeek * static_cast<int>(weeks - 1);
  for (std::size_t w = 0; w < weeks; ++w) loads.push_back({first + kWeek * static_cast<int>(w)});
  std::set<Day> days;
  for (const Worked& one : work) {
    if (one.day < first || one.day > today) continue;
    WeekLoad& load = loads[static_cast<std::size_t>((mondayOf(one.day) - first) / kWeek)];
    load.minutes += one.minutes;
    load.days += days.insert(one.day).second;
  }
  return loads;
}

bool jumps(std::span<const WeekLoad> weeks) {
  constexpr double share = 1.5, more_min = 10.0;
  constexpr std::size_t before = 4;
  if (weeks.empty()) return false;
  const auto earlier = weeks.first(weeks.size() - 1);
  std::vector<double> had;
  for (const WeekLoad& week : earlier.last(std::min(before, earlier.size())))
    if (week.minutes > 0.0) had.push_back(week.minutes);
  const double now = weeks.back().minutes;
  return !had.empty() && now > share * mean(had) && now > mean(had) + more_min;
}

}  // namespace calando
