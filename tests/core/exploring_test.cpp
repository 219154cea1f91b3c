#include "core/exercise/context.h"
#include "core/flexibility_fixture.h"

namespace calando {
namespace {

TEST(Fingerings, AreRankedByHowOftenTheySpokeThenByHowNearTheyCame) {
  std::vector<PastTake> takes;
  const auto add = [&](const char* fingering, std::optional<double> offset, int note = 90) {
    PastTake take;
    take.exercise = "fingering-search";
    take.note = note;
    take.fingering = fingering;
    take.kept = TakeSummary{};
    if (offset)
      take.kept->values = {
          {"offset_cents", *offset}, {"air_before_ms", 100.0 + *offset}, {"under_hz", 220.0}};
    takes.push_back(take);
  };
  for (const double offset : {-30.0, -20.0, -28.0}) add("octave, 1 3", offset);
  add("lucky", 1.0);
  for (int i = 0; i < 4; ++i) add("front F", i == 0 ? std::optional(5.0) : std::nullopt);
  for (const double offset : {4.0, 6.0, 8.0}) add("side key", offset);
  add("side key", 90.0, 91);  // for another note
  const auto ranked = fingeringsTried(takes, "fingering-search", 90);
  ASSERT_EQ(ranked.size(), 4u);
  EXPECT_EQ(ranked[0].fingering, "side key");
  EXPECT_EQ(ranked[1].fingering, "octave, 1 3");
  EXPECT_EQ(ranked[2].fingering, "lucky");
  EXPECT_EQ(ranked[3].fingering, "front F");
  EXPECT_EQ(ranked[3].spoke, 1);
  EXPECT_EQ(ranked[3].tries, 4);
  EXPECT_EQ(ranked[0].under_hz, 220.0);
  EXPECT_EQ(ranked[1].offset_cents, -28.0);
  EXPECT_EQ(ranked[0].speaks_ms, 106.0);
  EXPECT_FALSE(ranked[0].wander_cents);
}

TEST(Schools, AreHeldAgainstEachOtherTheTwoThatWereUsedMost) {
  std::vector<PastTake> takes;
  for (const auto& [school, values] : {std::pair{"air", std::vector{2.0, 3.0, 4.0, 3.0}},
                                       {"voicing", {6.0, 8.0, 10.0}},
                                       {"rare", {50.0}},
                                       {"", {90.0, 91.0, 92.0, 93.0, 94.0}}})
    for (const double value : values) {
      PastTake take;
      take.exercise = "stairs-4";
      take.school = school;
      take.kept = TakeSummary{Verdict::inside, {{"step_spread_percent", value}}, ""};
      takes.push_back(take);
    }
  const auto effect = schoolEffect(takes, "stairs-4", "step_spread_percent");
  ASSERT_TRUE(effect);
  EXPECT_EQ(std::pair(effect->one, effect->other), std::pair(std::string("air"), std::string("voicing")));
  EXPECT_NEAR(effect->contrast.difference(), -5.0, 1e-9);
  EXPECT_NEAR(effect->contrast.error(), std::sqrt(2.0 / 3.0 / 4.0 + 4.0 / 3.0), 1e-9);
  EXPECT_TRUE(effect->contrast.tells());
  takes[5].word = TeachersWord::invalidTry;
  EXPECT_FALSE(schoolEffect(takes, "stairs-4", "step_spread_percent")) << "two of a school are too few";
}

TEST(Attention, IsADifferenceOnlyBeyondItsUncertainty) {
  const auto takesOf = [](std::vector<double> sound, std::vector<double> count) {
    std::vector<PastTake> takes;
    for (const auto& [attention, values] : {std::pair{Attention::sound, sound}, {Attention::count, count}})
      for (const double value : values) {
        PastTake take;
        take.exercise = "widening";
        take.attention = attention;
        take.kept = TakeSummary{Verdict::inside, {{"step_spread_percent", value}}, ""};
        takes.push_back(take);
      }
    return takes;
  };
  const auto takes = takesOf({2.0, 3.0, 4.0}, {6.0, 8.0, 10.0, 8.0});
  const auto effect = attentionEffect(takes, "widening", "step_spread_percent");
  ASSERT_TRUE(effect);
  EXPECT_NEAR(effect->difference(), -5.0, 1e-9);
  // Standard errors 1/√3 and 1.633/√4.
  EXPECT_NEAR(effect->error(), std::sqrt(1.0 / 3.0 + 8.0 / 3.0 / 4.0), 1e-9);
  EXPECT_TRUE(effect->tells());
  EXPECT_FALSE(
      attentionEffect(takesOf({2.0, 9.0, 4.0}, {6.0, 3.0, 5.0}), "widening", "step_spread_percent")->tells());
  EXPECT_FALSE(attentionEffect(takesOf({2.0, 3.0}, {6.0, 8.0, 10.0}), "widening", "step_spread_percent"));
  EXPECT_FALSE(attentionEffect(takes, "stairs-4", "step_spread_percent"));
}

TEST(Accepted, TakesOfANoteSayWhatItsOwnColourIs) {
  std::vector<PastTake> takes;
  const auto add = [&](TeachersWord word, int note, std::optional<int> place, double tilt) {
    PastTake take;
    take.exercise = "steady-tone";
    take.word = word;
    take.note = note;
    take.place = place;
    take.kept = TakeSummary{Verdict::outside, {{"tilt_db_per_octave", tilt}, {"offset_cents", 3.0}}, ""};
    takes.push_back(take);
  };
  for (const double tilt : {-20.0, -23.0, -21.0}) add(TeachersWord::accept, 67, 1, tilt);
  add(TeachersWord::none, 67, 1, -5.0);
  add(TeachersWord::accept, 67, 2, -5.0);  // the microphone stood elsewhere
  for (const double tilt : {-9.0, -9.0}) add(TeachersWord::accept, 72, 1, tilt);
  const auto own = [&](std::optional<int> note, int place) {
    return acceptedOf(takes, "steady-tone", note, place);
  };
  EXPECT_EQ(own(67, 1), (std::map<std::string, double>{{"tilt_db_per_octave", -21.0}}));
  EXPECT_TRUE(own(67, 2).empty());
  EXPECT_TRUE(own(72, 1).empty()) << "two are too few";
  EXPECT_TRUE(own({}, 1).empty()) << "a free note is any note";
  EXPECT_TRUE(acceptedOf(takes, "swell", 67, 1).empty());
}

TEST(Ticks, AreHeldAgainstTakesWithWhichSomethingElseWasSeen) {
  std::vector<PastTake> takes;
  const auto add = [&](std::vector<std::string> ticks, double value) {
    PastTake take;
    take.exercise = "widening";
    take.ticks = std::move(ticks);
    take.kept = TakeSummary{Verdict::inside, {{"gap_ms", value}}, ""};
    takes.push_back(take);
  };
  for (const double value : {10.0, 12.0, 14.0}) add({"jaw", "corners"}, value);
  for (const double value : {40.0, 44.0, 48.0}) add({"corners"}, value);
  add({}, 500.0);  // nobody looked
  const auto effect = tickEffect(takes, "widening", "gap_ms", "jaw");
  ASSERT_TRUE(effect);
  EXPECT_NEAR(effect->difference(), -32.0, 1e-9);
  EXPECT_TRUE(effect->tells());
  EXPECT_FALSE(tickEffect(takes, "widening", "gap_ms", "corners")) << "never seen without";
}

TEST(Reach, IsWhereATonesStaysForHalfASecond) {
  // Two seconds of one note soft, two of the fifth loud, two of a wave that no note is.
  sounds::ToneSpec spec;
  spec.f0_hz = 220.0;
  spec.seconds = 6.0;
  spec.before_s = spec.after_s = kBefore_s;
  spec.rms = 0.1;
  spec.cents = [](double t) {
    return t < 2.0 ? 0.0 : t < 4.0 ? 700.0 : 700.0 + 60.0 * std::sin(2.0 * std::numbers::pi * 1.2 * t);
  };
  spec.amplitude = [](double t) { return edges(t, 6.0) * (t < 2.0 ? 0.1 : 1.0); };
  const Analysis heard = analyse(sounds::tone(spec), kRate_hz, {});
  std::map<int, double> seconds;
  for (const Reached& cell : heard.reach) {
    seconds[cell.semitone] += cell.seconds;
    const double level = cell.semitone == 57 ? -40.0 : -20.0;
    EXPECT_LE(cell.level_db, level + 1.0);
    EXPECT_GT(cell.level_db, level - kReachStep_db - 1.0);
  }
  EXPECT_EQ(seconds.size(), 2u);
  EXPECT_NEAR(seconds[57], 1.85, 0.1);
  EXPECT_NEAR(seconds[64], 1.95, 0.25);
}

PastTake keptTake(std::int64_t id, const Analysis& analysis) {
  PastTake take;
  take.id = take.made_unix_s = id;
  take.place = 1;
  take.kept = keptOf(analysis);
  return take;
}

TEST(Reach, OfManyTakesHasItsEdgesAndItsHole) {
  const auto courseOf = [](const char* player) {
    constexpr std::int64_t day = 86400;
    std::vector<PastTake> takes{keptTake(40 * day, playedBy(player, "scale-8-8", 5)),
                                keptTake(1, playedBy(player, "chromatic-down", 6))};
    const ReachCourse course = reachCourse(takes);
    EXPECT_FALSE(course.then.empty());
    EXPECT_LT(course.then.cells().size(), course.now.cells().size());
    ReachMap again = course.then;  // a new take is only added
    again.add(takes.front());
    EXPECT_EQ(again.cells().size(), course.now.cells().size());
    takes.back().place = 2;  // levels of two places are not compared
    EXPECT_EQ(reachCourse(takes).elsewhere, 1);
    EXPECT_TRUE(reachCourse(takes).then.empty());
    takes.back().place.reset();
    EXPECT_EQ(reachCourse(takes).elsewhere, 1);
    takes.front().word = TeachersWord::invalidTry;
    EXPECT_TRUE(reachCourse(takes).now.empty());
    return course;
  };
  const ReachMap steady = courseOf("steady").now, loud = courseOf("high-only-loud").now;
  EXPECT_FALSE(holeOf(steady));
  const auto hole = holeOf(loud);
  ASSERT_TRUE(hole);
  EXPECT_TRUE(hole->high);
  EXPECT_GE(hole->louder_db, 9);
  EXPECT_GT(loud.softest(loud.highest()).value(), steady.softest(steady.highest()).value());
  EXPECT_FALSE(loud.softest(loud.highest() + 1));
  EXPECT_FALSE(loud.loudest(loud.lowest() - 1));
  EXPECT_EQ(loud.span_db(loud.highest()),
            *loud.loudest(loud.highest()) - *loud.softest(loud.highest()) + kReachStep_db);
}

}  // namespace
}  // namespace calando
