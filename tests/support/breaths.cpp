#include "support/breaths.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <complex>
#include <map>
#include <numbers>

#include "core/maths/fft.h"
#include "support/gaussian.h"

namespace sounds {

namespace {

double thirdHz(int third) { return 50.0 * std::exp2(third / 3.0); }

/// The power that a band-pass of a third of an octave lets through (Robert Bristow-Johnson's cookbook), twice
/// one after the other.
class BandPass {
 public:
  BandPass(double hz, double rate_hz) : turn_(2.0 * std::numbers::pi / rate_hz) {
    const double w = turn_ * hz;
    const double alpha = std::sin(w) / (2.0 * 4.318);
    b_ = alpha / (1.0 + alpha);
    a1_ = -2.0 * std::cos(w) / (1.0 + alpha);
    a2_ = (1.0 - alpha) / (1.0 + alpha);
  }
  double operator()(double hz) const {
    const std::complex<double> z = std::polar(1.0, -turn_ * hz);
    return std::pow(std::norm(b_ * (1.0 - z * z) / (1.0 + z * (a1_ + z * a2_))), 2.0);
  }

 private:
  double turn_, b_, a1_, a2_;
};

/// What each third of an octave lets through by hertz, one in all.
using Bands = std::vector<std::vector<double>>;
const Bands& bandsAt(double rate_hz) {
  static std::map<double, Bands> known;
  Bands& bands = known[rate_hz];
  for (auto third = static_cast<int>(bands.size()); third < kThirds; ++third) {
    const BandPass band(thirdHz(third), rate_hz);
    std::vector<double>& part = bands.emplace_back(static_cast<std::size_t>(rate_hz / 2.0) + 2);
    double whole = 0.0;
    for (std::size_t f = 0; f < part.size(); ++f) whole += part[f] = band(static_cast<double>(f));
    for (double& power : part) power /= whole;
  }
  return bands;
}

/// The next length of factors 2 and 3 alone.
std::size_t soonTransformed(std::size_t length) {
  std::size_t best = 1;
  while (best < length) best *= 2;
  for (std::size_t threes = 1; threes < best; threes *= 3) {
    std::size_t size = threes;
    while (size < length) size *= 2;
    best = std::min(best, size);
  }
  return best + best % 2;
}

/// Noise of a power density over hertz, whatever its unit, its RMS between two frequencies made 1. Drawn as
/// the spectrum of a few per cent more than is asked for, so that its end does not meet its start.
std::vector<double> spectralNoise(Gaussian& gaussian, std::size_t length, double rate_hz,
                                  const std::function<double(double hz)>& density, double low_hz,
                                  double high_hz) {
  calando::RealFft fft(soonTransformed(length + length / 32 + 64));
  const auto bins = fft.spectrum();
  const double step_hz = rate_hz / static_cast<double>(fft.length());
  double power = 0.0;
  bins[0] = bins[bins.size() - 1] = 0.0f;
  for (std::size_t b = 1; b + 1 < bins.size(); ++b) {
    const double hz = static_cast<double>(b) * step_hz, deviation = std::sqrt(density(hz));
    const std::complex<double> drawn =
        deviation > 0.0 ? deviation * std::complex<double>(gaussian(), gaussian()) : 0.0;
    if (hz >= low_hz && hz <= high_hz) power += 2.0 * std::norm(drawn);
    bins[b] = std::complex<float>(drawn);
  }
  fft.inverse();
  const double gain = power > 0.0 ? 1.0 / std::sqrt(power) : 0.0;
  std::vector<double> noise(length);
  for (std::size_t n = 0; n < length; ++n) noise[n] = gain * static_cast<double>(fft.time()[n]);
  return noise;
}

/// Noise with levels by third octaves, its RMS from 150 Hz to 8 kHz made 1.
std::vector<double> noiseOf(const ThirdsOfOctaves& levels_db, std::size_t count, double rate_hz,
                            Gaussian& gaussian) {
  const Bands& bands = bandsAt(rate_hz);
  std::vector<double> density(bands[0].size(), 0.0);
  for (int third = 0; third < kThirds; ++third) {
    const double level_db = levels_db[static_cast<std::size_t>(third)];
    if (level_db < -90.0 || thirdHz(third) > 0.45 * rate_hz) continue;
    const double gain = std::pow(10.0, level_db / 10.0);
    const std::vector<double>& band = bands[static_cast<std::size_t>(third)];
    for (std::size_t f = 0; f < density.size(); ++f) density[f] += gain * band[f];
  }
  const auto at = [&](double hz) {
    const auto f = static_cast<std::size_t>(hz);
    return std::lerp(density[f], density[f + 1], hz - static_cast<double>(f));
  };
  return spectralNoise(gaussian, count, rate_hz, at, 150.0, 8000.0);
}

/// Straight lines between corners, in octaves.
double between(const std::vector<std::pair<double, double>>& corners, double hz) {
  if (hz <= corners.front().first) return corners.front().second;
  for (std::size_t i = 1; i < corners.size(); ++i)
    if (hz <= corners[i].first) {
      const double share =
          std::log(hz / corners[i - 1].first) / std::log(corners[i].first / corners[i - 1].first);
      return corners[i - 1].second + share * (corners[i].second - corners[i - 1].second);
    }
  return corners.back().second;
}

/// The throat's and mouth's own noise, with a little of each player's in it.
ThirdsOfOctaves throat(const Breath& breath, std::mt19937& random) {
  std::normal_distribution<double> own(0.0, 1.5);
  std::uniform_real_distribution<double> moved(-0.15, 0.15);  // octaves
  const double shift = std::exp2(moved(random));
  std::vector<std::pair<double, double>> corners;
  switch (breath.mouth) {
    case Mouth::open:
      corners = breath.way == Way::in ? std::vector<std::pair<double, double>>{{150, -12},
                                                                               {400, -2},
                                                                               {900, 0},
                                                                               {2000, -9},
                                                                               {8000, -24}}
                                      : std::vector<std::pair<double, double>>{
                                            {100, -4}, {300, 0}, {700, -1}, {1500, -10}, {8000, -27}};
      break;
    case Mouth::tight:
      corners = {{300, -40}, {1500, -22}, {3000, -2}, {4500, 0}, {6500, -6}, {10000, -16}};
      break;
    case Mouth::pursed:
      corners = {{150, -16}, {600, -6}, {1500, 0}, {3000, -5}, {8000, -16}};
      break;
    case Mouth::hiss:
      corners = {{500, -40}, {2500, -18}, {5000, -2}, {7000, 0}, {10000, -4}};
      break;
    case Mouth::white:
      corners = {{10, -30}, {10000, 0}};
      break;
  }
  ThirdsOfOctaves levels;
  for (int third = 0; third < kThirds; ++third)
    levels.push_back(between(corners, thirdHz(third) * shift) + own(random));
  return levels;
}

double smooth(double x) {
  x = std::clamp(x, 0.0, 1.0);
  return x * x * (3.0 - 2.0 * x);
}

}  // namespace

const std::vector<Microphone>& microphones() {
  static const std::vector<Microphone> all = {
      {"flat", [](double) { return 0.0; }, 0.3},
      {"near, with a bass",
       [](double hz) {
         return between({{80, 8}, {250, 4}, {600, 0}}, hz);
       },
       1.0},
      {"a telephone's",
       [](double hz) {
         return between({{150, -24}, {350, 0}, {3200, 0}, {5000, -20}}, hz);
       },
       0.2},
      {"a laptop's",
       [](double hz) {
         return between({{100, -18}, {400, -2}, {2500, 0}, {5000, 6}, {9000, 2}}, hz);
       },
       0.5},
      {"dull, behind a cloth",
       [](double hz) {
         return between({{1000, 0}, {4000, -7}, {10000, -16}}, hz);
       },
       0.6},
  };
  return all;
}

std::vector<float> breathing(const BreathSound& sound) {
  std::mt19937 random(sound.seed);
  Gaussian gaussian(random);
  const double rate = sound.rate_hz;
  const auto count = static_cast<std::size_t>(sound.seconds * rate);
  ThirdsOfOctaves room;
  for (int third = 0; third < kThirds; ++third)
    room.push_back(10.0 * std::log10(thirdHz(third)) +
                   sound.room_db_per_octave * std::log2(thirdHz(third) / 1000.0));
  std::vector<double> out = noiseOf(room, count, rate, gaussian);
  const double floor = std::pow(10.0, sound.room_dbfs / 20.0), hum = std::pow(10.0, sound.hum_dbfs / 20.0);
  // One round of the mains, again and again.
  std::vector<double> mains(static_cast<std::size_t>(std::lround(rate / 50.0)), 0.0);
  for (std::size_t n = 0; n < mains.size(); ++n)
    for (int k = 1; k <= 3; ++k)
      mains[n] += hum / k * std::sin(2.0 * std::numbers::pi * 50.0 * k * static_cast<double>(n) / rate + k);
  for (std::size_t n = 0; n < count; ++n) out[n] = out[n] * floor + mains[n % mains.size()];
  for (const Line& line : sound.lines) {
    const double phase = std::uniform_real_distribution(0.0, 6.28)(random);
    const double peak = std::sqrt(2.0) * std::pow(10.0, line.dbfs / 20.0);
    const std::complex<double> turn = std::polar(1.0, 2.0 * std::numbers::pi * line.hz / rate);
    std::complex<double> z = std::polar(peak, phase);
    for (std::size_t n = 0; n < count; ++n, z *= turn) {
      const double t = static_cast<double>(n) / rate;
      out[n] += z.imag() * (line.from_s < 0.0 ? 1.0 : smooth((t - line.from_s) / 0.2));
    }
  }
  for (const Breath& breath : sound.breaths) {
    ThirdsOfOctaves levels = throat(breath, random);
    for (int third = 0; third < kThirds; ++third)
      levels[static_cast<std::size_t>(third)] += sound.microphone->gain_db(thirdHz(third));
    const double from = breath.start_s - breath.rise_s, to = breath.end_s + breath.fall_s;
    const auto first = static_cast<std::size_t>(std::max(0.0, from) * rate);
    const auto last = std::min(count, static_cast<std::size_t>(to * rate));
    const std::vector<double> noise = noiseOf(levels, last - first, rate, gaussian);
    // Air that is blown at a microphone rumbles in it, in gusts.
    double gust = 0.0, slow = 0.0;
    const double loud = std::pow(10.0, breath.level_dbfs / 20.0);
    for (std::size_t n = first; n < last; ++n) {
      const double t = static_cast<double>(n) / rate;
      const double edge = smooth(0.5 + (t - breath.start_s) / (2.0 * breath.rise_s) * 1.0) *
                          smooth(0.5 + (breath.end_s - t) / (2.0 * breath.fall_s) * 1.0);
      const double share = std::clamp((t - breath.start_s) / (breath.end_s - breath.start_s), 0.0, 1.0);
      const double level = loud * edge * (breath.shape ? breath.shape(share) : 1.0);
      gust += 2.0 * std::numbers::pi * 60.0 / rate * (gaussian() - gust);
      slow += 2.0 * std::numbers::pi * 60.0 / rate * (gust - slow);
      const double wind = breath.way == Way::out ? 25.0 * sound.microphone->wind * slow : 0.0;
      out[n] += level * (noise[n - first] + wind);
    }
  }
  std::vector<float> samples(count);
  for (std::size_t n = 0; n < count; ++n) samples[n] = static_cast<float>(out[n]);
  return samples;
}

double airLevel_dbfs(const std::vector<float>& samples, double rate_hz, double from_s, double to_s) {
  // Four first-order edges each way are enough for a level.
  const double low = std::exp(-2.0 * std::numbers::pi * 8000.0 / rate_hz);
  const double high = std::exp(-2.0 * std::numbers::pi * 150.0 / rate_hz);
  double smoothed = 0.0, before = 0.0, passed = 0.0, power = 0.0;
  const auto first = static_cast<std::size_t>(from_s * rate_hz),
             last = static_cast<std::size_t>(to_s * rate_hz);
  for (std::size_t n = first; n < std::min(last, samples.size()); ++n) {
    smoothed += (1.0 - low) * (samples[n] - smoothed);
    passed = high * (passed + smoothed - before);
    before = smoothed;
    power += passed * passed;
  }
  return 10.0 * std::log10(power / static_cast<double>(last - first));
}

}  // namespace sounds
