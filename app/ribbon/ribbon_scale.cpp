#include "app/ribbon/ribbon_scale.h"

#include "core/engine/snapshot.h"
#include "core/engine/span.h"
#include "core/exercise/context.h"
#include "core/exercise/cue_kind.h"
#include "core/exercise/cue_sheet.h"
#include "core/figures/cue_figures.h"
#include "core/maths/statistics.h"
#include "core/measure/edges/sounds.h"
#include "core/signal/tracks.h"

namespace calando {

double RibbonScale::halfThickness(double level_dbfs) const {
  const double most = std::min(thickest, area.height() / 7.0);
  return std::clamp((level_dbfs - loudest_dbfs + 40.0) / 40.0, 0.02, 1.0) * most;
}

double ribbonTarget(const Snapshot& snapshot) {
  if (const Tone* tone = snapshot.analysis.mainTone())
    if (const Note* note = tone->mainNote()) return note->target_hz;
  const Context& context = snapshot.context;
  if (!context.asked.empty()) {
    return context.hzOf(context.asked.front());
  }
  std::vector<double> pitches;
  for (const TrackFrame& f : snapshot.tracks.frames)
    if (f.f0_hz > 0.0f) pitches.push_back(f.f0_hz);
  if (pitches.empty()) return context.reference.a4_hz;
  return frequencyOf(nearestSemitone(median(pitches), context.reference), context.reference);
}

namespace {

/// The notes of the cues, each from halfway between what came before it and itself.
std::vector<RibbonScale::Target> cueTargets(const Snapshot& snapshot) {
  struct Asked {
    Span span;
    double hz;
  };
  std::vector<Asked> asked;
  for (std::size_t i = 0; i < snapshot.sheet.cues.size(); ++i) {
    const SheetCue& cue = snapshot.sheet.cues[i];
    if (cue.note && isSounding(cue.kind))
      asked.push_back({snapshot.spanOf(i), snapshot.context.hzOf(*cue.note)});
  }
  std::vector<RibbonScale::Target> targets;
  for (std::size_t i = 0; i < asked.size(); ++i)
    targets.push_back({i == 0 ? 0.0 : (asked[i - 1].span.end_s + asked[i].span.start_s) / 2.0, asked[i].hz});
  return targets;
}

}  // namespace

constexpr std::size_t kFewestFrames = 12;  // 120 ms, as a note
constexpr double kPathMargin_cents = 40.0;
constexpr double kLeast_cents = 50.0, kLeastOfBuzz_cents = 120.0, kBuzzMargin_cents = 90.0, kBuzzMargin = 0.1;
constexpr double kOdd = 0.005;            // frames that may be out of the picture
constexpr std::size_t kLookedAt = 20000;  // frames of a long take, evenly: three minutes have no more

RibbonScale fitScale(const Snapshot& snapshot, const QRectF& area, double from_s, double to_s) {
  RibbonScale scale;
  scale.area = area;
  scale.from_s = from_s;
  scale.to_s = std::max(to_s, from_s + 0.05);
  if (snapshot.hasCues()) scale.targets = cueTargets(snapshot);
  if (!snapshot.hasCues() || scale.targets.empty()) scale.targets = {{0.0, ribbonTarget(snapshot)}};
  std::vector<double> cents;
  double loudest = -60.0;
  const auto& frames = snapshot.tracks.frames;
  const std::size_t stride = 1 + frames.size() / kLookedAt;
  for (std::size_t i = 0, first = 0; i <= frames.size(); ++i) {
    if (i < frames.size() && frames[i].f0_hz > 0.0f) continue;
    // A click of the count that is heard here has a pitch of its own, but no place in the picture.
    for (std::size_t k = first; k < i && i - first >= kFewestFrames; k += stride) {
      cents.push_back(centsBetween(scale.targetAt(static_cast<double>(k) * kHop_s).hz, snapshot.drawn_hz(k)));
      loudest = std::max<double>(loudest, frames[k].level_dbfs);
    }
    first = i + 1;
  }
  scale.loudest_dbfs = loudest;
  const double least = snapshot.isFree() ? kLeastOfBuzz_cents : kLeast_cents;
  double low = -least;
  double high = least;
  if (cents.size() > 20 && snapshot.isFree()) {
    const double bottom = quantile(cents, kOdd), top = quantile(cents, 1.0 - kOdd);
    const double margin = std::max(kBuzzMargin_cents, kBuzzMargin * (top - bottom));
    low = std::min(low, bottom - margin);
    high = std::max(high, top + margin);
  } else if (cents.size() > 20) {
    // Room for the ribbon's own thickness, which a wide wave's steep flanks need most.
    const auto margin = [](double edge) { return std::clamp(0.45 * std::abs(edge), 20.0, 45.0); };
    const double bottom = quantile(cents, 0.03), top = quantile(cents, 0.97);
    low = std::min(low, bottom - margin(bottom));
    high = std::max(high, top + margin(top));
  }
  for (const SheetCue& cue : snapshot.sheet.cues)
    for (const ShapePoint& p : cue.pathAsked()) {
      low = std::min(low, p.value - kPathMargin_cents);
      high = std::max(high, p.value + kPathMargin_cents);
    }
  // A symmetric picture keeps the target in the middle as long as the line stays near it.
  if (low > -250.0 && high < 250.0) {
    const double reach = std::max(-low, high);
    low = -reach;
    high = reach;
  }
  scale.lowCents = low;
  scale.highCents = high;
  return scale;
}

double axisStep(double span, int count) {
  const double raw = span / std::max(1, count);
  const double decade = std::pow(10.0, std::floor(std::log10(raw)));
  for (const double step : {1.0, 2.0, 5.0})
    if (step * decade >= raw) return step * decade;
  return 10.0 * decade;
}

}  // namespace calando
