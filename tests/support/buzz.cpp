#include "support/buzz.h"

#include <cmath>
#include <numbers>

#include "support/beginners.h"
#include "support/partials.h"

namespace sounds {

namespace {

constexpr double kTau = 2.0 * std::numbers::pi;
constexpr double kRate = 48000.0;
constexpr double kRelease_s = 0.04;

double amplitudeOf(double db) { return std::pow(10.0, db / 20.0); }
double raised(double x) { return 0.5 * (1.0 - std::cos(std::numbers::pi * std::clamp(x, 0.0, 1.0))); }

/// 1 while it sounds, of a time since the moment it is at half.
double soundAt(const Buzz& spec, double t) {
  double a = raised(0.5 + t / spec.rise_s) * raised(0.5 + (spec.seconds - t) / kRelease_s);
  for (const BuzzBreak& b : spec.breaks)
    a *= 1.0 -
         raised(0.5 + (t - b.at_s) / spec.edge_s) * raised(0.5 + (b.at_s + b.length_s - t) / spec.edge_s);
  return a;
}

/// The same of the air: there before the sound, and in breaks where it goes on.
double airAt(const Buzz& spec, double t) {
  double a = soundAt(spec, t);
  for (const BuzzBreak& b : spec.breaks)
    if (b.air) a = std::max(a, t > b.at_s - spec.edge_s && t < b.at_s + b.length_s + spec.edge_s ? 1.0 : 0.0);
  if (spec.airBefore_s > 0.0 && t > -spec.airBefore_s && t < spec.rise_s)
    a = std::max(a, amplitudeOf(spec.air_db) * raised((t + spec.airBefore_s) / 0.02));
  return a;
}

}  // namespace

BuzzSound buzz(const Buzz& spec) {
  std::mt19937 random(spec.seed);
  std::normal_distribution<double> gaussian;
  std::uniform_real_distribution<double> phase(0.0, kTau);
  const double lead = spec.before_s + spec.airBefore_s;
  BuzzSound sound;
  sound.start_s = lead;
  sound.end_s = lead + spec.seconds;
  sound.samples.resize(static_cast<std::size_t>((lead + spec.seconds + spec.after_s) * kRate));
  const auto hiss = bandNoise(random, sound.samples.size(), spec.noiseLow_hz, spec.noiseHigh_hz);
  const double room = amplitudeOf(spec.room_dbfs), level = amplitudeOf(spec.level_dbfs);
  const double noise = level * amplitudeOf(-spec.hnr_db);
  Partials tones;
  const int most = std::max(2, static_cast<int>(spec.top_hz / spec.f0_hz));
  double power = 0.0;
  for (int k = 1; k <= most; ++k) {
    const double strength = amplitudeOf(spec.tilt_db_per_octave * std::log2(k));
    tones.add(strength, phase(random));
    power += strength * strength / 2.0;
  }
  // Of independent lengths with a deviation s, neighbours differ by 2 s / √π in the mean.
  const double stray = spec.jitter_percent / 100.0 * std::sqrt(std::numbers::pi) / 2.0;
  double turn = 0.0, stretch = 1.0, loud = 1.0, cents = 0.0;
  long period = -1;
  double first_s = 0.0, last_s = 0.0;
  long counted = 0;
  for (std::size_t n = 0; n < sound.samples.size(); ++n) {
    const double t = static_cast<double>(n) / kRate - lead;
    double y = room * gaussian(random) + noise * airAt(spec, t) * hiss[n];
    if (t > -spec.rise_s && t < spec.seconds + kRelease_s) {
      if (n % 16 == 0) cents = spec.cents ? spec.cents(t) : 0.0;
      if (static_cast<long>(turn / kTau) != period) {
        period = static_cast<long>(turn / kTau);
        stretch = std::max(0.5, 1.0 + stray * gaussian(random));
        loud =
            amplitudeOf(spec.shimmer_db * gaussian(random)) * (period % 2 == 1 ? 1.0 - spec.everyOther : 1.0);
        if (t > 0.0 && t < spec.seconds) {
          if (counted++ == 0) first_s = t;
          last_s = t;
        }
      }
      y += level * loud * soundAt(spec, t) * tones.at(turn) / std::sqrt(power);
      turn += kTau * spec.f0_hz * std::exp2(cents / 1200.0) / (stretch * kRate);
    }
    sound.samples[n] = static_cast<float>(y);
  }
  if (counted > 1) sound.mean_hz = static_cast<double>(counted - 1) / (last_s - first_s);
  return sound;
}

}  // namespace sounds
