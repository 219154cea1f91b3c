#include "core/measure/air/breaths.h"

#include <gtest/gtest.h>

#include <cmath>
#include <numbers>
#include <random>

#include "core/engine/analysis.h"
#include "core/exercise/context.h"
#include "core/figures/findings.h"
#include "core/figures/reading.h"
#include "core/judging/level.h"
#include "core/library/cards.h"
#include "core/signal/tracker.h"
#include "support/breaths.h"
#include "support/dice.h"
#include "support/signals.h"

namespace calando {
namespace {

double smooth(double x) {
  x = std::clamp(x, 0.0, 1.0);
  return x * x * (3.0 - 2.0 * x);
}

/// What a breath's own amplitude says of how it fills.
struct Filling {
  double front, end, full, uneven_db;
};
Filling fillingOf(const sounds::Breath& b) {
  constexpr int steps = 2000;
  std::vector<double> amplitude, levels, past;
  double sum = 0.0;
  for (int i = 0; i < steps; ++i) {
    const double share = (i + 0.5) / steps, t = b.start_s + share * (b.end_s - b.start_s);
    amplitude.push_back((b.shape ? b.shape(share) : 1.0) * smooth(0.5 + (t - b.start_s) / (2.0 * b.rise_s)) *
                        smooth(0.5 + (b.end_s - t) / (2.0 * b.fall_s)));
    sum += amplitude.back();
    past.push_back(sum);
    if (share > 0.1 && share < 0.9) levels.push_back(20.0 * std::log10(amplitude.back()));
  }
  double mean = 0.0, squares = 0.0;
  for (const double level : levels) mean += level / static_cast<double>(levels.size());
  for (const double level : levels)
    squares += std::pow(level - mean, 2.0) / static_cast<double>(levels.size());
  const auto full = std::ranges::find_if(past, [&](double p) { return p >= 0.9 * sum; });
  return {past[steps / 4 - 1] / sum, 1.0 - past[3 * steps / 4 - 1] / sum,
          static_cast<double>(full - past.begin()) / steps, std::sqrt(squares)};
}

/// How breaths follow one another, and how far they stand over the room.
struct Chain {
  const char* name;
  double margin_db;
  bool pauses;
  double onset_s, turn_s, counts;  // bounds
  enum class Room { noise, mains, fan, fridge } room = Room::noise;
  double lines_db = 20.0;  ///< how far the room's lines lie under the breaths, over the whole band
};

/// What hums in a room, under breaths of that level.
std::vector<sounds::Line> linesOf(const Chain& kind, double breath_dbfs, double seconds,
                                  std::mt19937& random) {
  const auto between = [&](double a, double b) { return std::uniform_real_distribution(a, b)(random); };
  if (kind.room == Chain::Room::noise) return {};
  const double mains = between(0.0, 1.0) < 0.5 ? 50.0 : 60.0;
  const bool fan = kind.room == Chain::Room::fan;
  const double base = fan ? between(90.0, 260.0) : mains;
  std::vector<sounds::Line> lines;
  double power = 0.0;
  for (const int k : fan ? std::vector{1, 2, 3} : std::vector{1, 2, 3, 4, 6}) {
    const double level_db = -(fan ? 6.0 * (k - 1) : 0.0) - between(0.0, 9.0);
    lines.push_back({base * k, level_db, kind.room == Chain::Room::fridge ? 0.4 * seconds : -1.0});
    power += std::pow(10.0, level_db / 10.0);
  }
  for (sounds::Line& line : lines) line.dbfs += breath_dbfs - kind.lines_db - 10.0 * std::log10(power);
  return lines;
}
void PrintTo(const Chain& c, std::ostream* out) { *out << c.name; }

/// In and out, at any pace, through any microphone, in any room.
sounds::BreathSound chain(const Chain& kind, unsigned seed) {
  std::mt19937 random(seed);
  const auto between = [&](double a, double b) { return std::uniform_real_distribution(a, b)(random); };
  sounds::BreathSound sound;
  sound.seed = seed;
  sound.rate_hz = 24000.0;
  sound.microphone = &sounds::microphones()[seed % sounds::microphones().size()];
  sound.room_dbfs = between(-72.0, -55.0);
  sound.room_db_per_octave = -between(0.0, 6.0);
  if (between(0.0, 1.0) < 0.3) sound.hum_dbfs = sound.room_dbfs - between(0.0, 10.0);
  const bool tight = between(0.0, 1.0) < 0.4;
  const double in_s = between(0.6, 4.0), out_s = between(0.8, 5.0);
  double t = between(0.6, 1.2);
  for (int i = 0; i < 6; ++i) {
    const bool in = i % 2 == 0;
    const double lean = between(-0.4, 0.4);
    sounds::Breath breath{t, t + (in ? in_s : out_s) * between(0.9, 1.1),
                          in ? sounds::Way::in : sounds::Way::out,
                          in && tight ? sounds::Mouth::tight : sounds::Mouth::open};
    breath.level_dbfs = sound.room_dbfs + kind.margin_db + between(0.0, in ? 3.0 : 6.0);
    breath.rise_s = between(0.03, kind.pauses ? 0.12 : 0.08);
    breath.fall_s = between(0.03, kind.pauses ? 0.12 : 0.08);
    breath.shape = [lean](double share) { return 1.0 + lean * (2.0 * share - 1.0); };
    sound.breaths.push_back(breath);
    t = breath.end_s + (!kind.pauses ? 0.0 : in ? between(0.15, 0.3) : between(0.3, 0.9));
  }
  sound.seconds = t + between(0.6, 1.2);
  if (kind.room != Chain::Room::noise)
    sound.lines = linesOf(kind, sound.room_dbfs + kind.margin_db, sound.seconds, random);
  return sound;
}

class Breathing : public testing::TestWithParam<Chain> {};

TEST_P(Breathing, IsHeardBreathByBreath) {
  const Chain& kind = GetParam();
  std::vector<double> onsets, turns, lengths, front, end, full, uneven;
  int counted = 0, toned = 0, told = 0, wrong = 0, inhales = 0, classed = 0;
  // Of fewer, what 95 in 100 keep within is the worst of all.
  const unsigned chains = sounds::howMany(kind.pauses ? 8 : 20);
  for (const unsigned seed : sounds::seeds(chains)) {
    const sounds::BreathSound sound = chain(kind, 100 * seed + static_cast<unsigned>(kind.margin_db));
    const Analysis analysis = analyse(sounds::breathing(sound), sound.rate_hz, Context{});
    toned += !analysis.tones.empty();
    if (analysis.airs.size() != sound.breaths.size()) continue;
    ++counted;
    for (std::size_t i = 0; i < sound.breaths.size(); ++i) {
      const sounds::Breath& truth = sound.breaths[i];
      const Air& heard = analysis.airs[i];
      const bool turnsIn = !kind.pauses && i > 0, turnsOut = !kind.pauses && i + 1 < sound.breaths.size();
      (turnsIn ? turns : onsets).push_back(std::abs(heard.start_s - truth.start_s));
      (turnsOut ? turns : onsets).push_back(std::abs(heard.end_s - truth.end_s));
      lengths.push_back(std::abs(heard.end_s - heard.start_s - truth.end_s + truth.start_s));
      const Filling filling = fillingOf(truth);
      front.push_back(std::abs(*heard.front_load - filling.front));
      end.push_back(std::abs(*heard.end_load - filling.end));
      full.push_back(std::abs(*heard.full_at - filling.full));
      uneven.push_back(std::abs(*heard.evenness_db - filling.uneven_db));
      told += heard.phase != AirPhase::unknown;
      wrong += heard.phase == (truth.way == sounds::Way::in ? AirPhase::exhale : AirPhase::inhale);
      if (truth.way == sounds::Way::out) continue;
      ++inhales;
      classed += heard.sound == (*heard.sound_margin_db < 15.0         ? AirSound::faint
                                 : truth.mouth == sounds::Mouth::tight ? AirSound::tight
                                                                       : AirSound::open);
    }
  }
  const auto most = [](std::vector<double> values) {  // of 95 in 100
    std::ranges::sort(values);
    return values.empty() ? 0.0 : values[static_cast<std::size_t>(0.95 * static_cast<double>(values.size()))];
  };
  // A fridge that is hardly louder than the room is not always heard to start.
  const int few = static_cast<int>(chains / (kind.room == Chain::Room::fridge ? 8 : 20));
  EXPECT_GE(counted, static_cast<int>(kind.pauses ? chains : chains - 1) - few);
  EXPECT_LE(toned, kind.room == Chain::Room::noise ? 0 : few) << "a breath or the room is taken for a tone";
  EXPECT_LE(most(onsets), kind.onset_s);
  EXPECT_LE(most(turns), kind.turn_s);
  EXPECT_LE(most(lengths), kind.counts);
  EXPECT_LE(most(front), 0.02);
  EXPECT_LE(most(end), 0.02);
  EXPECT_LE(most(full), 0.03);
  EXPECT_LE(most(uneven), 0.5);
  EXPECT_EQ(wrong, 0);
  if (kind.pauses) {
    EXPECT_GE(told, 6 * (counted - 1));  // a chain may be without signs
  }
  EXPECT_GE(classed, 95 * inhales / 100);
}
INSTANTIATE_TEST_SUITE_P(
    Air, Breathing,
    testing::Values(Chain{"clear_with_pauses", 20, true, 0.03, 0.06, 0.1},
                    Chain{"soft_with_pauses", 10, true, 0.06, 0.06, 0.1},
                    Chain{"clear_without_silence", 20, false, 0.03, 0.06, 0.1},
                    Chain{"soft_without_silence", 10, false, 0.06, 0.06, 0.1},
                    Chain{"in_mains", 25, true, 0.03, 0.06, 0.1, Chain::Room::mains, 20},
                    Chain{"in_loud_mains", 25, true, 0.06, 0.06, 0.1, Chain::Room::mains, 10},
                    Chain{"in_mains_without_silence", 25, false, 0.03, 0.06, 0.1, Chain::Room::mains, 20},
                    Chain{"by_a_fan", 25, true, 0.03, 0.06, 0.1, Chain::Room::fan, 20},
                    Chain{"by_a_loud_fan", 25, true, 0.06, 0.06, 0.1, Chain::Room::fan, 10},
                    Chain{"by_a_fridge", 25, true, 0.03, 0.06, 0.1, Chain::Room::fridge, 20},
                    Chain{"by_a_loud_fridge", 25, true, 0.06, 0.06, 0.1, Chain::Room::fridge, 10}),
    [](const auto& info) { return std::string(info.param.name); });

TEST(Breaths, HeardLiveAreThoseOfTheirFile) {
  for (const bool pauses : {true, false}) {
    const sounds::BreathSound sound = chain({"", 15.0, pauses, 0, 0, 0}, 77);
    const std::vector<float> samples = sounds::breathing(sound);
    Tracker live(sound.rate_hz, Tracker::kLiveLag);
    for (std::size_t at = 0; at < samples.size(); at += 240)
      live.push(std::span(samples).subspan(at, std::min<std::size_t>(240, samples.size() - at)));
    live.finish();
    const Analysis heard = analyse(live.tracks(), Context{});
    const Analysis file = analyse(samples, sound.rate_hz, Context{});
    ASSERT_EQ(heard.airs.size(), file.airs.size());
    for (std::size_t i = 0; i < file.airs.size(); ++i) {
      EXPECT_NEAR(heard.airs[i].start_s, file.airs[i].start_s, 0.02);
      EXPECT_NEAR(heard.airs[i].end_s, file.airs[i].end_s, 0.02);
      EXPECT_EQ(heard.airs[i].phase, file.airs[i].phase);
    }
  }
}

TEST(Breaths, ThatAreUnevenAreStillOne) {
  int one = 0;
  constexpr unsigned breaths = 8;
  for (unsigned seed = 1; seed <= breaths; ++seed) {
    std::mt19937 random(seed);
    const auto between = [&](double a, double b) { return std::uniform_real_distribution(a, b)(random); };
    const double length = between(3.0, 10.0), rate_hz = between(0.2, 1.0), depth = between(0.0, 0.5);
    sounds::BreathSound sound;
    sound.rate_hz = 24000.0;
    sound.microphone = &sounds::microphones()[seed % 5];
    sound.seed = seed;
    sound.room_dbfs = -62.0;
    sound.seconds = length + 1.8;
    sounds::Breath breath{0.8, 0.8 + length, seed % 2 ? sounds::Way::in : sounds::Way::out,
                          static_cast<sounds::Mouth>(seed % 4), -62.0 + between(14.0, 30.0)};
    breath.shape = [=](double share) {
      return 1.0 + depth * std::sin(2.0 * std::numbers::pi * rate_hz * share * length);
    };
    sound.breaths = {breath};
    one += analyse(sounds::breathing(sound), sound.rate_hz, Context{}).airs.size() == 1;
  }
  EXPECT_GE(one, static_cast<int>(breaths) - 1);
}

/// Nobody breathes: the room alone, knocks on the microphone, clothes, syllables with hisses between them.
TEST(Breaths, AreNotInventedInWhatARoomDoes) {
  int invented = 0;
  const auto count = [&](const std::vector<float>& samples) {
    const Analysis analysis = analyse(samples, 48000.0, Context{});
    invented += static_cast<int>(std::ranges::count_if(analysis.airs, isBreath));
  };
  for (const double slope : {0.0, -3.0, -9.0}) {
    sounds::BreathSound room;
    room.seconds = 30.0;
    room.room_db_per_octave = slope;
    room.room_dbfs = -55.0;
    count(sounds::breathing(room));
  }
  std::mt19937 random(8);
  const auto between = [&](double a, double b) { return std::uniform_real_distribution(a, b)(random); };
  std::vector<float> knocks = sounds::noise(40.0, 0.0005), speech = sounds::noise(40.0, 0.0005);
  for (double at = 1.0; at < 39.0; at += between(0.5, 2.0))
    for (std::size_t n = 0; n < 6000; ++n)
      knocks[static_cast<std::size_t>(at * 48000.0) + n] += static_cast<float>(
          0.05 * between(-1.0, 1.0) * std::exp(-static_cast<double>(n) / between(300.0, 1200.0)));
  count(knocks);
  for (double at = 1.0; at < 38.0;) {
    const double vowel_s = between(0.08, 0.3), hiss_s = between(0.06, 0.3), from_hz = between(100.0, 220.0);
    const auto vowel = sounds::tone({.f0_hz = from_hz,
                                     .seconds = vowel_s,
                                     .cents = [=](double t) { return 300.0 * t / vowel_s; },
                                     .floor_rms = 0.0});
    const auto hiss = sounds::noise(hiss_s, 0.02, 48000.0, random());
    auto place = static_cast<std::size_t>(at * 48000.0);
    for (const auto& part : {vowel, hiss})
      for (const float x : part) speech[place++] += x;
    at += vowel_s + hiss_s + between(0.0, 0.15);
  }
  count(speech);
  EXPECT_LE(invented, 0);
}

/// How long a breath is easy, of its own amplitude: means over half a second against the middle of its first
/// half.
double easeOf(const sounds::Breath& b) {
  const double length = b.end_s - b.start_s;
  const auto power = [&](double t) { return std::pow(b.shape(std::clamp(t / length, 0.0, 1.0)), 2.0); };
  const auto level = [&](double t) {
    double sum = 0.0;
    for (int i = 0; i < 50; ++i) sum += power(t - 0.25 + 0.01 * (i + 0.5));
    return 10.0 * std::log10(sum / 50.0);
  };
  std::vector<double> first;
  for (double t = 0.4; t < length / 2.0; t += 0.005) first.push_back(level(t));
  std::ranges::sort(first);
  const double usual = first[first.size() / 2];
  for (double t = length / 4.0; t < length - 0.4; t += 0.005)
    if (std::abs(level(t) - usual) > 4.0) return t;
  return length;
}

TEST(Breaths, AreEasyUntilTheRestIsSqueezedOutOrRunsDry) {
  std::vector<double> errors;
  int whole = 0, wholeTold = 0;
  Context asked;
  asked.exercise = findExercise("long-hiss");
  asked.level = findLevel("growing");
  const unsigned breaths = sounds::howMany(18);
  for (const unsigned seed : sounds::seeds(breaths)) {
    sounds::Dice dice(seed);
    sounds::BreathSound sound;
    sound.seed = seed;
    sound.microphone = &sounds::microphones()[seed % sounds::microphones().size()];
    sound.room_dbfs = -dice(62.0, 75.0);
    const double length = dice(4.0, 14.0), from = dice(0.4, 0.85), over = dice(0.03, 0.15);
    const double by_db = dice.chance(0.5) ? dice(7.0, 12.0) : -dice(7.0, 14.0);
    const bool ends = !dice.chance(0.3);
    sounds::Breath breath{1.0, 1.0 + length, sounds::Way::out, sounds::Mouth::hiss, -dice(28.0, 42.0)};
    const double lean_db = dice(-2.0, 1.0);  // all the way
    breath.shape = [=](double share) {
      const double late = ends ? smooth((share - from) / over) : 0.0;
      return std::pow(10.0, (lean_db * share + by_db * late) / 20.0);
    };
    sound.breaths = {breath};
    sound.seconds = length + 2.5;
    const Analysis heard = analyse(sounds::breathing(sound), sound.rate_hz, asked);
    EXPECT_EQ(heard.airs.size(), 1u) << "one breath, seed " << seed;
    const auto easy = std::ranges::find(heard.readings, "easy_s", &Reading::id);
    ASSERT_TRUE(easy != heard.readings.end() && easy->value) << seed;
    const double truth = easeOf(breath);
    if (truth < length) {
      errors.push_back(*easy->value - truth);
    } else {
      ++whole;
      wholeTold += *easy->value > length - 0.3;
    }
  }
  ASSERT_GE(errors.size(), breaths * 4 / 9);
  sounds::expectWithin(errors, 0.06, 0.25);
  EXPECT_GE(wholeTold, whole - 1) << "of " << whole;
}

}  // namespace
}  // namespace calando
