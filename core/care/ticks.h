#pragma once

#include <span>
#include <string_view>

/// What a teacher or player sees or feels beside a take and no microphone hears: it is ticked, never claimed.
namespace calando {

struct Tick {
  std::string_view id;
  std::string_view label;  ///< for people, in English, in a word
};
/// All that cards can name.
std::span<const Tick> ticks();
/// nullptr for none.
const Tick* findTick(std::string_view id);

}  // namespace calando
