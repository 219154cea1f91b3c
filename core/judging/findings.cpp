#include "core/judging/findings.h"

#include <algorithm>
#include <array>

namespace calando {

namespace {
constexpr std::array<std::string_view, 4> kStarts{"instant", "after-air", "air-only", "nothing"};
}  // namespace

std::string_view nameOf(Start start) { return kStarts[static_cast<std::size_t>(start)]; }

std::optional<Start> startNamed(std::string_view name) {
  const auto found = std::ranges::find(kStarts, name);
  if (found == kStarts.end()) return std::nullopt;
  return static_cast<Start>(found - kStarts.begin());
}

const Tone* Analysis::mainTone() const {
  const auto longest = std::ranges::max_element(tones, {}, &Tone::held_s);
  return longest == tones.end() ? nullptr : &*longest;
}

}  // namespace calando
