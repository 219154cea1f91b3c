#pragma once

#include <cstdint>
#include <optional>

#include "core/exercise/cue_sheet.h"
#include "core/measure/pair/pair.h"

namespace calando {

struct Tracks;  // core/signal/tracks.h

/// The made first one of the context's card, for the notes that the player is asked for. The card must be for
/// two. `draw`: which note comes when, where nobody is to know.
PartnerVoice partnerFor(const CueSheet& sheet, const Context& context, std::uint32_t draw = 0);

/// Somebody's held tone as the first one, at its own pitch.
PartnerVoice partnerFrom(std::shared_ptr<const HeldSound> held, const CueSheet& sheet);

/// Who is to be in tune with whom: as the context says; else as its card asks, the first as it sounded with
/// the take, or, where nothing did, both in the one signal. Nullopt: it is for one. `player`: whom a made
/// first one went along with, where that is not kept with the take; nullptr: it held still.
std::optional<PairAsked> pairFor(const CueSheet& sheet, const Context& context,
                                 const Tracks* player = nullptr);

/// What the player's tone is to be over the first one's, cents.
double askedCents(const Context& context);

}  // namespace calando
