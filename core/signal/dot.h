#pragma once

#include <cstddef>
#include <cstring>

namespace calando {

/// Four floats in one register of the generic x86-64 build (GCC's vector extension; Clang has it too).
using Lanes = float __attribute__((vector_size(16)));

inline Lanes loadLanes(const float* p) {
  Lanes v;
  std::memcpy(&v, p, sizeof v);
  return v;
}
inline float sumOf(Lanes v) { return (v[0] + v[2]) + (v[1] + v[3]); }

/// Σ a_i·b_i. The order of summation is fixed, so every build gives the same result.
inline float dot(const float* a, const float* b, std::size_t n) {
  Lanes sums[4] = {};
  const std::size_t whole = n - n % 16;
  for (std::size_t i = 0; i < whole; i += 16)
    for (std::size_t j = 0; j < 4; ++j) sums[j] += loadLanes(a + i + 4 * j) * loadLanes(b + i + 4 * j);
  float sum = sumOf((sums[0] + sums[1]) + (sums[2] + sums[3]));
  for (std::size_t i = whole; i < n; ++i) sum += a[i] * b[i];
  return sum;
}

}  // namespace calando
