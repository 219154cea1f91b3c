#include "core/pitch/coarse_pitch.h"

#include <algorithm>
#include <cmath>

#include "core/maths/dot.h"
#include "core/maths/interpolate.h"

namespace calando {

namespace {

constexpr long kMirror = kInterpolationTaps;  // negative lags kept, n(-τ) = n(τ), for interpolation
constexpr float kLeastDip = 0.3f;     // feasibility: smaller dips are ripple of the partials, not periods
constexpr float kLeastHeight = 0.3f;  // below, noise gives as much
constexpr double kLagPrice = 0.012;   // per octave of period: prefers the shorter of two that fit alike
constexpr double kShortWindowHandicap = 0.005;  // a short window's heights scatter more
constexpr double kShortWindowLowest_hz = 54.0;
constexpr double kClearHeight = 0.98;  // hardly anything but one pitch in the window
constexpr double kUnsureHeight = 0.75;
constexpr double kHighestSoft_hz = 1300.0;  // two partials and more in what is left
constexpr double kMerge_octaves = 0.5 / 12.0;
constexpr long kFineLags = 48;  // up to here the grid for finding peaks has half samples
constexpr long kSharpLag =
    96;  // lags from half of it on are exact enough as they are: 0.01 sample, a third of a cent
constexpr double kRankPrice = 0.06;  // for choosing whom to keep: a high note has many multiples
constexpr double kAlike = 0.04;
constexpr double kAlikeOctave = 0.008;  // stricter: real tones may be weak in their odd partials
constexpr double kAlikePerFuzz = 0.4;   // and per unit of what noise takes from the height
constexpr double kSameMultiple = 0.015;
constexpr double kCrackleFits = 0.8;
constexpr double kCrackleTakes = 0.25;  // from the height of the note's own period
constexpr double kMultipleHandicap = 0.03;
constexpr double kAsked_octaves = 150.0 / 1200.0;
constexpr double kUnderAsked_db = -8.0, kUnder_db = -9.0;  // of what sounds under an overtone
constexpr double kUnderOctave_db = -14.0;                  // a note may be weak in its odd partials
constexpr double kNoEnergy = 1e-6;                         // of the window's: rounding is all that is left
constexpr double kSilentPower = 1e-9;                      // -90 dBFS

/// Height of the parabola through three neighbouring points whose middle one is the highest.
double vertexHeight(double left, double middle, double right) {
  const double curvature = left - 2.0 * middle + right;
  return curvature >= 0.0 ? middle : middle - (left - right) * (left - right) / (8.0 * curvature);
}

/// A period of several times another one that fits as well is the common multiple of two notes in one window,
/// the crackle under a note, or the noise's choice among the periods of a fuzzy one.
void handicapCommonMultiples(std::vector<PitchCandidate>& candidates, bool fuzzy) {
  std::ranges::sort(candidates, std::greater{}, &PitchCandidate::f0_hz);
  const std::vector<PitchCandidate> found = candidates;
  for (std::size_t low = 1; low < found.size(); ++low) {
    const double fuzz = fuzzy ? kAlikePerFuzz * (1.0 - found[low].height) : 0.0;
    for (std::size_t high = 0; high < low; ++high) {
      const double ratio = found[high].f0_hz / found[low].f0_hz;
      const double multiple = std::round(ratio);
      if (multiple < 2.0 || std::abs(ratio / multiple - 1.0) > kSameMultiple) continue;
      const double alike = multiple < 3.0 ? kAlikeOctave : kAlike;
      if (found[high].height < found[low].height - alike - fuzz) continue;
      candidates[low].height = std::min(candidates[low].height, candidates[high].height - kMultipleHandicap);
    }
  }
}

}  // namespace

bool PitchFinder::wasAsked(double hz) const {
  return std::ranges::any_of(to_.asked_hz,
                             [hz](double asked) { return std::abs(std::log2(hz / asked)) < kAsked_octaves; });
}

/// Of two candidates the lower, a fraction of the higher, only sounds on under it.
bool PitchFinder::isUnder(const PitchCandidate& high, const PitchCandidate& best, const SlidingSignal& signal,
                          double centre_s) {
  if (best.f0_hz < to_.lowest_hz && high.f0_hz >= to_.lowest_hz) return true;
  const auto multiple = static_cast<int>(std::lround(high.f0_hz / best.f0_hz));
  const auto line = crackle.strongestLine_db(signal, centre_s, high.f0_hz, multiple % 2 == 0 ? 2 : 3);
  if (line && *line <= to_.mostCrackle_db) return true;
  const bool asked = wasAsked(high.f0_hz);
  if (wasAsked(best.f0_hz) || (!asked && !to_.overtones)) return false;
  const double most = asked ? kUnderAsked_db : multiple == 2 ? kUnderOctave_db : kUnder_db;
  return crackle.strongestOther_db(signal, centre_s, high.f0_hz, multiple) <= most;
}

/// Where a crackle makes the octave or the twelfth below fit better than the note, the note goes first.
void PitchFinder::handicapCrackle(std::vector<PitchCandidate>& found, const SlidingSignal& signal,
                                  double centre_s) {
  if (found.empty()) return;
  const PitchCandidate best = *std::ranges::min_element(found, {}, candidateCost);
  if (best.height < kCrackleFits) return;
  for (const PitchCandidate& high : found) {
    const double ratio = high.f0_hz / best.f0_hz;
    const double multiple = std::round(ratio);
    if (multiple < 2.0 || std::abs(ratio / multiple - 1.0) > kSameMultiple) continue;
    if (high.height < best.height - kCrackleTakes) continue;
    if (!isUnder(high, best, signal, centre_s)) continue;
    for (PitchCandidate& low : found) {
      const double times = high.f0_hz / low.f0_hz;
      if (times > 1.5 && std::abs(times / std::round(times) - 1.0) < kSameMultiple)
        low.height = std::min(low.height, high.height - kMultipleHandicap);
    }
    return;
  }
}

double candidateCost(const PitchCandidate& candidate) {
  return 1.0 - candidate.height - kLagPrice * std::log2(candidate.f0_hz / kHighestPitch_hz);
}

std::vector<PitchCandidate> mergeCandidates(std::vector<PitchCandidate> longWindow,
                                            const std::vector<PitchCandidate>& others, bool fuzzy) {
  for (PitchCandidate candidate : others) {
    candidate.height -= kShortWindowHandicap;
    const auto same = std::ranges::find_if(longWindow, [&](const PitchCandidate& other) {
      return std::abs(std::log2(other.f0_hz / candidate.f0_hz)) < kMerge_octaves;
    });
    if (same == longWindow.end())
      longWindow.push_back(candidate);
    else if (candidate.height > same->height)
      *same = candidate;
  }
  handicapCommonMultiples(longWindow, fuzzy);
  return longWindow;
}

CoarsePitch::CoarsePitch(double rate_hz, double window_s, double lowest_hz)
    : rate_(rate_hz),
      window_s_(window_s),
      lowest_(lowest_hz),
      windowLength_(std::lround(window_s * rate_hz)),
      maxLag_(static_cast<long>(std::ceil(rate_hz / lowest_hz)) + 1),
      autocorrelation_(static_cast<std::size_t>(windowLength_), static_cast<std::size_t>(maxLag_ + kMirror)),
      nacf_(static_cast<std::size_t>(maxLag_ + 2 * kMirror)),
      grid_(static_cast<std::size_t>(maxLag_ + kFineLags + 1)),
      energy_(nacf_.size() - kMirror),
      power_(0.0) {}

CALANDO_DISPATCHED void CoarsePitch::correlate(const SlidingSignal& signal, long from) {
  const std::span<float> window = autocorrelation_.samples();
  signal.copy(from, window);
  // Energy of what a lag leaves of the window, without its last and without its first samples. In three
  // passes, of which only the running difference has to wait for itself.
  const float* x = window.data();
  const std::size_t n = window.size();
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
  const double least = kNoEnergy * power_;
  const float* correlation = autocorrelation_.run().data();
  float* nacf = nacf_.data() + kMirror;
  for (std::size_t lag = 0; lag < lags; ++lag)
    nacf[lag] = energy[lag] > least ? static_cast<float>(2.0 * correlation[lag] / energy[lag]) : 0.0f;
  for (std::size_t lag = 1; lag <= kMirror; ++lag) nacf_[kMirror - lag] = nacf_[kMirror + lag];
}

CALANDO_DISPATCHED float CoarsePitch::interpolated(double lag) const {
  const double whole = std::floor(lag);
  const auto taps = interpolationTaps(lag - whole);
  // nacf_ starts kMirror lags below zero, so that the taps never leave it.
  return dot(
      taps.data(),
      &nacf_[static_cast<std::size_t>(static_cast<long>(whole) + kMirror - kInterpolationTaps / 2 + 1)],
      kInterpolationTaps);
}

/// The vertex of the parabola through the lag and the points at ±reach.
CoarsePitch::Peak CoarsePitch::vertexNear(double lag, double reach) const {
  const double left = interpolated(lag - reach);
  const double middle = interpolated(lag);
  const double right = interpolated(lag + reach);
  const double curvature = left - 2.0 * middle + right;
  const double shift = curvature < 0.0 ? std::clamp(0.5 * (left - right) / curvature, -1.0, 1.0) : 0.0;
  return {lag + reach * shift, middle - 0.25 * (left - right) * shift};
}

CoarsePitch::Peak CoarsePitch::refinedPeak(double lag) const {
  Peak peak = vertexNear(vertexNear(lag, 0.5).lag, 0.125);
  // A multiple divides the error of a short lag; it must be a peak nearly as high, or the tone has moved.
  for (int multiple = 2; peak.lag * multiple < static_cast<double>(kSharpLag); multiple *= 2) {
    const Peak far = vertexNear(peak.lag * multiple, std::min(0.25, peak.lag / 8.0));
    if (far.height < 0.7 * peak.height) break;
    peak.lag = far.lag / multiple;
  }
  return peak;
}

std::vector<PitchCandidate> CoarsePitch::candidates(const SlidingSignal& signal, double centre_s) {
  correlate(signal, std::lround(centre_s * rate_) - windowLength_ / 2);
  std::vector<PitchCandidate> found;
  if (power_ < kSilentPower * static_cast<double>(windowLength_)) return found;

  // The correlation on a grid: half samples for short lags, where a partial near 10 kHz is hardly sampled.
  for (long lag = 0; lag < kFineLags; ++lag) {
    grid_[static_cast<std::size_t>(2 * lag)] = nacf_[static_cast<std::size_t>(lag + kMirror)];
    grid_[static_cast<std::size_t>(2 * lag + 1)] = interpolated(static_cast<double>(lag) + 0.5);
  }
  std::copy(nacf_.begin() + kMirror + kFineLags, nacf_.begin() + kMirror + maxLag_ + 1,
            grid_.begin() + 2 * kFineLags);
  const double shortest = rate_ / kHighestPitch_hz * 0.96;
  struct Rise {
    double rank;
    double lag;
  };
  std::vector<Rise> peaks;
  float dip = 1.0f, top = 0.0f;  // since the last peak, and its own
  for (std::size_t i = 1; i + 1 < grid_.size(); ++i) {
    const float here = grid_[i];
    dip = std::min(dip, here);
    // Heights between the points can be above them, so these first hurdles are half as high.
    if (here <= grid_[i - 1] || here < grid_[i + 1] || here <= 0.5f * kLeastHeight) continue;
    // Noise ripples on the way up to a broad peak.
    const bool ripple = here - dip <= 0.5f * kLeastDip;
    if (ripple && (peaks.empty() || here <= top)) continue;
    const double lag = i < 2 * kFineLags ? static_cast<double>(i) / 2.0 : static_cast<double>(i - kFineLags);
    if (lag < shortest) continue;
    if (ripple) peaks.pop_back();
    peaks.push_back({vertexHeight(grid_[i - 1], here, grid_[i + 1]) - kRankPrice * std::log2(lag), lag});
    dip = top = here;
  }
  constexpr std::size_t kProbed = 2 * kMostCandidates;
  if (peaks.size() > kProbed) {
    std::ranges::nth_element(peaks, peaks.begin() + kProbed, std::greater{}, &Rise::rank);
    peaks.resize(kProbed);
  }
  for (const auto& [rank, lag] : peaks) {
    const Peak peak = refinedPeak(lag);
    const PitchCandidate candidate{rate_ / peak.lag, std::min(1.0, peak.height)};
    if (candidate.height >= kLeastHeight && candidate.f0_hz >= lowest_ &&
        candidate.f0_hz <= kHighestPitch_hz * 1.01)
      found.push_back(candidate);
  }
  if (found.size() > kMostCandidates) {
    std::ranges::sort(found, std::greater{},
                      [](const PitchCandidate& c) { return c.height + kRankPrice * std::log2(c.f0_hz); });
    found.resize(kMostCandidates);
  }
  std::ranges::sort(found, {}, candidateCost);
  return found;
}

PitchFinder::PitchFinder(double rate_hz, double softRate_hz, Listening to)
    : longWindow(rate_hz, kLongWindow_s, kLowestPitch_hz),
      shortWindow(rate_hz, kLongWindow_s / 2.0, kShortWindowLowest_hz),
      softWindow(softRate_hz, kLongWindow_s, kLowestPitch_hz),
      crackle(rate_hz, kLongWindow_s),
      to_(to) {}

std::vector<PitchCandidate> PitchFinder::candidates(const SlidingSignal& signal, const SlidingSignal& soft,
                                                    double centre_s) {
  auto found = longWindow.candidates(signal, centre_s);
  if (found.empty() || found.front().height < kUnsureHeight) {
    lastClear_hz_ = 0.0;
    auto more = softWindow.candidates(soft, centre_s);
    std::erase_if(more, [](const PitchCandidate& c) { return c.f0_hz > kHighestSoft_hz; });
    std::ranges::copy(shortWindow.candidates(signal, centre_s), std::back_inserter(more));
    return mergeCandidates(std::move(found), more, true);
  }
  const double best_hz = !found.empty() && found.front().height >= kClearHeight ? found.front().f0_hz : 0.0;
  const bool goesOn =
      best_hz > 0.0 && lastClear_hz_ > 0.0 && std::abs(std::log2(best_hz / lastClear_hz_)) < kMerge_octaves;
  lastClear_hz_ = best_hz;
  found = mergeCandidates(std::move(found),
                          goesOn ? std::vector<PitchCandidate>() : shortWindow.candidates(signal, centre_s),
                          false);
  handicapCrackle(found, signal, centre_s);
  return found;
}

}  // namespace calando
