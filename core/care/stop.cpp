#include "core/care/stop.h"

#include <algorithm>

#include "core/care/cautions.h"

namespace calando {

Work workOf(const Exercise& card) {
  if (!card.asksForSound()) return Work::none;
  if (card.drillsBreath()) return Work::breath;
  return card.part != PartPlayed::whole ? Work::smallPart : Work::tones;
}

Dosed dosedOf(const Exercise& card) {
  constexpr double long_s = 4.0;
  const auto isLong = [&](const Cue& cue) {
    const double s = cue.length.unit == CueLength::Unit::beats     ? cue.length.value * 60.0 / card.tempo_bpm
                     : cue.length.unit == CueLength::Unit::seconds ? cue.length.value
                                                                   : long_s;
    return !isSounding(cue.kind) || s >= long_s;
  };
  const Work work = workOf(card);
  if (work == Work::smallPart) return Dosed::smallPart;
  // Beside a partner one listens more than one holds.
  return work == Work::tones && !card.pair && std::ranges::all_of(card.cues, isLong) ? Dosed::longTones
                                                                                     : Dosed::nothing;
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
