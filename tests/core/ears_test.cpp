#include <gtest/gtest.h>

#include <complex>
#include <numbers>

#include "core/ears/answers.h"
#include "core/library/take_spec.h"
#include "core/maths/statistics.h"
#include "core/measure/edges/dynamics.h"
#include "support/dice.h"
#include "support/signals.h"

namespace calando {
namespace {

std::optional<Material> materialOf(const sounds::ToneSpec& spec) {
  const auto samples = sounds::tone(spec);
  const Context context = contextFor({});
  const Tracks tracks = trackTake(samples, 48000.0, context);
  const Analysis analysis = analyse(tracks, context);
  return analysis.mainTone() ? materialFrom(samples, 48000.0, tracks, *analysis.mainTone()) : std::nullopt;
}

/// Somebody's tone, that holds as well as people do: random in pitch, colour, noise and how it moves.
sounds::ToneSpec someTone(sounds::Dice& dice) {
  const double f0 = 70.0 * std::exp2(dice(0.0, 4.2)), slow = dice(0.0, 6.0), quick = dice(0.0, 2.0);
  const double at = dice(0.0, 6.28);
  return {.f0_hz = f0,
          .seconds = 3.2,
          .spectrum = &sounds::spectra()[static_cast<std::size_t>(dice.whole(0, 2))],
          .rms = dice(0.02, 0.2),
          .snr_db = dice(18.0, 45.0),
          .before_s = 0.3,
          .after_s = 0.3,
          .cents = [=](double t) { return slow * std::sin(1.9 * t + at) + quick * std::sin(17.0 * t); },
          .amplitude = [](double t) { return std::clamp(std::min(t / 0.05, (3.2 - t) / 0.05), 0.0, 1.0); },
          .seed = static_cast<unsigned>(dice.random())};
}
std::optional<Material> someMaterial(sounds::Dice& dice) { return materialOf(someTone(dice)); }

SoundMaker someMaker(unsigned seed) {
  sounds::Dice dice(seed);
  return SoundMaker(someMaterial(dice).value());
}

double rms(std::span<const float> sound, double from_s, double to_s) {
  double power = 0.0, count = 0.0;
  for (auto n = static_cast<std::size_t>(from_s * 48000.0);
       n < std::min(sound.size(), static_cast<std::size_t>(to_s * 48000.0)); ++n, count += 1.0)
    power += static_cast<double>(sound[n]) * sound[n];
  return std::sqrt(power / count);
}
double decibels(double over, double under) { return 20.0 * std::log10(over / under); }

Analysis heard(const std::vector<float>& sound) {
  std::vector<float> take(14400);
  take.insert(take.end(), sound.begin(), sound.end());
  take.resize(take.size() + 14400);
  return analyse(take, 48000.0, contextFor({}));
}

/// The phase of a sound's fundamental against a carrier, by correlation. Nothing of the program is in it.
double phaseAt(std::span<const float> sound, double about_hz, double at_s) {
  std::complex<double> sum;
  const auto half = static_cast<long>(2.0 * 48000.0 / about_hz), middle = static_cast<long>(at_s * 48000.0);
  for (long n = -half; n < half; ++n)
    sum += (1.0 + std::cos(std::numbers::pi * static_cast<double>(n) / static_cast<double>(half))) *
           static_cast<double>(sound[static_cast<std::size_t>(middle + n)]) *
           std::polar(1.0, -2.0 * std::numbers::pi * about_hz * static_cast<double>(middle + n) / 48000.0);
  return std::arg(sum);
}

/// Its pitch between two moments: how fast that phase goes.
double fundamental(std::span<const float> sound, double about_hz, double from = 0.25, double to = 1.3) {
  const int steps = static_cast<int>(std::lround(250.0 * (to - from)));
  double turned = 0.0, before = phaseAt(sound, about_hz, from);
  for (int i = 1; i <= steps; ++i) {
    const double here = phaseAt(sound, about_hz, std::lerp(from, to, static_cast<double>(i) / steps));
    turned += std::remainder(here - before, 2.0 * std::numbers::pi);
    before = here;
  }
  return about_hz + turned / (2.0 * std::numbers::pi * (to - from));
}

/// How much of a wave is in a course: its amplitude.
template <class Course>
double waveIn(Course course, double radians_per_s) {
  std::complex<double> sum;
  double mean = 0.0;
  constexpr int count = 64;
  for (int i = 0; i < count; ++i) mean += course(std::lerp(0.15, 1.45, (i + 0.5) / count)) / count;
  for (int i = 0; i < count; ++i) {
    const double t = std::lerp(0.15, 1.45, (i + 0.5) / count);
    sum += 2.0 / count * (course(t) - mean) * std::polar(1.0, -radians_per_s * t);
  }
  return std::abs(sum);
}

/// How much of a change is in a sound, measured by the test itself where that is simple.
std::optional<double> measuredHere(const Changed& changed, std::span<const float> sound,
                                   std::span<const float> plain, double hz) {
  switch (changed.change) {
    case Change::offset:
      return sounds::cents(fundamental(plain, hz),
                           fundamental(sound, hz * std::exp2(changed.amount / 1200.0)));
    case Change::fade:
      return -decibels(rms(sound, 1.54, 1.57) / rms(plain, 1.54, 1.57),
                       rms(sound, 0.1, 0.7) / rms(plain, 0.1, 0.7));
    case Change::gap: {
      double quiet_s = 0.0;
      for (double t = 0.6; t < 1.0; t += 0.0005)
        quiet_s += rms(sound, t - 0.001, t + 0.001) < 0.5 * rms(plain, t - 0.001, t + 0.001) ? 0.0005 : 0.0;
      return 1000.0 * quiet_s;
    }
    case Change::shorter:
      return 100.0 * (1.0 - static_cast<double>(sound.size()) / static_cast<double>(plain.size()));
    default:
      return std::nullopt;
  }
}

class OneThingChanged : public testing::TestWithParam<int> {};
INSTANTIATE_TEST_SUITE_P(Every, OneThingChanged, testing::Range(0, 16));

TEST_P(OneThingChanged, IsAsAskedAndNothingElseTells) {
  const ChangeRow& row = changes()[static_cast<std::size_t>(GetParam())];
  sounds::Dice dice(300u + static_cast<unsigned>(GetParam()));
  // A crackle is not told in what has hardly any partials, and a slope neither.
  const bool needsPartials = row.change == Change::crackle || row.change == Change::dull;
  int could = 0, asked = 0;
  std::vector<double> hnr, tilt, level, shake;
  const auto differ = [](std::vector<double>& list, const std::optional<double>& a,
                         const std::optional<double>& b) {
    if (a && b) list.push_back(*a - *b);
  };
  for (int m = 0; m < 4; ++m) {
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
  EXPECT_GE(asked, 9);
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

TEST(Threshold, OfListenersOfAKnownCurveIsFound) {
  struct Asked {
    double guess, slope;
    int after25, after40;  // of 100, at least
  };
  for (const Asked asked :
       {Asked{0.5, 3.5, 90, 90}, Asked{1.0 / 3.0, 2.5, 90, 90}, Asked{0.5, 1.5, 70, 55}}) {
    sounds::Dice dice(77);
    int within40 = 0, within25 = 0, covered = 0;
    for (int listener = 0; listener < 100; ++listener) {
      const double truth = 2.0 * std::pow(15.0, dice(0.0, 1.0));
      Threshold threshold(1.0, 60.0);
      for (int n = 1; n <= 40; ++n) {
        const double amount = threshold.next(asked.guess, dice(0.0, 1.0));
        // 5 of 100 answers are slips.
        const double hears = 1.0 - std::exp(-std::pow(amount / truth, asked.slope));
        const double right = dice.chance(0.05) ? asked.guess : asked.guess + (1.0 - asked.guess) * hears;
        threshold.add(amount, dice.chance(right), asked.guess);
        const double off = std::abs(threshold.heard().amount / truth - 1.0);
        if (n == 25) within40 += off <= 0.40;
        if (n == 40) within25 += off <= 0.25;
      }
      const HeardDifference heard = threshold.heard();
      covered += heard.low <= truth && truth <= heard.high;
      EXPECT_EQ(heard.answers, 40);
    }
    EXPECT_GE(within40, asked.after25) << asked.guess << ", " << asked.slope;
    EXPECT_GE(within25, asked.after40) << asked.guess << ", " << asked.slope;
    EXPECT_GE(covered, 84) << "nine in ten of it";
  }
}

TEST(Threshold, OfSomebodyWhoOnlyGuessesIsUnsureAndOfOneWhoHearsAllIsSmall) {
  sounds::Dice dice(5);
  Threshold guesses(1.0, 60.0), hears(1.0, 60.0);
  EXPECT_FALSE(hears.isSure());
  for (int n = 0; n < 60; ++n) {
    guesses.add(guesses.next(0.5), dice.chance(0.5), 0.5);
    hears.add(hears.next(0.5), true, 0.5);
  }
  EXPECT_GT(guesses.heard().amount, 30.0);
  EXPECT_LT(hears.heard().amount, 1.6);
}

TEST(Questions, HaveTheirAnswerWhereNobodyCanTellBeforehand) {
  SoundMaker maker = someMaker(8);
  Chance chance(99);
  const std::vector<Change> named{Change::sag, Change::gap, Change::wave, Change::fade};
  for (const auto& [way, change] : {std::pair{Way::which, Change::offset},
                                    {Way::which, Change::gap},
                                    {Way::odd, Change::wave},
                                    {Way::same, Change::fade},
                                    {Way::reference, Change::offset},
                                    {Way::named, Change::sag}}) {
    ASSERT_TRUE(canBeAsked(way, change));
    for (int i = 0; i < 6; ++i) {
      const auto question = ask(maker, way, change, 12.0, named, chance);
      ASSERT_TRUE(question);
      ASSERT_LT(question->right, question->choices);
      const std::vector<bool>& has = question->has;
      const auto with = static_cast<std::size_t>(std::ranges::find(has, true) - has.begin());
      switch (way) {
        case Way::which:
          EXPECT_EQ(question->right, change == Change::offset ? with : 1 - with);
          break;
        case Way::odd:
          EXPECT_EQ(std::ranges::count(has, has[question->right]), 1);
          break;
        case Way::same:
          EXPECT_EQ(question->right, std::ranges::count(has, true) == 0 ? 0u : 1u);
          EXPECT_EQ(question->sounds[0]->samples == question->sounds[1]->samples, question->right == 0);
          break;
        case Way::reference:
          EXPECT_EQ(question->right, question->changed.amount > 0.0 ? 1u : 0u);
          EXPECT_FALSE(has[0]);
          break;
        case Way::named:
          EXPECT_EQ(question->named[question->right], change);
          break;
      }
    }
  }
  EXPECT_FALSE(canBeAsked(Way::reference, Change::gap));
  EXPECT_FALSE(ask(maker, Way::named, Change::late, 40.0, named, chance)) << "it is not among the choices";
}

TEST(Questions, AreDrawnAsTheyWereMeasured) {
  sounds::Dice dice(12);
  SoundMaker maker = someMaker(11);
  Chance chance(5);
  const auto middle = [](const HeardCourse& course, double from, double to) {
    std::vector<double> cents, level;
    for (auto i = static_cast<std::size_t>(from * 100); i < static_cast<std::size_t>(to * 100); ++i) {
      if (course[i].cents) cents.push_back(*course[i].cents);
      level.push_back(course[i].level_db);
    }
    return std::pair(medianOf(cents).value_or(0.0), *medianOf(level));
  };
  for (int i = 0; i < 4; ++i) {
    const auto drawn = [&](Change change, double amount) {
      const auto question = ask(maker, Way::which, change, amount, {}, chance);
      const std::size_t with = question->has[0] ? 0 : 1;
      EXPECT_EQ(question->sounds[with]->course.size(), question->sounds[1 - with]->course.size());
      return std::pair(question->sounds[with]->course, question->sounds[1 - with]->course);
    };
    const double cents = dice(3.0, 50.0), softer_db = dice(2.0, 12.0), break_ms = dice(40.0, 130.0);
    const auto [sharp, plain] = drawn(Change::offset, cents);
    EXPECT_NEAR(middle(sharp, 0.2, 1.4).first - middle(plain, 0.2, 1.4).first, cents, 0.5);
    EXPECT_NEAR(middle(plain, 0.2, 1.4).first, 0.0, 5.0);
    EXPECT_NEAR(middle(plain, 0.2, 1.4).second, 0.0, 1.5);
    const auto [fading, steady] = drawn(Change::fade, softer_db);
    EXPECT_NEAR(middle(steady, 1.5, 1.56).second - middle(fading, 1.5, 1.56).second, softer_db,
                0.1 * softer_db);
    const HeardCourse broken = drawn(Change::gap, break_ms).first;
    const auto silence = std::count_if(broken.begin() + 20, broken.end() - 20,
                                       [](const HeardMoment& m) { return m.level_db < -20.0; });
    EXPECT_NEAR(10.0 * static_cast<double>(silence), break_ms, 15.0);
  }
}

/// Ten thousand draws: each place as often, whatever came before.
TEST(Questions, PlacesAreEvenAndDoNotTellTheNextOne) {
  for (const Way way : {Way::which, Way::odd, Way::same, Way::reference}) {
    Chance chance(static_cast<unsigned>(way) + 1);
    const std::size_t choices = way == Way::odd ? 3 : 2;
    std::vector<double> after(choices * choices);
    std::size_t before = 0;
    constexpr int draws = 10000;
    for (int i = 0; i < draws; ++i) {
      const Drawn drawn = drawPlaces(way, Change::offset, chance);
      ASSERT_LT(drawn.right, choices);
      after[before * choices + drawn.right] += 1.0;
      before = drawn.right;
    }
    const double each = draws / static_cast<double>(after.size());
    double chi = 0.0;
    for (const double n : after) chi += (n - each) * (n - each) / each;
    EXPECT_LT(chi, choices == 3 ? 26.1 : 16.3)
        << "p = 0.001 of " << after.size() - 1 << " degrees of freedom";
  }
}

TEST(Answers, GiveACourseByWeekAndByRegionAndAlikeOnesSayHowOftenIsGuessed) {
  sounds::Dice dice(21);
  std::vector<EarAnswer> answers;
  const Day monday = *dayFrom("2026-10-05");
  for (int week = 0; week < 4; ++week)
    for (int n = 0; n < 60; ++n) {
      EarAnswer a;
      a.day = monday + std::chrono::days(7 * week + n % 5);
      a.concert = n % 2 == 0 ? 62 : 50;
      a.amount = 2.0 * std::pow(15.0, dice(0.0, 1.0));
      const double truth = (week < 2 ? 16.0 : 4.0) * (n % 2 == 0 ? 1.0 : 2.5);
      a.right = dice.chance(0.5 + 0.5 * (1.0 - std::exp(-std::pow(a.amount / truth, 3.0))));
      answers.push_back(a);
    }
  const auto weeks = earWeeks(answers, Change::offset);
  ASSERT_EQ(weeks.size(), 4u);
  EXPECT_EQ(weeks[0].monday, monday);
  EXPECT_GT(weeks[0].heard.amount, 1.3 * weeks[3].heard.amount);
  EXPECT_TRUE(earWeeks(answers, Change::gap).empty());
  EXPECT_EQ(regionOf(62), 4);
  EXPECT_GT(thresholdOf(answers, Change::offset, 3).heard().amount,
            1.2 * thresholdOf(answers, Change::offset, 4).heard().amount);
  const auto regions = heardByRegion(answers, Change::offset);
  ASSERT_EQ(regions.size(), 2u);
  EXPECT_EQ(regions[0].first, 3);
  EXPECT_GT(regions[0].second.amount, regions[1].second.amount);
  EXPECT_EQ(thresholdOf(answers, Change::offset).heard().answers, 240);
  // Who calls everything different hears nothing by it.
  std::vector<EarAnswer> alike;
  for (int n = 0; n < 60; ++n) {
    EarAnswer a;
    a.way = Way::same;
    a.amount = n % 2 == 0 ? 0.0 : 4.0;
    a.right = n % 2 == 1;
    alike.push_back(a);
  }
  const HeardDifference careless = thresholdOf(alike, Change::offset).heard();
  for (EarAnswer& a : alike) a.right = true;
  EXPECT_GT(careless.amount, 2.0 * thresholdOf(alike, Change::offset).heard().amount);
  EXPECT_EQ(guessError(std::vector<EarGuess>{{0, {}, "held_s", 9.0, 20.0},
                                             {0, {}, "held_s", 8.0, 7.0},
                                             {0, {}, "held_s", 5.0, 7.0},
                                             {0, {}, "sag_cents", 5.0, 50.0}},
                       "held_s", 2),
            1.5);
}

}  // namespace
}  // namespace calando
