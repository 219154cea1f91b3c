#pragma once

#include <optional>
#include <span>
#include <string_view>

#include "core/theory/instrument.h"

namespace calando {

/// What of the instrument is played: all of it, or its small part alone.
enum class PartPlayed { whole, mouthpiece, lips, mouthpieceNeck };

struct PartRow {
  PartPlayed part;
  std::string_view name;  ///< in cards and JSON
  double lowest_hz;       ///< its sounds lie from there …
  double highest_hz;      ///< … to there
  double low_hz;          ///< a sound under this one is low for the part
  int comfortable;        ///< concert semitone, where nobody asks for another

  bool holds(double hz) const { return hz >= lowest_hz && hz <= highest_hz; }
};
/// Every part once, in the order of the enumeration.
std::span<const PartRow> partsPlayed();
const PartRow& rowOf(PartPlayed part);
std::optional<PartPlayed> partNamed(std::string_view name);
inline std::string_view nameOf(PartPlayed part) { return rowOf(part).name; }

/// A reed does not sound without the neck or barrel behind it: its mouthpiece is the one with neck.
PartPlayed partOn(PartPlayed part, const Instrument* instrument);

}  // namespace calando
