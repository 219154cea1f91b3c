#include "core/base/problem.h"
#include "core/ears/making.h"
#include "core/ears/material.h"
#include "core/ears/sound_maker.h"
#include "core/ears_fixture.h"
#include "core/figures/findings.h"

namespace calando {
namespace {

TEST_P(OneThingChanged, IsAsAskedAndNothingElseTells) {
  const ChangeRow& row = changes()[static_cast<std::size_t>(GetParam())];
  sounds::Dice dice(300u * sounds::firstSeed() + static_cast<unsigned>(GetParam()));
  // A crackle is not told in what has hardly any partials, and a slope neither.
  const bool needsPartials = row.change == Change::crackle || row.change == Change::dull;
  int could = 0, asked = 0;
  std::vector<double> hnr, tilt, level, shake;
  const auto differ = [](std::vector<double>& list, const std::optional<double>& a,
                         const std::optional<double>& b) {
    if (a && b) list.push_back(*a - *b);
  };
  const int materials = static_cast<int>(sounds::howMany(1));
  for (int m = 0; m < materials; ++m) {
    auto material = someMaterial(dice);
    if (!material) continue;
    SoundMaker maker(std::move(*material));
    const auto unchanged = maker.sound(without(row.change));
    ASSERT_TRUE(unchanged);
    const std::vector<float>& plain = unchanged->samples;
    const Analysis before = heard(plain);
    for (int i = 0; i < 3; ++i) {
      Changed changed{row.change, row.least * std::pow(row.most / row.least, dice(0.0, 1.0)),
                      static_cast<std::uint32_t>(dice.random())};
      if (goesEitherWay(row.change) && dice.chance(0.5)) changed.amount = -0.9 * changed.amount;
      ++asked;
      const auto made = maker.sound(changed);
      if (!made) continue;
      const std::vector<float>& sound = made->samples;
      ++could;
      if (const auto own = measuredHere(changed, sound, plain, maker.material().hz)) {
        EXPECT_NEAR(*own, changed.amount, 1.5 * SoundMaker::tolerance(changed)) << row.id;
      }
      // No click: no step is much larger than those of the tone itself, and both ends are silent.
      const auto largest = [](const std::vector<float>& of) {
        double step = 0.0;
        for (std::size_t n = 1; n < of.size(); ++n)
          step = std::max(step, std::abs<double>(of[n] - of[n - 1]));
        return step;
      };
      if (row.change != Change::fuzz) {
        EXPECT_LT(largest(sound), (row.change == Change::levelWave ? 4.0 : 2.2) * largest(plain)) << row.id;
      }
      EXPECT_LT(std::abs(sound.front()), 1e-4);
      EXPECT_LT(std::abs(sound.back()), 1e-3);
      EXPECT_TRUE(row.change == Change::shorter || sound.size() == plain.size());
      const double over_s = row.change == Change::fade ? 0.79 : row.change == Change::shorter ? 0.75 : 1.56;
      if (row.change != Change::gap && row.change != Change::late)
        level.push_back(decibels(rms(sound, 0.03, over_s), rms(plain, 0.03, over_s)));
      const Analysis after = heard(sound);
      const Note *was = before.mainTone() ? before.mainTone()->mainNote() : nullptr,
                 *is = after.mainTone() ? after.mainTone()->mainNote() : nullptr;
      if (!was || !is || isOfTwo(row.change)) continue;
      // By the engine's own figures, as a take is measured.
      if (row.change == Change::wave && is->vibrato) {
        EXPECT_NEAR(is->vibrato->extent_cents, changed.amount, 0.05 * changed.amount + 1.5);
      }
      if (row.change == Change::fuzz) {
        EXPECT_NEAR(was->hnr_db.value() - is->hnr_db.value(), changed.amount, 0.6);
      }
      if (row.change == Change::dull) {
        EXPECT_NEAR(was->tilt_db_per_octave.value() - is->tilt_db_per_octave.value(), changed.amount, 0.31);
      }
      differ(hnr, is->hnr_db, was->hnr_db);
      if (row.change != Change::dull) differ(tilt, is->tilt_db_per_octave, was->tilt_db_per_octave);
      if (row.change > Change::scoop) differ(shake, is->shake_cents, was->shake_cents);
    }
  }
  EXPECT_GE(could, needsPartials ? asked / 3 : asked) << "of " << asked;
  EXPECT_GE(asked, 9 * materials / 4);
  // Within what the figures repeat to. Waves of pitch and level, crackle and fuzz are in the noise by what it
  // is.
  const bool inNoise = row.change == Change::wave || row.change == Change::levelWave ||
                       row.change == Change::fuzz || row.change == Change::crackle ||
                       row.change == Change::dull;
  for (const auto& [list, most] :
       {std::pair{&level, isOfTwo(row.change) ? 0.3 : 0.1}, {&tilt, 1.0}, {&shake, 0.1}})
    if (!list->empty()) sounds::expectWithin(*list, most, most);
  if (!inNoise && !hnr.empty()) sounds::expectWithin(hnr, 0.1, 0.5);
}

/// Weak tones and those with vibrato are material too: what they do themselves is hardly left.
TEST(Materials, AreCalmWhateverTheToneDid) {
  sounds::Dice dice(4711);
  int could = 0;
  std::vector<double> hnr;
  constexpr double full_db = 28.0;  // a low tone that waves is taken apart no more finely
  for (int i = 0; i < 9; ++i) {
    sounds::ToneSpec steady = someTone(dice), moving = steady;
    const double deep = dice(8.0, 45.0), quick = 6.283 * dice(4.0, 6.5), slow = dice(0.0, 20.0);
    const double loud_db = dice(0.0, 3.0), at = dice(0.0, 6.28);
    moving.cents = [=](double t) { return deep * std::sin(quick * t) + slow * std::sin(1.3 * t + at); };
    moving.amplitude = [=, ends = steady.amplitude](double t) {
      return ends(t) * std::pow(10.0, loud_db / 20.0 * std::sin(quick * t + at));
    };
    auto material = materialOf(moving), same = materialOf(steady);
    if (!material || !same) continue;
    ++could;
    const auto sound = made(*material, without(Change::wave));
    const double own = material->hz;
    EXPECT_LT(
        waveIn([&](double t) { return sounds::cents(own, fundamental(sound, own, t - 0.02, t + 0.02)); },
               quick),
        2.0 * kCalm_cents)
        << own << " Hz, " << deep << " cents";
    EXPECT_LT(waveIn([&](double t) { return decibels(rms(sound, t - 0.03, t + 0.03), 1.0); }, quick),
              2.0 * kCalm_db)
        << own << " Hz, " << loud_db << " dB";
    const Analysis after = heard(sound), plain = heard(made(*same, without(Change::wave)));
    if (after.mainTone() && plain.mainTone() && after.mainTone()->mainNote() && plain.mainTone()->mainNote())
      if (const auto one = after.mainTone()->mainNote()->hnr_db, other = plain.mainTone()->mainNote()->hnr_db;
          one && other)
        hnr.push_back(std::min(*one, full_db) - std::min(*other, full_db));
  }
  EXPECT_GE(could, 7);
  sounds::expectWithin(hnr, 0.5, 2.0);
}

/// What an ear is asked about has one loudness, and nothing in it is much louder.
TEST(Levelled, IsAsLoudAsWantedAndNeverLoudBesides) {
  sounds::Dice dice(31);
  for (int i = 0; i < 200; ++i) {
    const double level_dbfs = dice(-70.0, -10.0), wanted_dbfs = dice(-30.0, -18.0),
                 knock_db = dice(-6.0, 40.0);
    const double amplitude = std::sqrt(2.0) * std::pow(10.0, level_dbfs / 20.0);
    std::vector<float> take(4800);
    for (std::size_t n = 0; n < take.size(); ++n)
      take[n] = static_cast<float>(amplitude * std::sin(0.05 * static_cast<double>(n)));
    take[2000] = static_cast<float>(amplitude * std::pow(10.0, knock_db / 20.0));
    const bool measured = dice.chance(0.8);
    const auto out = levelled(take, measured ? std::optional(level_dbfs) : std::nullopt, wanted_dbfs);
    double peak = 0.0;
    for (const float x : out) peak = std::max<double>(peak, std::abs(x));
    EXPECT_LE(decibels(peak, 1.0), wanted_dbfs + kPeakOver_db + 0.01);
    const double is_dbfs = decibels(rms(out, 0.05, 0.1), 1.0);
    if (measured && 3.02 + std::max(0.0, knock_db) < kPeakOver_db) {
      EXPECT_NEAR(is_dbfs, wanted_dbfs, 0.3) << level_dbfs;
    }
    if (!measured) {
      EXPECT_LE(is_dbfs, level_dbfs + 0.3) << "not made louder";
    }
  }
}

}  // namespace
}  // namespace calando
