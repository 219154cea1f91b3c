#include "core/theory/part_played.h"

#include <algorithm>
#include <array>

namespace calando {

namespace {

constexpr std::array kParts{
    PartRow{PartPlayed::whole, "whole", 27.0, 4300.0, 0.0, Family::brass, 67},
    PartRow{PartPlayed::mouthpiece, "mouthpiece", 60.0, 900.0, 140.0, Family::brass, 58},
    PartRow{PartPlayed::lips, "lips", 60.0, 700.0, 130.0, Family::brass, 53},
    PartRow{PartPlayed::mouthpieceNeck, "mouthpiece-neck", 200.0, 1800.0, 330.0, Family::singleReed, 75},
    PartRow{PartPlayed::reed, "reed", 150.0, 2400.0, 0.0, Family::doubleReed, 84},
    PartRow{PartPlayed::headJoint, "head-joint", 220.0, 3600.0, 0.0, Family::flute, 69},
};

}  // namespace

std::span<const PartRow> partsPlayed() { return kParts; }

const PartRow& rowOf(PartPlayed part) { return kParts[static_cast<std::size_t>(part)]; }

std::optional<PartPlayed> partNamed(std::string_view name) {
  const auto row = std::ranges::find(kParts, name, &PartRow::name);
  return row == kParts.end() ? std::nullopt : std::optional(row->part);
}

int comfortableOn(PartPlayed part, const Instrument* instrument) {
  if (part == PartPlayed::whole && instrument) return instrument->soundingOf(instrument->firstNote);
  return instrument && instrument->smallNote ? *instrument->smallNote : rowOf(part).comfortable;
}

PartPlayed partOn(PartPlayed part, const Instrument* instrument) {
  if (!instrument || part == PartPlayed::whole) return part;
  switch (instrument->family) {
    case Family::brass:
      return part;
    case Family::singleReed:
      return PartPlayed::mouthpieceNeck;
    case Family::doubleReed:
      return PartPlayed::reed;
    case Family::flute:
    case Family::recorder:
      return PartPlayed::headJoint;
  }
  return part;
}

}  // namespace calando
