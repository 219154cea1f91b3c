#include "core/signal/tone_colour.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/maths/dot.h"
#include "core/maths/interpolate.h"

namespace calando {

namespace {

constexpr double kBandTop_hz = 10000.0;
constexpr double kBandBottom_hz = 60.0;
constexpr double kShortest_s = 0.048;
constexpr int kFewestPeriods = 6;
constexpr int kFold = 6;                    // periods folded for the subharmonics: holds halves and thirds
constexpr int kThirdsFrom = 3 * kFold;      // periods; fewer smear a partial over the thirds beside it
constexpr double kPartialOverNoise = 10.0;  // power: below, there is no partial to compare with
constexpr double kStrongestOfMany = 3.4;  // the largest of thirty noise lines has ln 30 times the mean power
constexpr double kLineOverNoise = 10.0;   // what chance hardly ever makes of thirty
constexpr double kTellsNothing_db = -20.0;  // a crackle weaker than that is none
constexpr double kMostHnr_db = 90.0;
constexpr double kZeroPhaseBelow_hz = 250.0;  // four times the rumble filter's corner
constexpr double kNearCorner_hz = 120.0;      // above, the filter is flat to a tenth of a decibel
constexpr double kSettling_s = 0.06;          // of the rumble filter, to a few thousandths

/// 2^a or 3·2^a and even, at least n: a few FFT lengths serve all pitches.
int samplesPerPeriod(double n) {
  int m = 8;
  while (m < n) m *= 2;
  return m / 4 * 3 >= n ? m / 4 * 3 : m;
}

double decibels(double power) { return 10.0 * std::log10(std::max(power, 1e-14)); }

}  // namespace

int ToneColour::periods(double f0_hz, bool subharmonics) {
  const int least = subharmonics ? kThirdsFrom : 2 * kFold;
  return std::max(least, kFold * static_cast<int>(std::lround(kShortest_s * f0_hz / kFold)));
}

double ToneColour::tail(double f0_hz) { return f0_hz < kZeroPhaseBelow_hz ? kSettling_s : 0.0; }

/// The rumble filter once more, backwards: near its corner its delay depends on the frequency, which would
/// turn a vibrato into a wobble of the fundamental against the other partials.
SlidingSignal ToneColour::zeroPhase(const SlidingSignal& signal, double from_s, double to_s) const {
  const auto first = static_cast<long>(from_s * signal.rate()) - kInterpolationTaps;
  const auto last = static_cast<long>(to_s * signal.rate()) + kInterpolationTaps;
  std::vector<float> samples(
      static_cast<std::size_t>(last - first + std::lround(kSettling_s * signal.rate())));
  signal.copy(first, samples);
  Butterworth rumble = rumble_;
  for (auto x = samples.rbegin(); x != samples.rend(); ++x) *x = rumble(*x);
  SlidingSignal result(signal.rate(), first);
  result.push(std::span(samples).first(static_cast<std::size_t>(last - first)));
  return result;
}

RealFft& ToneColour::fft(std::size_t length) { return ffts_.try_emplace(length, length).first->second; }

const ToneColour::Window& ToneColour::window(std::size_t length) {
  Window& window = windows_[length];
  const double step = 2.0 * std::numbers::pi / static_cast<double>(length);
  for (std::size_t i = window.weights.size(); i < length; ++i) {
    const double c = std::cos((static_cast<double>(i) + 0.5) * step);
    const double w = 0.35875 - 0.48829 * c + 0.14128 * (2 * c * c - 1) - 0.01168 * (4 * c * c * c - 3 * c);
    window.weights.push_back(static_cast<float>(w));
    window.power += w * w;
  }
  return window;
}

/// Fills warped_ with (before + after) periods of `perPeriod` samples, `before` of them ahead of the centre.
void ToneColour::warp(const SlidingSignal& signal, double centre_s, int before, int after, int perPeriod,
                      const std::function<double(double)>& f0_at) {
  warped_.resize(static_cast<std::size_t>((before + after) * perPeriod));
  const double rate = signal.rate();
  const auto middle = static_cast<std::size_t>(before * perPeriod);
  // f0 hardly moves within a quarter of a period: look it up once per such stride.
  const int stride = std::max(1, perPeriod / 4);
  const auto walk = [&](int direction, std::size_t count) {
    double t = centre_s;
    double step = 0.0;
    for (std::size_t i = 0; i < count; ++i) {
      if (i % static_cast<std::size_t>(stride) == 0)
        step = direction / (f0_at(t + 0.5 * stride * step) * perPeriod);
      if (direction > 0) {
        warped_[middle + i] = readAt(signal, t * rate);
        t += step;
      } else {
        t += step;
        warped_[middle - 1 - i] = readAt(signal, t * rate);
      }
    }
  };
  walk(+1, static_cast<std::size_t>(after * perPeriod));
  walk(-1, middle);
}

/// Takes out what the rumble filter, run both ways, does to the strength of a partial near its corner while
/// the pitch moves about that of the centre.
void ToneColour::equalise(double centre_s, int before, int after, int perPeriod,
                          const std::function<double(double)>& f0_at) {
  const double f0 = f0_at(centre_s);
  const int stride = std::max(1, perPeriod / 4);
  for (int k = 1; k * f0 < kNearCorner_hz; ++k) {
    const std::complex<double> turn = std::polar(1.0, 2.0 * std::numbers::pi * k / perPeriod);
    std::complex<double> z = 1.0;
    std::complex<double> sum = 0.0;
    for (const float x : warped_) {
      sum += static_cast<double>(x) * std::conj(z);
      z *= turn;
    }
    const std::complex<double> partial = sum * 2.0 / static_cast<double>(warped_.size());
    const double gain = rumble_.gainAt(k * f0);
    double excess = 0.0;
    z = 1.0;
    for (int i = 0; i < (before + after) * perPeriod; ++i, z *= turn) {
      if (i % stride == 0) {
        const double t = centre_s + (static_cast<double>(i + stride / 2) / perPeriod - before) / f0;
        excess = rumble_.gainAt(k * f0_at(t)) / gain - 1.0;
      }
      warped_[static_cast<std::size_t>(i)] -= static_cast<float>(excess * (partial * z).real());
    }
  }
}

/// `noise`: mean square of what does not repeat. Lines and partials count only as far as they stand out of
/// it.
double ToneColour::subharmonic(int periods, int perPeriod, double f0_hz, double noise) {
  const auto folded = static_cast<std::size_t>(kFold * perPeriod);
  RealFft& transform = fft(folded);
  std::ranges::fill(transform.time(), 0.0f);
  const int used = periods / kFold * kFold;
  const auto total = static_cast<std::size_t>(used * perPeriod);
  const auto& [weights, windowPower] = window(total);
  const auto time = transform.time();
  for (std::size_t from = 0; from < total; from += folded)
    for (std::size_t i = 0; i < folded; ++i) time[i] += weights[from + i] * warped_[from + i];
  transform.forward();
  // The noise lies below 10 kHz, denser than white at this sample rate would be.
  const double noiseBin = noise * windowPower * perPeriod * f0_hz / 2.0 / kBandTop_hz;
  const auto power = [&](int sixths) {
    return std::norm(transform.spectrum()[static_cast<std::size_t>(sixths)]);
  };
  double strongest = ColourFrame::kNoSubharmonic;
  bool seen = false, hidden = false;  // places where a crackle would be, or would not
  const bool thirds = used >= kThirdsFrom;
  for (int k = 0; k <= 10; ++k)
    for (const int between : {2, 3, 4}) {
      if (!thirds && between != 3) continue;
      const int sixths = kFold * k + between;
      if (k == 0 || sixths + kFold >= static_cast<int>(folded / 2) || (k + 1) * f0_hz > kBandTop_hz) continue;
      const double left = power(kFold * k);
      const double right = power(kFold * (k + 1));
      if (std::min(left, right) < kPartialOverNoise * noiseBin) continue;
      const double beside_db = 5.0 * std::log10(left * right);
      const double least = kLineOverNoise * noiseBin;
      if (power(sixths) < least && decibels(least) - beside_db > kTellsNothing_db) {
        hidden = true;
        continue;
      }
      seen = true;
      const double line = std::max(power(sixths) - kStrongestOfMany * noiseBin, 0.01 * noiseBin);
      strongest = std::max(strongest, decibels(line) - beside_db);
    }
  return hidden && !seen ? ColourFrame::kDrowned : strongest;
}

CALANDO_DISPATCHED double ToneColour::meanPeriod(int count, int perPeriod) {
  const auto m = static_cast<std::size_t>(perPeriod);
  const double middle = (count - 1) / 2.0;
  std::vector<double> sums(3 * m);
  double *const mean = sums.data(), *const slope = mean + m, *const squares = slope + m;
  for (int p = 0; p < count; ++p) {
    const float* const period = warped_.data() + static_cast<std::size_t>(p) * m;
    const double place = p - middle;
#pragma GCC ivdep
    for (std::size_t i = 0; i < m; ++i) {
      const double y = period[i];
      mean[i] += y;
      slope[i] += y * place;
      squares[i] += y * y;
    }
  }
  const double n = count;
  const double spread = n * (n * n - 1.0) / 12.0;  // Σ (p - middle)²
  double repeating = 0.0, changing = 0.0, all = 0.0;
  RealFft& transform = fft(m);
  for (std::size_t i = 0; i < m; ++i) {
    mean[i] /= n;
    slope[i] /= spread;
    repeating += n * mean[i] * mean[i];
    changing += spread * slope[i] * slope[i];
    all += squares[i];
    transform.time()[i] = static_cast<float>(mean[i]);
  }
  transform.forward();
  return std::max(0.0, all - repeating - changing) / (perPeriod * (n - 2.0));
}

std::optional<ColourFrame> ToneColour::measure(const SlidingSignal& signal, double centre_s, double from_s,
                                               double to_s, const std::function<double(double)>& f0_at,
                                               bool subharmonics) {
  const double f0 = f0_at(centre_s);
  const int wanted = periods(f0, subharmonics);
  const int before = std::min(wanted / 2, static_cast<int>((centre_s - from_s) * f0 * 0.98));
  const int after = std::min(wanted / 2, static_cast<int>((to_s - centre_s) * f0 * 0.98));
  const int count = before + after;
  if (before < 0 || after < 0 || count < kFewestPeriods) return std::nullopt;
  const int perPeriod = samplesPerPeriod(signal.rate() / f0);
  const bool low = f0 < kZeroPhaseBelow_hz;
  if (low) {
    const SlidingSignal straight =
        zeroPhase(signal, centre_s - before / (0.98 * f0), centre_s + after / (0.98 * f0));
    warp(straight, centre_s, before, after, perPeriod, f0_at);
    equalise(centre_s, before, after, perPeriod, f0_at);
  } else {
    warp(signal, centre_s, before, after, perPeriod, f0_at);
  }

  const double noise = meanPeriod(count, perPeriod);
  RealFft& transform = fft(static_cast<std::size_t>(perPeriod));
  const double n = count;

  ColourFrame frame{};
  // Mean square of partial k is 2|X_k / m|²; each is over-estimated by the noise within f0 / n of it.
  const double noiseShare = noise * f0 / (n * std::min(kBandTop_hz, signal.rate() / 2.0));
  const int audible = std::min(static_cast<int>(kBandTop_hz / f0), perPeriod / 2 - 1);
  double total = 0.0;
  double inBand = 0.0;
  double weighted = 0.0;
  for (int k = 1; k <= audible; ++k) {
    const double raw = 2.0 * std::norm(transform.spectrum()[static_cast<std::size_t>(k)]) /
                       (static_cast<double>(perPeriod) * perPeriod);
    const double filtered = std::max(0.0, raw - noiseShare);
    const double once = rumble_.gainAt(k * f0);
    const double gain = low ? once * once : once;
    const double power = filtered / gain;
    total += power;
    if (k * f0 >= kBandBottom_hz) inBand += power;
    weighted += k * power;
    if (k <= kMostPartials) {
      frame.power[static_cast<std::size_t>(k - 1)] = static_cast<float>(power);
      frame.noise[static_cast<std::size_t>(k - 1)] = static_cast<float>(noiseShare / gain);
    }
  }
  if (total <= 0.0) return std::nullopt;
  frame.partials = std::min(audible, kMostPartials);
  frame.hnr_db = std::min(kMostHnr_db, decibels(inBand) - decibels(noise));
  frame.noise_dbfs = decibels(noise);
  frame.brightness = weighted / total;
  frame.subharmonic_db =
      subharmonics ? subharmonic(count, perPeriod, f0, noise) : ColourFrame::kNoSubharmonic;
  return frame;
}

}  // namespace calando
