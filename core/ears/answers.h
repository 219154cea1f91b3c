#pragma once

#include <cstdint>
#include <optional>
#include <span>
#include <string>
#include <vector>

#include "core/base/day.h"
#include "core/ears/question.h"
#include "core/ears/threshold.h"

namespace calando {

/// One answer, as it is kept.
struct EarAnswer {
  std::int64_t made_unix_s = 0;
  Day day = {};
  Way way = Way::which;
  Change change = Change::offset;
  int concert = 69;     ///< the tone's semitone
  double amount = 0.0;  ///< its size, in the change's unit; 0: they were alike
  int choices = 2;
  bool right = false;
};

/// A guess of a figure before it was seen.
struct EarGuess {
  std::int64_t made_unix_s = 0;
  Day day = {};
  std::string figure;
  double guessed = 0.0;
  double was = 0.0;
};

/// Where a tone lies: its octave, C4 to B4 is 4.
inline int regionOf(int concert) { return concert / 12 - 1; }

/// The last forty answers about a change, oldest first: what is known now.
std::vector<EarAnswer> lately(std::span<const EarAnswer> answers, Change change);

/// What is known after these answers (oldest first) about a change, the region's alone where one is given.
/// Of alike or not, those that were alike say how often somebody guesses.
Threshold thresholdOf(std::span<const EarAnswer> answers, Change change, std::optional<int> region = {});

/// By week, oldest first: what was heard, of weeks in which that is known.
struct EarWeek {
  Day monday;
  HeardDifference heard;
};
std::vector<EarWeek> earWeeks(std::span<const EarAnswer> answers, Change change);

/// The same by octave, the lowest first, of those that were asked in often enough.
std::vector<std::pair<int, HeardDifference>> heardByRegion(std::span<const EarAnswer> answers, Change change);

/// How far guesses of a figure are off: the median of their sizes, of the last `most`; nullopt: none.
std::optional<double> guessError(std::span<const EarGuess> guesses, const std::string& figure,
                                 std::size_t most);

}  // namespace calando
