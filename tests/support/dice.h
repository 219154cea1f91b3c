#pragma once

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <cstdlib>
#include <random>
#include <ranges>
#include <vector>

/// For tests over sounds that are random in every dimension.
namespace sounds {

/// A number of the environment, such as how many sounds a campaign wants; `otherwise` where it says nothing.
inline unsigned asked(const char* variable, unsigned otherwise) {
  const char* text = std::getenv(variable);
  return text ? static_cast<unsigned>(std::atoi(text)) : otherwise;
}

/// How many sounds of a family: a few of them in the ordinary tests, or as many as a campaign wants.
inline unsigned howMany(unsigned few) { return asked("CALANDO_SOUNDS", few); }
/// Whether a campaign asks for everything, and not for a share of it.
inline bool everything() { return howMany(0) > 0; }
/// From where on a campaign wants its seeds.
inline unsigned firstSeed(unsigned otherwise = 1) { return asked("CALANDO_SEED", otherwise); }
inline auto seeds(unsigned count, unsigned otherwise = 1) {
  return std::views::iota(firstSeed(otherwise), firstSeed(otherwise) + count);
}

struct Dice {
  std::mt19937 random;
  explicit Dice(unsigned seed) : random(seed) {}
  double operator()(double a, double b) { return std::uniform_real_distribution(a, b)(random); }
  int whole(int a, int b) { return std::uniform_int_distribution(a, b)(random); }  ///< both ends included
  bool chance(double p) { return (*this)(0.0, 1.0) < p; }
};

/// Of the sizes of some errors the median and what 95 of 100 keep within.
inline void expectWithin(std::vector<double> errors, double median, double p95) {
  for (double& e : errors) e = std::abs(e);
  std::ranges::sort(errors);
  ASSERT_FALSE(errors.empty());
  EXPECT_LE(errors[errors.size() / 2], median);
  EXPECT_LE(errors[std::min(errors.size() - 1, errors.size() * 95 / 100)], p95);
}

}  // namespace sounds
