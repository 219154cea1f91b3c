#pragma once

#include <optional>
#include <span>
#include <string>
#include <vector>

#include "core/judging/history.h"

namespace calando {

/// How a fingering did for a note that was aimed at with it.
struct FingeringTried {
  std::string fingering;
  int tries = 0;
  int spoke = 0;                       ///< the note came, and no other
  std::optional<double> speaks_ms;     ///< medians of those that spoke: air before the sound
  std::optional<double> offset_cents;  ///< off the note
  std::optional<double> wander_cents;
  std::optional<double> under_hz;  ///< what sounds on underneath
};

/// What a student's takes of a card say of the fingerings for a note (nullopt: where none was asked for), the
/// best first: by how often they spoke
/// (of s in n as (s + 1)/(n + 2), so that one lucky try does not lead), then by how near they came.
std::vector<FingeringTried> fingeringsTried(std::span<const PastTake> takes, const std::string& exercise,
                                            std::optional<int> note);

}  // namespace calando
