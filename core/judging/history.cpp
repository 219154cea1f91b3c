#include "core/judging/history.h"

#include <algorithm>
#include <cmath>
#include <limits>

#include "core/base/problem.h"
#include "core/exercise/exercise.h"
#include "core/exercise/partner.h"
#include "core/figures/figure.h"
#include "core/figures/findings.h"
#include "core/maths/statistics.h"
#include "core/measure/edges/sounds.h"

namespace calando {

namespace {
constexpr std::int64_t kWeek_s = 7 * 86400;
}

double longestHeld_s(std::span<const PastTake> past) {
  double longest_s = 0.0;
  for (const PastTake& take : past)
    if (counts(take))
      for (const char* id : {"held_s", "air_lasts_s"})
        if (const auto found = take.kept->values.find(id); found != take.kept->values.end())
          longest_s = std::max(longest_s, found->second);
  return longest_s;
}

Verdict verdictOf(TeachersWord word, const TakeSummary& kept) {
  if (word == TeachersWord::accept) return Verdict::inside;
  if (word == TeachersWord::notYet) return Verdict::notYet;
  if (word == TeachersWord::veto) return Verdict::outside;
  return kept.verdict;
}

Gate gateOf(const Exercise& card, const std::optional<Gate>& wanted) {
  if (!card.scored) return {0, 1, 0};
  return wanted.value_or(Gate{card.good, card.of, std::min(Gate().days, card.good)});
}

bool isGood(const PastTake& take, bool scored) {
  const Verdict verdict = verdictOf(take.word, *take.kept);
  return !scored || verdict == Verdict::inside || verdict == Verdict::near;
}

Standing tally(std::span<const PastTake> takes, bool scored, const Gate& gate) {
  Standing standing;
  std::vector<PastTake> good;
  for (const PastTake& take : takes.first(std::min(takes.size(), static_cast<std::size_t>(gate.of)))) {
    if (standing.tries++ == 0) standing.last = verdictOf(take.word, *take.kept);
    if (isGood(take, scored)) good.push_back(take);
  }
  standing.good = static_cast<int>(good.size());
  standing.days = static_cast<int>(daysOf(good).size());
  return standing;
}

Standing standingOf(std::span<const PastTake> takes, const Exercise& card, const Gate& gate) {
  std::vector<PastTake> newest;
  for (const PastTake& take : takes) {
    if (newest.size() == static_cast<std::size_t>(gate.of)) break;
    if (take.exercise == card.id && counts(take)) newest.push_back(take);
  }
  return tally(newest, card.scored, gate);
}

std::vector<Day> daysOf(std::span<const PastTake> takes) {
  std::vector<Day> days;
  for (const PastTake& take : takes)
    if (days.empty() || days.back() != take.day) days.push_back(take.day);
  return days;
}

int madeBetween(std::span<const PastTake> takes, const std::string& exercise, std::int64_t from_unix_s,
                std::int64_t to_unix_s) {
  return static_cast<int>(std::ranges::count_if(takes, [&](const PastTake& take) {
    return take.exercise == exercise && take.made_unix_s >= from_unix_s && take.made_unix_s < to_unix_s;
  }));
}

std::optional<double> mostOf(std::span<const PastTake> takes, const std::string& exercise,
                             const std::string& figure, std::int64_t from_unix_s, std::int64_t to_unix_s) {
  std::optional<double> most;
  for (const PastTake& take : takes) {
    if (take.exercise != exercise || !counts(take) || take.word == TeachersWord::veto) continue;
    if (take.made_unix_s < from_unix_s || take.made_unix_s >= to_unix_s) continue;
    const auto value = take.kept->values.find(figure);
    if (value != take.kept->values.end()) most = std::max(most.value_or(value->second), value->second);
  }
  return most;
}

namespace {
std::optional<double> weeklyOf(WeekFigure::Of of, const std::vector<double>& values) {
  if (values.empty() || of == WeekFigure::Of::middle) return medianOf(values);
  return of == WeekFigure::Of::most ? std::ranges::max(values) : std::ranges::min(values);
}
}  // namespace

std::vector<Week> weeksOf(std::span<const PastTake> takes, std::int64_t now_unix_s, std::size_t weeks,
                          std::span<const WeekFigure> figures) {
  std::vector<Week> list;
  for (std::size_t i = 0; i < weeks; ++i) {
    Week week{now_unix_s - static_cast<std::int64_t>(weeks - i) * kWeek_s};
    std::vector<std::vector<double>> values(figures.size());
    for (const PastTake& take : takes) {
      if (take.made_unix_s <= week.from_unix_s || take.made_unix_s > week.from_unix_s + kWeek_s) continue;
      if (!counts(take) || take.word == TeachersWord::veto) continue;
      bool any = false;
      for (std::size_t f = 0; f < figures.size(); ++f) {
        const auto found = take.kept->values.find(std::string(figures[f].id));
        if (found == take.kept->values.end()) continue;
        values[f].push_back(found->second);
        any = true;
      }
      week.sets += any;
    }
    for (std::size_t f = 0; f < figures.size(); ++f)
      week.values.push_back(weeklyOf(figures[f].of, values[f]));
    list.push_back(std::move(week));
  }
  return list;
}

std::optional<ComparisonTake> rivalFor(std::span<const PastTake> takes, const Exercise& card,
                                       std::optional<std::int64_t> model) {
  if (card.against == Against::nobody) return std::nullopt;
  if (card.against == Against::teacher) {
    const auto found = model ? std::ranges::find(takes, *model, &PastTake::id) : takes.end();
    return found != takes.end() && found->kept ? rivalOf(*found->kept) : std::nullopt;
  }
  std::vector<ComparisonTake> earlier;
  for (const PastTake& take : takes)
    if (take.exercise == card.id && counts(take) && take.word != TeachersWord::veto)
      if (const auto one = rivalOf(*take.kept)) earlier.push_back(*one);
  return bestOf(earlier);
}

std::optional<ComparisonTake> bestOf(std::span<const ComparisonTake> takes) {
  const auto rank = [](const ComparisonTake& r) {
    return std::pair(r.held_s, -r.wander_cents.value_or(std::numeric_limits<double>::max()));
  };
  const auto best = std::ranges::max_element(takes, {}, rank);
  return best == takes.end() ? std::nullopt : std::optional(*best);
}

std::optional<ComparisonTake> rivalOf(const Analysis& analysis) {
  const Tone* tone = analysis.mainTone();
  if (!tone) return std::nullopt;
  const Note* note = tone->mainNote();
  return ComparisonTake{tone->held_s, note ? note->wander_cents : std::nullopt};
}

std::optional<ComparisonTake> rivalOf(const TakeSummary& kept) {
  const auto held = kept.values.find("held_s");
  if (held == kept.values.end()) return std::nullopt;
  const auto wander = kept.values.find("wander_cents");
  return ComparisonTake{held->second,
                        wander == kept.values.end() ? std::nullopt : std::optional(wander->second)};
}

std::vector<const TakeSummary*> takesBefore(std::span<const PastTake> takes, const PastTake& take,
                                            std::size_t most) {
  const auto rank = [](const PastTake& t) { return std::pair(t.made_unix_s, t.id); };
  std::vector<const TakeSummary*> earlier;
  for (const PastTake& other : takes) {
    if (earlier.size() == most) break;
    if (rank(other) < rank(take) && other.exercise == take.exercise && counts(other))
      earlier.push_back(&*other.kept);
  }
  return earlier;
}

std::map<std::string, std::vector<double>> valuesBefore(std::span<const PastTake> takes, const PastTake& take,
                                                        std::size_t most) {
  std::map<std::string, std::vector<double>> values;
  for (const TakeSummary* kept : takesBefore(takes, take, most))
    for (const auto& [id, value] : kept->values) values[id].insert(values[id].begin(), value);
  return values;
}

std::string adviceBefore(std::span<const PastTake> takes, const PastTake& take) {
  const auto earlier = takesBefore(takes, take, 1);
  return earlier.empty() ? std::string() : earlier.front()->advice;
}

std::optional<std::int64_t> takeBefore(std::span<const PastTake> takes, std::int64_t take) {
  const auto here = std::ranges::find(takes, take, &PastTake::id);
  if (here == takes.end()) return std::nullopt;
  const auto before = std::find_if(std::next(here), takes.end(),
                                   [&](const PastTake& t) { return t.exercise == here->exercise; });
  return before == takes.end() ? std::nullopt : std::optional(before->id);
}

double Contrast::error() const { return std::hypot(one.error, other.error); }
bool Contrast::tells() const { return std::abs(difference()) >= 2.0 * error(); }

std::optional<Contrast> contrastOf(std::span<const PastTake> takes, const std::string& exercise,
                                   const std::string& figure,
                                   const std::function<bool(const PastTake&)>& isOne,
                                   const std::function<bool(const PastTake&)>& isOther) {
  constexpr std::size_t fewest = 3;
  const auto alike = [&](const std::function<bool(const PastTake&)>& is) -> std::optional<Alike> {
    std::vector<double> values;
    for (const PastTake& take : takes) {
      if (take.exercise != exercise || !counts(take) || !is(take)) continue;
      if (const auto value = take.kept->values.find(figure); value != take.kept->values.end())
        values.push_back(value->second);
    }
    if (values.size() < fewest) return std::nullopt;
    const auto n = static_cast<double>(values.size());
    return Alike{static_cast<int>(values.size()), mean(values), sampleDeviation(values) / std::sqrt(n)};
  };
  const auto one = alike(isOne), other = alike(isOther);
  if (!one || !other) return std::nullopt;
  return Contrast{*one, *other};
}

std::map<std::string, double> acceptedOf(std::span<const PastTake> takes, const std::string& exercise,
                                         std::optional<int> note, std::optional<int> place) {
  constexpr std::size_t fewest = 3, most = 5;
  std::map<std::string, double> own;
  if (!note) return own;
  for (const Figure& figure : figures()) {
    if (figure.belowOwn <= 0.0) continue;
    std::vector<double> values;
    for (const PastTake& take : takes) {
      if (values.size() == most) break;
      const bool accepted = counts(take) && take.word == TeachersWord::accept;
      if (!accepted || take.exercise != exercise || take.note != note || take.place != place) continue;
      if (const auto value = take.kept->values.find(std::string(figure.id)); value != take.kept->values.end())
        values.push_back(value->second);
    }
    if (values.size() >= fewest) own[std::string(figure.id)] = median(values);
  }
  return own;
}

std::optional<Contrast> attentionEffect(std::span<const PastTake> takes, const std::string& exercise,
                                        const std::string& figure) {
  const auto on = [](Attention attention) {
    return [attention](const PastTake& take) { return take.attention == attention; };
  };
  return contrastOf(takes, exercise, figure, on(Attention::sound), on(Attention::count));
}

std::optional<Contrast> tickEffect(std::span<const PastTake> takes, const std::string& exercise,
                                   const std::string& figure, std::string_view tick) {
  const auto has = [tick](const PastTake& take) {
    return std::ranges::find(take.ticks, tick) != take.ticks.end();
  };
  return contrastOf(takes, exercise, figure, has,
                    [&](const PastTake& take) { return !take.ticks.empty() && !has(take); });
}

std::optional<SchoolEffect> schoolEffect(std::span<const PastTake> takes, const std::string& exercise,
                                         const std::string& figure) {
  std::map<std::string, int> used;
  for (const PastTake& take : takes)
    if (take.exercise == exercise && !take.school.empty()) ++used[take.school];
  if (used.size() < 2) return std::nullopt;
  std::vector<std::pair<std::string, int>> most(used.begin(), used.end());
  std::ranges::stable_sort(most, std::greater(), &std::pair<std::string, int>::second);
  const auto of = [](const std::string& school) {
    return [school](const PastTake& take) { return take.school == school; };
  };
  const auto contrast = contrastOf(takes, exercise, figure, of(most[0].first), of(most[1].first));
  if (!contrast) return std::nullopt;
  return SchoolEffect{most[0].first, most[1].first, *contrast};
}

}  // namespace calando
