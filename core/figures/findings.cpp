#include "core/figures/findings.h"

#include <algorithm>

namespace calando {

const Tone* Analysis::mainTone() const {
  const auto longest = std::ranges::max_element(tones, {}, &Tone::held_s);
  return longest == tones.end() ? nullptr : &*longest;
}

const Note* Analysis::mainNote() const {
  const Tone* tone = mainTone();
  return tone ? tone->mainNote() : nullptr;
}

}  // namespace calando
