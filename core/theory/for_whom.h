#pragma once

#include <nlohmann/json_fwd.hpp>
#include <string>
#include <vector>

#include "core/theory/instrument.h"

namespace calando {

/// Whom something is for: players of these families, and of these instruments; of all where it names none.
struct ForWhom {
  std::vector<Family> families;
  std::vector<std::string> instruments;  ///< ids

  bool everybody() const { return families.empty() && instruments.empty(); }
  bool holds(const Instrument& instrument) const;
  /// Of a family of which nobody has said which instrument.
  bool holds(Family family) const;
  /// Nobody has said what is played: only what is for everybody.
  bool holds(const Instrument* instrument) const { return instrument ? holds(*instrument) : everybody(); }
};

/// Of the list `families` that an entry may have: names of families, ids of instruments; a name of both is
/// the family's. Throws Refused.
ForWhom forWhomFrom(const nlohmann::json& entry);
/// The same back: an array of names.
nlohmann::json namesOf(const ForWhom& whom);

}  // namespace calando
