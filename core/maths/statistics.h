#pragma once

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>
#include <span>
#include <vector>

/// Small statistics used by several figures. Empty input gives an empty optional where one is returned.
namespace calando {

/// The q-quantile (0 to 1), the lower of two neighbours. Input must not be empty.
double quantile(std::vector<double> values, double q);
/// Middle value, mean of the two middle ones for an even count. Input must not be empty.
double median(std::vector<double> values);
std::optional<double> medianOf(std::vector<double> values);
double mean(std::span<const double> values);
double standardDeviation(std::span<const double> values);
/// About a mean that is estimated from the same values: over n - 1. 0 for one value.
double sampleDeviation(std::span<const double> values);
/// Standard deviation within groups, pooled over them.
class PooledDeviation {
 public:
  /// A group; one value alone says nothing.
  void add(std::span<const double> group);
  std::size_t free() const { return free_; }      ///< degrees of freedom
  std::size_t values() const { return values_; }  ///< of groups that said something
  double value() const { return std::sqrt(squares_ / static_cast<double>(free_)); }

 private:
  double squares_ = 0.0;
  std::size_t free_ = 0, values_ = 0;
};
/// One standard deviation of the middle of a track that strays slowly, by the means of that many blocks, one
/// after the other, and by how much a block is like the next one (batch means, Conway 1963). Nullopt where
/// there are fewer than four blocks, or fewer values than blocks.
std::optional<double> deviationOfMiddle(std::span<const double> track, std::size_t blocks);
/// Least-squares slope of y over x; needs two different x.
double leastSquaresSlope(std::span<const double> x, std::span<const double> y);
/// Median of the slopes between all pairs of points at equal spacing `step` (Theil 1950, Sen 1968); long
/// tracks are thinned to 400 points.
double theilSenSlope(std::span<const double> y, double step);
/// Solves N linear equations by Gaussian elimination without pivoting, good for the normal equations of least
/// squares; the last column is the right-hand side.
template <std::size_t N>
std::array<double, N> solved(std::array<std::array<double, N + 1>, N> m) {
  for (std::size_t c = 0; c < N; ++c)
    for (std::size_t r = c + 1; r < N; ++r) {
      const double factor = m[r][c] / m[c][c];
      for (std::size_t k = c; k <= N; ++k) m[r][k] -= factor * m[c][k];
    }
  std::array<double, N> x{};
  for (std::size_t r = N; r-- > 0;) {
    double sum = m[r][N];
    for (std::size_t k = r + 1; k < N; ++k) sum -= m[r][k] * x[k];
    x[r] = sum / m[r][r];
  }
  return x;
}

/// Zero-phase low-pass of an evenly sampled track (Hann-windowed sinc, -6 dB at `corner_hz`), the track
/// reflected about its ends.
std::vector<double> lowPass(std::span<const double> y, double step_s, double corner_hz);

}  // namespace calando
