#pragma once

#include <complex>
#include <functional>
#include <initializer_list>
#include <map>
#include <optional>
#include <vector>

#include "core/maths/fft.h"
#include "core/maths/sliding_signal.h"
#include "core/signal/pair_frames.h"

namespace calando {

/// Two harmonic tones that sound at once in one signal, each steady within a window.
///
/// Least squares under Hann weights: the signal is the partials k·f1 of the one and j·f2 of the other, whose
/// amplitudes are solved for, and f1 and f2 are where that explains most of the energy (variable projection,
/// Golub and Pereyra 1973). Partials that the window cannot resolve are solved together, so that tones much
/// nearer than its resolution are told apart as long as they last for half a beat of their upper partials.
class TwoTones {
 public:
  explicit TwoTones(double rate_hz) : rate_(rate_hz) {}

  struct Range {
    double low_hz;
    double high_hz;
  };
  using Fit = PairFit;

  /// The window that the following calls are of.
  void look(const SlidingSignal& signal, double centre_s, double window_s);
  /// The same with time stretched so that a tone whose pitch goes as `speed` (at a time, s; 1 in the middle)
  /// becomes steady.
  void lookAlong(const SlidingSignal& signal, double centre_s, double window_s,
                 const std::function<double(double)>& speed);
  /// The best pair with the first in one range and the second in the other; where both ranges overlap, the
  /// first is the lower one. Nullopt for an empty range.
  std::optional<Fit> fit(const Range& first, const Range& second);
  /// What the best single tone leaves over of the window near the partials of both, dB.
  double leftOfOne_db(double first_hz, double second_hz);
  /// The best one near these.
  Fit fitNear(double first_hz, double second_hz);

 private:
  struct Line {
    double hz;
    int owner;
  };
  struct Window {
    RealFft fft;
    std::vector<float> weights;
  };
  void begin(double window_s);
  void transform(const std::function<float(double)>& sample);
  std::vector<std::size_t> binsNear() const;
  std::size_t apartBins() const;
  double leftOver(const std::vector<std::size_t>& bins) const;
  double single(std::initializer_list<double> starts);
  double explained(double f1, double f2, int partials, bool keep = false);
  double solveGroup(std::size_t from, std::size_t to, bool keep);
  std::complex<double> spectrumAt(double hz) const;
  double kernel(double hz) const;
  std::array<double, 2> refined(std::array<double, 2> at, int partials, double step);
  Fit described(const std::array<double, 2>& hz);

  double rate_;
  double window_s_ = 0.0;
  double samples_ = 0.0;
  std::map<long, Window> windows_;  // by length
  Window* now_ = nullptr;
  std::vector<Line> lines_;
  std::vector<std::complex<double>> amplitudes_;  // of lines_, where kept
  std::vector<double> gram_;
  std::vector<std::complex<double>> right_;
};

}  // namespace calando
