#include "core/figures/pair_rows.h"

#include <algorithm>
#include <cmath>

#include "core/exercise/context.h"
#include "core/exercise/pair_card.h"
#include "core/figures/cue_figures.h"
#include "core/figures/findings.h"

namespace calando {

namespace {

constexpr double kNoCentre_cents = 0.1;  // what a tone's middle is known to at best

/// A tone's middle, and its standard deviation.
struct Middle {
  double hz;
  double spread_cents;
};
Middle middleOf(const Note& note) {
  return {note.f0_hz, std::max(kNoCentre_cents, note.unsure.pitch_cents.value_or(0.0))};
}

}  // namespace

void describeTogether(std::vector<CueResult>& rows, const CueSheet& sheet, const Analysis& analysis) {
  if (!analysis.pair) return;
  for (std::size_t c = 0; c < rows.size(); ++c) {
    CueResult& row = rows[c];
    if (!row.matched || !row.asksForSound() || sheet.cues[c].who != Who::both) continue;
    row.another.together = togetherWithin(*analysis.pair, row.start_s, row.end_s);
  }
}

void describeTunings(std::vector<CueResult>& rows, const Analysis& analysis, const Context& context) {
  const auto drone_hz = context.accompaniment.drone_hz;
  for (CueResult& row : rows) {
    const Note* note = soundOf(row, analysis).note;
    std::optional<Tunings> tunings = analysis.pair ? analysis.pair->tunings : std::nullopt;
    if (note && !tunings && drone_hz) {
      const double over = centsBetween(*drone_hz, note->f0_hz);
      tunings = tuningsOf(*drone_hz, std::round(over / 100.0), over);
    }
    if (note) row.another.tunings = tunings;
  }
}

void describeTurns(std::vector<CueResult>& rows, const CueSheet& sheet, const Analysis& analysis,
                   const Context& context) {
  if (!context.exercise || !context.exercise->pair) return;
  const double asked = askedCents(context);
  std::optional<Middle> before;
  bool sung = false;
  for (std::size_t c = 0; c < rows.size(); ++c) {
    const SheetCue& cue = sheet.cues[c];
    const Note* note = soundOf(rows[c], analysis).note;
    if (cue.who == Who::partner || cue.who == Who::voice) {
      const auto& made = context.accompaniment.partner;
      before = note ? std::optional(middleOf(*note)) : std::nullopt;
      if (cue.who == Who::partner && made) before = Middle{made->noteAt(cue.start_s), 0.0};
      sung = cue.who == Who::voice;
    } else if (cue.who == Who::player && note && before && before->hz > 0.0) {
      const Middle now = middleOf(*note);
      double cents = centsBetween(before->hz, now.hz) - asked;
      if (sung) cents -= 1200.0 * std::round(cents / 1200.0);
      rows[c].another.turn_cents = cents;
      rows[c].another.turn_spread_cents = kOf90 * std::hypot(before->spread_cents, now.spread_cents);
    }
  }
}

}  // namespace calando
