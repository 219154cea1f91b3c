#pragma once

#include <string_view>

#include "core/base/names.h"

namespace calando {

/// How far a player is; what a new one is asked for at first goes by that.
enum class Experience { unsaid, beginner, someYears, advanced };
inline constexpr Named<Experience> kExperiences[] = {{"unsaid", Experience::unsaid},
                                                     {"beginner", Experience::beginner},
                                                     {"some-years", Experience::someYears},
                                                     {"advanced", Experience::advanced}};

/// Where a player of whom there are no takes yet begins.
struct Beginning {
  std::string_view level;          ///< id
  double seconds;                  ///< of a tone that is to be held
  std::string_view order;          ///< id of the running order
  double smallPart_s_a_day = 0.0;  ///< the most that the small part sounds
  double longTones_s_a_day = 0.0;  ///< the same of long tones
  double ofTempo = 1.0;            ///< a quick exercise is begun at, of its own
};
constexpr Beginning beginningOf(Experience experience) {
  switch (experience) {
    case Experience::beginner:
      return {"starting", 5.0, "first-lesson", 180.0, 360.0, 0.8};
    case Experience::advanced:
      return {"fluent", 12.0, "daily-quarter", 600.0, 1200.0};
    case Experience::unsaid:
    case Experience::someYears:
      break;
  }
  return {"growing", 8.0, "daily-short", 360.0, 720.0};
}

}  // namespace calando
