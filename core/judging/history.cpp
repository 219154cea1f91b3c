#include "core/judging/history.h"

#include <algorithm>
#include <limits>

namespace calando {

Verdict verdictOf(TeachersWord word, const Kept& kept) {
  if (word == TeachersWord::accept) return Verdict::inside;
  if (word == TeachersWord::notYet) return Verdict::notYet;
  if (word == TeachersWord::veto) return Verdict::outside;
  return kept.verdict;
}

Standing standingOf(std::span<const PastTake> takes, const Exercise& card) {
  Standing standing;
  for (const PastTake& take : takes) {
    if (take.exercise != card.id || take.word == TeachersWord::invalidTry || !take.kept) continue;
    if (standing.tries == card.of) break;
    const Verdict verdict = verdictOf(take.word, *take.kept);
    if (standing.tries == 0) standing.last = verdict;
    ++standing.tries;
    standing.good += verdict == Verdict::inside || verdict == Verdict::near;
  }
  return standing;
}

int madeBetween(std::span<const PastTake> takes, const std::string& exercise, std::int64_t from_unix_s,
                std::int64_t to_unix_s) {
  return static_cast<int>(std::ranges::count_if(takes, [&](const PastTake& take) {
    return take.exercise == exercise && take.made_unix_s >= from_unix_s && take.made_unix_s < to_unix_s;
  }));
}

std::optional<Rival> rivalFor(std::span<const PastTake> takes, const Exercise& card,
                              std::optional<std::int64_t> model) {
  if (card.against == Against::nobody) return std::nullopt;
  if (card.against == Against::teacher) {
    const auto found = model ? std::ranges::find(takes, *model, &PastTake::id) : takes.end();
    return found != takes.end() && found->kept ? rivalOf(*found->kept) : std::nullopt;
  }
  std::vector<Rival> earlier;
  for (const PastTake& take : takes)
    if (take.exercise == card.id && take.word != TeachersWord::invalidTry &&
        take.word != TeachersWord::veto && take.kept)
      if (const auto one = rivalOf(*take.kept)) earlier.push_back(*one);
  return bestOf(earlier);
}

std::optional<Rival> bestOf(std::span<const Rival> takes) {
  const auto rank = [](const Rival& r) {
    return std::pair(r.held_s, -r.wander_cents.value_or(std::numeric_limits<double>::max()));
  };
  const auto best = std::ranges::max_element(takes, {}, rank);
  return best == takes.end() ? std::nullopt : std::optional(*best);
}

std::optional<Rival> rivalOf(const Analysis& analysis) {
  const Tone* tone = analysis.mainTone();
  if (!tone) return std::nullopt;
  const Note* note = tone->mainNote();
  return Rival{tone->held_s, note ? note->wander_cents : std::nullopt};
}

std::optional<Rival> rivalOf(const Kept& kept) {
  const auto held = kept.values.find("held_s");
  if (held == kept.values.end()) return std::nullopt;
  const auto wander = kept.values.find("wander_cents");
  return Rival{held->second, wander == kept.values.end() ? std::nullopt : std::optional(wander->second)};
}

std::vector<const Kept*> takesBefore(std::span<const PastTake> takes, const PastTake& take,
                                     std::size_t most) {
  const auto rank = [](const PastTake& t) { return std::pair(t.made_unix_s, t.id); };
  std::vector<const Kept*> earlier;
  for (const PastTake& other : takes) {
    if (earlier.size() == most) break;
    if (rank(other) < rank(take) && other.exercise == take.exercise &&
        other.word != TeachersWord::invalidTry && other.kept)
      earlier.push_back(&*other.kept);
  }
  return earlier;
}

std::map<std::string, std::vector<double>> valuesBefore(std::span<const PastTake> takes, const PastTake& take,
                                                        std::size_t most) {
  std::map<std::string, std::vector<double>> values;
  for (const Kept* kept : takesBefore(takes, take, most))
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

}  // namespace calando
