#include "core/measure/edges/sounds.h"

#include <algorithm>

namespace calando {

const Note* Tone::mainNote() const {
  const auto longest = std::ranges::max_element(notes, {}, [](const Note& n) { return n.end_s - n.start_s; });
  return longest == notes.end() ? nullptr : &*longest;
}

std::optional<double> Tone::wayBack_semitones() const {
  const auto up = [](const Glide& glide) { return glide.semitones() > 0.0; };
  if (std::ranges::none_of(glides, up) || std::ranges::all_of(glides, up)) return std::nullopt;
  return centsBetween(glides.front().from_hz, glides.back().to_hz) / 100.0;
}

}  // namespace calando
