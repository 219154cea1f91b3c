#include "core/exercise/progression.h"

#include <algorithm>
#include <limits>

namespace calando {

Standing standingOf(std::span<const Verdict> newestFirst, const Exercise& card) {
  Standing standing;
  if (newestFirst.empty()) return standing;
  const auto counted = newestFirst.first(std::min(newestFirst.size(), static_cast<std::size_t>(card.of)));
  standing.last = counted.front();
  standing.tries = static_cast<int>(counted.size());
  standing.good = static_cast<int>(
      std::ranges::count_if(counted, [](Verdict v) { return v == Verdict::inside || v == Verdict::near; }));
  return standing;
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

}  // namespace calando
