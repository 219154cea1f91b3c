#pragma once

#include <cmath>
#include <vector>

namespace sounds {

/// Σ a_k·sin(k·turn + φ_k) for k = 1, 2, …: of one sine and one cosine by rotation, two partials at a time.
class Partials {
 public:
  void add(double strength, double phase) {
    parts_.push_back({strength * std::cos(phase), strength * std::sin(phase)});
  }
  double at(double turn) const {
    const double re = std::cos(turn), im = std::sin(turn);
    const double re2 = re * re - im * im, im2 = 2.0 * re * im;
    double sums[2] = {0.0, 0.0}, cosine[2] = {re, re2}, sine[2] = {im, im2};
    std::size_t k = 0;
    const auto add = [&](int lane) {
      sums[lane] += parts_[k].sine * sine[lane] + parts_[k].cosine * cosine[lane];
      ++k;
      const double c = cosine[lane];
      cosine[lane] = c * re2 - sine[lane] * im2;
      sine[lane] = c * im2 + sine[lane] * re2;
    };
    while (k + 1 < parts_.size()) {
      add(0);
      add(1);
    }
    if (k < parts_.size()) add(0);
    return sums[0] + sums[1];
  }

 private:
  struct Part {
    double sine, cosine;
  };
  std::vector<Part> parts_;
};

}  // namespace sounds
