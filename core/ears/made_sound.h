#pragma once

#include <optional>
#include <vector>

namespace calando {

/// A sound as the engine measured it, every kHop_s from its start.
struct HeardMoment {
  std::optional<double> cents;  ///< over the material's mean; nullopt: no pitch was found
  double level_db = 0.0;        ///< over what all sounds are as loud as, mean of kHop_s
};
using HeardCourse = std::vector<HeardMoment>;

/// A sound that was made: mono at its material's rate, and what was measured of it.
struct MadeSound {
  std::vector<float> samples;
  HeardCourse course;
};

}  // namespace calando
