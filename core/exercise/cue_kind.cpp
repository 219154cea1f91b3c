#include "core/exercise/cue_kind.h"

#include <algorithm>
#include <array>

#include "core/base/in_order.h"

namespace calando {

namespace {

constexpr std::array kKinds{
    CueKindRow{.kind = CueKind::inhale, .name = "inhale", .asksFor = AsksFor::air, .breathes = Breathes::in},
    CueKindRow{
        .kind = CueKind::hold, .name = "hold", .asksFor = AsksFor::nothing, .breathes = Breathes::held},
    CueKindRow{.kind = CueKind::exhale, .name = "exhale", .asksFor = AsksFor::air, .breathes = Breathes::out},
    CueKindRow{.kind = CueKind::air, .name = "air", .asksFor = AsksFor::air, .breathes = Breathes::through},
    CueKindRow{.kind = CueKind::tone, .name = "tone", .asksFor = AsksFor::tone},
    CueKindRow{.kind = CueKind::rest,
               .name = "rest",
               .asksFor = AsksFor::nothing,
               .needsLength = true,
               .rests = true},
    CueKindRow{.kind = CueKind::glide, .name = "glide", .asksFor = AsksFor::tone, .moves = Moves::glide},
    CueKindRow{.kind = CueKind::bend, .name = "bend", .asksFor = AsksFor::tone, .moves = Moves::bend},
    CueKindRow{.kind = CueKind::partial, .name = "partial", .asksFor = AsksFor::tone},
    CueKindRow{.kind = CueKind::swell, .name = "swell", .asksFor = AsksFor::tone},
    CueKindRow{.kind = CueKind::pulse, .name = "pulse", .asksFor = AsksFor::tone, .pulses = true},
    CueKindRow{.kind = CueKind::free, .name = "free", .asksFor = AsksFor::tone},
    CueKindRow{.kind = CueKind::move,
               .name = "move",
               .asksFor = AsksFor::nothing,
               .needsLength = true,
               .saysWhat = true},
    CueKindRow{.kind = CueKind::drop, .name = "drop", .asksFor = AsksFor::tone, .moves = Moves::drop},
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
