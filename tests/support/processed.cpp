#include "support/processed.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/maths/fft.h"

namespace sounds {

namespace {

double amplitude(double db) { return std::pow(10.0, db / 20.0); }

}  // namespace

std::vector<float> gated(const std::vector<float>& samples, double rate_hz, const Gate& gate) {
  std::vector<float> out;
  double power = 0.0, gain = amplitude(gate.closed_db), open_s = 0.0;
  const double smooth = 1.0 / (0.01 * rate_hz), release = 1.0 / (gate.release_s * rate_hz),
               attack = 1.0 / (0.003 * rate_hz);
  for (const float x : samples) {
    power += smooth * (static_cast<double>(x) * x - power);
    open_s = power > std::pow(amplitude(gate.threshold_dbfs), 2.0) ? gate.hold_s : open_s - 1.0 / rate_hz;
    const double wanted = open_s > 0.0 ? 1.0 : amplitude(gate.closed_db);
    gain += (wanted > gain ? attack : release) * (wanted - gain);
    out.push_back(static_cast<float>(gain * x));
  }
  return out;
}

std::vector<float> levelled(const std::vector<float>& samples, double rate_hz, const AutomaticGain& how) {
  std::vector<float> out;
  double gain_db = how.most_db, power = 0.0;
  const double smooth = 1.0 / (0.03 * rate_hz);
  for (const float x : samples) {
    power += smooth * (static_cast<double>(x) * x - power);
    const double wanted = std::min(how.most_db, how.wanted_dbfs - 10.0 * std::log10(power + 1e-12));
    gain_db += (wanted - gain_db) / ((wanted < gain_db ? how.attack_s : how.release_s) * rate_hz);
    out.push_back(static_cast<float>(amplitude(gain_db) * x));
  }
  return out;
}

std::vector<float> subtracted(const std::vector<float>& samples, double rate_hz, const Subtraction& how) {
  const std::size_t size = rate_hz > 30000.0 ? 1024 : 512, hop = size / 2;
  std::vector<double> window, noise(size / 2 + 1, 0.0), out(samples.size() + size, 0.0);
  for (std::size_t n = 0; n < size; ++n)
    window.push_back(std::sin(std::numbers::pi * (static_cast<double>(n) + 0.5) / static_cast<double>(size)));
  const auto learnt = static_cast<std::size_t>(0.5 * rate_hz) / hop;
  calando::RealFft fft(size);
  for (const bool learns : {true, false})
    for (std::size_t frame = 0; frame * hop + size <= samples.size() && (!learns || frame < learnt);
         ++frame) {
      for (std::size_t n = 0; n < size; ++n)
        fft.time()[n] = static_cast<float>(window[n] * samples[frame * hop + n]);
      fft.forward();
      for (std::size_t k = 0; k < noise.size(); ++k) {
        const double strength = std::abs(fft.spectrum()[k]);
        if (learns)
          noise[k] += strength / static_cast<double>(learnt);
        else
          fft.spectrum()[k] *= static_cast<float>(
              std::max(amplitude(how.floor_db), 1.0 - how.times * noise[k] / (strength + 1e-12)));
      }
      if (learns) continue;
      fft.inverse();
      for (std::size_t n = 0; n < size; ++n)
        out[frame * hop + n] += window[n] * fft.time()[n] / static_cast<double>(size);
    }
  return {out.begin(), out.begin() + static_cast<std::ptrdiff_t>(samples.size())};
}

}  // namespace sounds
