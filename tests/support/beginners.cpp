#include "support/beginners.h"

#include <cmath>
#include <numbers>

#include "core/maths/fft.h"
#include "support/partials.h"

namespace sounds {

namespace {
constexpr double kTau = 2.0 * std::numbers::pi;
constexpr int kLines = 48;
constexpr double kRate = 48000.0;
constexpr double kKnots_s = 0.0005;  // of 10 Hz, Hermite’s cubics between them stray by 3e-9 of a line
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

Knot RandomTrack::knotAt(double t) const {
  Knot knot{0.0, 0.0};
  for (const Line& line : lines_) {
    const double turn = kTau * line.rate_hz * t + line.phase;
    knot.value += gain_ * std::cos(turn);
    knot.slope -= gain_ * kTau * line.rate_hz * std::sin(turn);
  }
  return knot;
}

double RandomTrack::operator()(double t) const {
  if (t < 0.0) return knotAt(t).value;
  const auto whole = static_cast<std::size_t>(t / kKnots_s);
  while (knots_.size() < whole + 2) knots_.push_back(knotAt(static_cast<double>(knots_.size()) * kKnots_s));
  const double x = t / kKnots_s - static_cast<double>(whole);
  return sounds::between(knots_[whole], knots_[whole + 1], kKnots_s, x);
}

std::vector<double> bandNoise(std::mt19937& random, std::size_t length, double low_hz, double high_hz) {
  std::normal_distribution<double> gaussian;
  std::size_t size = 1;
  while (size < length) size *= 2;
  calando::RealFft fft(size);
  for (float& x : fft.time()) x = static_cast<float>(gaussian(random));
  fft.forward();
  std::size_t kept = 0;
  for (std::size_t b = 0; b < fft.spectrum().size(); ++b) {
    const double hz = static_cast<double>(b) * kRate / static_cast<double>(size);
    if (hz < low_hz || hz > high_hz)
      fft.spectrum()[b] = 0.0f;
    else
      ++kept;
  }
  fft.inverse();
  const double gain = std::sqrt(static_cast<double>(fft.spectrum().size()) / static_cast<double>(kept)) /
                      static_cast<double>(size);
  std::vector<double> noise(length);
  for (std::size_t n = 0; n < length; ++n) noise[n] = gain * static_cast<double>(fft.time()[n]);
  return noise;
}

std::vector<float> beginner(const Beginner& spec) {
  std::mt19937 random(spec.seed);
  std::normal_distribution<double> gaussian;
  std::uniform_real_distribution<double> phase(0.0, kTau), formant(1.5, 6.0), tilt(0.8, 1.6);
  struct Line {  // between two partials
    double number, strength, start;
  };
  const int partials = std::clamp(static_cast<int>(9000.0 / spec.f0_hz), 1, 20);
  const double peak = formant(random), slope = tilt(random);
  Partials tones;
  std::vector<double> strengths;
  std::vector<Line> lines;
  double power = 0.0;
  for (int k = 1; k <= partials; ++k) {
    const double strength = std::pow(k, -slope) + 0.3 * std::exp(-std::pow(std::log2(k / peak), 2));
    tones.add(strength, phase(random));
    strengths.push_back(strength);
    power += strength * strength / 2.0;
  }
  if (spec.crackle_db > -200.0)
    for (std::size_t k = 0; k + 1 < std::min<std::size_t>(strengths.size(), 11); ++k) {
      const double beside = std::sqrt(strengths[k] * strengths[k + 1]);
      const double strength = beside * std::pow(10.0, spec.crackle_db / 20.0);
      const double number = static_cast<double>(k + 1);
      lines.push_back({number + spec.crackleAt, strength, phase(random)});
      if (spec.crackleAt != 0.5) lines.push_back({number + 1.0 - spec.crackleAt, strength, phase(random)});
    }
  constexpr double kRms = 0.1;
  const double room = std::pow(10.0, spec.room_dbfs / 20.0);
  const double gain = kRms / std::sqrt(power);
  const double edge = spec.start_s();
  const double whole = spec.seconds + spec.tail_s;
  std::vector<float> out(static_cast<std::size_t>((2.0 * edge + whole) * kRate));
  const std::vector<double> hiss = bandNoise(random, out.size(), spec.noiseLow_hz, spec.noiseHigh_hz);
  const double counted =
      (std::min(10000.0, spec.noiseHigh_hz) - spec.noiseLow_hz) / (spec.noiseHigh_hz - spec.noiseLow_hz);
  const double noise = kRms * std::pow(10.0, -spec.hnr_db / 20.0) / std::sqrt(counted);
  const double tail = std::pow(10.0, spec.tail_db / 20.0);
  double turn = 0.0, pitch = 0.0, level = 1.0, stretch = 1.0, period = 0.0;
  for (std::size_t n = 0; n < out.size(); ++n) {
    const double t = static_cast<double>(n) / kRate - edge;
    double y = room * gaussian(random);
    if (t >= 0.0 && t < whole) {
      if (n % 16 == 0) {  // 3 kHz: far above what moves
        pitch = spec.cents ? spec.cents(t) : 0.0;
        level = spec.level_db ? std::pow(10.0, spec.level_db(t) / 20.0) : 1.0;
      }
      const double inside = std::clamp(std::min(t, spec.seconds - t) / spec.ramp_s, 0.0, 1.0);
      const double shape = level * 0.5 * (1.0 - std::cos(std::numbers::pi * inside));
      double sum = tones.at(turn);
      for (const Line& line : lines) sum += line.strength * std::sin(line.number * turn + line.start);
      y += shape * (gain * sum + noise * hiss[n]);
      if (t > spec.seconds - spec.ramp_s && spec.tail_s > 0.0)
        y += (1.0 - shape) * tail * (gain * sum + kRms * hiss[n]);
      turn += stretch * kTau * spec.f0_hz * std::exp2(pitch / 1200.0) / kRate;
      if (spec.jitter_percent > 0.0 && turn >= period + kTau) {
        // Of independent lengths with a deviation s, neighbours differ by 2 s / √π in the mean.
        period += kTau;
        stretch =
            1.0 / (1.0 + spec.jitter_percent / 100.0 * std::sqrt(std::numbers::pi) / 2.0 * gaussian(random));
      }
    }
    out[n] = static_cast<float>(y);
  }
  return out;
}

std::vector<float> inRoom(Beginner spec, double rt60_s, double under_db) {
  const double background = std::pow(10.0, spec.room_dbfs / 20.0);
  spec.room_dbfs = -200.0;
  const std::vector<float> dry = beginner(spec);
  std::mt19937 random(spec.seed + 1);
  std::normal_distribution<double> gaussian;
  constexpr double kPredelay_s = 0.004;
  const auto length = static_cast<std::size_t>(rt60_s * kRate);
  std::size_t size = 1;
  while (size < dry.size() + length) size *= 2;
  calando::RealFft sound(size), room(size);
  std::ranges::copy(dry, sound.time().begin());
  std::fill(sound.time().begin() + static_cast<std::ptrdiff_t>(dry.size()), sound.time().end(), 0.0f);
  std::ranges::fill(room.time(), 0.0f);
  double energy = 0.0;
  for (auto n = static_cast<std::size_t>(kPredelay_s * kRate); n < length; ++n) {
    const double t = static_cast<double>(n) / kRate;
    room.time()[n] = static_cast<float>(gaussian(random) * std::pow(10.0, -3.0 * t / rt60_s));
    energy += room.time()[n] * room.time()[n];
  }
  const auto gain = static_cast<float>(std::pow(10.0, -under_db / 20.0) / std::sqrt(energy));
  for (float& x : room.time()) x *= gain;
  room.time()[0] += 1.0f;
  sound.forward();
  room.forward();
  for (std::size_t b = 0; b < sound.spectrum().size(); ++b) sound.spectrum()[b] *= room.spectrum()[b];
  sound.inverse();
  std::vector<float> wet(dry.size() + length);
  for (std::size_t n = 0; n < wet.size(); ++n)
    wet[n] = static_cast<float>(sound.time()[n] / static_cast<double>(size) + background * gaussian(random));
  return wet;
}

}  // namespace sounds
