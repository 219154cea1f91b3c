#include "core/snapshot.h"

#include "core/judging/cue_figures.h"

namespace calando {

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

}  // namespace calando
