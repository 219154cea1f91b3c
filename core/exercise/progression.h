#pragma once

#include <span>

#include "core/analysis.h"
#include "core/exercise/exercise.h"

/// When a step of the lesson may give way to the next.
namespace calando {

/// How a step stands with a student.
struct Standing {
  Verdict last = Verdict::unmeasured;  ///< of the newest take that counts
  int good = 0;                        ///< inside or near, of the newest `of` of the card
  int tries = 0;                       ///< how many of those there are
};
/// `newestFirst`: the verdicts of all takes of the card that count, no invalid tries among them.
Standing standingOf(std::span<const Verdict> newestFirst, const Exercise& card);

/// The take to hold others against: of those with the longest tone the steadiest. Nullopt for none.
std::optional<Rival> bestOf(std::span<const Rival> takes);
/// What others are held against of an analysis; nullopt when it has no tone.
std::optional<Rival> rivalOf(const Analysis& analysis);

}  // namespace calando
