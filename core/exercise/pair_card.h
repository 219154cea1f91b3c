#pragma once

#include <optional>

#include "core/exercise/cue_sheet.h"

namespace calando {

/// The made first one of the context's card, for the note that the player is asked for. The card must be for
/// two.
PartnerVoice partnerFor(const CueSheet& sheet, const Context& context);

/// Who is to be in tune with whom: as the context says; else as its card asks, the first as it sounded with
/// the take, or, where nothing did, both in the one signal. Nullopt: it is for one.
std::optional<PairAsked> pairFor(const CueSheet& sheet, const Context& context);

}  // namespace calando
