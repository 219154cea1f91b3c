#include "core/breath_fixture.h"
#include "core/exercise/context.h"
#include "core/exercise/exercise.h"
#include "core/figures/findings.h"
#include "core/figures/reading.h"
#include "core/figures/verdict.h"
#include "core/standin/performance.h"
#include "core/standin/player.h"
#include "support/beginners.h"

namespace calando {
namespace {

/// What a computer does to a microphone, or nothing.
enum class Done { nothing, suppression, gate, gateWithoutHold, gain };
struct Case {
  const char* name;
  Done done;
  double atLeast;  // share of those told
};
void PrintTo(const Case& c, std::ostream* out) { *out << c.name; }
class ProcessingOf : public testing::TestWithParam<Case> {};

TEST_P(ProcessingOf, AMicrophoneIsToldAndItsBreathsAreNotMeasured) {
  int told = 0, wrong = 0;
  const unsigned count = sounds::howMany(8);
  for (const unsigned seed : sounds::seeds(count)) {
    Dice dice(seed + 100);
    sounds::BreathSound sound;
    sound.seed = seed;
    sound.rate_hz = kRate_hz;
    sound.microphone = &sounds::microphones()[seed % 5];
    sound.room_dbfs = dice(-72.0, -55.0);
    sound.room_db_per_octave = -dice(0.0, 6.0);
    if (seed % 3 == 0) sound.hum_dbfs = sound.room_dbfs - dice(0.0, 10.0);
    double t = dice(0.8, 1.5);
    for (int i = 0; i < 5; ++i) {
      sounds::Breath breath{t, t + dice(0.9, 2.5), i % 2 == 0 ? sounds::Way::in : sounds::Way::out};
      breath.level_dbfs = sound.room_dbfs + dice(15.0, 30.0);
      breath.fall_s = dice(0.03, 0.3);
      const double lean = dice(-0.4, 0.4);
      breath.shape = [lean](double share) { return 1.0 + lean * (2.0 * share - 1.0); };
      sound.breaths.push_back(breath);
      t = breath.end_s + dice(1.2, 2.0);
    }
    sound.seconds = t + 0.5;
    std::vector<float> samples = sounds::breathing(sound);
    switch (GetParam().done) {
      case Done::nothing:
        break;
      case Done::suppression:
        samples = sounds::subtracted(samples, kRate_hz, {dice(1.2, 2.2), -dice(20.0, 40.0)});
        break;
      case Done::gate:
        samples = sounds::gated(samples, kRate_hz,
                                {sound.room_dbfs + dice(8.0, 12.0), dice(0.12, 0.5), dice(0.005, 0.03),
                                 seed % 2 == 0 ? -100.0 : -dice(20.0, 50.0)});
        break;
      case Done::gateWithoutHold:
        samples =
            sounds::gated(samples, kRate_hz,
                          {sound.room_dbfs + dice(8.0, 12.0), dice(0.0, 0.02), dice(0.005, 0.03), -100.0});
        break;
      case Done::gain:
        samples = sounds::levelled(
            samples, kRate_hz, {sound.room_dbfs + dice(15.0, 30.0), dice(14.0, 30.0), 0.02, dice(0.5, 4.0)});
        break;
    }
    const Analysis heard = analyse(samples, kRate_hz, Context{});
    const auto& [suppression, gate, gain] = heard.processing;
    const auto is = [&](Done done, const std::optional<bool>& flag) {
      if (flag.value_or(false)) (done == GetParam().done ? told : wrong) += 1;
    };
    is(Done::suppression, suppression);
    is(GetParam().done == Done::gateWithoutHold ? Done::gateWithoutHold : Done::gate, gate);
    is(Done::gain, gain);
    if (!heard.processing.any()) continue;
    for (const Air& air : heard.airs) {
      EXPECT_FALSE(air.evenness_db || air.front_load || air.level_dbfs || air.profile);
      EXPECT_EQ(air.sound, AirSound::unclear);
    }
  }
  EXPECT_GE(told, GetParam().atLeast * count) << "of " << count;
  EXPECT_EQ(wrong, 0);
}
INSTANTIATE_TEST_SUITE_P(Of, ProcessingOf,
                         testing::Values(Case{"nothing", Done::nothing, 0.0},
                                         Case{"noise_suppression", Done::suppression, 0.875},
                                         Case{"gate", Done::gate, 0.75},
                                         Case{"gate_without_hold", Done::gateWithoutHold, 0.625},
                                         Case{"gain", Done::gain, 0.875}),
                         [](const auto& info) { return std::string(info.param.name); });

/// Breaths that begin and end within 30 ms or so, far over a quiet room, are those of a plain recording.
TEST(Processing, OfShortEndsOverAQuietRoomIsNone) {
  constexpr std::pair<double, double> bands[] = {{250.0, 1100.0}, {300.0, 2500.0}, {1800.0, 6500.0}};
  const int chains = static_cast<int>(sounds::howMany(18));
  const unsigned first = 1000 * sounds::firstSeed();
  int alarms = 0;
  for (int i = 0; i < chains; ++i) {
    Dice dice(first + static_cast<unsigned>(i));
    const double room = std::pow(10.0, dice(-76.0, -64.0) / 20.0), over_db = dice(22.0, 42.0),
                 ends_s = dice(0.02, 0.1);
    const auto [low_hz, high_hz] = bands[i % 3];
    std::vector<std::pair<double, double>> breaths;
    double t = dice(0.8, 1.5);
    for (int n = dice.whole(2, 6); n > 0; --n) {
      breaths.emplace_back(t, t + dice(0.8, 3.0));
      t = breaths.back().second + dice(0.3, 2.0);
    }
    const auto count = static_cast<std::size_t>((t + 0.5) * 48000.0);
    const std::vector<double> air = sounds::bandNoise(dice.random, count, low_hz, high_hz);
    std::vector<float> samples =
        sounds::noise(static_cast<double>(count) / 48000.0, room, 48000.0, first + 1);
    const double level = room * std::pow(10.0, over_db / 20.0);
    for (const auto& [from, to] : breaths)
      for (auto n = static_cast<std::size_t>(from * 48000.0); n < static_cast<std::size_t>(to * 48000.0);
           ++n) {
        const double at = static_cast<double>(n) / 48000.0;
        samples[n] +=
            static_cast<float>(level * std::clamp(std::min(at - from, to - at) / ends_s, 0.0, 1.0) * air[n]);
      }
    alarms += analyse(samples, 48000.0, Context{}).processing.any();
  }
  EXPECT_LE(alarms, std::max(1, chains / 100)) << "of " << chains;
}

TEST(Processing, LeavesACardOfBreathUnmeasuredAndOneOfTonesAsItIs) {
  Context context = contextOf("in-2-out-4");
  context.start_s = 1.0;
  const auto sound = breathed(unroll(context), 1.0, 4);
  const auto samples = sounds::subtracted(sounds::breathing(sound), kRate_hz, {});
  const Analysis heard = analyse(samples, kRate_hz, context);
  ASSERT_TRUE(heard.processing.noiseSuppression.value_or(false));
  for (const Reading& r : heard.readings) EXPECT_EQ(r.verdict, Verdict::unmeasured) << r.id();
  EXPECT_TRUE(heard.advice.empty());
}

// Tones without a room, in a file of 16 bits, that ring away to nothing: what strays there is the file's.
TEST(Processing, IsNotToldOfARoomThatRingsNorOfWhatSixteenBitsLeave) {
  for (unsigned seed = 1; seed <= 4; ++seed) {
    std::vector<float> samples(static_cast<std::size_t>(20 * kRate_hz), 0.0f);
    Dice dice(seed);
    for (const double at : {1.0, 6.0, 11.0, 15.5}) {
      const double ring_s = dice(0.15, 0.4);
      const auto tone =
          sounds::tone({.f0_hz = dice(120.0, 500.0),
                        .seconds = 4.4,
                        .rate_hz = kRate_hz,
                        .amplitude = [=](double t) { return t < 2.0 ? 1.0 : std::exp(-(t - 2.0) / ring_s); },
                        .floor_rms = 0.0});
      auto n = static_cast<std::size_t>(at * kRate_hz);
      for (const float x : tone) samples[n++] += x;
    }
    for (float& x : samples) x = std::round(x * 32768.0f + static_cast<float>(dice(-0.5, 0.5))) / 32768.0f;
    const Analysis heard = analyse(samples, kRate_hz, contextOf("steady-tone"));
    EXPECT_FALSE(heard.processing.any()) << seed;
    EXPECT_FALSE(heard.tones.empty());
  }
}

// What the player breathes with rises and sinks with the count; where the microphone hears it that is told,
// as loud as it is, and breath is not measured under it; in headphones it changes nothing.
TEST(Pace, SwellsWithTheCountAndIsToldWhereTheMicrophoneHearsIt) {
  Context context = contextOf("in-3-hold-3-out-3");
  context.start_s = 4.35;
  context.accompaniment.swell = true;
  const CueSheet sheet = unroll(context);
  for (const auto& [t, water] : {std::pair{-1.0, 0.0},
                                 {0.0, 0.0},
                                 {1.5, 0.5},
                                 {3.0, 1.0},
                                 {5.0, 1.0},
                                 {7.5, 0.5},
                                 {9.0, 0.0},
                                 {10.5, 0.5}})
    EXPECT_NEAR(waterAt(sheet, t), water, 1e-9) << t;
  EXPECT_EQ(countWithin(sheet, 4.2).beat, 2);
  EXPECT_EQ(countWithin(sheet, 4.2).of, 3);
  EXPECT_EQ(countWithin(sheet, -0.5).of, 0);
  const std::vector<float> swell = swellOf(sheet, kRate_hz);
  const auto rms_db = [&](const std::vector<float>& x, double from_s, double to_s) {
    double sum = 0.0;
    for (auto n = static_cast<std::size_t>(from_s * kRate_hz); n < static_cast<std::size_t>(to_s * kRate_hz);
         ++n)
      sum += static_cast<double>(x[n]) * x[n];
    return 10.0 * std::log10(sum / ((to_s - from_s) * kRate_hz));
  };
  EXPECT_NEAR(rms_db(swell, 7.5, 9.5), -32.0, 0.7);    // kept at the top
  EXPECT_NEAR(rms_db(swell, 5.45, 5.55), -38.0, 1.5);  // half way up
  const sounds::BreathSound breaths = breathed(sheet, *context.start_s, 5);
  const std::vector<float> alone = sounds::breathing(breaths);
  for (const double leak_db : {-200.0, -40.0, -20.0, -6.0}) {
    SCOPED_TRACE(leak_db);
    std::vector<float> samples = alone;
    const double gain = std::pow(10.0, leak_db / 20.0);
    const auto late = static_cast<std::size_t>(0.35 * kRate_hz);
    for (std::size_t n = 0; n < swell.size() && n + late < samples.size(); ++n)
      samples[n + late] += static_cast<float>(gain) * swell[n];
    const Analysis heard = analyse(samples, kRate_hz, context);
    EXPECT_EQ(heard.swell_dbfs.has_value(), leak_db > -30.0);
    if (!heard.swell_dbfs) {
      EXPECT_TRUE(reading(heard, "evenness_db").value);
      continue;
    }
    EXPECT_NEAR(*heard.swell_dbfs, -32.0 + leak_db, 2.0);
    EXPECT_EQ(heard.airSpoilt(), *heard.swell_dbfs > *heard.noiseFloor_dbfs);
    EXPECT_EQ(reading(heard, "evenness_db").value.has_value(), !heard.airSpoilt());
  }
}

// Notes along an exponential of any pace and height, straying as they say: the rise is right, and its
// standard deviation is one.
TEST(Settling, OfAnInstrumentThatWarmsIsItsRise) {
  std::vector<double> errors, inDeviations;
  for (unsigned seed = 1; seed <= 200; ++seed) {
    std::mt19937 random(seed);
    const auto dice = [&](double a, double b) { return std::uniform_real_distribution(a, b)(random); };
    std::normal_distribution<double> gaussian;
    const double tau = dice(6.0, 60.0), whole = dice(-10.0, 45.0), stray = dice(0.4, 3.0);
    const int count = static_cast<int>(dice(3.0, 7.99));
    std::vector<PitchThen> notes;
    for (int i = 0; i < count; ++i) {
      const double t = 2.0 + 16.0 * i;
      notes.push_back({t, 7.0 - whole * std::exp(-t / tau) + stray * gaussian(random), stray});
    }
    const auto found = settlingOf(notes);
    ASSERT_TRUE(found);
    const double rise = whole * (std::exp(-notes.front().at_s / tau) - std::exp(-notes.back().at_s / tau));
    errors.push_back(std::abs(found->rise_cents - rise) / stray);
    inDeviations.push_back(std::abs(found->rise_cents - rise) / found->unsure_cents);
  }
  std::ranges::sort(errors);
  std::ranges::sort(inDeviations);
  EXPECT_LT(errors[190], 3.0);         // the two ends stray by root two
  EXPECT_LT(inDeviations[130], 1.25);  // 65 of 100 within one
  EXPECT_LT(inDeviations[190], 2.6);   // 95 within two
  EXPECT_GT(inDeviations[190], 1.2);   // and no more is said than is known
  EXPECT_FALSE(settlingOf(std::vector<PitchThen>{{0, 0, 1}, {20, 5, 1}}));
  EXPECT_FALSE(settlingOf(std::vector<PitchThen>{{0, 0, 1}, {1, 5, 1}, {2, 6, 1}}));
}

TEST(Settling, IsReadOffAWarmingCardBesideWhatWarmthExplains) {
  Context context = contextOf("warm-tube");
  context.instrument = findInstrument("trumpet-bb");
  context.room_c = 19.0;
  const CueSheet sheet = unroll(context);
  const Performance played = perform(*findPlayer("steady"), sheet, context, 3);
  context.start_s = played.truth.cues.front().start_s;
  const Analysis heard = analyse(played.samples, played.rate_hz, context);
  const double rise =
      centsBetween(played.truth.tones.front().notes[0].f0_hz, played.truth.tones.back().notes[0].f0_hz);
  ASSERT_GT(rise, 10.0);
  EXPECT_NEAR(*reading(heard, "warming_cents").value, rise, 3.0 * *reading(heard, "warming_cents").unsure);
  EXPECT_NEAR(centsOfWarming(20.0, 21.0), 2.95, 0.02);
  EXPECT_NEAR(*reading(heard, "warming_most_cents").value, centsOfWarming(19.0, kBreath_c), 1e-9);
  context.room_c.reset();
  EXPECT_FALSE(reading(analyse(played.samples, played.rate_hz, context), "warming_most_cents").value);
}

}  // namespace
}  // namespace calando
