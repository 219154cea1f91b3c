#pragma once

#include <algorithm>

#include "core/ears/material.h"
#include "core/maths/interpolate.h"

namespace calando {

/// Where in the material a phase lies: for phases that grow. What is read there goes along with the pitch.
class Place {
 public:
  explicit Place(const Material& material) : m_(material) {}
  void moveTo(double turn) {
    while (next_ + 1 < m_.turns.size() && m_.turns[next_] < turn) ++next_;
    over_ = std::clamp((turn - m_.turns[next_ - 1]) / (m_.turns[next_] - m_.turns[next_ - 1]), 0.0, 1.0);
  }
  std::size_t nearest() const { return over_ < 0.5 ? next_ - 1 : next_; }
  float rest() const {
    constexpr std::size_t half = kInterpolationTaps / 2;
    if (over_ == 1.0 || next_ < half || next_ + half >= m_.rest.size()) return m_.rest[nearest()];
    const auto taps = interpolationTaps(over_);
    float sum = 0.0f;
    for (std::size_t k = 0; k < taps.size(); ++k) sum += taps[k] * m_.rest[next_ - half + k];
    return sum;
  }

 private:
  const Material& m_;
  std::size_t next_ = 1;
  double over_ = 0.0;  // of the way from the sample before to `next_`
};

}  // namespace calando
