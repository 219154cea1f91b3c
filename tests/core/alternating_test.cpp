// Notes that alternate or climb on one breath, without a card: each is one of its own, however soon the next
// one comes. Waves that are no notes are in beginners_test.cpp.
#include "core/engine/analysis.h"
#include "core/exercise/context.h"
#include "core/figures/findings.h"
#include "core/library/cards.h"
#include "support/dice.h"
#include "support/signals.h"

namespace calando {
namespace {

struct Slurred {
  std::vector<double> cents;   ///< of each note
  std::vector<double> from_s;  ///< where the middle of the way to it lies
  double way_s = 0.0;
  double end_s = 0.0;

  /// A way is half a cosine.
  double at(double t) const {
    double now = cents.front();
    for (std::size_t i = 1; i < cents.size(); ++i) {
      const double share = std::clamp((t - from_s[i]) / way_s + 0.5, 0.0, 1.0);
      now += (cents[i] - cents[i - 1]) * (0.5 - 0.5 * std::cos(std::numbers::pi * share));
    }
    return now;
  }
};

struct Family {
  const char* name;
  double shortest_s, longest_s;
  bool stairs;  ///< steps of random sizes and directions; else to and fro
};

Slurred slurred(const Family& family, sounds::Dice& dice) {
  Slurred made;
  const int count = dice.whole(5, 9);
  const double each_s = dice(family.shortest_s, family.longest_s);
  const int step = dice.whole(1, 3);
  made.way_s = dice(0.015, 0.06);
  int semitones = 0;
  for (int i = 0; i < count; ++i) {
    made.from_s.push_back(made.end_s);
    made.cents.push_back(100.0 * semitones + dice(-8.0, 8.0));
    made.end_s += family.stairs ? dice(family.shortest_s, family.longest_s) : each_s;
    if (family.stairs)
      semitones += (dice.chance(0.5) ? 1 : -1) * dice.whole(1, 3);
    else
      semitones = semitones == 0 ? step : 0;
  }
  return made;
}

std::string wrongWith(const Slurred& made, double f0_hz, sounds::Dice& dice) {
  sounds::ToneSpec spec;
  spec.f0_hz = f0_hz;
  spec.seconds = made.end_s;
  spec.spectrum = &sounds::spectra()[static_cast<std::size_t>(
      dice.whole(0, static_cast<int>(sounds::spectra().size()) - 1))];
  spec.snr_db = dice(25.0, 55.0);
  spec.before_s = dice(0.4, 0.9);
  spec.after_s = 0.6;
  spec.cents = [&](double t) { return made.at(t); };
  spec.seed = static_cast<unsigned>(dice.whole(1, 1 << 20));
  const Analysis analysis = analyse(sounds::tone(spec), spec.rate_hz, {});
  if (analysis.tones.size() != 1) return std::to_string(analysis.tones.size()) + " tones";
  const Tone& tone = analysis.tones.front();
  if (tone.notes.size() != made.cents.size())
    return std::to_string(tone.notes.size()) + " of " + std::to_string(made.cents.size()) + " notes";
  for (std::size_t i = 0; i < made.cents.size(); ++i) {
    const double off = centsBetween(f0_hz, tone.notes[i].f0_hz) - made.cents[i];
    if (std::abs(off) > 12.0) return "note " + std::to_string(i) + " off by " + std::to_string(off);
    if (i > 0 && std::abs(tone.notes[i].start_s - spec.before_s - made.from_s[i]) > 0.05)
      return "note " + std::to_string(i) + " begins elsewhere";
  }
  if (tone.transitions.size() != made.cents.size() - 1)
    return std::to_string(tone.transitions.size()) + " transitions";
  return tone.slips.empty() && tone.glides.empty() ? "" : "slips or glides";
}

class Alternating : public testing::TestWithParam<Family> {};

TEST_P(Alternating, NotesOnOneBreathAreNotes) {
  const unsigned count = sounds::howMany(12);
  unsigned right = 0;
  std::string wrong;
  for (const unsigned seed : sounds::seeds(count)) {
    sounds::Dice dice(104729 * seed + static_cast<unsigned>(GetParam().shortest_s * 100.0));
    const Slurred made = slurred(GetParam(), dice);
    const double f0_hz = 90.0 * std::exp2(dice(0.0, std::log2(900.0 / 90.0)));
    const std::string what = wrongWith(made, f0_hz, dice);
    right += what.empty();
    if (!what.empty())
      wrong += "seed " + std::to_string(seed) + ", " + std::to_string(f0_hz) + " Hz, first " +
               std::to_string(made.from_s[1]) + " s, steps " + std::to_string(made.cents[1] - made.cents[0]) +
               ", way " + std::to_string(made.way_s) + ": " + what + "\n";
  }
  EXPECT_GE(right, (97 * count + 99) / 100 - (count < 100 ? 1 : 0)) << right << " of " << count << "\n"
                                                                    << wrong;
}

// Where a card asks for long notes, another one for a moment, twice in a row, has slipped; without a card it
// may have been meant.
TEST(InTurn, OnACardOfLongNotesIsASlip) {
  const Slurred made{{0.0, 702.0, 0.0, 702.0, 0.0}, {0.0, 0.45, 0.65, 0.81, 0.91}, 0.02, 1.6};
  sounds::ToneSpec spec{.f0_hz = 174.6, .seconds = made.end_s, .before_s = 0.6, .after_s = 0.6};
  spec.cents = [&](double t) { return made.at(t); };
  const auto samples = sounds::tone(spec);
  Context context;
  context.exercise = findExercise("scale-4-4");
  for (const bool card : {true, false}) {
    const Analysis analysis = analyse(samples, spec.rate_hz, card ? context : Context{});
    ASSERT_EQ(analysis.tones.size(), 1u);
    const Tone& tone = analysis.tones.front();
    EXPECT_EQ(tone.notes.size() == 1, card);
    if (card) {
      EXPECT_EQ(tone.slips.size(), 1u);
    }
  }
}

constexpr Family kFamilies[] = {{"Trills", 0.15, 0.2, false},
                                {"Quick", 0.2, 0.3, false},
                                {"Slow", 0.3, 0.5, false},
                                {"Stairs", 0.2, 0.5, true}};
INSTANTIATE_TEST_SUITE_P(Of, Alternating, testing::ValuesIn(kFamilies),
                         [](const auto& info) { return std::string(info.param.name); });

}  // namespace
}  // namespace calando
