#pragma once

#include <optional>

#include "core/exercise/exercise.h"

namespace calando {

/// Why a card cannot be practised on an instrument.
enum class Misfit {
  anotherInstrument,  ///< it is for others
  noOvertones,        ///< it asks for partials, and the tube has none to play, or not those
  noTubes,            ///< it goes from tube to tube, and there are not enough of them
  outOfReach          ///< notes that it is made of lie outside of the instrument
};
/// nullopt: it fits.
std::optional<Misfit> misfitOf(const Exercise& card, const Instrument& instrument);
/// The same where nobody may have said what is played: then everything fits.
std::optional<Misfit> misfitOf(const Exercise& card, const Instrument* instrument);

/// The partial that a card's is on a tube: its own, or of a tube with odd partials alone (`step` 2) the one
/// as far up as it is among the card's, from 3 on (from 1 where the card begins there). nullopt over the
/// ninth, which nobody finds on such a tube.
std::optional<int> partialOn(const Exercise& card, int partial, int step);

}  // namespace calando
