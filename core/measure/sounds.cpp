#include "core/measure/sounds.h"

#include <algorithm>

namespace calando {

const Note* Tone::mainNote() const {
  const auto longest = std::ranges::max_element(notes, {}, [](const Note& n) { return n.end_s - n.start_s; });
  return longest == notes.end() ? nullptr : &*longest;
}

}  // namespace calando
