#pragma once

#include <memory>
#include <optional>
#include <random>
#include <vector>

#include "core/base/names.h"
#include "core/ears/change.h"

namespace calando {

class SoundMaker;
struct MadeSound;

/// How an ear is asked.
enum class Way {
  which,      ///< of two, the one that does not have it (of a pitch, the sharper one)
  odd,        ///< of three, the one that is unlike the others
  same,       ///< two: alike or not; half of them are
  reference,  ///< after the first, is the second lower or higher (of beats, slower or faster)
  named       ///< one: what was wrong with it
};
inline constexpr Named<Way> kWays[] = {{"which", Way::which},
                                       {"odd", Way::odd},
                                       {"same", Way::same},
                                       {"reference", Way::reference},
                                       {"named", Way::named}};

/// One question: what is heard, and which of its choices is right.
struct EarQuestion {
  Way way = Way::which;
  Changed changed{Change::offset, 0.0};  ///< amount 0: they are alike
  std::vector<std::shared_ptr<const MadeSound>> sounds;
  std::vector<bool> has;  ///< which of them have the change
  std::size_t choices = 2;
  std::size_t right = 0;
  std::vector<Change> named;  ///< the choices of Way::named
  double rate_hz = 48000.0;

  double guess() const { return 1.0 / static_cast<double>(choices); }
};

/// Draws places and choices so that nobody can tell them beforehand.
using Chance = std::mt19937;

/// Where the change is, and which choice is right.
struct Drawn {
  bool flat = false;      ///< it goes the other way
  bool alike = false;     ///< none has it
  std::vector<bool> has;  ///< which of the sounds
  std::size_t right = 0;
};
/// Of every way but Way::named, whose answer is what is asked about.
Drawn drawPlaces(Way way, Change change, Chance& chance);

/// Whether a change can be asked about that way.
bool canBeAsked(Way way, Change change);
/// A question about a change of that size (above 0). Of Way::named the choices are `named`, two to six
/// changes with the asked one among them. nullopt where the material cannot be made so.
std::optional<EarQuestion> ask(SoundMaker& maker, Way way, Change change, double amount,
                               const std::vector<Change>& named, Chance& chance);

}  // namespace calando
