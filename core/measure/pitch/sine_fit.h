#pragma once

#include <cmath>
#include <span>
#include <vector>

/// One regular swing in an evenly sampled track (every kHop_s), by least squares.
namespace calando {

/// Fit of offset + slope + cosine + sine at one rate; time runs from the middle of the track.
struct SineFit {
  double rate_hz = 0.0;
  double cosine = 0.0;
  double sine = 0.0;
  double explained = 0.0;  ///< share of the variance about the straight line, 0 to 1
  double amplitude() const { return std::hypot(cosine, sine); }
};
SineFit fitLine(std::span<const double> y, double rate_hz);
/// The rate that explains most, searched on a grid of `lowest` to `highest` Hz (by the periodogram in tracks
/// of over four seconds) and refined by a parabola.
SineFit bestLine(std::span<const double> y, double lowest, double highest);

/// A fit of the frames from `first` on.
struct WindowFit {
  std::size_t first;
  SineFit line;
};
/// The swing itself: local fits of windows of `length` frames, faded into one another. 0 where no window is.
std::vector<double> oscillation(std::span<const double> y, const std::vector<WindowFit>& windows,
                                std::size_t length);
/// Where windows of `length` frames begin: every `hop` frames, the last one at the very end.
std::vector<std::size_t> windowStarts(std::size_t frames, std::size_t length, std::size_t hop);

}  // namespace calando
