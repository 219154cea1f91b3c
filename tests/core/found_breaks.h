#pragma once

#include <cmath>
#include <vector>

#include "core/figures/findings.h"
#include "support/buzz.h"

namespace calando {

/// How breaks of made buzzes are found again.
struct FoundBreaks {
  int made = 0, heard = 0, airRight = 0;
  std::vector<double> begins, lengths;  ///< s, as heard less as made, of those that are found

  void add(const Analysis& analysis, const sounds::BuzzSound& sound,
           const std::vector<sounds::BuzzBreak>& breaks) {
    constexpr double near_s = 0.06;
    for (const Tone& tone : analysis.tones) heard += static_cast<int>(tone.dropouts.size());
    for (const sounds::BuzzBreak& b : breaks) {
      ++made;
      for (const Tone& tone : analysis.tones)
        for (const Dropout& d : tone.dropouts) {
          if (std::abs(d.at_s - sound.start_s - b.at_s) > near_s) continue;
          begins.push_back(d.at_s - sound.start_s - b.at_s);
          lengths.push_back(d.length_s - b.length_s);
          airRight += d.air_went_on == b.air;
        }
    }
  }
};

}  // namespace calando
