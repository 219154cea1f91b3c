#include "core/signal/pitch_curve.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/pitch/refine_pitch.h"
#include "core/signal/tracks.h"

namespace calando {

namespace {

constexpr double kPrediction_cents = 10.0;
// Derivatives of least-squares polynomials over seven frames (Savitzky & Golay 1964): the second of a
// parabola, the second and the fourth of a quartic.
constexpr double kSecond[] = {5.0 / 42, 0.0, -3.0 / 42, -4.0 / 42, -3.0 / 42, 0.0, 5.0 / 42};
constexpr double kQuarticSecond[] = {-13.0 / 132, 67.0 / 132, -19.0 / 132, -70.0 / 132,
                                     -19.0 / 132, 67.0 / 132, -13.0 / 132};
constexpr double kQuarticFourth[] = {3.0 / 11, -7.0 / 11, 1.0 / 11, 6.0 / 11, 1.0 / 11, -7.0 / 11, 3.0 / 11};

}  // namespace

void PitchCurve::push(double f0_hz, double kernelVariance_s2) {
  refined_.push_back(f0_hz);
  kernel_.push_back(kernelVariance_s2);
  followed_.push_back(f0_hz);
}

bool PitchCurve::sameRun(std::size_t a, std::size_t b) const {
  return refined_[a] > 0.0 && refined_[b] > 0.0 &&
         std::abs(1200.0 * std::log2(refined_[a] / refined_[b])) < kRunJump_cents;
}

double PitchCurve::predicted(double coarse_hz) const {
  const std::size_t i = refined_.size();
  if (i < 2 || !sameRun(i - 1, i - 2)) return coarse_hz;
  const double ahead = refined_[i - 1] * refined_[i - 1] / refined_[i - 2];
  return std::abs(1200.0 * std::log2(ahead / coarse_hz)) < kPrediction_cents ? ahead : coarse_hz;
}

std::optional<double> PitchCurve::straighten(std::size_t i) {
  if (kernel_[i] == 0.0) return std::nullopt;
  const double v = kernel_[i] / (kHop_s * kHop_s);
  double gentle = 0.0;  // octaves
  double full = 0.0;
  for (int d = -kCurvatureHalf; d <= kCurvatureHalf; ++d) {
    const auto j = static_cast<std::size_t>(static_cast<int>(i) + d);
    if (kernel_[j] == 0.0 || !sameRun(i, j)) return std::nullopt;
    const int w = d + kCurvatureHalf;
    const double octaves = std::log2(refined_[j] / refined_[i]);
    gentle += v / 2.0 * kSecond[w] * octaves;
    full += (v / 2.0 * kQuarticSecond[w] - v * v / 8.0 * kQuarticFourth[w]) * octaves;
  }
  followed_[i] = refined_[i] * std::exp2(-full);
  return refined_[i] * std::exp2(-gentle);
}

double PitchCurve::nearestTo(std::size_t frame) const {
  for (std::size_t away = 1; away < followed_.size(); ++away) {
    if (frame >= away && followed_[frame - away] > 0.0) return followed_[frame - away];
    if (frame + away < followed_.size() && followed_[frame + away] > 0.0) return followed_[frame + away];
  }
  return 0.0;
}

double PitchCurve::at(double t) const {
  const double place = std::clamp(t / kHop_s, 0.0, static_cast<double>(refined_.size() - 1));
  const auto left = static_cast<std::size_t>(place);
  const std::size_t right = std::min(left + 1, refined_.size() - 1);
  const double f = place - static_cast<double>(left);
  const double a = followed_[left];
  const double b = followed_[right];
  if (a <= 0.0 && b <= 0.0) return nearestTo(left);
  if (a <= 0.0) return b;
  if (b <= 0.0) return a;
  if (std::abs(b / a - 1.0) > 0.05) return f < 0.5 ? a : b;
  // Cubic through the neighbours (Catmull-Rom): chords would cut a vibrato's curves short.
  const bool inner =
      left > 0 && right + 1 < refined_.size() && sameRun(left, left - 1) && sameRun(right, right + 1);
  if (!inner) return a + f * (b - a);
  const double before = followed_[left - 1];
  const double after = followed_[right + 1];
  return a + 0.5 * f *
                 (b - before +
                  f * (2.0 * before - 5.0 * a + 4.0 * b - after + f * (3.0 * (a - b) + after - before)));
}

double vibratoResponse(double f0_hz, double rate_hz) {
  const double omega = 2.0 * std::numbers::pi * rate_hz;
  const double variance = PitchRefiner::kernelVariance(f0_hz);
  double second = 0.0;
  for (int d = -PitchCurve::kCurvatureHalf; d <= PitchCurve::kCurvatureHalf; ++d)
    second += kSecond[d + PitchCurve::kCurvatureHalf] * std::cos(omega * d * kHop_s);
  second /= kHop_s * kHop_s;
  // The kernel is near enough to a Gaussian of its variance.
  return std::exp(-variance * omega * omega / 2.0) * (1.0 - second * variance / 2.0);
}

}  // namespace calando
