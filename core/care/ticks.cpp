#include "core/care/ticks.h"

#include <algorithm>
#include <array>

namespace calando {

namespace {
constexpr std::array kTicks{
    Tick{"belly", "belly"},     Tick{"ribs", "ribs"}, Tick{"shoulders", "shoulders"},
    Tick{"posture", "upright"}, Tick{"arms", "arms"},
};
}  // namespace

std::span<const Tick> ticks() { return kTicks; }

const Tick* findTick(std::string_view id) {
  const auto* tick = std::ranges::find(kTicks, id, &Tick::id);
  return tick == kTicks.end() ? nullptr : tick;
}

}  // namespace calando
