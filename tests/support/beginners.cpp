#include "support/beginners.h"

#include <cmath>
#include <numbers>

namespace sounds {

namespace {
constexpr double kTau = 2.0 * std::numbers::pi;
constexpr int kLines = 48;
constexpr double kRate = 48000.0;
}  // namespace

RandomTrack RandomTrack::around(std::mt19937& random, double centre_hz, double spread_hz, double sd) {
  std::normal_distribution<double> rate(centre_hz, spread_hz);
  std::uniform_real_distribution<double> phase(0.0, kTau);
  RandomTrack track;
  for (int i = 0; i < kLines; ++i) track.lines_.push_back({std::abs(rate(random)), phase(random)});
  track.gain_ = sd * std::sqrt(2.0 / kLines);
  return track;
}

RandomTrack RandomTrack::between(std::mt19937& random, double low_hz, double high_hz, double sd) {
  std::uniform_real_distribution<double> rate(low_hz, high_hz), phase(0.0, kTau);
  RandomTrack track;
  for (int i = 0; i < kLines; ++i) track.lines_.push_back({rate(random), phase(random)});
  track.gain_ = sd * std::sqrt(2.0 / kLines);
  return track;
}

double RandomTrack::operator()(double t) const {
  double sum = 0.0;
  for (const Line& line : lines_) sum += std::cos(kTau * line.rate_hz * t + line.phase);
  return gain_ * sum;
}

std::vector<float> beginner(const Beginner& spec) {
  std::mt19937 random(spec.seed);
  std::normal_distribution<double> gaussian;
  std::uniform_real_distribution<double> phase(0.0, kTau), formant(1.5, 6.0), tilt(0.8, 1.6);
  const int partials = std::clamp(static_cast<int>(9000.0 / spec.f0_hz), 1, 20);
  const double peak = formant(random), slope = tilt(random);
  std::vector<double> strength, start;
  double power = 0.0;
  for (int k = 1; k <= partials; ++k) {
    strength.push_back(std::pow(k, -slope) + 0.3 * std::exp(-std::pow(std::log2(k / peak), 2)));
    start.push_back(phase(random));
    power += strength.back() * strength.back() / 2.0;
  }
  constexpr double kRms = 0.1, kRoom = 8e-4;  // the room is 42 dB below the tone
  const double gain = kRms / std::sqrt(power);
  // White noise up to 24 kHz; what counts is what lies below 10 kHz.
  const double noise = kRms * std::pow(10.0, -spec.hnr_db / 20.0) * std::sqrt(2.4);
  const double edge = spec.start_s();
  std::vector<float> out(static_cast<std::size_t>((2.0 * edge + spec.seconds) * kRate));
  double turn = 0.0, pitch = 0.0, level = 1.0;
  for (std::size_t n = 0; n < out.size(); ++n) {
    const double t = static_cast<double>(n) / kRate - edge;
    double y = kRoom * gaussian(random);
    if (t >= 0.0 && t < spec.seconds) {
      if (n % 16 == 0) {  // 3 kHz: far above what moves
        pitch = spec.cents ? spec.cents(t) : 0.0;
        level = spec.level_db ? std::pow(10.0, spec.level_db(t) / 20.0) : 1.0;
      }
      const double inside = std::min({1.0, t / spec.ramp_s, (spec.seconds - t) / spec.ramp_s});
      const double shape = level * 0.5 * (1.0 - std::cos(std::numbers::pi * inside));
      double sum = 0.0;
      for (int k = 0; k < partials; ++k)
        sum += strength[static_cast<std::size_t>(k)] *
               std::sin((k + 1) * turn + start[static_cast<std::size_t>(k)]);
      y += shape * (gain * sum + noise * gaussian(random));
      turn += kTau * spec.f0_hz * std::exp2(pitch / 1200.0) / kRate;
    }
    out[n] = static_cast<float>(y);
  }
  return out;
}

}  // namespace sounds
