#include "core/pitch/refine_pitch.h"

#include <algorithm>
#include <cmath>
#include <complex>
#include <numbers>

#include "core/maths/dot.h"

namespace calando {

namespace {

constexpr double kTau = 2.0 * std::numbers::pi;
constexpr double kHighestPartial_hz = 9700.0;
constexpr double kShortestWindow_s = 0.032;
constexpr double kOutlier_cents = 15.0;
constexpr double kFarthest_cents = 60.0;  // from the coarse pitch: then the partials tell of something else
constexpr double kApart = 0.5;            // distance of the windows over their length
constexpr double kSettled = 2e-4;         // a third of a cent: the windows still hold whole periods
constexpr int kBlock = 128;

/// Whole periods in a window: at least 32 ms, at least four periods, three below about 35 Hz.
double windowPeriods(double f0_hz) {
  const double least = std::clamp(std::round(0.1 * f0_hz), 3.0, 4.0);
  return std::max(least, std::round(kShortestWindow_s * f0_hz));
}

/// Low notes carry their energy in many partials; high ones have few below 9.7 kHz.
int partialCount(double f0_hz, double rate_hz) {
  const double highest = std::min(kHighestPartial_hz, 0.45 * rate_hz);
  const int most = f0_hz < 150.0 ? 24 : 20;
  return std::max(1, std::min(most, static_cast<int>(highest / f0_hz)));
}

/// The powers 0 … kBlock-1 of a turn.
struct Rotation {
  Lanes cosine[kBlock / 8] = {};
  Lanes sine[kBlock / 8] = {};

