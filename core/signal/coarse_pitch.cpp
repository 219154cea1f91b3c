#include "core/signal/coarse_pitch.h"

#include <algorithm>
#include <cmath>

#include "core/signal/dot.h"
#include "core/signal/interpolate.h"

namespace calando {

namespace {

constexpr long kMirror = kInterpolationTaps;  // negative lags kept, n(-τ) = n(τ), for interpolation
constexpr double kLeastDip = 0.3;     // feasibility: smaller dips are ripple of the partials, not periods
constexpr double kLeastHeight = 0.3;  // below, noise gives as much
constexpr double kLagPrice = 0.012;   // per octave of period: prefers the shorter of two that fit alike
constexpr double kShortWindowHandicap = 0.005;  // a short window's heights scatter more
constexpr double kShortWindowLowest_hz = 54.0;
constexpr double kClearHeight = 0.98;  // hardly anything but one pitch in the window
constexpr double kMerge_octaves = 0.5 / 12.0;
constexpr long kFineLags = 48;       // up to here the grid for finding peaks has half samples
constexpr double kRankPrice = 0.02;  // for choosing whom to probe: high pitches have the least exact heights
constexpr double kAlike = 0.04;
constexpr double kAlikeOctave = 0.008;
constexpr double kMultipleHandicap = 0.03;
constexpr double kNoEnergy = 1e-6;     // of the window's: rounding is all that is left
constexpr double kSilentPower = 1e-9;  // -90 dBFS

/// 2^a or 3·2^a, not below n: lengths that FFTW does fast.
std::size_t goodLength(long n) {
  std::size_t power = 1;
  while (static_cast<long>(power) < n) power *= 2;
  const std::size_t three = power / 4 * 3;
  return static_cast<long>(three) >= n ? three : power;
}

/// Height of the parabola through three neighbouring points whose middle one is the highest.
double vertexHeight(double left, double middle, double right) {
  const double curvature = left - 2.0 * middle + right;
  return curvature >= 0.0 ? middle : middle - (left - right) * (left - right) / (8.0 * curvature);
}

/// A period of several times another one that fits as well is the common multiple of two notes in one window,
/// or the octave below the note. For twice, alike is taken more strictly: real tones may be weak in their odd
/// partials.
void handicapCommonMultiples(std::vector<PitchCandidate>& candidates) {
  for (PitchCandidate& low : candidates)
    for (const PitchCandidate& high : candidates) {
      const double ratio = high.f0_hz / low.f0_hz;
      const double multiple = std::round(ratio);
      if (multiple < 2.0 || std::abs(ratio / multiple - 1.0) > 0.015) continue;
      if (high.height < low.height - (multiple < 3.0 ? kAlikeOctave : kAlike)) continue;
      low.height -= kMultipleHandicap;
      break;
    }
}

}  // namespace

double candidateCost(const PitchCandidate& candidate) {
  return 1.0 - candidate.height - kLagPrice * std::log2(candidate.f0_hz / kHighestPitch_hz);
}

std::vector<PitchCandidate> mergeCandidates(std::vector<PitchCandidate> longWindow,
                                            const std::vector<PitchCandidate>& shortWindow) {
  for (PitchCandidate candidate : shortWindow) {
    candidate.height -= kShortWindowHandicap;
    const auto same = std::ranges::find_if(longWindow, [&](const PitchCandidate& other) {
      return std::abs(std::log2(other.f0_hz / candidate.f0_hz)) < kMerge_octaves;
    });
    if (same == longWindow.end())
      longWindow.push_back(candidate);
    else if (candidate.height > same->height)
      *same = candidate;
  }
  handicapCommonMultiples(longWindow);
  return longWindow;
}

CoarsePitch::CoarsePitch(double rate_hz, double window_s, double lowest_hz)
    : rate_(rate_hz),
      window_s_(window_s),
      lowest_(lowest_hz),
      windowLength_(std::lround(window_s * rate_hz)),
      maxLag_(static_cast<long>(std::ceil(rate_hz / lowest_hz)) + 1),
      fft_(goodLength(windowLength_ + maxLag_ + kMirror)),
      window_(static_cast<std::size_t>(windowLength_)),
      nacf_(static_cast<std::size_t>(maxLag_ + 2 * kMirror)),
      energy_(nacf_.size() - kMirror),
      power_(0.0) {}

CALANDO_DISPATCHED void CoarsePitch::correlate(const SlidingSignal& signal, long from) {
  signal.copy(from, window_);
  const auto time = fft_.time();
  std::ranges::copy(window_, time.begin());
  std::fill(time.begin() + windowLength_, time.end(), 0.0f);
  fft_.forward();
  for (auto& bin : fft_.spectrum()) bin = std::norm(bin);
  fft_.inverse();

  // Energy of what a lag leaves of the window, without its last and without its first samples. In three
  // passes, of which only the running difference has to wait for itself.
  const float* x = window_.data();
  const std::size_t n = window_.size();
  power_ = static_cast<double>(dot(x, x, n));
  double* energy = energy_.data();
  const std::size_t lags = energy_.size();
  for (std::size_t lag = 0; lag < lags; ++lag)
    energy[lag] = x[n - 1 - lag] * x[n - 1 - lag] + x[lag] * x[lag];
  double left = 2.0 * power_;
  for (std::size_t lag = 0; lag < lags; ++lag) {
    const double lost = energy[lag];
    energy[lag] = left;
    left -= lost;
  }
  const double scale = 2.0 / static_cast<double>(fft_.length());
  const double least = kNoEnergy * power_;
  const float* correlation = fft_.time().data();
  float* nacf = nacf_.data() + kMirror;
  for (std::size_t lag = 0; lag < lags; ++lag)
    nacf[lag] = energy[lag] > least ? static_cast<float>(scale * correlation[lag] / energy[lag]) : 0.0f;
  for (std::size_t lag = 1; lag <= kMirror; ++lag) nacf_[kMirror - lag] = nacf_[kMirror + lag];
}

CALANDO_DISPATCHED double CoarsePitch::interpolated(double lag) const {
  const double whole = std::floor(lag);
  const auto taps = interpolationTaps(lag - whole);
  // nacf_ starts kMirror lags below zero, so that the taps never leave it.
  return dot(
      taps.data(),
      &nacf_[static_cast<std::size_t>(static_cast<long>(whole) + kMirror - kInterpolationTaps / 2 + 1)],
      kInterpolationTaps);
}

/// The highest place within ±reach of `lag`, by three probes and a parabola, twice.
double CoarsePitch::peakNear(double lag, double reach) const {
  for (int round = 0; round < 2; ++round) {
    const double left = interpolated(lag - reach);
    const double middle = interpolated(lag);
    const double right = interpolated(lag + reach);
    const double curvature = left - 2.0 * middle + right;
    if (curvature < 0.0) lag += reach * std::clamp(0.5 * (left - right) / curvature, -1.0, 1.0);
    reach /= 4.0;
  }
  return lag;
}

double CoarsePitch::refinedLag(double lag) const {
  lag = peakNear(lag, 0.5);
  // A multiple divides the error of its place; it must be a peak nearly as high, or the tone has moved.
  for (int multiple = 2; multiple <= 16; multiple *= 2) {
    const double far = lag * multiple;
    if (far > static_cast<double>(maxLag_)) break;
    const double refined = peakNear(far, std::min(0.5, lag / 8.0));
    if (interpolated(refined) < 0.7 * interpolated(lag)) break;
    lag = refined / multiple;
  }
  return lag;
}

std::vector<PitchCandidate> CoarsePitch::candidates(const SlidingSignal& signal, double centre_s) {
  correlate(signal, std::lround(centre_s * rate_) - windowLength_ / 2);
  std::vector<PitchCandidate> found;
  if (power_ < kSilentPower * static_cast<double>(windowLength_)) return found;

  // The correlation on a grid: half samples for short lags, where a partial near 10 kHz is hardly sampled.
  const auto gridLag = [](long i) {
    return i < 2 * kFineLags ? static_cast<double>(i) / 2.0 : static_cast<double>(i - kFineLags);
  };
  const auto gridHeight = [this](long i) {
    if (i >= 2 * kFineLags) return nacf_[static_cast<std::size_t>(i - kFineLags + kMirror)];
    return i % 2 == 0 ? nacf_[static_cast<std::size_t>(i / 2 + kMirror)]
                      : static_cast<float>(interpolated(static_cast<double>(i) / 2.0));
  };
  std::vector<std::pair<double, double>> peaks;  // rank, lag
  const double shortest = rate_ / kHighestPitch_hz * 0.96;
  const long gridEnd = maxLag_ + kFineLags;
  float dip = 1.0f;
  float before = 1.0f;
  float here = gridHeight(1);
  for (long i = 1; i < gridEnd; ++i) {
    const float after = gridHeight(i + 1);
    dip = std::min(dip, here);
    const double lag = gridLag(i);
    // Heights between the points can be above them, so these first hurdles are half as high.
    if (here > before && here >= after && lag >= shortest && here > 0.5 * kLeastHeight &&
        here - dip > 0.5 * kLeastDip) {
      peaks.emplace_back(vertexHeight(before, here, after) - kRankPrice * std::log2(lag), lag);
      dip = here;
    }
    before = here;
    here = after;
  }
  constexpr std::size_t kProbed = 2 * kMostCandidates;
  if (peaks.size() > kProbed) {
    std::ranges::nth_element(peaks, peaks.begin() + kProbed, std::greater{});
    peaks.resize(kProbed);
  }
  for (const auto& [rank, lag] : peaks) {
    const double refined = refinedLag(lag);
    const PitchCandidate candidate{rate_ / refined, std::min(1.0, interpolated(refined))};
    if (candidate.height >= kLeastHeight && candidate.f0_hz >= lowest_ &&
        candidate.f0_hz <= kHighestPitch_hz * 1.01)
      found.push_back(candidate);
  }
  std::ranges::sort(found, {}, candidateCost);
  if (found.size() > kMostCandidates) found.resize(kMostCandidates);
  return found;
}

PitchFinder::PitchFinder(double rate_hz)
    : longWindow(rate_hz, kLongWindow_s, kLowestPitch_hz),
      shortWindow(rate_hz, kLongWindow_s / 2.0, kShortWindowLowest_hz) {}

std::vector<PitchCandidate> PitchFinder::candidates(const SlidingSignal& signal, double centre_s) {
  auto found = longWindow.candidates(signal, centre_s);
  const double best_hz = !found.empty() && found.front().height >= kClearHeight ? found.front().f0_hz : 0.0;
  const bool goesOn =
      best_hz > 0.0 && lastClear_hz_ > 0.0 && std::abs(std::log2(best_hz / lastClear_hz_)) < kMerge_octaves;
  lastClear_hz_ = best_hz;
  return mergeCandidates(std::move(found),
                         goesOn ? std::vector<PitchCandidate>() : shortWindow.candidates(signal, centre_s));
}

}  // namespace calando
