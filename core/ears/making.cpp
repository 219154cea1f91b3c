#include "core/ears/making.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <random>

#include "core/ears/place.h"
#include "core/standin/random.h"

namespace calando {

namespace {

constexpr double kEnds_s = 0.025;
constexpr double kAir_db = -28.0;  // before a late tone, under it
constexpr double kWhole = 0.999;   // of a tone that is all there

double amountOf(Change change, const Changed& changed) {
  return changed.change == change ? changed.amount : 0.0;
}

/// Partials and what is left, apart: the one may be changed without the other.
struct Layers {
  std::vector<float> tones, rest;
};

/// Their pitch moved by so many cents beside what the change does with it.
Layers layersOf(const Material& m, const Changed& changed, double moved_cents) {
  std::vector<float> strengths(m.partials());
  for (std::size_t k = 0; k < strengths.size(); ++k)
    strengths[k] = static_cast<float>(
        standin::fromDecibels(-amountOf(Change::dull, changed) * std::log2(static_cast<double>(k + 1))));
  const double crackle = changed.change == Change::crackle && changed.amount > 0.0
                             ? standin::fromDecibels(kNoCrackle_db + changed.amount)
                             : 0.0;
  const ChangeCourse course(changed);
  // A second tone is far off: it moves by phase alone.
  const bool goesAlong = course.moves(), moves = goesAlong || moved_cents != 0.0;
  Layers layers{std::vector<float>(m.size()), std::vector<float>(m.size())};
  Place place(m);
  double ahead = 0.0;  // turns
  for (std::size_t i = 0; i < m.size(); ++i) {
    const std::size_t n = m.lead + i;
    const double turn = m.turns[n] + ahead;
    if (goesAlong) place.moveTo(turn);
    layers.tones[i] = m.partialsAt(goesAlong ? place.nearest() : n, turn, strengths) *
                      static_cast<float>(1.0 + crackle * std::cos(std::numbers::pi * turn));
    layers.rest[i] = goesAlong ? place.rest() : m.rest[n];
    if (moves && n + 1 < m.turns.size())
      ahead += (m.turns[n + 1] - m.turns[n]) *
               (std::exp2((course.cents(static_cast<double>(i) / m.rate_hz) + moved_cents) / 1200.0) - 1.0);
  }
  return layers;
}

double rmsOf(std::span<const float> sound) {
  double power = 0.0;
  for (const float x : sound) power += static_cast<double>(x) * x;
  return std::sqrt(power / static_cast<double>(std::max<std::size_t>(1, sound.size())));
}

/// One loudness for all, over the tone alone: ends, a break, air and what comes after a fade's beginning are
/// not in it.
double gainFor(std::span<const float> sound, double rate_hz, const ChangeCourse& course, Change change) {
  const double over_s = static_cast<double>(sound.size()) / rate_hz;
  double power = 0.0, count = 0.0;
  for (std::size_t n = 0; n < sound.size(); ++n) {
    const double t = static_cast<double>(n) / rate_hz;
    if (t < kEnds_s || t > over_s - kEnds_s || course.there(t) < kWhole ||
        (change == Change::fade && t > 0.5 * kMade_s))
      continue;
    power += static_cast<double>(sound[n]) * sound[n];
    count += 1.0;
  }
  return kMade_rms / std::sqrt(power / std::max(1.0, count) + 1e-20);
}

/// Before a late tone there is air.
void addAir(std::vector<float>& sound, double rate_hz, const ChangeCourse& course, std::uint32_t seed) {
  std::mt19937 random(seed);
  standin::BreathNoise breath(rate_hz);
  const double rms = kMade_rms * standin::fromDecibels(kAir_db);
  for (std::size_t n = 0; n < sound.size(); ++n) {
    const double there = course.there(static_cast<double>(n) / rate_hz);
    if (there >= 1.0) return;
    sound[n] += static_cast<float>(rms * breath.next(random) * (1.0 - there));
  }
}

}  // namespace

std::vector<float> made(const Material& material, const Changed& changed) {
  Layers layers = layersOf(material, changed, 0.0);
  if (isOfTwo(changed.change)) {
    const Layers second = layersOf(material, changed, secondOver(changed, material.hz));
    for (std::size_t n = 0; n < layers.tones.size(); ++n) layers.tones[n] += second.tones[n];
  }
  // As loud under the tones as it was, whatever became of these; or what fuzz asks for.
  const double noise =
      standin::fromDecibels(amountOf(Change::fuzz, changed)) * rmsOf(layers.tones) / material.tones_rms;
  const ChangeCourse course(changed);
  const auto timeOf = [&](std::size_t n) { return static_cast<double>(n) / material.rate_hz; };
  std::vector<float> sound(static_cast<std::size_t>(static_cast<double>(material.size()) *
                                                    (1.0 - amountOf(Change::shorter, changed) / 100.0)));
  for (std::size_t n = 0; n < sound.size(); ++n) {
    const double there = course.there(timeOf(n)), loud = standin::fromDecibels(course.decibels(timeOf(n)));
    // Air goes on under a tone that has not spoken yet, not in a break.
    const double air = changed.change == Change::late ? 1.0 : there;
    sound[n] = static_cast<float>(loud * (there * layers.tones[n] + air * noise * layers.rest[n]));
  }
  const double gain = gainFor(sound, material.rate_hz, course, changed.change);
  for (float& x : sound) x *= static_cast<float>(gain);
  if (changed.change == Change::late) addAir(sound, material.rate_hz, course, changed.seed);
  for (std::size_t n = 0; n < sound.size(); ++n)
    sound[n] *= static_cast<float>(standin::smoothStep(timeOf(n) / kEnds_s) *
                                   standin::smoothStep((timeOf(sound.size()) - timeOf(n)) / kEnds_s));
  return sound;
}

}  // namespace calando
