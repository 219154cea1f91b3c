#include "core/measure/edges/settling.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/maths/statistics.h"
#include "core/theory/pitch.h"

namespace calando {

namespace {
constexpr double kZero_k = 273.15;
constexpr double kShortest_s = 5.0;
constexpr double kLeastUnsure_cents = 0.3;
constexpr double kFastest_s = 3.0, kSlowest_s = 300.0, kGrid = 1.1;
}  // namespace

std::optional<Settling> settlingOf(std::span<const PitchThen> notes) {
  if (notes.size() < 3 || notes.back().at_s - notes.front().at_s < kShortest_s) return std::nullopt;
  const double begin = notes.front().at_s, length = notes.back().at_s - begin;
  double weights = 0.0, rises = 0.0, squares = 0.0, left = 0.0, logTau = 0.0, bestMisfit = 1e30;
  for (const int pass : {0, 1})  // the best first: likelihoods are of the misfit over it
    for (double tau = kFastest_s; tau < kSlowest_s; tau *= kGrid) {
      // cents = a + b·u, with u from 0 at the first note to 1 at the last
      const double whole = 1.0 - std::exp(-length / tau);
      std::array<std::array<double, 3>, 2> normal{};
      const auto u = [&](const PitchThen& n) { return (1.0 - std::exp(-(n.at_s - begin) / tau)) / whole; };
      for (const PitchThen& n : notes) {
        const double w = 1.0 / std::pow(std::max(kLeastUnsure_cents, n.unsure_cents), 2.0);
        const std::array<double, 2> row{1.0, u(n)};
        for (std::size_t r = 0; r < 2; ++r) {
          for (std::size_t c = 0; c < 2; ++c) normal[r][c] += w * row[r] * row[c];
          normal[r][2] += w * row[r] * n.cents;
        }
      }
      const auto [a, b] = solved<2>(normal);
      double misfit = 0.0;
      for (const PitchThen& n : notes)
        misfit += std::pow((n.cents - a - b * u(n)) / std::max(kLeastUnsure_cents, n.unsure_cents), 2.0);
      if (pass == 0) {
        bestMisfit = std::min(bestMisfit, misfit);
        continue;
      }
      // Notes that stray more than they say make everything less sure.
      const double stray = std::max(1.0, bestMisfit / std::max(1.0, static_cast<double>(notes.size()) - 3.0));
      const double likely = std::exp(-0.5 * (misfit - bestMisfit) / stray);
      const double determinant = normal[0][0] * normal[1][1] - normal[0][1] * normal[1][0];
      const double variance = stray * normal[0][0] / determinant;
      weights += likely;
      rises += likely * b;
      squares += likely * (b * b + variance);
      left += likely * b * std::exp(-length / tau) / whole;
      logTau += likely * std::log(tau);
    }
  const double rise = rises / weights;
  return Settling{rise, std::sqrt(std::max(0.0, squares / weights - rise * rise)), left / weights,
                  std::exp(logTau / weights)};
}

double centsOfWarming(double from_c, double to_c) {
  return 0.5 * centsBetween(kZero_k + from_c, kZero_k + to_c);
}

}  // namespace calando
