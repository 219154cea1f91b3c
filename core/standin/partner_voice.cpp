#include "core/standin/partner_voice.h"

#include <cmath>

#include "core/accompany/held_sound.h"
#include "core/engine/analysis.h"
#include "core/engine/take_stages.h"
#include "core/exercise/context.h"
#include "core/standin/performance.h"
#include "core/standin/player.h"

namespace calando {

namespace {
constexpr double kLasts_s = 4.0;
constexpr double kRate_hz = 48000.0;
}  // namespace

std::shared_ptr<const HeldSound> voiceOf(const Instrument& instrument, double hz) {
  const int sounding = static_cast<int>(std::lround(69.0 + centsBetween(440.0, hz) / 100.0));
  Player still;
  still.offset_cents = still.wander_cents = still.shake_cents = 0.0;
  still.hnr_db = 40.0;
  Part part{&instrument, sounding, kLasts_s, {}};
  part.reference.a4_hz = shiftedBy(hz, 100.0 * (69 - sounding));
  const Performance performance = perform(still, part, 1, kRate_hz);
  const Tracks tracks = trackTake(performance.samples, kRate_hz, {});
  const Analysis analysis = analyse(tracks, {});
  const Tone* tone = analysis.mainTone();
  return tone ? heldFrom(performance.samples, kRate_hz, tracks, *tone) : nullptr;
}

}  // namespace calando
