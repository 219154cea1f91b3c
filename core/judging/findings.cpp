#include "core/judging/findings.h"

#include <algorithm>

namespace calando {

const Tone* Analysis::mainTone() const {
  const auto longest = std::ranges::max_element(tones, {}, &Tone::held_s);
  return longest == tones.end() ? nullptr : &*longest;
}

}  // namespace calando
