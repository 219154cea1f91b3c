#pragma once

// Takes of whole exercises, made without the stand-in: which sound was for which cue, and the figures of
// each.
#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <numbers>
#include <random>

#include "core/engine/analysis.h"
#include "core/exercise/accompaniment.h"
#include "core/exercise/context.h"
#include "core/exercise/cue_sheet.h"
#include "core/figures/figure.h"
#include "core/figures/findings.h"
#include "core/figures/matching.h"
#include "core/figures/reading.h"
#include "core/judging/history.h"
#include "core/judging/judging.h"
#include "core/judging/level.h"
#include "core/library/cards.h"
#include "core/measure/edges/dynamics.h"
#include "core/signal/tracker.h"
#include "core/standin/player.h"
#include "support/signals.h"

namespace calando {
// Of its own: other tests have helpers of these names, too.
inline namespace cues_fixture {

/// Tones and whatever else one after the other, over one soft room.
class Scene {
 public:
  Scene& rest(double seconds) {
    samples_.resize(samples_.size() + static_cast<std::size_t>(seconds * 48000.0), 0.0f);
    return *this;
  }
  Scene& play(int semitone, double seconds, double cents = 0.0, double rms = 0.1, int spectrum = 0) {
    append(sounds::tone(
        {.f0_hz = 440.0 * std::exp2((semitone - 69) / 12.0 + cents / 1200.0),
         .seconds = seconds,
         .spectrum = &sounds::spectra()[static_cast<std::size_t>(spectrum)],
         .rms = rms,
         .amplitude = [seconds](double t) { return std::clamp(std::min(t, seconds - t) / 0.03, 0.0, 1.0); },
         .floor_rms = 0.0}));
    return *this;
  }
  /// Something spoken: a pitch that falls all the while, in short bits.
  Scene& speak() {
    for (const double f0 : {160.0, 140.0, 120.0}) {
      append(sounds::tone({.f0_hz = f0,
                           .seconds = 0.16,
                           .rms = 0.05,
                           .cents = [](double t) { return -3000.0 * t; },
                           .amplitude = [](double t) { return std::sin(std::numbers::pi * t / 0.16); },
                           .floor_rms = 0.0}));
      rest(0.2);
    }
    return *this;
  }
  /// Something else that is heard from the start on.
  Scene& add(const std::vector<float>& other, float gain) {
    for (std::size_t n = 0; n < std::min(samples_.size(), other.size()); ++n) samples_[n] += gain * other[n];
    return *this;
  }
  Analysis analysed(const Context& context) const {
    std::vector<float> x = samples_;
    const auto room = sounds::noise(static_cast<double>(x.size()) / 48000.0, 1e-4);
    for (std::size_t n = 0; n < std::min(x.size(), room.size()); ++n) x[n] += room[n];
    return analyse(x, 48000, context);
  }

  const std::vector<float>& samples() const { return samples_; }

 private:
  void append(const std::vector<float>& more) { samples_.insert(samples_.end(), more.begin(), more.end()); }
  std::vector<float> samples_;
};

inline Context contextOf(const char* exercise, int home) {
  Context context;
  context.exercise = findExercise(exercise);
  context.level = findLevel("growing");
  context.asked = {home};
  return context;
}

constexpr int kScale[] = {60, 62, 64, 65, 67, 69, 71, 72};

inline std::vector<CueResult> sounding(const Analysis& analysis) {
  std::vector<CueResult> rows;
  for (const CueResult& cue : analysis.cues)
    if (cue.asksForSound()) rows.push_back(cue);
  return rows;
}

inline double value(const Analysis& analysis, std::string_view id) {
  const auto r = std::ranges::find(analysis.readings, id, &Reading::id);
  return r == analysis.readings.end() || !r->value ? NAN : *r->value;
}

}  // namespace cues_fixture
}  // namespace calando
