#pragma once

#include <vector>

#include "core/maths/fft.h"
#include "core/maths/sliding_signal.h"

namespace calando {

/// Levels of a spectrum through a Hann window, twice as fine as its length gives.
class HannSpectrum {
 public:
  HannSpectrum(double rate_hz, double window_s);

  /// At the window around `centre_s`; what follows is of that.
  void look(const SlidingSignal& signal, double centre_s);
  /// dB of an arbitrary reference, not below -200.
  double level_db(std::size_t bin);
  std::size_t binOf(double hz) const;
  /// Half the width of a line, in bins, with a little room.
  std::size_t lobe() const;
  /// Of a bin that is higher than its neighbours: the vertex of the parabola through them.
  struct Line {
    double hz;
    double level_db;
  };
  Line vertex(std::size_t bin);

 private:
  double rate_;
  double window_s_;
  std::vector<float> window_;
  RealFft fft_;
};

}  // namespace calando
