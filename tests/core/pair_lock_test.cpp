// When two who sound together have become one.
#include <gtest/gtest.h>

#include <memory>

#include "core/engine/take_stages.h"
#include "support/duets.h"

namespace calando {
namespace {

enum class Heard { knownPartner, ownTracks, oneSignal };

/// The second comes in some way off and finds the first.
struct Finding {
  OneOfTwo first, second;
  double from_s, wrongWay_cents, start_cents;
  double meets_s;  // when it has arrived
};
Finding finding(Dice& dice, bool wrongWay) {
  Finding f{};
  f.first.hz = dice(120, 700);
  f.first.from_s = 0.4;
  f.first.to_s = f.second.to_s = 8.0;
  f.second.from_s = f.from_s = dice(1.2, 2.0);
  f.second.hz = f.first.hz;
  f.second.rms = 0.1 * std::pow(10.0, dice(-6, 6) / 20.0);
  f.start_cents = dice(18, 40) * (dice.chance(0.5) ? 1 : -1);
  f.wrongWay_cents = wrongWay ? dice(8, 15) : 0.0;
  const double begins = f.from_s + dice(0.8, 1.4), lasts = dice(0.6, 1.6), left = dice(-2, 2);
  f.meets_s = begins + lasts;
  const double start = f.start_cents, wrong = f.wrongWay_cents * (start > 0.0 ? 1 : -1), from = f.from_s;
  f.second.cents = [=](double t) {
    const auto step = [](double x) { return 0.5 - 0.5 * std::cos(3.14159265 * std::clamp(x, 0.0, 1.0)); };
    const double away = start + wrong * step((t - from - 0.2) / (begins - from - 0.3));
    return away + (left - away) * step((t - begins) / lasts);
  };
  return f;
}
double trueLock(const Finding& f) {
  for (double t = f.from_s; t < 8.0; t += 0.001) {
    bool stays = true;
    for (double u = t; u < t + 1.0 && stays; u += 0.005)
      stays = std::abs(f.second.cents(u) - f.first.cents(u)) <= 5.0 &&
              std::abs(f.second.at(u) - f.first.at(u)) < 1.0;
    if (stays) return t - f.from_s;
  }
  return -1.0;
}

class PairsHeard : public testing::TestWithParam<Heard> {};

TEST_P(PairsHeard, LockWhenTheyDidAndItIsSaidWhoMoved) {
  Dice dice(420u * sounds::firstSeed());
  const bool one = GetParam() == Heard::oneSignal;
  std::vector<double> lock, ends, joins;
  int wrongWays = 0, movedWrong = 0, signs = 0, count = static_cast<int>(sounds::howMany(6));
  for (int i = 0; i < count; ++i) {
    const Finding f = finding(dice, i % 3 == 0);
    const auto first = f.first.sound(dice, 8.4), second = f.second.sound(dice, 8.4);
    PairAsked asked;
    if (GetParam() == Heard::knownPartner) asked.partner_hz = f.first.hz;
    if (GetParam() == Heard::ownTracks)
      asked.partner = std::make_shared<Tracks>(trackTake(first, kRate_hz, {}));
    const auto pair = heard(one ? together(first, second) : second, asked);
    ASSERT_TRUE(pair);
    ASSERT_TRUE(pair->lock_s) << f.first.hz << " from " << f.start_cents;
    lock.push_back(*pair->lock_s - trueLock(f));
    joins.push_back(pair->from_s - f.from_s);
    ends.push_back(std::abs(*pair->cents_at_end) - std::abs(f.second.cents(7.9)));
    wrongWays += *pair->wrong_way_first == (i % 3 == 0) ? 1 : 0;
    movedWrong +=
        pair->moved == Moved::first || pair->moved == Moved::both || pair->moved == Moved::none ? 1 : 0;
    signs += pair->sign_known ? 1 : 0;
    if (pair->sign_known) {
      EXPECT_NEAR(*pair->cents_at_start, f.second.cents(f.from_s + 0.2), one ? 3.0 : 1.0) << f.first.hz;
      EXPECT_EQ(pair->moved, Moved::second);
    }
  }
  EXPECT_EQ(wrongWays, count);
  EXPECT_EQ(movedWrong, 0);
  EXPECT_GE(signs, one ? 0.8 * count : count);
  sounds::expectWithin(lock, 0.03, 0.06);
  sounds::expectWithin(joins, one ? 0.01 : 0.03, 0.06);
  sounds::expectWithin(ends, one ? 0.5 : 0.05, one ? 2.0 : 0.1);
}
/// The second first goes the wrong way, along a line, a wave's half or as a spring does, then finds the
/// first.
Finding lostAndFound(Dice& dice, bool firstIsSteady) {
  Finding f{};
  f.first.hz = std::exp(dice(std::log(90.0), std::log(1100.0)));
  f.first.from_s = 0.4;
  f.first.to_s = f.second.to_s = 9.5;
  f.second.from_s = f.from_s = dice(1.0, 2.0);
  f.second.hz = f.first.hz;
  f.second.rms = 0.1 * std::pow(10.0, dice(-6, 6) / 20.0);
  const double side = dice.chance(0.5) ? 1 : -1, start = side * dice(8, 30);
  f.start_cents = start;
  f.wrongWay_cents = dice(6, 20);
  const double waits = dice(0.2, 0.6), goes = dice(0.3, 1.0), stays = dice(0.0, 0.4), comes = dice(0.3, 2.5);
  const double left = std::min(1.0, 300.0 / f.first.hz) * dice(-1.5, 1.5),
               far = start + side * f.wrongWay_cents;
  const int shape = dice.whole(0, 2);
  const auto way = [shape](double x) {
    x = std::max(0.0, x);
    return shape == 0   ? std::min(1.0, x)
           : shape == 1 ? 0.5 - 0.5 * std::cos(3.14159265 * std::min(1.0, x))
                        : 1.0 - std::exp(-4.0 * x);
  };
  const double turns = f.from_s + waits, back = turns + goes + stays;
  f.meets_s = back + comes;
  const double wanders = std::min(0.3, 90.0 / f.first.hz);  // or they would beat again
  f.first.cents = wandering(dice, firstIsSteady ? 0.0 : wanders);
  f.second.cents = [=, own = wandering(dice, wanders), of = f.first.cents](double t) {
    const double out = start + (far - start) * std::min(1.0, way((t - turns) / goes));
    return of(t) + own(t) + (t < back ? out : far + (left - far) * way((t - back) / comes));
  };
  return f;
}

TEST_P(PairsHeard, LockAsTheyDidHavingGoneTheWrongWayFirst) {
  const unsigned sets = sounds::howMany(3), seed = sounds::firstSeed();
  const bool one = GetParam() == Heard::oneSignal;
  std::vector<double> lock;
  unsigned wrongWays = 0;
  for (unsigned i = 0; i < sets; ++i) {
    Dice dice(1000 * seed + i);
    const Finding f = lostAndFound(dice, GetParam() == Heard::knownPartner);
    const auto first = f.first.sound(dice, 10.0);
    const auto second = f.second.sound(dice, 10.0);
    PairAsked asked;
    if (GetParam() == Heard::knownPartner) asked.partner_hz = f.first.hz;
    if (GetParam() == Heard::ownTracks)
      asked.partner = std::make_shared<Tracks>(trackTake(first, kRate_hz, {}));
    std::vector<float> sound = one ? together(first, second) : second;
    addNoise(sound, 0.1 * std::pow(10.0, dice(-50, -30) / 20.0), dice);
    const auto pair = heard(sound, asked);
    ASSERT_TRUE(pair && pair->lock_s) << i;
    lock.push_back(pair->from_s + *pair->lock_s - f.from_s - trueLock(f));
    wrongWays += *pair->wrong_way_first ? 1 : 0;
  }
  EXPECT_GE(wrongWays, 0.97 * sets);
  sounds::expectWithin(lock, 0.02, 0.06);
}

INSTANTIATE_TEST_SUITE_P(Every, PairsHeard,
                         testing::Values(Heard::knownPartner, Heard::ownTracks, Heard::oneSignal));

}  // namespace
}  // namespace calando
