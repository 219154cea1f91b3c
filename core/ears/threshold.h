#pragma once

#include <cstddef>
#include <vector>

namespace calando {

/// What somebody hears, as far as it is known.
struct HeardDifference {
  double amount;     ///< the smallest difference heard: median of what it may be
  double low, high;  ///< nine in ten of it
  int answers = 0;

  /// Of fewer answers nothing is said.
  bool isKnown() const { return answers >= 8; }
};

/// The smallest difference that somebody hears, from right and wrong answers: the amount that they hear in 63
/// of 100, guesses left out (of two they name the right one four times in five). Bayesian, over a grid of
/// thresholds, slopes and shares of slips; the next amount is the one whose answer will tell most, by the
/// expected entropy (Kontsevich and Tyler 1999, Vision Research 39). An answer is right by p = g + (1 − g −
/// s) F(x), F(x) = 1 − exp(−(x/threshold)^slope) (Weibull), g the chance of a guess, s that of a slip.
class Threshold {
 public:
  /// Of amounts between `least` and `most`, both above 0.
  Threshold(double least, double most);

  /// `guess`: the chance of a right answer by guessing.
  void add(double amount, bool right, double guess);
  /// What to ask next; a little easier or harder by `share` (0 to 1) of a step, so that it is never the same.
  double next(double guess, double share = 0.5) const;
  HeardDifference heard() const;
  /// It is known to a quarter.
  bool isSure() const;

 private:
  double rightAt(std::size_t amount, std::size_t state, double guess) const;

  std::vector<double> amounts_;  // the grid, in equal ratios
  struct State {
    std::size_t threshold;
    double slope, slips;
  };
  std::vector<State> states_;
  std::vector<double> belief_;
  int answers_ = 0;
};

}  // namespace calando
