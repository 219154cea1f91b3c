#include "core/signal/fft.h"

#include <fftw3.h>

#include <mutex>

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

}  // namespace calando
