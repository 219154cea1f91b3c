#include "core/signal/refine_pitch.h"

#include <algorithm>
#include <cmath>
#include <complex>
#include <numbers>

#include "core/signal/dot.h"

namespace calando {

namespace {

constexpr double kTau = 2.0 * std::numbers::pi;
constexpr double kHighestPartial_hz = 9700.0;
constexpr double kShortestWindow_s = 0.032;
constexpr double kOutlier_cents = 15.0;
constexpr double kFarthest_cents = 60.0;  // from the coarse pitch: then the partials tell of something else
constexpr double kApart = 0.5;            // distance of the windows over their length
constexpr double kSettled = 2e-4;         // a third of a cent: the windows still hold whole periods
constexpr int kBlock = 64;

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

/// Σ x·(cosine + i·sine) over one block.
std::complex<double> rotated(const float* x, const float* cosine, const float* sine) {
  Lanes re[2] = {};
  Lanes im[2] = {};
  for (int i = 0; i < kBlock; i += 8)
    for (int j = 0; j < 2; ++j) {
      const Lanes samples = loadLanes(x + i + 4 * j);
      re[j] += samples * loadLanes(cosine + i + 4 * j);
      im[j] += samples * loadLanes(sine + i + 4 * j);
    }
  return {sumOf(re[0] + re[1]), sumOf(im[0] + im[1])};
}

}  // namespace

double PitchRefiner::reach(double f0_hz) { return windowPeriods(f0_hz) / f0_hz * (0.5 + kApart / 2.0); }

/// Windows the signal and takes its Fourier transform at the partials of f0; phases refer to the centre.
void PitchRefiner::analyse(const SlidingSignal& signal, double centre_s, double f0_hz) {
  const double rate = signal.rate();
  const double length = windowPeriods(f0_hz) / f0_hz * rate;
  const double centre = centre_s * rate;
  const double apart = kApart * length;
  long first[2];
  for (int w = 0; w < 2; ++w) {
    const double middle = centre + (w == 0 ? -apart : apart) / 2.0;
    first[w] = static_cast<long>(std::ceil(middle - length / 2.0));
    const auto count =
        static_cast<std::size_t>(static_cast<long>(std::floor(middle + length / 2.0)) - first[w] + 1);
    auto& out = windowed_[w];
    out.resize((count + kBlock - 1) / kBlock * kBlock);
    std::fill(out.begin() + static_cast<long>(count), out.end(), 0.0f);
    signal.copy(first[w], {out.data(), count});
    // The cosine by rotation: exact to 1e-12 over such lengths.
    const double step = kTau / length;
    std::complex<double> z = std::polar(1.0, step * (static_cast<double>(first[w]) - middle));
    const std::complex<double> turn = std::polar(1.0, step);
    for (std::size_t i = 0; i < count; ++i, z *= turn) out[i] *= static_cast<float>(0.5 + 0.5 * z.real());
  }

  partials_.assign(static_cast<std::size_t>(partialCount(f0_hz, rate)), {});
  float cosine[kBlock];
  float sine[kBlock];
  for (std::size_t k = 0; k < partials_.size(); ++k) {
    const double omega = kTau * static_cast<double>(k + 1) * f0_hz / rate;
    const std::complex<double> turn = std::polar(1.0, -omega);
    std::complex<double> z{1.0, 0.0};
    for (int i = 0; i < kBlock; ++i, z *= turn) {
      cosine[i] = static_cast<float>(z.real());
      sine[i] = static_cast<float>(z.imag());
    }
    const std::complex<double> blockTurn = std::polar(1.0, -omega * kBlock);
    for (int w = 0; w < 2; ++w) {
      std::complex<double> start = std::polar(1.0, -omega * (static_cast<double>(first[w]) - centre));
      std::complex<double>& sum = partials_[k][w];
      for (std::size_t i = 0; i < windowed_[w].size(); i += kBlock, start *= blockTurn)
        sum += start * rotated(&windowed_[w][i], cosine, sine);
    }
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
