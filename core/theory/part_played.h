#pragma once

#include <optional>
#include <span>
#include <string_view>

#include "core/theory/instrument.h"

namespace calando {

/// What of the instrument is played: all of it, or its small part alone.
enum class PartPlayed { whole, mouthpiece, lips, mouthpieceNeck, reed, headJoint };

struct PartRow {
  PartPlayed part;
  std::string_view name;  ///< in cards and JSON
  double lowest_hz;       ///< its sounds lie from there …
  double highest_hz;      ///< … to there
  double low_hz;          ///< a sound under this one is low for the part
  Family family;          ///< whose small part it is; of the whole meaningless
  int comfortable;        ///< concert semitone, of an instrument of which nothing else is known

  bool holds(double hz) const { return hz >= lowest_hz && hz <= highest_hz; }
};
/// Every part once, in the order of the enumeration.
std::span<const PartRow> partsPlayed();
const PartRow& rowOf(PartPlayed part);
std::optional<PartPlayed> partNamed(std::string_view name);
inline std::string_view nameOf(PartPlayed part) { return rowOf(part).name; }

/// The sounding note of a part where nobody asks for another: the instrument's own, where it is known.
int comfortableOn(PartPlayed part, const Instrument* instrument);

/// What of an instrument that is: only of brass lips and mouthpiece sound by themselves; the small part of
/// the others is the mouthpiece with neck or barrel, the reed alone, the head joint.
PartPlayed partOn(PartPlayed part, const Instrument* instrument);

}  // namespace calando
