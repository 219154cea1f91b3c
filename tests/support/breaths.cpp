#include "support/breaths.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdint>
#include <numbers>

namespace sounds {

namespace {

double thirdHz(int third) { return 50.0 * std::exp2(third / 3.0); }

/// A band-pass of constant peak gain (Robert Bristow-Johnson's cookbook), twice one after the other.
class BandPass {
 public:
  BandPass(double hz, double rate_hz) {
    const double w = 2.0 * std::numbers::pi * hz / rate_hz;
    const double alpha = std::sin(w) / (2.0 * 4.318);  // a third of an octave
    b_ = alpha / (1.0 + alpha);
    a1_ = -2.0 * std::cos(w) / (1.0 + alpha);
    a2_ = (1.0 - alpha) / (1.0 + alpha);
  }
  double operator()(double x) {
    for (auto& z : z_) {
      const double y = b_ * x + z[0];
      z[0] = z[1] - a1_ * y;
      z[1] = -b_ * x - a2_ * y;
      x = y;
    }
    return x;
  }

 private:
  double b_, a1_, a2_;
  std::array<std::array<double, 2>, 2> z_{};
};

/// White noise of variance 1 for a narrow band, which makes it normal: four even numbers added, of one draw
/// of SplitMix64 (Steele, Lea and Flood 2014).
class White {
 public:
  explicit White(std::mt19937& random) : state_((std::uint64_t{random()} << 32) | random()) {}
  double operator()() {
    std::uint64_t z = state_ += 0x9e3779b97f4a7c15;
    z = (z ^ (z >> 30)) * 0xbf58476d1ce4e5b9;
    z = (z ^ (z >> 27)) * 0x94d049bb133111eb;
    z ^= z >> 31;
    const auto sum = (z & 0xffff) + (z >> 16 & 0xffff) + (z >> 32 & 0xffff) + (z >> 48);
    return (static_cast<double>(sum) / 65536.0 - 2.0) * std::sqrt(3.0);
  }

 private:
  std::uint64_t state_;
};

/// Noise with levels by third octaves, its RMS from 150 Hz to 8 kHz made 1.
std::vector<double> noiseOf(const ThirdsOfOctaves& levels_db, std::size_t count, double rate_hz,
                            std::mt19937& random) {
  White white(random);
  std::vector<double> out(count, 0.0), part(count);
  double power = 0.0;
  for (int third = 0; third < kThirds; ++third) {
    const double hz = thirdHz(third);
    if (levels_db[static_cast<std::size_t>(third)] < -90.0 || hz > 0.45 * rate_hz) continue;
    BandPass band(hz, rate_hz);
    for (int n = 0; n < static_cast<int>(0.1 * rate_hz); ++n) band(white());
    double own = 0.0;
    for (double& x : part) {
      x = band(white());
      own += x * x;
    }
    const double wanted = std::pow(10.0, levels_db[static_cast<std::size_t>(third)] / 10.0);
    const double gain = std::sqrt(wanted * static_cast<double>(count) / own);
    for (std::size_t n = 0; n < count; ++n) out[n] += gain * part[n];
    if (hz > 150.0 && hz < 8000.0) power += wanted;
  }
  for (double& x : out) x /= std::sqrt(power);
  return out;
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
  std::normal_distribution<double> gaussian;
  const double rate = sound.rate_hz;
  const auto count = static_cast<std::size_t>(sound.seconds * rate);
  ThirdsOfOctaves room;
  for (int third = 0; third < kThirds; ++third)
    room.push_back(10.0 * std::log10(thirdHz(third)) +
                   sound.room_db_per_octave * std::log2(thirdHz(third) / 1000.0));
  std::vector<double> out = noiseOf(room, count, rate, random);
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
    for (std::size_t n = 0; n < count; ++n) {
      const double t = static_cast<double>(n) / rate;
      out[n] += peak * (line.from_s < 0.0 ? 1.0 : smooth((t - line.from_s) / 0.2)) *
                std::sin(2.0 * std::numbers::pi * line.hz * t + phase);
    }
  }
  for (const Breath& breath : sound.breaths) {
    ThirdsOfOctaves levels = throat(breath, random);
    for (int third = 0; third < kThirds; ++third)
      levels[static_cast<std::size_t>(third)] += sound.microphone->gain_db(thirdHz(third));
    const double from = breath.start_s - breath.rise_s, to = breath.end_s + breath.fall_s;
    const auto first = static_cast<std::size_t>(std::max(0.0, from) * rate);
    const auto last = std::min(count, static_cast<std::size_t>(to * rate));
    const std::vector<double> noise = noiseOf(levels, last - first, rate, random);
    // Air that is blown at a microphone rumbles in it, in gusts.
    double gust = 0.0, slow = 0.0;
    const double loud = std::pow(10.0, breath.level_dbfs / 20.0);
    for (std::size_t n = first; n < last; ++n) {
      const double t = static_cast<double>(n) / rate;
      const double edge = smooth(0.5 + (t - breath.start_s) / (2.0 * breath.rise_s) * 1.0) *
                          smooth(0.5 + (breath.end_s - t) / (2.0 * breath.fall_s) * 1.0);
      const double share = std::clamp((t - breath.start_s) / (breath.end_s - breath.start_s), 0.0, 1.0);
      const double level = loud * edge * (breath.shape ? breath.shape(share) : 1.0);
      gust += 2.0 * std::numbers::pi * 60.0 / rate * (gaussian(random) - gust);
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
