#pragma once

#include <string>
#include <string_view>
#include <tl/expected.hpp>
#include <vector>

#include "core/base/fault.h"
#include "core/exercise/exercise.h"
#include "core/theory/for_whom.h"

namespace calando {

/// What is to be minded while something is practised (data/cautions.json); cards name them.
struct Caution {
  enum class On { cards, partner, smallPart };
  std::string id;
  std::string says;
  ForWhom whom = {};
  On on = On::cards;   ///< cards that name it; else all with something that plays along, or of the small part
  bool dizzy = false;  ///< what it goes with can make light-headed
};
tl::expected<std::vector<Caution>, Problem> parseCautions(std::string_view json);
const std::vector<Caution>& cautions();

/// What a card is to be read with by a player of an instrument (nullptr: nobody has said which), what matters
/// most first. A card's own words are a caution of their own, of which they are the id.
std::vector<Caution> cautionsOf(const Exercise& card, const Instrument* instrument);

}  // namespace calando
