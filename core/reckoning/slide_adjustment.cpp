#include "core/reckoning/slide_adjustment.h"

#include <algorithm>
#include <cmath>

#include "core/exercise/context.h"
#include "core/exercise/cue_sheet.h"
#include "core/figures/cue_figures.h"
#include "core/figures/findings.h"
#include "core/maths/statistics.h"
#include "core/measure/edges/sounds.h"
#include "core/reckoning/reckoning.h"

namespace calando {

namespace {
constexpr double kLeast_cents = 8.0, kMost_cents = 50.0;
constexpr double kSteady_cents = 6.0;
constexpr double kBlown_c = 28.0;  // the air in a tube that is played
}  // namespace

std::optional<SlideAdjustment> drawingFor(const Analysis& analysis, const Context& context) {
  const bool whole = analysis.part == PartPlayed::whole && context.instrument && context.exercise;
  if (!whole || context.exercise->pair) return std::nullopt;
  const CueSheet sheet = unroll(context);
  if (std::ranges::any_of(sheet.cues, [](const SheetCue& cue) { return cue.moves() || cue.partial; }))
    return std::nullopt;
  std::vector<double> offsets;
  std::optional<int> sounding;
  for (const CueResult& row : analysis.cues) {
    const Note* note = soundOf(row, analysis).note;
    if (!note || !note->offset_cents) continue;
    if (note->wander_cents.value_or(kMost_cents) > kSteady_cents) return std::nullopt;
    offsets.push_back(*note->offset_cents);
    if (!sounding) sounding = note->concert;
  }
  if (offsets.empty()) return std::nullopt;
  const double middle = median(offsets);
  const bool same =
      std::ranges::all_of(offsets, [=](double x) { return std::abs(x - middle) <= kSteady_cents; });
  if (!same || std::abs(middle) < kLeast_cents || std::abs(middle) > kMost_cents) return std::nullopt;
  Givens givens;
  static_cast<PitchFrame&>(givens) = context;
  givens.note = *sounding;
  givens.air_c = kBlown_c;
  const auto mm = findReckoning("slide")->back(givens, -middle);
  return mm ? std::optional(SlideAdjustment{middle, *mm}) : std::nullopt;
}

}  // namespace calando
