#include "core/theory/part_played.h"

#include <algorithm>
#include <array>

namespace calando {

namespace {

constexpr std::array kParts{
    PartRow{PartPlayed::whole, "whole", 27.0, 4300.0, 0.0, 67},
    PartRow{PartPlayed::mouthpiece, "mouthpiece", 60.0, 900.0, 140.0, 58},
    PartRow{PartPlayed::lips, "lips", 60.0, 700.0, 130.0, 53},
    PartRow{PartPlayed::mouthpieceNeck, "mouthpiece-neck", 200.0, 1800.0, 330.0, 75},
};

}  // namespace

std::span<const PartRow> partsPlayed() { return kParts; }

const PartRow& rowOf(PartPlayed part) { return kParts[static_cast<std::size_t>(part)]; }

std::optional<PartPlayed> partNamed(std::string_view name) {
  const auto row = std::ranges::find(kParts, name, &PartRow::name);
  return row == kParts.end() ? std::nullopt : std::optional(row->part);
}

PartPlayed partOn(PartPlayed part, const Instrument* instrument) {
  const bool reed = instrument && instrument->family != Family::brass;
  return reed && part == PartPlayed::mouthpiece ? PartPlayed::mouthpieceNeck : part;
}

}  // namespace calando
