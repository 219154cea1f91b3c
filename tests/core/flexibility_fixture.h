#pragma once

// Slurs, bends, steps and partials: made sounds, random in every dimension, their truth known by
// construction.
#include <gtest/gtest.h>

#include <array>
#include <map>
#include <numbers>

#include "core/engine/analysis.h"
#include "core/exercise/context.h"
#include "core/exercise/cue_sheet.h"
#include "core/judging/fingerings.h"
#include "core/judging/level.h"
#include "core/judging/reach_map.h"
#include "core/library/cards.h"
#include "core/measure/pitch/bend.h"
#include "core/signal/tracker.h"
#include "core/standin/performance.h"
#include "core/standin/player.h"
#include "support/dice.h"
#include "support/signals.h"

namespace calando {
// Of its own: other tests have helpers of these names, too.
inline namespace flexibility_fixture {

using sounds::Dice;
using sounds::expectWithin;

constexpr double kRate_hz = 48000.0;
constexpr double kBefore_s = 0.3;

inline const sounds::Spectrum& anySpectrum(Dice& dice) {
  return sounds::spectra()[static_cast<std::size_t>(
      dice.whole(0, static_cast<int>(sounds::spectra().size()) - 1))];
}

/// 0 to 1 over so many seconds about `middle_s`, straight or rounded.
inline std::function<double(double)> way(double middle_s, double length_s, bool rounded) {
  return [=](double t) {
    const double x = std::clamp((t - middle_s) / length_s + 0.5, 0.0, 1.0);
    return rounded ? 0.5 - 0.5 * std::cos(std::numbers::pi * x) : x;
  };
}

inline double edges(double t, double seconds) {
  return std::clamp(std::min(t, seconds - t) / 0.03, 0.0, 1.0);
}

inline Analysis playedBy(const char* player, const char* card, unsigned seed,
                         const char* instrument = "horn-f") {
  Context context;
  context.instrument = findInstrument(instrument);
  context.exercise = findExercise(card);
  context.level = findLevel("growing");
  const Performance played = perform(*findPlayer(player), unroll(context), context, seed);
  context.start_s = played.truth.cues.front().start_s;
  return analyse(played.samples, played.rate_hz, context);
}

inline double reading(const Analysis& analysis, std::string_view id) {
  for (const Reading& r : analysis.readings)
    if (r.id() == id) return r.value.value_or(std::nan(""));
  return std::nan("");
}

/// Two notes and what is between them: a way of the pitch, with the level sinking or swelling in it, or a
/// gap.
struct Slur {
  sounds::ToneSpec spec;
  double middle_s, length_s, interval_cents;
  bool gap;
  double dip_db, bump_db;

  explicit Slur(unsigned seed) {
    Dice dice(seed);
    spec.f0_hz = 116.0 * std::exp2(dice(0.0, 3.0));
    interval_cents = 100.0 * dice.whole(2, 9) * (dice.chance(0.5) && spec.f0_hz > 200.0 ? -1.0 : 1.0);
    gap = dice.chance(0.3);
    length_s = gap ? dice(0.02, 0.12) : dice(0.02, 0.25);
    middle_s = dice(0.8, 1.2);
    spec.seconds = 2.0;
    spec.snr_db = dice(25.0, 50.0);
    spec.before_s = spec.after_s = kBefore_s;
    // A weak fundamental that travels an octave in a tenth of a second is told by nobody.
    spec.spectrum = &sounds::spectra()[static_cast<std::size_t>(dice.chance(0.5) ? 0 : 3)];
    spec.seed = seed;
    // As long as it is from ±30 cents to ±30 cents.
    const bool rounded = dice.chance(0.5);
    const double out = 30.0 / std::abs(interval_cents);
    const double whole = gap       ? 5e-4
                         : rounded ? length_s / (1.0 - 2.0 * std::acos(1.0 - 2.0 * out) / std::numbers::pi)
                                   : length_s / (1.0 - 2.0 * out);
    const double over = std::max(whole, 0.03), depth_db = gap ? 0.0 : dice(-16.0, 5.0);
    const double ramp_s = dice(0.004, 0.02), middle = middle_s, cents = interval_cents,
                 inside = length_s / 2.0;
    spec.cents = [=, go = way(middle, whole, rounded)](double t) { return cents * go(t); };
    const bool silent = gap;
    spec.amplitude = [=](double t) {
      const double x = std::clamp((t - middle) / over + 0.5, 0.0, 1.0);
      const double open = silent ? std::clamp((std::abs(t - middle) - inside) / ramp_s + 0.1, 0.0, 1.0) : 1.0;
      return edges(t, 2.0) * open *
             std::pow(10.0, depth_db * 0.5 * (1.0 - std::cos(2.0 * std::numbers::pi * x)) / 20.0);
    };
    const auto level = [&](double t) {
      double sum = 0.0;
      for (int i = -50; i < 50; ++i) sum += std::pow(spec.amplitude(t + 0.0005 * i), 2.0);
      return 10.0 * std::log10(sum / 100.0 + 1e-12);
    };
    double low = 0.0, high = 0.0;
    for (double t = middle - length_s / 2.0; t <= middle + length_s / 2.0; t += 0.001) {
      low = std::min(low, level(t));
      high = std::max(high, level(t));
    }
    dip_db = low;
    bump_db = high;
  }
};

}  // namespace flexibility_fixture
}  // namespace calando
