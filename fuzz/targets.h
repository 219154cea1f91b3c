#pragma once

#include <cstddef>
#include <cstdint>
#include <span>

/// What comes from outside and is read by us: each target takes any bytes, and must neither crash nor leave
/// anything out of range. libFuzzer runs them (scripts/fuzz); the ordinary tests replay their seeds.
namespace calando::fuzz {

void sound(std::span<const std::uint8_t> bytes);  ///< a sound file, with the note in it
void card(std::span<const std::uint8_t> bytes);   ///< an exercise card
void note(std::span<const std::uint8_t> bytes);   ///< the note beside a recording or in a take
void list(std::span<const std::uint8_t> bytes);   ///< a list of homework
void plan(std::span<const std::uint8_t> bytes);   ///< a plan, and what a teacher says of homework
void pack(std::span<const std::uint8_t> bytes);   ///< the contents of a pack

}  // namespace calando::fuzz
