#pragma once

#include <optional>
#include <span>
#include <vector>

#include "core/judging/history.h"

/// Whether a player gets tired: what falls together within one day.
namespace calando {

/// A figure of the last takes of a day against its first ones.
struct Fallen {
  enum class What { pitch, level, core, crackle, held };
  What what;
  double by;      ///< cents, dB, dB, dB, s: below 0 is lower
  double unsure;  ///< two standard errors, by how far takes of one day lie apart on days before
};
struct Fatigue {
  std::vector<Fallen> fallen;  ///< beyond what is unsure, towards tiredness
  int each = 0;                ///< takes at either end of the day that were held beside one another
};
/// Each take is held against what that student's takes of its card and note usually are (where there are not
/// three on days before: against the day's own first three), and the day's last ones against its first ones;
/// a day needs eight such takes. Two of pitch, level, core, crackle and time held have to have gone the way
/// of tiredness, and none the other way. Nullopt where that is not so, or cannot be known. `takes`: newest
/// first.
std::optional<Fatigue> fatigueOn(std::span<const PastTake> takes, Day day);

}  // namespace calando
