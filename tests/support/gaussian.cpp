#include "support/gaussian.h"

#include <array>
#include <cmath>

namespace sounds {

namespace {

constexpr int kLayers = 256;
constexpr double kTail = 3.6541528853610088;   // where the lowest layer's tail begins
constexpr double kArea = 0.00492867323399141;  // of each layer, tail included

double density(double x) { return std::exp(-0.5 * x * x); }

/// Right ends of the layers from the lowest up, the first as wide as if its tail were in it.
const std::array<double, kLayers + 1>& layers() {
  static const auto ends = [] {
    std::array<double, kLayers + 1> x{};
    x[0] = kArea / density(kTail);
    x[1] = kTail;
    for (std::size_t i = 2; i < kLayers; ++i)
      x[i] = std::sqrt(-2.0 * std::log(kArea / x[i - 1] + density(x[i - 1])));
    return x;
  }();
  return ends;
}

}  // namespace

std::uint64_t Gaussian::bits() {
  std::uint64_t z = state_ += 0x9e3779b97f4a7c15;
  z = (z ^ (z >> 30)) * 0xbf58476d1ce4e5b9;
  z = (z ^ (z >> 27)) * 0x94d049bb133111eb;
  return z ^ (z >> 31);
}

double Gaussian::even() { return static_cast<double>(bits() >> 11) * 0x1p-53; }

double Gaussian::operator()() {
  static const std::array<double, kLayers + 1>& ends = layers();
  while (true) {
    const std::uint64_t drawn = bits();
    const std::size_t layer = drawn & (kLayers - 1);
    const double side = static_cast<double>(static_cast<std::int64_t>(drawn) >> 10) * 0x1p-53;  // -1 to 1
    const double x = side * ends[layer];
    if (std::abs(x) < ends[layer + 1]) return x;
    if (layer == 0) {
      double beyond, height;
      do {
        beyond = -std::log(1.0 - even()) / kTail;
        height = -std::log(1.0 - even());
      } while (2.0 * height < beyond * beyond);
      return std::copysign(kTail + beyond, side);
    }
    const double low = density(ends[layer]), high = density(ends[layer + 1]);
    if (low + even() * (high - low) < density(x)) return x;
  }
}

}  // namespace sounds
