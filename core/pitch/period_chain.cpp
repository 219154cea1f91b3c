#include "core/pitch/period_chain.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <numbers>

#include "core/maths/dot.h"
#include "core/maths/interpolate.h"
#include "core/maths/statistics.h"

namespace calando {

namespace {

constexpr int kHalfTaps = kInterpolationTaps / 2;
constexpr int kBeside = 2;         // samples on either side, for the derivative
constexpr double kFarthest = 0.2;  // a period is within a fifth of the tracked one, or it is no period
constexpr int kLeastSamples = 8;   // of a quarter, 0.3 ms
constexpr double kQuarter = 0.25;  // of a period, around a cut
constexpr double kAlike = 0.97;    // correlation: less, and a better lag may be further away
constexpr double kRightPeak = 0.5;
constexpr float kUnknown = 100.0f;    // percent
constexpr double kClearPlace = 0.01;  // of a period
constexpr double kLeastGain = 0.3;
constexpr double kLeastJitter_percent = 0.3;  // a figure as small as that says so, whatever made it
constexpr double kDrowned = 0.12;             // share of its square that is the noise's
constexpr int kRounds = 6;
constexpr double kSettled = 0.02;  // samples: what is left after a step that small is its square

/// The signal at whole samples from `from` on, moved by a real-valued lag.
CALANDO_DISPATCHED void readShifted(const SlidingSignal& signal, long from, double lag,
                                    std::vector<float>& out) {
  const double whole = std::floor(lag);
  const auto taps = interpolationTaps(lag - whole);
  const long first = from + static_cast<long>(whole) - kHalfTaps + 1;
  const float* x = signal.data(first);
  std::size_t n = 0;
  for (; n + 8 <= out.size(); n += 8) {  // eight samples side by side, tap by tap
    Lanes sum = {};
    for (int k = 0; k < kInterpolationTaps; ++k) {
      Lanes here;
      loadLanes(here, x + n + k);
      sum += taps[static_cast<std::size_t>(k)] * here;
    }
    storeLanes(out.data() + n, sum);
  }
  for (; n < out.size(); ++n) out[n] = dot(taps.data(), x + n, kInterpolationTaps);
}

/// Sums over a stretch x and another y, with their slopes x' and y'.
struct Moments {
  double xx, xy, yy, xd, yd, dd, both;  // x·x, x·y, y·y, x·y', y·y', y'·y', x'·y'
};
/// Both have kBeside samples and more on each side.
CALANDO_DISPATCHED Moments momentsOf(const float* x, const float* y, int length) {
  WideLanes sums[7] = {};
  const auto slope = [](const float* at, WideLanes& out) {
    WideLanes far[2], near[2];
    loadWide(far[0], at - 2);
    loadWide(near[0], at - 1);
    loadWide(near[1], at + 1);
    loadWide(far[1], at + 2);
    out = (8.0 * (near[1] - near[0]) - (far[1] - far[0])) * (1.0 / 12.0);
  };
  const auto add = [&](const WideLanes& a, const WideLanes& b, const WideLanes& da, const WideLanes& db) {
    sums[0] += a * a;
    sums[1] += a * b;
    sums[2] += b * b;
    sums[3] += a * db;
    sums[4] += b * db;
    sums[5] += db * db;
    sums[6] += da * db;
  };
  int n = 0;
  WideLanes a, b, da, db;
  for (; n + 4 <= length; n += 4) {
    loadWide(a, x + n);
    loadWide(b, y + n);
    slope(x + n, da);
    slope(y + n, db);
    add(a, b, da, db);
  }
  if (n < length) {  // the last few, with nothing behind them
    float lastX[4 + 2 * kBeside] = {}, lastY[4 + 2 * kBeside] = {};
    std::copy_n(x + n - kBeside, length - n + 2 * kBeside, lastX);
    std::copy_n(y + n - kBeside, length - n + 2 * kBeside, lastY);
    loadWide(a, lastX + kBeside);
    loadWide(b, lastY + kBeside);
    slope(lastX + kBeside, da);
    slope(lastY + kBeside, db);
    for (int i = length - n; i < 4; ++i) a[i] = b[i] = da[i] = db[i] = 0.0;
    add(a, b, da, db);
  }
  return {sumOf(sums[0]), sumOf(sums[1]), sumOf(sums[2]), sumOf(sums[3]),
          sumOf(sums[4]), sumOf(sums[5]), sumOf(sums[6])};
}

bool holds(const SlidingSignal& signal, long from, long to) {
  return signal.holds(from - kHalfTaps - kBeside - 2, to + kHalfTaps + kBeside + 2);
}

/// ∫ of max(0, 1 - |x|) up to x.
double triangleUpTo(double x) {
  const double inside = std::clamp(x, -1.0, 1.0);
  const double rise = (1.0 + std::min(inside, 0.0)) * (1.0 + std::min(inside, 0.0)) / 2.0;
  return rise + std::max(inside, 0.0) - std::max(inside, 0.0) * std::max(inside, 0.0) / 2.0;
}

/// Square of what neighbouring periods of independent lengths differ by, seen a share `u` of a period behind
/// the place where they change, over what it is there. A lag at a place is the mean of the two periods around
/// it, each weighted by how near it is, and measured over a quarter of one.
double seenBehind(double u) {
  const auto weight = [u](int period) {
    return (triangleUpTo(u - period + kQuarter / 2.0) - triangleUpTo(u - period - kQuarter / 2.0)) / kQuarter;
  };
  double sum = 0.0;
  for (int period = -2; period <= 2; ++period) {
    const double difference = weight(period) - weight(period + 1);
    sum += difference * difference;
  }
  return sum / 2.0;
}

bool isPeriod(double lag, double tracked) { return std::abs(lag / tracked - 1.0) <= kFarthest; }

/// A place in the waveform that can be followed: one of the cuts stays at its own as far as that is so.
bool isClear(double variance, double tracked) {
  return variance < kClearPlace * kClearPlace * tracked * tracked;
}

/// Mean |x| of a normal distribution of that variance.
double meanSize(double variance) { return std::sqrt(2.0 / std::numbers::pi * variance); }

}  // namespace

std::optional<double> jitterOf(const std::array<double, PeriodFrame::kCuts>& jitter_percent,
                               const std::array<double, PeriodFrame::kCuts>& noise_percent) {
  constexpr int places = 4 * PeriodFrame::kCuts;
  double least = std::numeric_limits<double>::max();
  double own = 0.0, noise = 0.0;
  bool drowns = false;
  // Some hundred differences scatter by a tenth of their square.
  const double usual = median({jitter_percent.begin(), jitter_percent.end()});
  const double scatter = 1e-6 + 0.1 * usual * usual;
  for (int place = 0; place < places; ++place) {
    // Squares ≈ p + q·seenBehind(u), weighted by how well they are known.
    std::array<std::array<double, 3>, 2> m{};
    double all = 0.0, weights = 0.0, noisePart = 0.0;
    for (std::size_t cut = 0; cut < PeriodFrame::kCuts; ++cut) {
      const double u = std::fmod(
          static_cast<double>(cut) / PeriodFrame::kCuts + 1.0 - static_cast<double>(place) / places, 1.0);
      const double noisy = noise_percent[cut] * noise_percent[cut];
      const double square = jitter_percent[cut] * jitter_percent[cut] - noisy;
      const double weight = 1.0 / (scatter * scatter + 16.0 * noisy * noisy);
      const std::array<double, 3> row{1.0, seenBehind(u), square};
      for (std::size_t r = 0; r < 2; ++r)
        for (std::size_t c = 0; c < 3; ++c) m[r][c] += weight * row[r] * row[c];
      all += weight * square * square;
      weights += weight;
      noisePart += weight * noisy;
    }
    const auto x = solved<2>(m);
    if (x[1] < 0.0) continue;
    const double rest = all - x[0] * m[0][2] - x[1] * m[1][2];
    if (rest >= least) continue;
    least = rest;
    own = x[0] + x[1];
    noise = noisePart / weights;
    drowns = noisePart > kDrowned * (noisePart + m[0][2]);
  }
  const double figure = std::sqrt(std::max(0.0, own + noise));
  if (figure > kLeastJitter_percent && drowns) return std::nullopt;
  return figure;
}

void PeriodChain::restart(double at_s) {
  mark_ = -at_s;  // seconds: the rate comes with the signal
  before_.fill(std::nullopt);
}

/// One Gauss-Newton step. `there`: at the lag, with kBeside more on each end.
std::optional<PeriodChain::Match> PeriodChain::solved(const float* here, const float* there, int length,
                                                      double lag) {
  const auto [xx, xy, yy, xd, yd, dd, both] = momentsOf(here, there + kBeside, length);
  // x ≈ g·y + (g·δ)·y'
  const double det = yy * dd - yd * yd;
  if (det <= 1e-12 * yy * dd) return std::nullopt;
  const double g = (xy * dd - xd * yd) / det;
  const double gd = (xd * yy - xy * yd) / det;
  if (g < kLeastGain || g > 1.0 / kLeastGain) return std::nullopt;
  const double rest = std::max(0.0, xx - g * xy - gd * xd) / std::max(1, length - 2);
  // The gradient of their correlation has the noise of one times the slope of the other; only the slope that
  // both share is the tone's.
  const double noise = rest / 2.0;
  const double variance = both > 0.0 ? noise * (both + std::max(both, dd)) / (both * both) : HUGE_VAL;
  return Match{lag + std::clamp(gd / g, -0.5, 0.5),
               xx,
               yy,
               rest,
               std::min(variance, lag * lag * kFarthest * kFarthest / 3.0),
               xy / std::sqrt(xx * yy)};
}

std::optional<PeriodChain::Match> PeriodChain::matched(const SlidingSignal& signal, long from, int length,
                                                       double lag) {
  shifted_.resize(static_cast<std::size_t>(length + 2 * kBeside));
  std::optional<Match> match;
  for (int round = 0; round < kRounds; ++round) {
    if (!holds(signal, from, from + length + static_cast<long>(lag) + 1)) return std::nullopt;
    readShifted(signal, from - kBeside, lag, shifted_);
    match = solved(signal.data(from), shifted_.data(), length, lag);
    if (!match) return std::nullopt;
    const double move = match->lag - lag;
    lag = match->lag;
    if (std::abs(move) < kSettled) return match;
  }
  match->alike = 0.0;  // it is on its way to another place
  return match;
}

/// From the whole lag that fits best within the reach.
std::optional<PeriodChain::Match> PeriodChain::searched(const SlidingSignal& signal, long from, int length,
                                                        double tracked) {
  const auto least = static_cast<long>(std::ceil(tracked * (1.0 - kFarthest)));
  const auto most = static_cast<long>(tracked * (1.0 + kFarthest));
  if (!holds(signal, from, from + length + most)) return std::nullopt;
  const auto n = static_cast<std::size_t>(length);
  double highest = 0.0;
  long best = std::lround(tracked);
  for (long lag = least; lag <= most; ++lag) {
    const float* y = signal.data(from + lag);
    const double xy = dot(signal.data(from), y, n);
    const double alike = xy / std::sqrt(std::max(1e-20, static_cast<double>(dot(y, y, n))));
    if (alike <= highest) continue;
    highest = alike;
    best = lag;
  }
  return matched(signal, from, length, static_cast<double>(best));
}

/// A quarter of a period around a cut with the one a period later.
std::optional<PeriodChain::Match> PeriodChain::matchedAround(const SlidingSignal& signal, double centre,
                                                             double tracked, double lag) {
  const int length = std::max(kLeastSamples, static_cast<int>(std::lround(kQuarter * tracked)));
  const long from = std::lround(centre) - length / 2;
  auto match = matched(signal, from, length, lag);
  if (match && match->alike >= kAlike) return match;
  // A stretch of half a period tells which of the peaks it is.
  const int half = std::max(2 * kLeastSamples, static_cast<int>(std::lround(tracked / 2.0)));
  const auto wider = searched(signal, std::lround(centre) - half / 2, half, tracked);
  if (!wider || wider->alike < kRightPeak) return match;
  const auto again = matched(signal, from, length, wider->lag);
  return again && (!match || again->alike > match->alike) ? again : match;
}

/// The whole period with its successor.
std::optional<PeriodChain::Match> PeriodChain::matchedWhole(const SlidingSignal& signal, double tracked) {
  const long from = std::lround(mark_);
  const int length = std::max(3 * kLeastSamples, static_cast<int>(std::lround(tracked)));
  auto whole = matched(signal, from, length, tracked);
  if (!whole || whole->alike < kAlike)
    if (const auto other = searched(signal, from, length, tracked);
        other && (!whole || other->alike > whole->alike))
      whole = other;
  return whole && isPeriod(whole->lag, tracked) ? whole : std::nullopt;
}

/// What the periods of a stretch add up to.
struct PeriodChain::Sums {
  std::array<double, PeriodFrame::kCuts> differences{}, noise{};
  std::array<int, PeriodFrame::kCuts> pairs{};
  double lengths = 0.0, levels = 0.0, levelNoise = 0.0;
  int periods = 0;

