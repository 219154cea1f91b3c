#pragma once

#include <memory>

#include "core/exercise/partner.h"
#include "core/theory/instrument.h"

namespace calando {

/// How a made partner sounds on an instrument: the stand-in's tone, perfectly still, at that pitch. Takes a
/// second to make.
std::shared_ptr<const HeldSound> voiceOf(const Instrument& instrument, double hz);

}  // namespace calando