  [[gnu::always_inline]] inline void fill(const std::complex<double>& turn) {
    std::complex<double> z{1.0, 0.0};
    for (int i = 0; i < 8; ++i, z *= turn) {
      cosine[0][i] = static_cast<float>(z.real());
      sine[0][i] = static_cast<float>(z.imag());
    }
    const auto c = static_cast<float>(z.real());
    const auto s = static_cast<float>(z.imag());
    for (int b = 1; b < kBlock / 8; ++b) {
      cosine[b] = cosine[b - 1] * c - sine[b - 1] * s;
      sine[b] = cosine[b - 1] * s + sine[b - 1] * c;
    }
  }
  struct Sum {
    Lanes re = {};
    Lanes im = {};
  };
  /// Adds z·Σ x_i·turn^i over a block of each of two signals to their sums.
  [[gnu::always_inline]] inline void add(const float* const x[2], const std::complex<double> z[2],
                                         Sum sums[2]) const {
    Sum first[2], second[2];  // two for each, so that no addition waits for the one before
    const auto step = [&](int lane, Sum(&into)[2]) {
      const Lanes c = cosine[lane];
      const Lanes s = sine[lane];
      Lanes a, b;
      loadLanes(a, x[0] + 8 * lane);
      loadLanes(b, x[1] + 8 * lane);
      into[0].re += a * c;
      into[0].im += a * s;
      into[1].re += b * c;
      into[1].im += b * s;
    };
#pragma GCC unroll 8
    for (int lane = 0; lane < kBlock / 8; lane += 2) {
      step(lane, first);
      step(lane + 1, second);
    }
    for (int w = 0; w < 2; ++w) {
      const Lanes re = first[w].re + second[w].re;
      const Lanes im = first[w].im + second[w].im;
      const auto c = static_cast<float>(z[w].real());
      const auto s = static_cast<float>(z[w].imag());
      sums[w].re += c * re - s * im;
      sums[w].im += c * im + s * re;
    }
  }
};

}  // namespace

double PitchRefiner::reach(double f0_hz) { return windowPeriods(f0_hz) / f0_hz * (0.5 + kApart / 2.0); }

/// Multiplies with a Hann window of `length` samples whose middle lies `ahead` samples after out[0].
[[gnu::always_inline]] inline void applyHann(std::vector<float>& out, double length, double ahead) {
  const double step = kTau / length;
  Rotation rotation;
  rotation.fill(std::polar(1.0, step));
  const std::complex<double> blockTurn = std::polar(1.0, step * kBlock);
  std::complex<double> z = std::polar(0.5, -step * ahead);
  for (std::size_t i = 0; i < out.size(); i += kBlock, z *= blockTurn) {
    const auto c = static_cast<float>(z.real());
    const auto s = static_cast<float>(z.imag());
    for (int b = 0; b < kBlock / 8; ++b) {
      Lanes x;
      float* at = &out[i + 8 * static_cast<std::size_t>(b)];
      loadLanes(x, at);
      x *= 0.5f + (c * rotation.cosine[b] - s * rotation.sine[b]);
      storeLanes(at, x);
    }
  }
}

/// Windows the signal and takes its Fourier transform at the partials of f0; phases refer to the centre.
CALANDO_DISPATCHED void PitchRefiner::analyse(const SlidingSignal& signal, double centre_s, double f0_hz) {
  const double rate = signal.rate();
  const double length = windowPeriods(f0_hz) / f0_hz * rate;
  const double centre = centre_s * rate;
  const double apart = kApart * length;
  const auto blocks = static_cast<std::size_t>(length + 1.0) / kBlock + 1;  // hold either window
  long first[2];
  for (int w = 0; w < 2; ++w) {
    const double middle = centre + (w == 0 ? -apart : apart) / 2.0;
    first[w] = static_cast<long>(std::ceil(middle - length / 2.0));
    const auto count =
        static_cast<std::size_t>(static_cast<long>(std::floor(middle + length / 2.0)) - first[w] + 1);
    auto& out = windowed_[w];
    out.resize(blocks * kBlock);
    std::fill(out.begin() + static_cast<long>(count), out.end(), 0.0f);
    signal.copy(first[w], {out.data(), count});
    applyHann(out, length, middle - static_cast<double>(first[w]));
  }

  partials_.assign(static_cast<std::size_t>(partialCount(f0_hz, rate)), {});
  // Partial k turns k times as fast as the first: its factors are powers of the first one's.
  const double omega = kTau * f0_hz / rate;
  const auto turnBy = [&](double samples) { return std::polar(1.0, -omega * samples); };
  const std::complex<double> firstTurn = turnBy(1.0);
  const std::complex<double> firstBlock = turnBy(kBlock);
  const std::complex<double> firstStart[2] = {turnBy(static_cast<double>(first[0]) - centre),
                                              turnBy(static_cast<double>(first[1]) - centre)};
  std::complex<double> turn = 1.0;
  std::complex<double> blockTurn = 1.0;
  std::complex<double> start[2] = {1.0, 1.0};
  Rotation rotation;
  for (Partial& partial : partials_) {
    turn *= firstTurn;
    blockTurn *= firstBlock;
    rotation.fill(turn);
    std::complex<double> here[2];
    for (int w = 0; w < 2; ++w) here[w] = start[w] *= firstStart[w];
    Rotation::Sum sums[2];
    for (std::size_t i = 0; i < windowed_[0].size(); i += kBlock) {
      const float* const x[2] = {&windowed_[0][i], &windowed_[1][i]};
      rotation.add(x, here, sums);
      for (auto& z : here) z *= blockTurn;
    }
    for (std::size_t w = 0; w < 2; ++w) partial[w] = {sumOf(sums[w].re), sumOf(sums[w].im)};
  }
}

/// The frequency on which the partials agree, or nullopt.
std::optional<double> PitchRefiner::consensus(double f0_hz, double apart_s) {
  struct Vote {
    double hz;
    double weight;
  };
  std::vector<Vote> votes;
  double sum = 0.0;
  double weights = 0.0;
  for (std::size_t i = 0; i < partials_.size(); ++i) {
    const auto& [a, b] = partials_[i];
    const double k = static_cast<double>(i + 1);
    const double power = std::abs(a) * std::abs(b);
    if (power <= 0.0) continue;
    // Phases refer to k·f0, so the advance that is left is that of the deviation from it.
    double turns = std::arg(b * std::conj(a)) / kTau;
    const double expected = weights > 0.0 ? k * (sum / weights) * apart_s : 0.0;
    turns += std::round(expected - turns);
    const double deviation = turns / apart_s / k;
    const double weight = k * k * power;
    votes.push_back({deviation, weight});
    sum += weight * deviation;
    weights += weight;
  }
  if (weights <= 0.0) return std::nullopt;
  double agreed = sum / weights;
  double kept = weights;
  for (int round = 0; round < 3; ++round) {
    const double reach_hz = f0_hz * (std::exp2(kOutlier_cents / 1200.0) - 1.0);
    sum = weights = 0.0;
    for (const Vote& v : votes) {
      if (std::abs(v.hz - agreed) > reach_hz) continue;
      sum += v.weight * v.hz;
      weights += v.weight;
    }
    if (weights < 0.2 * kept) return std::nullopt;
    const double next = sum / weights;
    if (std::abs(next - agreed) < 1e-9 * f0_hz) break;
    agreed = next;
  }
  return f0_hz + agreed;
}

std::optional<PitchRefiner::Result> PitchRefiner::refine(const SlidingSignal& signal, double centre_s,
                                                         double coarse_hz, double start_hz) {
  double f0 = start_hz;
  double length_s = 0.0;
  for (int round = 0; round < 2; ++round) {
    length_s = windowPeriods(f0) / f0;
    analyse(signal, centre_s, f0);
    const auto agreed = consensus(f0, kApart * length_s);
    if (!agreed || *agreed <= 0.0 || std::abs(1200.0 * std::log2(*agreed / coarse_hz)) > kFarthest_cents)
      return std::nullopt;
    const bool settled = std::abs(*agreed / f0 - 1.0) < kSettled;
    f0 = *agreed;
    if (settled) break;
  }
  return Result{f0, kernelVariance(f0)};
}

double PitchRefiner::kernelVariance(double f0_hz) {
  const double length_s = windowPeriods(f0_hz) / f0_hz;
  const double apart_s = kApart * length_s;
  constexpr double hannVariance = 1.0 / 12.0 - 1.0 / (2.0 * std::numbers::pi * std::numbers::pi);
  return hannVariance * length_s * length_s + apart_s * apart_s / 12.0;
}

}  // namespace calando