  std::optional<PeriodFrame> frame() const {
    if (periods < 2 || *std::ranges::max_element(pairs) < 2) return std::nullopt;
    PeriodFrame frame{};
    for (std::size_t cut = 0; cut < PeriodFrame::kCuts; ++cut) {
      const double share = 100.0 * periods / lengths / std::max(1, pairs[cut]);
      frame.jitter_percent[cut] = static_cast<float>(share * differences[cut]);
      frame.noise_percent[cut] = pairs[cut] > 0 ? static_cast<float>(share * noise[cut]) : kUnknown;
    }
    frame.shimmer_db = static_cast<float>(levels / periods);
    frame.noise_db = static_cast<float>(levelNoise / periods);
    return frame;
  }
};

/// Matches the period at each cut and goes to the next one.
void PeriodChain::measurePeriod(const SlidingSignal& signal, double tracked, const Match& whole, Sums& sums) {
  double rest = 0.0, energy = 0.0, nextEnergy = 0.0;
  double clearest = std::numeric_limits<double>::max();
  std::size_t anchor = anchor_;
  std::array<double, PeriodFrame::kCuts> variances{};
  for (std::size_t cut = 0; cut < PeriodFrame::kCuts; ++cut) {
    const auto match = matchedAround(signal, placeOf(cut, whole.lag), tracked, whole.lag);
    if (!match || !isPeriod(match->lag, tracked)) {
      before_[cut].reset();
      continue;
    }
    if (match->variance < clearest) {
      clearest = match->variance;
      anchor = cut;
    }
    rest += match->rest * tracked / PeriodFrame::kCuts;
    energy += match->energy;
    nextEnergy += match->nextEnergy;
    if (before_[cut]) {
      sums.differences[cut] += std::abs(match->lag - *before_[cut]);
      // n2 - 2·n1 + n0 of three noises, of which a lag's variance has two.
      sums.noise[cut] += meanSize(3.0 * match->variance);
      ++sums.pairs[cut];
    }
    before_[cut] = match->lag;
    variances[cut] = match->variance;
  }
  // Each stretch of the period beside the same stretch of the next, so that their lengths do not matter.
  if (energy > 0.0 && nextEnergy > 0.0) {
    sums.levels += std::abs(10.0 * std::log10(nextEnergy / energy));
    sums.levelNoise += 20.0 / std::numbers::ln10 * meanSize(2.0 * rest / energy);
    sums.lengths += whole.lag;
    ++sums.periods;
  }
  if (!before_[anchor_] || !isClear(variances[anchor_], tracked)) anchor_ = anchor;
  mark_ += before_[anchor_] && isClear(variances[anchor_], tracked) ? *before_[anchor_] : whole.lag;
}

std::optional<PeriodFrame> PeriodChain::measure(const SlidingSignal& signal, double to_s, double f0_hz) {
  const double tracked = start(signal, f0_hz);
  Sums sums;
  while (mark_ < to_s * signal.rate()) {
    if (const auto whole = matchedWhole(signal, tracked)) {
      measurePeriod(signal, tracked, *whole, sums);
    } else {
      before_.fill(std::nullopt);
      mark_ += tracked;
    }
  }
  return sums.frame();
}

void PeriodChain::follow(const SlidingSignal& signal, double to_s, double f0_hz) {
  const double tracked = start(signal, f0_hz);
  before_.fill(std::nullopt);
  while (mark_ < to_s * signal.rate()) {
    const auto match = matchedAround(signal, placeOf(anchor_, tracked), tracked, tracked);
    if (match && isPeriod(match->lag, tracked) && isClear(match->variance, tracked)) {
      mark_ += match->lag;
      continue;
    }
    const auto whole = matchedWhole(signal, tracked);
    mark_ += whole ? whole->lag : tracked;
  }
}

double PeriodChain::start(const SlidingSignal& signal, double f0_hz) {
  if (mark_ < 0.0) mark_ *= -signal.rate();
  return signal.rate() / f0_hz;
}

}  // namespace calando
