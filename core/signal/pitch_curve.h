#pragma once

#include <cstddef>
#include <optional>
#include <vector>

namespace calando {

/// Between neighbouring frames: another note.
inline constexpr double kRunJump_cents = 80.0;

/// Refined pitch, a frame every kHop_s, and what it was before windows averaged it.
class PitchCurve {
 public:
  /// Frames on each side that the correction of one needs.
  static constexpr int kCurvatureHalf = 3;

  std::size_t size() const { return refined_.size(); }
  /// Of a frame as it was measured; 0 unvoiced.
  double operator[](std::size_t frame) const { return refined_[frame]; }
  double last() const { return refined_.empty() ? 0.0 : refined_.back(); }
  /// The next frame; `kernelVariance_s2`: second moment of its time weighting, 0 where it has none.
  void push(double f0_hz, double kernelVariance_s2);
  /// Whether two neighbours belong to one note.
  bool sameRun(std::size_t a, std::size_t b) const;
  /// Of the next frame: straight on from the two before, where that agrees with the coarse pitch.
  double predicted(double coarse_hz) const;
  /// Undoes the averaging of a curved track over the refiner's windows, whose kernel G is nearly a Gaussian
  /// of variance v: 1/G = 1 - v/2 D² + v²/8 D⁴ - …  What is returned, for the figures, has the first term,
  /// from a parabola, which lets little noise through; what at() follows has both. nullopt where the frames
  /// around are not all of one note.
  std::optional<double> straighten(std::size_t frame);
  /// Between frames: what the phase of the colour follows, Hz. Beside a tone what it begins or ends with: a
  /// window of periods that quickly grow longer reaches beyond it. 0 only where there is no tone at all.
  double at(double t) const;

 private:
  double nearestTo(std::size_t frame) const;

  std::vector<double> refined_;
  std::vector<double> kernel_;
  std::vector<double> followed_;
};

/// How much of a sinusoidal vibrato the pitch track shows, about 1: the refiner's windows damp it, the
/// curvature correction brings nearly all of it back.
double vibratoResponse(double f0_hz, double rate_hz);

}  // namespace calando
