#include "core/maths/fft.h"

#include <fftw3.h>

#include <algorithm>
#include <bit>
#include <cmath>
#include <cstring>
#include <mutex>
#include <numbers>
#include <vector>

#include "core/maths/dot.h"

namespace calando {

namespace {
std::mutex& planner() {  // FFTW's planner is not thread-safe
  static std::mutex mutex;
  return mutex;
}
}  // namespace

struct RealFft::Plans {
  explicit Plans(std::size_t n) : length(n), time(fftwf_alloc_real(n)), bins(fftwf_alloc_complex(n / 2 + 1)) {
    const std::lock_guard lock(planner());
    const int size = static_cast<int>(n);
    forward = fftwf_plan_dft_r2c_1d(size, time, bins, FFTW_ESTIMATE);
    inverse = fftwf_plan_dft_c2r_1d(size, bins, time, FFTW_ESTIMATE);
  }
  ~Plans() {
    const std::lock_guard lock(planner());
    fftwf_destroy_plan(forward);
    fftwf_destroy_plan(inverse);
    fftwf_free(time);
    fftwf_free(bins);
  }
  Plans(const Plans&) = delete;
  Plans& operator=(const Plans&) = delete;

  std::size_t length;
  float* time;
  fftwf_complex* bins;
  fftwf_plan forward;
  fftwf_plan inverse;
};

RealFft::RealFft(std::size_t length) : plans_(std::make_unique<Plans>(length)) {}
RealFft::~RealFft() = default;
RealFft::RealFft(RealFft&&) noexcept = default;
RealFft& RealFft::operator=(RealFft&&) noexcept = default;

std::size_t RealFft::length() const { return plans_->length; }
std::span<float> RealFft::time() { return {plans_->time, plans_->length}; }
std::span<std::complex<float>> RealFft::spectrum() {
  return {reinterpret_cast<std::complex<float>*>(plans_->bins), plans_->length / 2 + 1};
}
void RealFft::forward() { fftwf_execute(plans_->forward); }
void RealFft::inverse() { fftwf_execute(plans_->inverse); }

struct Autocorrelation::Plans {
  Plans(std::size_t samples, std::size_t lags)
      : sampleCount(samples),
        lagCount(lags),
        half(std::max<std::size_t>(8, std::bit_ceil((samples + lags + 1) / 2))),
        first(fftwf_alloc_real(2 * half)),
        second(fftwf_alloc_real(2 * half)) {
    for (std::size_t k = 0; k <= half / 2; ++k) {
      const double angle = std::numbers::pi * static_cast<double>(k) / static_cast<double>(half);
      cosine.push_back(static_cast<float>(std::cos(angle)));
      sine.push_back(static_cast<float>(std::sin(angle)));
    }
    const auto complex = [](float* p) { return reinterpret_cast<fftwf_complex*>(p); };
    const int size = static_cast<int>(half);
    const std::lock_guard lock(planner());
    forward = fftwf_plan_dft_1d(size, complex(first), complex(second), FFTW_FORWARD, FFTW_ESTIMATE);
    inverse = fftwf_plan_dft_1d(size, complex(first), complex(second), FFTW_BACKWARD, FFTW_ESTIMATE);
  }
  ~Plans() {
    const std::lock_guard lock(planner());
    fftwf_destroy_plan(forward);
    fftwf_destroy_plan(inverse);
    fftwf_free(first);
    fftwf_free(second);
  }
  Plans(const Plans&) = delete;
  Plans& operator=(const Plans&) = delete;

  void power();

  std::size_t sampleCount;
  std::size_t lagCount;
  std::size_t half;  // of the real signal's padded length N
  float* first;
  float* second;
  std::vector<float> cosine;  // of 2πk/N, up to a quarter of a turn
  std::vector<float> sine;
  fftwf_plan forward;  // first -> second
  fftwf_plan inverse;  // first -> second
};

/// From the transform Z of the pairs (in `second`) to that of the autocorrelation's pairs (in `first`). With
/// a = Z[k], c = Z[N/2-k] and θ = 2πk/N, the powers P of the real signal's bins k and N/2-k have
///   sum         A = |a|² + |c|²
///   difference  D = 2·Im(a·c)·cos θ - (|a|² - |c|²)·sin θ,
/// and the pairs of the real, even P have bins (A - D·sin θ) + i·D·cos θ and (A + D·sin θ) + i·D·cos θ.
/// Four bins and their four mirrors at a time.
CALANDO_DISPATCHED void Autocorrelation::Plans::power() {
  const auto swapped = [](const Lanes& v) { return __builtin_shufflevector(v, v, 1, 0, 3, 2, 5, 4, 7, 6); };
  const auto twice = [](const float* p) {
    using Four = float __attribute__((vector_size(16)));
    Four v;
    std::memcpy(&v, p, sizeof v);
    return __builtin_shufflevector(v, v, 0, 0, 1, 1, 2, 2, 3, 3);
  };
  const float scale = 0.5f / static_cast<float>(half);  // 1/N
  first[0] = 2.0f * scale * (second[0] * second[0] + second[1] * second[1]);
  first[1] = 4.0f * scale * second[0] * second[1];
  for (std::size_t k = 1; k <= half / 2; k += 4) {
    const std::size_t mirror = 2 * (half - k - 3);
    Lanes a, backwards;
    loadLanes(a, second + 2 * k);
    loadLanes(backwards, second + mirror);
    const Lanes c = __builtin_shufflevector(backwards, backwards, 6, 7, 4, 5, 2, 3, 0, 1);
    const Lanes cosines = twice(&cosine[k]);
    const Lanes sines = twice(&sine[k]);
    const Lanes cross = a * swapped(c);
    const Lanes sums = a * a + c * c;
    const Lanes differences = a * a - c * c;
    const Lanes sum = scale * (sums + swapped(sums));
    const Lanes difference =
        scale * (2.0f * (cross + swapped(cross)) * cosines - (differences + swapped(differences)) * sines);
    const Lanes alongSine = difference * sines;
    const Lanes alongCosine = difference * cosines;
    const auto paired = [&](const Lanes& re) {
      return __builtin_shufflevector(re, alongCosine, 0, 9, 2, 11, 4, 13, 6, 15);
    };
    storeLanes(first + 2 * k, paired(sum - alongSine));
    const Lanes up = paired(sum + alongSine);
    storeLanes(first + mirror, __builtin_shufflevector(up, up, 6, 7, 4, 5, 2, 3, 0, 1));
  }
}

Autocorrelation::Autocorrelation(std::size_t samples, std::size_t lags)
    : plans_(std::make_unique<Plans>(samples, lags)) {}
Autocorrelation::~Autocorrelation() = default;
Autocorrelation::Autocorrelation(Autocorrelation&&) noexcept = default;
Autocorrelation& Autocorrelation::operator=(Autocorrelation&&) noexcept = default;

std::span<float> Autocorrelation::samples() { return {plans_->first, plans_->sampleCount}; }

std::span<const float> Autocorrelation::run() {
  Plans& p = *plans_;
  std::fill(p.first + p.sampleCount, p.first + 2 * p.half, 0.0f);
  fftwf_execute(p.forward);
  p.power();
  fftwf_execute(p.inverse);
  return {p.second, p.lagCount};
}

}  // namespace calando
