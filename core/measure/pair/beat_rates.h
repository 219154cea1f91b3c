#pragma once

#include <optional>
#include <vector>

#include "core/signal/pair_track.h"
#include "core/theory/interval.h"

namespace calando {

/// How fast two in one signal beat, moment by moment, from where both sound on.
class BeatRates {
 public:
  /// Of frames in which two are told apart; of beats that were resolved, or seen for long enough to be slow.
  /// At the end of a sound no window may be long enough, and that no beat is seen says nothing then; nor does
  /// it where one of those frames, within that window, beats faster.
  BeatRates(double both_s, const PairTrack& pair, const Ratio& ratio);

  /// Hertz. Between those that were measured: two that were told apart go on as they went until they are as
  /// near to one as they are seen to be later, and the same the other way round. Nullopt: none was measured.
  std::optional<double> at(double at_s) const;

 private:
  struct Rate {
    double at_s;
    double hz;
  };
  /// Hertz a second, of those told apart between two times; nullopt: there are too few.
  std::optional<double> goingBy(double from_s, double to_s) const;

  std::vector<Rate> told_, all_;  // by time
};

}  // namespace calando
