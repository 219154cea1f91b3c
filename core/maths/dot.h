#pragma once

#include <cstddef>
#include <cstring>

namespace calando {

/// A function marked so is compiled twice, for any x86-64 and for those with AVX2 and FMA, and the machine
/// chooses when the program starts.
#if defined(__x86_64__) && defined(__GNUC__) && !defined(__clang__)
#define CALANDO_DISPATCHED __attribute__((target_clones("arch=x86-64-v3", "default")))
#else
#define CALANDO_DISPATCHED
#endif

/// Eight floats (GCC's vector extension; Clang has it too): one register where there is AVX, else two.
using Lanes = float __attribute__((vector_size(32)));

/// Four doubles, the same.
using WideLanes = double __attribute__((vector_size(32)));

[[gnu::always_inline]] inline void loadLanes(Lanes& v, const float* p) { std::memcpy(&v, p, sizeof v); }
[[gnu::always_inline]] inline void storeLanes(float* p, const Lanes& v) { std::memcpy(p, &v, sizeof v); }
[[gnu::always_inline]] inline void loadLanes(WideLanes& v, const double* p) { std::memcpy(&v, p, sizeof v); }
[[gnu::always_inline]] inline void storeLanes(double* p, const WideLanes& v) { std::memcpy(p, &v, sizeof v); }
[[gnu::always_inline]] inline float sumOf(const Lanes& v) {
  return ((v[0] + v[4]) + (v[2] + v[6])) + ((v[1] + v[5]) + (v[3] + v[7]));
}

/// Four floats as doubles.
[[gnu::always_inline]] inline void loadWide(WideLanes& v, const float* p) {
  using Four = float __attribute__((vector_size(16)));
  Four four;
  std::memcpy(&four, p, sizeof four);
  v = __builtin_convertvector(four, WideLanes);
}
[[gnu::always_inline]] inline double sumOf(const WideLanes& v) { return (v[0] + v[2]) + (v[1] + v[3]); }

/// Σ a_i·b_i, summed in an order that does not depend on the machine.
[[gnu::always_inline]] inline float dot(const float* a, const float* b, std::size_t n) {
  Lanes sums[2] = {};
  const std::size_t whole = n - n % 16;
  for (std::size_t i = 0; i < whole; i += 16)
    for (std::size_t j = 0; j < 2; ++j) {
      Lanes x, y;
      loadLanes(x, a + i + 8 * j);
      loadLanes(y, b + i + 8 * j);
      sums[j] += x * y;
    }
  sums[0] += sums[1];
  float sum = sumOf(sums[0]);
  for (std::size_t i = whole; i < n; ++i) sum += a[i] * b[i];
  return sum;
}

}  // namespace calando
