#pragma once

#include <cstdint>
#include <functional>
#include <random>

namespace calando {

/// Where chance begins. Given from outside, as the clock is: a test says what comes, the program asks the
/// system.
using Seeds = std::function<std::uint32_t()>;

inline Seeds systemSeeds() {
  return [] { return std::random_device{}(); };
}

}  // namespace calando
