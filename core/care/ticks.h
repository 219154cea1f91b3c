#pragma once

#include <span>
#include <string_view>
#include <vector>

#include "core/exercise/exercise.h"
#include "core/theory/instrument.h"

/// What a teacher or player sees or feels beside a take and no microphone hears: it is ticked, never claimed.
namespace calando {

struct Tick {
  std::string_view id;
  std::string_view label;  ///< for people, in English, in a word
};
/// All that there are.
std::span<const Tick> ticks();
/// nullptr for none.
const Tick* findTick(std::string_view id);

/// What is looked at with a card by a player of an instrument (nullptr: nobody has said which), what matters
/// most first: what the card names, else what belongs to its work. Four at most; none where nothing sounds.
std::vector<const Tick*> ticksOf(const Exercise& card, const Instrument* instrument);

}  // namespace calando
