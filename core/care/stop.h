#pragma once

#include <cstdint>
#include <span>

#include "core/exercise/exercise.h"

/// Playing can be stopped at any time, and why it was decides what rests.
namespace calando {

enum class StopReason {
  none,
  dizzy,  ///< breath, and what takes as much of it, rests for the day
  pain,   ///< what was played rests until the teacher opens it again
  tired,
  enough
};

/// What a card works with.
enum class Work { none, breath, smallPart, tones };
Work workOf(const Exercise& card);
/// It can make light-headed: one of its cautions says so.
bool makesDizzy(const Exercise& card);

/// What there can be enough of on a day, whatever the cards.
enum class Dosed { nothing, smallPart, longTones };
Dosed dosedOf(const Exercise& card);

struct Stop {
  std::int64_t student = 0;
  std::int64_t at_unix_s = 0;
  StopReason reason = StopReason::none;
  Work work = Work::none;          ///< of the card that was stopped
  std::int64_t opened_unix_s = 0;  ///< 0: not yet

  bool operator==(const Stop&) const = default;
};
/// The newest stop for which a card rests on the day that began at a time; nullptr: it may be played.
const Stop* closing(std::span<const Stop> stops, const Exercise& card, std::int64_t today_unix_s);

}  // namespace calando
