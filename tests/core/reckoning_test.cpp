#include "core/reckoning/reckoning.h"

#include <gtest/gtest.h>

#include <cmath>

#include "core/engine/analysis.h"
#include "core/exercise/context.h"
#include "core/figures/findings.h"
#include "core/judging/level.h"
#include "core/library/cards.h"
#include "core/reckoning/slide_adjustment.h"
#include "core/theory/interval.h"
#include "support/dice.h"
#include "support/signals.h"

namespace calando {
namespace {

using sounds::Dice;

double forth(const char* id, const Givens& g, double x) { return *findReckoning(id)->forth(g, x); }

Givens anywhere(Dice& dice) {
  Givens g;
  g.tempo_bpm = dice(30, 200);
  g.reference.a4_hz = dice(415, 446);
  g.note = dice.whole(45, 84);
  g.bar_beats = dice.whole(2, 9);
  g.air_c = dice(10, 34);
  g.instrument =
      &instruments()[static_cast<std::size_t>(dice.whole(0, static_cast<int>(instruments().size()) - 1))];
  return g;
}

// Each against a formula written another way.
TEST(Reckoning, SaysWhatTheFormulasOfTheTradeSay) {
  Dice dice(51);
  for (int i = 0; i < 200; ++i) {
    const Givens g = anywhere(dice);
    const double x = dice(0.5, 20.0), note = dice(40, 90);
    EXPECT_NEAR(forth("counts", g, x), x / (g.tempo_bpm / 60.0), 1e-9);
    EXPECT_NEAR(forth("phrase", g, x) * g.bar_beats * 60.0 / g.tempo_bpm, x, 1e-9);
    EXPECT_EQ(forth("rest", g, x), x);
    EXPECT_EQ(forth("notes", g, 70), 70 + g.instrument->transposition);
    double hz = g.reference.a4_hz;
    for (double n = 69.0; n < std::floor(note); ++n) hz *= 1.0594630943592953;
    for (double n = 69.0; n > std::floor(note); --n) hz /= 1.0594630943592953;
    EXPECT_NEAR(forth("pitch", g, note) / (hz * std::pow(1.0594630943592953, note - std::floor(note))), 1.0,
                1e-9);
    const double at = frequencyOf(g.note, g.reference);
    EXPECT_NEAR(forth("beats", g, x), at * (std::exp(x * std::log(2.0) / 1200.0) - 1.0), 1e-9);
    EXPECT_NEAR(forth("octave", g, x), 2.0 * forth("beats", g, x), 1e-9);
    EXPECT_NEAR(forth("warmth", g, g.air_c),
                1200.0 / std::log(2.0) * 0.5 * std::log((273.15 + g.air_c) / 293.15), 1e-6);
    // A wave goes to the end and back in one period, in a stopped cylinder twice.
    const double metres = dice(0.2, 5.0), trips = g.instrument->oddSeries ? 4.0 : 2.0;
    EXPECT_NEAR(1.0 / forth("tube", g, metres), trips * metres / speedOfSound(g.air_c), 1e-9);
  }
}

TEST(Reckoning, KnowsTheFiguresThatTeachersQuote) {
  Givens g;
  g.note = 58;  // B♭3
  EXPECT_NEAR(forth("beats", g, 10), 1.35, 0.01);
  g.note = 70;
  EXPECT_NEAR(forth("beats", g, 10), 2.70, 0.01);
  EXPECT_NEAR(forth("just", g, 4), 386.31, 0.01);
  EXPECT_NEAR(forth("just", g, 7), 701.96, 0.01);
  EXPECT_NEAR(forth("partial", g, 7), 3368.83, 0.01);
  EXPECT_NEAR(forth("warmth", g, 21) - forth("warmth", g, 20), 2.95, 0.02);
  EXPECT_NEAR(speedOfSound(20.0), 343.2, 0.2);
  // A trumpet in B♭ is about 1.48 m long; 10 mm of slide are 20 of tube.
  g.instrument = findInstrument("trumpet-bb");
  EXPECT_NEAR(forth("tube", g, 1.48), 116.0, 1.5);
  EXPECT_NEAR(forth("slide", g, 10), -1200.0 * std::log2(1.0 + 0.020 / 1.472), 0.3);
  const auto degrees = degreesOver(220.0);
  ASSERT_EQ(degrees.size(), 13u);
  EXPECT_EQ(degrees[4].partial, 5);
  EXPECT_EQ(degrees[10].partial, 7);
  EXPECT_NEAR(*degrees[10].natural_cents, -31.17, 0.01);
  EXPECT_NEAR(degrees[6].just_cents, -9.78, 0.01);
  EXPECT_EQ(forth("just", g, 6), justRatio(6).cents());  // as a lesson tunes it
  EXPECT_FALSE(degrees[1].partial);
  EXPECT_NEAR(degrees[4].beats_hz, 220.0 * (std::exp2(4.0 / 12.0) - 1.25), 1e-9);
}

TEST(Reckoning, GoesBothWays) {
  Dice dice(52);
  for (int i = 0; i < 100; ++i) {
    const Givens g = anywhere(dice);
    for (const Reckoning& line : reckonings()) {
      const bool whole = line.left.kind == Kind::note || line.id == "just" || line.id == "partial";
      double left = dice(std::max(line.left.low, 1.0), std::min(line.left.high, 24.0 + line.left.low));
      if (whole) left = std::round(left);
      const auto right = line.forth(g, left);
      ASSERT_TRUE(right) << line.id;
      const auto again = line.back(g, *right);
      ASSERT_TRUE(again) << line.id;
      EXPECT_NEAR(*again, left, 1e-6) << line.id;
      EXPECT_TRUE(line.start >= line.left.low && line.start <= line.left.high) << line.id;
    }
  }
}

TEST(Reckoning, ReadsWhatItWrites) {
  const Quantity pitch = findReckoning("pitch")->left, note = findReckoning("notes")->left,
                 cents = findReckoning("beats")->left;
  EXPECT_EQ(writtenQuantity(pitch, 70.123, Spelling::flats), "Bb4 +12.3");
  EXPECT_EQ(writtenQuantity(pitch, 69.0 - 1e-9, Spelling::flats), "A4 +0.0");
  EXPECT_NEAR(*readQuantity(pitch, "Bb4 +12.3"), 70.123, 1e-9);
  EXPECT_NEAR(*readQuantity(pitch, "F#3-5"), 53.95, 1e-9);
  EXPECT_EQ(readQuantity(note, "Bb4 "), 70.0);
  EXPECT_EQ(readQuantity(cents, "+12.5"), 12.5);
  for (const char* bad : {"", "x", "12x", "nan", "1e9", "-3"}) EXPECT_FALSE(readQuantity(cents, bad)) << bad;
  for (const char* bad : {"", "H4", "Bb", "Bb4 +", "A4 +3"}) EXPECT_FALSE(readQuantity(note, bad)) << bad;
}

// A take that is off by as much all the way says how far to draw; one that wanders, moves or is right does
// not.
TEST(Drawings, AreOfferedForASteadyOffsetAlone) {
  Context context;
  context.instrument = findInstrument("trumpet-bb");
  context.exercise = findExercise("steady-tone");
  context.level = findLevel("growing");
  context.asked = {67};
  const auto drawn = [&](double offset, double wander, const char* card = "steady-tone") {
    context.exercise = findExercise(card);
    sounds::ToneSpec spec;
    spec.f0_hz = context.hzOf(67) * std::exp2(offset / 1200.0);
    spec.seconds = 6.0;
    spec.before_s = spec.after_s = 0.3;
    spec.cents = [=](double t) {
      return wander * std::sin(6.2832 * 0.4 * t) + 0.5 * wander * std::sin(6.2832 * 0.9 * t);
    };
    return drawingFor(analyse(sounds::tone(spec), 48000, context), context);
  };
  for (const double offset : {-30.0, -12.0, 12.0, 30.0}) {
    const auto drawing = drawn(offset, 0.5);
    ASSERT_TRUE(drawing) << offset;
    EXPECT_NEAR(drawing->cents, offset, 0.5);
    // The open tube of a trumpet in B flat sounds its fundamental at 116.54 Hz; drawn twice, once each leg.
    const double speed = 331.3 * std::sqrt(1.0 + 28.0 / 273.15), length_mm = 1000.0 * speed / (2.0 * 116.541);
    EXPECT_NEAR(drawing->mm, 0.5 * length_mm * (std::exp2(offset / 1200.0) - 1.0), 0.15);
  }
  EXPECT_FALSE(drawn(4.0, 0.5)) << "in tune";
  EXPECT_FALSE(drawn(25.0, 18.0)) << "wanders";
  EXPECT_FALSE(drawn(25.0, 0.5, "unison")) << "with a partner";
  context.instrument = nullptr;
  EXPECT_FALSE(drawn(25.0, 0.5));
}

}  // namespace
}  // namespace calando
