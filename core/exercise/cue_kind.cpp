#include "core/exercise/cue_kind.h"

#include <algorithm>
#include <array>

#include "core/base/in_order.h"

namespace calando {

namespace {

constexpr std::array kKinds{
    CueKindRow{CueKind::inhale, "inhale", AsksFor::air},
    CueKindRow{CueKind::hold, "hold", AsksFor::nothing},
    CueKindRow{CueKind::exhale, "exhale", AsksFor::air},
    CueKindRow{CueKind::air, "air", AsksFor::air},
    CueKindRow{CueKind::tone, "tone", AsksFor::tone},
    CueKindRow{CueKind::rest, "rest", AsksFor::nothing, true},
    CueKindRow{CueKind::glide, "glide", AsksFor::tone},
    CueKindRow{CueKind::bend, "bend", AsksFor::tone},
    CueKindRow{CueKind::partial, "partial", AsksFor::tone},
    CueKindRow{CueKind::swell, "swell", AsksFor::tone},
    CueKindRow{CueKind::pulse, "pulse", AsksFor::tone, false, true},
    CueKindRow{CueKind::free, "free", AsksFor::tone},
    CueKindRow{CueKind::move, "move", AsksFor::nothing, true},
    CueKindRow{CueKind::drop, "drop", AsksFor::tone},
};
static_assert(inOrder(kKinds, &CueKindRow::kind));

}  // namespace

std::span<const CueKindRow> cueKinds() { return kKinds; }
const CueKindRow& rowOf(CueKind kind) { return kKinds[static_cast<std::size_t>(kind)]; }

std::optional<CueKind> cueKindNamed(std::string_view name) {
  const auto* row = std::ranges::find(kKinds, name, &CueKindRow::name);
  return row == kKinds.end() ? std::nullopt : std::optional(row->kind);
}

}  // namespace calando
