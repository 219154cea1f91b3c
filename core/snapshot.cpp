#include "core/snapshot.h"

#include "core/judging/cue_figures.h"
#include "core/measure/breaths.h"

namespace calando {

namespace {
constexpr double kStopAfter_s = 1.0;
constexpr double kShortestHeld_s = 0.5;
constexpr double kShortestBreath_s = 0.5;
constexpr double kStopAfterBreath_s = 2.5;
constexpr double kLongestPast_s = 3.0;
constexpr double kTellAfter_s = 0.6;  // what a breath's end needs to be heard
}  // namespace

Span Snapshot::placeOf(std::size_t cue) const {
  if (cue < analysis.cues.size()) return {analysis.cues[cue].start_s, analysis.cues[cue].end_s};
  const SheetCue& planned = sheet.cues[cue];
  return {sheetStart_s + planned.start_s, sheetStart_s + planned.end_s()};
}

Span Snapshot::spanOf(std::size_t cue) const {
  if (cue < analysis.cues.size()) {
    const CueSound sound = soundOf(analysis.cues[cue], analysis);
    if (sound.note) return {sound.note->start_s, sound.note->end_s};
    if (sound.tone) return {sound.tone->start_s, sound.tone->end_s};
    if (sound.air) return {sound.air->start_s, sound.air->end_s};
  }
  return placeOf(cue);
}

std::optional<std::size_t> Snapshot::cueAt(double t) const {
  for (std::size_t cue = 0; cue < sheet.cues.size(); ++cue)
    if (const Span place = placeOf(cue); t >= place.start_s && t < place.end_s)
      return sheet.cues[cue].kind == CueKind::rest ? std::nullopt : std::optional(cue);
  return std::nullopt;
}

std::shared_ptr<Snapshot> snapshotOf(Tracks tracks, const AskedFor& asked) {
  auto snapshot = std::make_shared<Snapshot>();
  snapshot->tracks = std::move(tracks);
  snapshot->context = contextFor(asked);
  snapshot->sheet = unroll(snapshot->context);
  snapshot->asked_s = asked.seconds;
  snapshot->analysis = analyse(snapshot->tracks, snapshot->context);
  snapshot->context.reference = snapshot->analysis.reference;
  return snapshot;
}

std::size_t roundsPlayed(const Snapshot& live) {
  const std::size_t cues = live.context.exercise->cues.size();
  std::size_t rounds = 0;
  while ((rounds + 1) * cues <= live.sheet.cues.size() &&
         live.placeOf((rounds + 1) * cues - 1).end_s + kTellAfter_s < live.tracks.duration_s)
    ++rounds;
  return rounds;
}

bool roundFailed(const Snapshot& live, std::size_t round) {
  Context context = live.context;
  context.start_s = live.sheetStart_s;
  const Analysis heard = analyse(live.tracks, context);
  const std::size_t cues = context.exercise->cues.size();
  return std::any_of(
      heard.cues.begin() + static_cast<std::ptrdiff_t>(round * cues),
      heard.cues.begin() + static_cast<std::ptrdiff_t>((round + 1) * cues),
      [](const CueResult& cue) { return cue.verdict == Verdict::outside || cue.verdict == Verdict::notYet; });
}

bool isOver(const Snapshot& live, double held_s, double silent_s) {
  if (live.hasCues()) {
    const double since_s = live.tracks.duration_s - live.sheetStart_s - live.sheet.length_s();
    // A breath may go on past its count.
    const bool goesOn = since_s < kLongestPast_s && live.context.exercise &&
                        live.context.exercise->breathes() && airSoFar(live.tracks).silent_s < kStopAfter_s;
    return since_s > kStopAfter_s && !goesOn;
  }
  if (live.sheet.oneBreath()) {
    const AirSoFar air = airSoFar(live.tracks);
    return air.heard_s > kShortestBreath_s && air.silent_s > kStopAfterBreath_s;
  }
  return held_s > kShortestHeld_s && silent_s > kStopAfter_s;
}

}  // namespace calando
