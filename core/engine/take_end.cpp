#include "core/engine/take_end.h"

#include <algorithm>

#include "core/engine/analysis.h"
#include "core/engine/snapshot.h"
#include "core/exercise/context.h"
#include "core/figures/findings.h"
#include "core/live/input_meter.h"
#include "core/measure/air/breaths.h"

namespace calando {

namespace {

constexpr double kStopAfter_s = 1.0;
constexpr double kShortest_s = 0.5;  // a try is not yet the tone, nor the breath
constexpr double kStopAfterBreath_s = 2.5;
constexpr double kLongestPast_s = 3.0;
constexpr double kTellAfter_s = 0.6;  // what a breath's end needs to be heard

bool drillsBreath(const Snapshot& live) {
  return live.context.exercise && live.context.exercise->drillsBreath();
}

/// Its count is over; a breath may go on past it.
bool isPastItsCues(const Snapshot& live, double silent_s) {
  const double since_s = live.tracks.duration_s - live.sheetStart_s - live.sheet.length_s();
  const bool goesOn = since_s < kLongestPast_s && drillsBreath(live) && silent_s < kStopAfter_s;
  return since_s > kStopAfter_s && !goesOn;
}

}  // namespace

Sounding soundingOf(const Snapshot& live) {
  if (drillsBreath(live)) {
    const AirSoFar air = airSoFar(live.tracks);
    return {air.heard_s, air.silent_s};
  }
  const LatestSound tone = latestSound(live.tracks);
  return {tone.held_s, tone.sinceEnd_s};
}

bool TakeEnd::reached(const Snapshot& live, const Sounding& sounding) {
  if (!live.hasCues())
    return sounding.held_s > kShortest_s &&
           sounding.silent_s > (live.sheet.oneBreath() ? kStopAfterBreath_s : kStopAfter_s);
  if (isPastItsCues(live, sounding.silent_s)) return true;
  const bool climbs = live.context.exercise && live.context.exercise->climbs();
  return climbs && roundsPlayed(live) > rounds_ && roundFailed(live, rounds_++);
}

std::size_t roundsPlayed(const Snapshot& live) {
  const Exercise& card = *live.context.exercise;
  std::size_t rounds = 0;
  while (firstCueOf(card, rounds) + card.cues.size() <= live.sheet.cues.size() &&
         live.placeOf(firstCueOf(card, rounds) + card.cues.size() - 1).end_s + kTellAfter_s <
             live.tracks.duration_s)
    ++rounds;
  return rounds;
}

bool roundFailed(const Snapshot& live, std::size_t round) {
  Context context = live.context;
  context.start_s = live.sheetStart_s;
  const Analysis heard = analyse(live.tracks, context);
  const Exercise& card = *context.exercise;
  const std::span played = std::span(heard.cues).subspan(firstCueOf(card, round), card.cues.size());
  return std::ranges::any_of(played, [](const CueResult& cue) {
    return cue.verdict == Verdict::outside || cue.verdict == Verdict::notYet;
  });
}

}  // namespace calando
