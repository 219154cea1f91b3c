// A known partner that the player's microphone hears as well.
#include <gtest/gtest.h>

#include <cmath>
#include <memory>

#include "core/engine/analysis.h"
#include "core/engine/take_stages.h"
#include "core/exercise/context.h"
#include "core/figures/findings.h"
#include "core/signal/tracks.h"
#include "support/dice.h"
#include "support/signals.h"

namespace calando {
namespace {

constexpr double kRate_hz = 48000.0;

struct Leaking {
  const char* name;
  double semitones;
  bool recorded;  // the partner is a recording, not a frequency
};
void PrintTo(const Leaking& l, std::ostream* out) { *out << l.name; }
class LeakOf : public testing::TestWithParam<Leaking> {};

TEST_P(LeakOf, AKnownPartnerMovesNobodyElse) {
  const auto& [name, semitones, recorded] = GetParam();
  const int wanted = static_cast<int>(sounds::howMany(3));
  int right = 0, octaves = 0;
  for (int i = 0; i < wanted; ++i) {
    sounds::Dice dice(1000u * sounds::firstSeed() + static_cast<unsigned>(i));
    const double first_hz = dice(120.0, 420.0), off = dice(-35.0, 35.0), leak_db = -dice(6.0, 14.0);
    const auto spectrum = [&] { return &sounds::spectra()[static_cast<std::size_t>(dice.whole(0, 2))]; };
    // The partner is there first, and goes on when the player has ended.
    const auto tone = [&](double hz, double rms, double from_s, double to_s) {
      return sounds::tone({.f0_hz = hz,
                           .seconds = to_s - from_s,
                           .spectrum = spectrum(),
                           .rms = rms,
                           .snr_db = 45.0,
                           .before_s = from_s,
                           .after_s = 7.4 - to_s,
                           .seed = static_cast<unsigned>(dice.whole(1, 1 << 30))});
    };
    const auto partner = tone(first_hz, 0.1 * std::pow(10.0, leak_db / 20.0), 0.4, 7.0);
    auto heard = tone(first_hz * std::exp2((100.0 * semitones + off) / 1200.0), 0.1, dice(1.4, 1.8), 6.5);
    for (std::size_t n = 0; n < heard.size(); ++n) heard[n] += partner[n];
    Context context;
    context.pair.emplace();
    context.pair->semitones = semitones;
    if (recorded)
      context.pair->partner = std::make_shared<const Tracks>(trackTake(partner, kRate_hz, Context{}));
    else
      context.pair->partner_hz = first_hz;
    const Analysis analysis = analyse(heard, kRate_hz, context);
    if (!analysis.pair || !analysis.pair->cents_at_end) continue;
    const double error = analysis.pair->sign_known ? *analysis.pair->cents_at_end - off
                                                   : std::abs(*analysis.pair->cents_at_end) - std::abs(off);
    right += std::abs(error) < 1.0;
    octaves += std::abs(error) > 100.0;
  }
  EXPECT_GE(right, wanted - 1 - wanted / 33);
  EXPECT_EQ(octaves, 0);
}
INSTANTIATE_TEST_SUITE_P(Every, LeakOf,
                         testing::Values(Leaking{"unison", 0.0, false}, Leaking{"fifth", 7.0, false},
                                         Leaking{"octave", 12.0, false}, Leaking{"third", 4.0, false},
                                         Leaking{"octave_below", -12.0, false},
                                         Leaking{"recorded_fifth", 7.0, true},
                                         Leaking{"recorded_octave", 12.0, true}),
                         [](const auto& info) { return std::string(info.param.name); });

}  // namespace
}  // namespace calando
