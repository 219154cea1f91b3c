#pragma once

#include <algorithm>
#include <array>
#include <cmath>
#include <cstddef>
#include <numbers>
#include <random>
#include <utility>

/// Chance and smooth shapes for the stand-in's voices; the same on every machine.
namespace calando::standin {

inline constexpr double kTau = 2.0 * std::numbers::pi;

inline double fromDecibels(double db) { return std::pow(10.0, db / 20.0); }

/// From 0 to 1 as x goes from 0 to 1.
inline double smoothStep(double x) {
  x = std::clamp(x, 0.0, 1.0);
  return 0.5 - 0.5 * std::cos(std::numbers::pi * x);
}

/// From 0 to 1. std's distributions differ between libraries; this does not.
inline double uniform(std::mt19937& random) { return static_cast<double>(random()) / 4294967296.0; }

/// Of standard deviation 1.
inline double gaussian(std::mt19937& random) {
  double sum = 0.0;
  for (int i = 0; i < 4; ++i) sum += uniform(random);
  return (sum - 2.0) * std::sqrt(3.0);
}

/// Smooth random movement: a few sines of random rate and phase, of standard deviation 1.
class Movement {
 public:
  Movement(std::mt19937& random, double lowest_hz, double highest_hz) {
    for (Sine& s : sines_) {
      s.hz = lowest_hz + (highest_hz - lowest_hz) * uniform(random);
      s.phase = kTau * uniform(random);
    }
  }
  double at(double t) const {
    double sum = 0.0;
    for (const Sine& s : sines_) sum += std::sin(kTau * s.hz * t + s.phase);
    return sum * std::sqrt(2.0 / static_cast<double>(sines_.size()));
  }

 private:
  struct Sine {
    double hz, phase;
  };
  std::array<Sine, 5> sines_;
};

/// A smooth course over the samples: worked out at every 32nd of them, straight in between.
template <class Course>
class Sampled {
 public:
  /// `course`: the value at a time in seconds.
  Sampled(double rate_hz, Course course) : course_(std::move(course)), rate_hz_(rate_hz) {}
  double operator()(std::size_t n) {
    if (const std::size_t block = n / kEvery; block != block_) {
      from_ = block == block_ + 1 ? to_ : at(block);
      to_ = at(block + 1);
      block_ = block;
    }
    return from_ + (to_ - from_) * static_cast<double>(n % kEvery) / kEvery;
  }

 private:
  static constexpr std::size_t kEvery = 32, kNone = static_cast<std::size_t>(-2);
  double at(std::size_t block) { return course_(static_cast<double>(block * kEvery) / rate_hz_); }

  Course course_;
  double rate_hz_;
  std::size_t block_ = kNone;
  double from_ = 0.0, to_ = 0.0;
};

/// Noise of unit variance, gently limited: by default between about 100 Hz and 6 kHz.
class BreathNoise {
 public:
  explicit BreathNoise(double rate, double bottom_hz = 300.0, double top_hz = 4000.0)
      : low_(1.0 - std::exp(-kTau * top_hz / rate)), high_(1.0 - std::exp(-kTau * bottom_hz / rate)) {
    std::mt19937 probe(1);
    double power = 0.0;
    constexpr int count = 20000;
    for (int i = 0; i < count; ++i) {
      const double y = shaped(probe);
      power += y * y;
    }
    scale_ = 1.0 / std::sqrt(power / count);
  }
  double next(std::mt19937& random) { return scale_ * shaped(random); }

 private:
  double shaped(std::mt19937& random) {
    first_ += low_ * (gaussian(random) - first_);
    smooth_ += low_ * (first_ - smooth_);
    slow_ += high_ * (smooth_ - slow_);
    return smooth_ - slow_;
  }
  double low_, high_;
  double first_ = 0.0, smooth_ = 0.0, slow_ = 0.0, scale_ = 1.0;
};

}  // namespace calando::standin
