#pragma once

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <random>

#include "core/engine/analysis.h"
#include "core/engine/take_end.h"
#include "core/exercise/context.h"
#include "core/exercise/cue_sheet.h"
#include "core/exercise/pace.h"
#include "core/figures/figure.h"
#include "core/figures/findings.h"
#include "core/figures/reading.h"
#include "core/judging/level.h"
#include "core/library/cards.h"
#include "core/library/open_marks.h"
#include "core/measure/air/open_breath.h"
#include "core/measure/edges/settling.h"
#include "core/standin/player.h"
#include "support/breaths.h"
#include "support/dice.h"
#include "support/processed.h"
#include "support/signals.h"

namespace calando {
// Of its own: other tests have helpers of these names, too.
inline namespace breath_fixture {

constexpr double kRate_hz = 24000.0;

using sounds::Dice;

inline Context contextOf(const char* card, const char* level = "growing") {
  Context context;
  context.exercise = findExercise(card);
  context.level = findLevel(level);
  return context;
}

/// Breaths as a card's sheet has them, each shortened by 0.2 s for the turn.
inline sounds::BreathSound breathed(const CueSheet& sheet, double start_s, unsigned seed) {
  sounds::BreathSound sound;
  sound.seed = seed;
  sound.rate_hz = kRate_hz;
  sound.microphone = &sounds::microphones()[seed % sounds::microphones().size()];
  sound.room_dbfs = -62.0;
  for (const SheetCue& cue : sheet.cues)
    if (isAir(cue.kind))
      sound.breaths.push_back({start_s + cue.start_s, start_s + cue.end_s() - 0.2,
                               cue.kind == CueKind::inhale ? sounds::Way::in : sounds::Way::out});
  sound.seconds = start_s + sheet.length_s() + 1.0;
  return sound;
}

inline const Reading& reading(const Analysis& analysis, std::string_view id) {
  return *std::ranges::find(analysis.readings, id, &Reading::id);
}

}  // namespace breath_fixture
}  // namespace calando
