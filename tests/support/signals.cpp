#include "support/signals.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "support/partials.h"

namespace sounds {

const std::vector<Spectrum>& spectra() {
  static const std::vector<Spectrum> all = {
      {"falling", [](int k) { return 1.0 / k; }},
      {"odd", [](int k) { return k % 2 == 1 ? 1.0 / k : 0.01 / k; }},
      {"formant", [](int k) { return std::exp(-0.5 * std::pow(std::log2(k / 4.0) / 0.8, 2)); }},
      {"nearly a sine", [](int k) { return k == 1 ? 1.0 : 0.1 / (k * k); }},
  };
  return all;
}

std::vector<float> tone(const ToneSpec& spec) {
  std::mt19937 random(spec.seed);
  std::normal_distribution<double> gaussian;
  std::uniform_real_distribution<double> anyPhase(0.0, 2.0 * std::numbers::pi);
  const int partials = std::max(1, std::min(40, static_cast<int>(0.45 * spec.rate_hz / spec.f0_hz)));
  Partials sum;
  double power = 0.0;
  for (int k = 1; k <= partials; ++k) {
    const double strength = spec.spectrum->strength(k);
    sum.add(strength, anyPhase(random));
    power += strength * strength / 2.0;
  }
  const double gain = spec.rms / std::sqrt(power);
  const double floor = spec.floor_rms >= 0.0 ? spec.floor_rms : spec.rms / std::pow(10.0, spec.snr_db / 20.0);
  const auto count = static_cast<std::size_t>((spec.before_s + spec.seconds + spec.after_s) * spec.rate_hz);
  std::vector<float> out(count);
  const double still = 2.0 * std::numbers::pi * spec.f0_hz / spec.rate_hz;
  double turn = 0.0;
  for (std::size_t n = 0; n < count; ++n) {
    const double t = static_cast<double>(n) / spec.rate_hz - spec.before_s;
    double y = floor * gaussian(random);
    if (t >= 0.0 && t < spec.seconds) {
      const double level = spec.amplitude ? spec.amplitude(t) : 1.0;
      y += gain * level * sum.at(turn);
      turn += spec.cents ? still * std::exp2(spec.cents(t) / 1200.0) : still;
    }
    out[n] = static_cast<float>(y);
  }
  return out;
}

std::vector<float> noise(double seconds, double rms, double rate_hz, unsigned seed) {
  std::mt19937 random(seed);
  std::normal_distribution<double> gaussian(0.0, rms);
  std::vector<float> out(static_cast<std::size_t>(seconds * rate_hz));
  for (float& x : out) x = static_cast<float>(gaussian(random));
  return out;
}

double cents(double from_hz, double to_hz) { return 1200.0 * std::log2(to_hz / from_hz); }

double quantileOfSizes(std::vector<double> values, double q) {
  for (double& v : values) v = std::abs(v);
  std::sort(values.begin(), values.end());
  return values[static_cast<std::size_t>(q * static_cast<double>(values.size() - 1))];
}

}  // namespace sounds
