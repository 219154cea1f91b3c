#pragma once

#include <cstdint>
#include <random>

namespace sounds {

/// Normal numbers of deviation 1 for whole sounds, many times as fast as std::normal_distribution: the
/// ziggurat (Marsaglia and Tsang 2000, layer and value from bits of their own as Doornik 2005 asks) over
/// SplitMix64 (Steele, Lea and Flood 2014).
class Gaussian {
 public:
  explicit Gaussian(std::mt19937& random) : state_((std::uint64_t{random()} << 32) | random()) {}
  double operator()();

 private:
  std::uint64_t bits();
  double even();  ///< 0 to 1
  std::uint64_t state_;
};

}  // namespace sounds
