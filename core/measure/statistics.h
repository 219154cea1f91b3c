#pragma once

#include <algorithm>
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
/// Least-squares slope of y over x; needs two different x.
double leastSquaresSlope(std::span<const double> x, std::span<const double> y);
/// Median of the slopes between all pairs of points at equal spacing `step` (Theil 1950, Sen 1968); long
/// tracks are thinned to 400 points.
double theilSenSlope(std::span<const double> y, double step);
/// Zero-phase low-pass of an evenly sampled track (Hann-windowed sinc, -6 dB at `corner_hz`), the track
/// reflected about its ends.
std::vector<double> lowPass(std::span<const double> y, double step_s, double corner_hz);

}  // namespace calando
