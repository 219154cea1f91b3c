#pragma once

#include <cstddef>
#include <span>
#include <vector>

namespace calando {

/// The recent part of a growing signal, addressed by absolute sample numbers from 0. What lies before the
/// kept part or after the end reads as silence.
class SlidingSignal {
 public:
  explicit SlidingSignal(double rate_hz, long firstSample = 0) : rate_(rate_hz), base_(firstSample) {}

  double rate() const { return rate_; }
  long end() const { return base_ + static_cast<long>(kept_.size()); }
  double seconds() const { return static_cast<double>(end()) / rate_; }
  void push(float sample) { kept_.push_back(sample); }
  void push(std::span<const float> samples) { kept_.insert(kept_.end(), samples.begin(), samples.end()); }

  float at(long n) const {
    return n < base_ || n >= end() ? 0.0f : kept_[static_cast<std::size_t>(n - base_)];
  }
  /// Samples [from, from + out.size()), silence outside.
  void copy(long from, std::span<float> out) const;
  /// True when [from, to) is all inside the kept part, so that data(from) may be read directly.
  bool holds(long from, long to) const { return from >= base_ && to <= end(); }
  const float* data(long from) const { return kept_.data() + (from - base_); }
  /// Lets go of what lies before sample `from`; cheap to call often.
  void forgetBefore(long from);

 private:
  double rate_;
  long base_;
  std::vector<float> kept_;
};

}  // namespace calando
