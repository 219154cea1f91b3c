#include "core/care/stop.h"

#include "core/care/cautions.h"

namespace calando {

Work workOf(const Exercise& card) {
  if (!card.asksForSound()) return Work::none;
  if (card.drillsBreath()) return Work::breath;
  return card.part != PartPlayed::whole ? Work::smallPart : Work::tones;
}

bool makesDizzy(const Exercise& card) {
  return card.drillsBreath() || std::ranges::any_of(cautionsOf(card, nullptr), &Caution::dizzy);
}

const Stop* closing(std::span<const Stop> stops, const Exercise& card, std::int64_t today_unix_s) {
  const Stop* newest = nullptr;
  for (const Stop& stop : stops) {
    if (stop.opened_unix_s != 0) continue;
    const bool dizzy = stop.reason == StopReason::dizzy && stop.at_unix_s >= today_unix_s && makesDizzy(card);
    const bool pain =
        stop.reason == StopReason::pain && workOf(card) != Work::none && workOf(card) == stop.work;
    if ((dizzy || pain) && (!newest || stop.at_unix_s > newest->at_unix_s)) newest = &stop;
  }
  return newest;
}

}  // namespace calando
