// What one breath of a beginner's is: a note that drifts, tries before it, a way up or down.
#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>

#include "core/engine/analysis.h"
#include "core/exercise/context.h"
#include "core/figures/findings.h"
#include "core/judging/level.h"
#include "core/library/cards.h"
#include "support/beginners.h"
#include "support/dice.h"

namespace calando {
namespace {

constexpr double kRate_hz = 48000.0;

Context oneToneAsked() {
  Context context;
  context.exercise = findExercise("steady-tone");
  context.level = findLevel("starting");
  return context;
}

/// That share of many sounds, less one that may be chance. `isRight(dice, seed)` makes one and hears it.
template <class IsRight>
void expectRight(double share, unsigned family, IsRight isRight) {
  const int wanted = static_cast<int>(sounds::howMany(15));
  int right = 0;
  for (int i = 0; i < wanted; ++i) {
    const unsigned seed = 1000u * sounds::firstSeed() + static_cast<unsigned>(i);
    sounds::Dice dice(seed + family);
    right += isRight(dice, seed);
  }
  EXPECT_GE(right, static_cast<int>(std::floor(share * wanted)) - 1) << right << " of " << wanted;
}

double figure(const Analysis& analysis, const char* id) {
  for (const auto& list : {analysis.readings, analysis.aside})
    for (const Reading& reading : list)
      if (reading.id() == id) return reading.value.value_or(-1.0);
  return -1.0;
}

TEST(OneToneAsked, DriftsAsOneNoteWhateverItsName) {
  expectRight(0.97, 0, [&](sounds::Dice& dice, [[maybe_unused]] unsigned seed) {
    const double seconds = dice(2.5, 6.0), drift = (dice.chance(0.5) ? 1.0 : -1.0) * dice(90.0, 260.0);
    sounds::Beginner spec{.f0_hz = dice(90.0, 900.0), .seconds = seconds, .hnr_db = dice(12.0, 30.0)};
    const auto stray = sounds::RandomTrack::between(dice.random, 0.3, 2.0, dice(1.0, 8.0));
    spec.cents = [=](double t) { return drift * t / seconds + stray(t); };
    spec.seed = seed;
    const Analysis heard = analyse(sounds::beginner(spec), kRate_hz, oneToneAsked());
    const bool one = heard.tones.size() == 1 && heard.tones[0].notes.size() == 1;
    if (!one) return false;
    const Note& note = heard.tones[0].notes[0];
    return std::abs(note.drift_cents_per_s.value_or(1e6) - drift / seconds) <
               4.0 + 0.08 * std::abs(drift / seconds) &&
           note.end_s - note.start_s > 0.9 * seconds;
  });
}

/// Another partial is another note, on a card of one tone as well.
TEST(OneToneAsked, LeavesANoteThatJumpedTwoNotes) {
  expectRight(0.97, 500, [&](sounds::Dice& dice, [[maybe_unused]] unsigned seed) {
    const double jump = (dice.chance(0.5) ? 1.0 : -1.0) * dice(200.0, 700.0), at = dice(1.2, 2.4);
    sounds::Beginner spec{.f0_hz = dice(150.0, 600.0), .seconds = 4.0, .hnr_db = dice(15.0, 30.0)};
    spec.cents = [=](double t) { return t < at ? 0.0 : jump; };
    spec.seed = seed;
    const Analysis heard = analyse(sounds::beginner(spec), kRate_hz, oneToneAsked());
    return heard.tones.size() == 1 && heard.tones[0].notes.size() == 2;
  });
}

/// Short tries, close to one another, and then the sound holds.
TEST(ShortTries, AreCountedUntilTheSoundHolds) {
  expectRight(0.95, 1500, [&](sounds::Dice& dice, [[maybe_unused]] unsigned seed) {
    const double f0 = dice(120.0, 600.0), hnr = dice(6.0, 12.0), jitter = dice(0.8, 1.6),
                 level = dice(-10.0, 0.0);
    const int tries = dice.whole(1, 4);
    std::vector<float> all;
    const auto add = [&](double seconds, double pause_s, double level_db) {
      sounds::Beginner spec{
          .f0_hz = f0 * std::exp2(dice(-40.0, 40.0) / 1200.0), .seconds = seconds, .hnr_db = hnr};
      spec.jitter_percent = jitter;
      spec.ramp_s = std::min(0.03, seconds / 5.0);
      spec.level_db = [=](double) { return level_db; };
      spec.seed = static_cast<unsigned>(dice.whole(1, 1 << 30));
      auto sound = sounds::beginner(spec);
      // 0.4 s of room lies before and after each.
      const auto cut = static_cast<std::size_t>((0.4 - pause_s / 2.0) * kRate_hz);
      all.insert(all.end(), sound.begin() + static_cast<long>(cut), sound.end() - static_cast<long>(cut));
    };
    for (int k = 0; k < tries; ++k) add(dice(0.12, 0.28), dice(0.3, 0.7), level - dice(0.0, 6.0));
    add(dice(2.0, 4.0), 0.5, level);
    const Analysis heard = analyse(all, kRate_hz, oneToneAsked());
    return figure(heard, "attempts") == tries + 1 && figure(heard, "spoke_at") == tries + 1;
  });
}

/// A way up, down, or both, that does not stop on it, of a beginner's rough sound.
struct Way {
  bool siren, rests;
};
class OneWay : public testing::TestWithParam<Way> {};
TEST_P(OneWay, IsOneGlide) {
  const bool siren = GetParam().siren, rests = GetParam().rests;
  expectRight(0.97, 2500, [&](sounds::Dice& dice, [[maybe_unused]] unsigned seed) {
    const double span = (dice.chance(0.5) ? 100.0 : -100.0) * dice(5.0, 16.0), way_s = dice(1.0, 2.4),
                 rest_s = rests ? dice(0.3, 0.6) : 0.0, restAt = dice(0.35, 0.65),
                 seconds = way_s + rest_s + (siren ? way_s : 0.0);
    sounds::Beginner spec{.f0_hz = dice(200.0, 450.0), .seconds = seconds, .hnr_db = dice(8.0, 20.0)};
    spec.jitter_percent = dice(1.0, 3.0);
    const auto along = [=](double t) {  // 0 to 1, with a rest on the way
      const double at = restAt * way_s;
      return std::clamp((t < at ? t : std::max(at, t - rest_s)) / way_s, 0.0, 1.0);
    };
    spec.cents = [=](double t) {
      const double there = along(std::min(t, way_s + rest_s));
      return span * (siren && t > way_s + rest_s ? 1.0 - (t - way_s - rest_s) / way_s : there);
    };
    spec.seed = seed;
    const Analysis heard = analyse(sounds::beginner(spec), kRate_hz, Context{});
    std::size_t glides = 0, notes = 0;
    for (const Tone& tone : heard.tones) {
      glides += tone.glides.size();
      notes += tone.notes.size();
    }
    return glides == (siren ? 2u : 1u) + (rests ? 1u : 0u) && notes == (rests ? 1u : 0u);
  });
}
INSTANTIATE_TEST_SUITE_P(
    Of, OneWay, testing::Values(Way{false, false}, Way{true, false}, Way{false, true}), [](const auto& info) {
      return std::string(info.param.siren ? "a_siren" : info.param.rests ? "a_fall_with_a_rest" : "a_fall");
    });

}  // namespace
}  // namespace calando
