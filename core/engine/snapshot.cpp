#include "core/engine/snapshot.h"

#include <algorithm>

#include "core/engine/analysis.h"
#include "core/exercise/context.h"
#include "core/exercise/pair_card.h"
#include "core/figures/cue_figures.h"
#include "core/library/take_spec.h"
#include "core/maths/statistics.h"

namespace calando {

namespace {
constexpr std::size_t kNow = 15, kLeastOfNow = 10;  // frames
constexpr double kOneSemitone_cents = 70.0;
}  // namespace

double Snapshot::drawn_hz(std::size_t frame) const {
  constexpr std::size_t reach = 2;
  const double here = tracks.frames[frame].f0_hz;
  if (context.partPlayed() == PartPlayed::whole || here <= 0.0) return here;
  std::vector<double> near;
  const std::size_t last = std::min(tracks.frames.size() - 1, frame + reach);
  for (std::size_t i = frame - std::min(frame, reach); i <= last; ++i)
    if (tracks.frames[i].f0_hz > 0.0f) near.push_back(tracks.frames[i].f0_hz);
  return median(near);
}

bool Snapshot::isFree() const {
  return context.partPlayed() != PartPlayed::whole &&
         std::ranges::none_of(sheet.cues, [](const SheetCue& cue) { return cue.note.has_value(); });
}

std::optional<int> Snapshot::soundsNow() const {
  std::vector<double> cents;
  for (std::size_t i = tracks.frames.size() - std::min(tracks.frames.size(), kNow); i < tracks.frames.size();
       ++i)
    if (tracks.frames[i].f0_hz > 0.0f) cents.push_back(centsBetween(440.0, tracks.frames[i].f0_hz));
  if (cents.size() < kLeastOfNow) return std::nullopt;
  const auto [low, high] = std::ranges::minmax(cents);
  if (high - low > 2.0 * kOneSemitone_cents) return std::nullopt;
  return nearestSemitone(shiftedBy(440.0, median(std::move(cents))), context.reference);
}

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
      return isRest(sheet.cues[cue].kind) ? std::nullopt : std::optional(cue);
  return std::nullopt;
}

std::optional<Pair> livePair(const Snapshot& take) {
  if (!take.context.exercise || !take.context.exercise->pair) return std::nullopt;
  Context context = take.context;
  context.start_s = take.sheetStart_s;
  const auto asked = pairFor(take.sheet, context, &take.tracks);
  const bool heard = asked && (!asked->inOneSignal() || !take.tracks.pair.frames.empty());
  return heard ? describePair(take.tracks, *asked) : std::nullopt;
}

std::shared_ptr<Snapshot> snapshotOf(Tracks tracks, const TakeSpec& asked) {
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
