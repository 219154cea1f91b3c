// What is said of figures and of homework, to a teacher, a child, a parent.
#include "app/words/words.h"

#include <gtest/gtest.h>

#include <QtTest>

#include "app/words/card_words.h"
#include "app/words/figure_words.h"
#include "app/words/post_words.h"
#include "core/figures/figure.h"
#include "core/figures/findings.h"
#include "core/figures/reading.h"
#include "core/homework/list.h"
#include "core/homework/marking.h"
#include "core/judging/advice.h"
#include "core/library/cards.h"
#include "core/theory/instrument.h"

namespace calando {
namespace {

Reading readingOf(const char* figure, double value, Verdict verdict = Verdict::inside,
                  std::optional<double> low = {}, std::optional<double> high = {}) {
  Reading r;
  r.figure = findFigure(figure);
  r.value = value;
  r.low = low;
  r.high = high;
  r.hasTarget = low || high;
  r.verdict = verdict;
  return r;
}

TEST(Words, OfAFigureSayWhichWayItGoes) {
  EXPECT_EQ(words::value(readingOf("offset_cents", -3.21)), "3.2 cents flat");
  EXPECT_EQ(words::value(readingOf("offset_cents", 14.0)), "14.0 cents sharp");
  EXPECT_EQ(words::value(readingOf("offset_cents", 0.04)), "0.0 cents") << "as far as it is written";
  Reading unsure = readingOf("offset_cents", -3.21);
  unsure.unsure = 0.42;
  EXPECT_EQ(words::value(unsure), "3.2 ± 0.4 cents flat");
  Reading place = readingOf("place_ms", 24.0);
  EXPECT_EQ(words::value(place), "24 ms") << "now early, now late";
  place.leaning = -20.0;
  EXPECT_EQ(words::value(place), "24 ms early");
  EXPECT_EQ(words::value(readingOf("in_first_quarter", 0.36)), "36 % of the air");
  EXPECT_EQ(words::value(readingOf("held_s", 8.13)), "8.1 s");
  EXPECT_EQ(words::change(-0.04, findFigure("in_first_quarter")->print), "−4");
}

TEST(Words, SayWhatIsMeasuredInDecibelsAsATeacherWould) {
  const auto tone = [](double db, Verdict verdict) {
    return words::inWords(readingOf("hnr_db", db, verdict, 18.0));
  };
  EXPECT_EQ(tone(20.0, Verdict::inside), "clear");
  EXPECT_EQ(tone(17.0, Verdict::near), "nearly clear");
  EXPECT_EQ(tone(6.0, Verdict::outside), "airy");
  EXPECT_EQ(tone(6.0, Verdict::notYet), "");
  EXPECT_EQ(words::inWords(readingOf("fade_db", -9.0, Verdict::outside, -3.0, 3.0)), "fades");
  EXPECT_EQ(words::inWords(readingOf("fade_db", 9.0, Verdict::outside, -3.0, 3.0)), "swells");
  EXPECT_EQ(words::inWords(readingOf("hnr_db", 20.0)), "") << "where nothing is asked for its number is said";
  // Whatever an exercise shows large has a unit that is spoken, or words.
  for (const Exercise& card : exercises())
    for (const std::string& id : card.readings) {
      const Figure& figure = *findFigure(id);
      if (figure.unit.find("dB") != std::string_view::npos) {
        EXPECT_FALSE(figure.words.inside.empty()) << id << " on " << card.id;
      }
    }
}

TEST(Words, ForParentsNeedNoMusic) {
  EXPECT_EQ(words::forParents(*findFigure("held_s"), 8.13), "Holds a tone for 8.1 seconds.");
  EXPECT_EQ(words::forParents(*findFigure("offset_cents"), 3.4),
            "In the middle of all takes, 3/100 of a half step too high.");
  EXPECT_EQ(words::forParents(*findFigure("place_ms"), 120.0), "Begins within 0.12 seconds of the beat.");
  EXPECT_EQ(words::forParents(*findFigure("hnr_db"), 20.0), "");
}

class AnswerTest : public testing::Test {
 protected:
  AnswerTest() {
    for (const char* id : {"steady-tone", "swell", "scale-4-4"})
      list_.items.push_back({std::make_shared<const Exercise>(*findExercise(id))});
    marking_.items.resize(3);
    marking_.items[0] = itemOf({readingOf("held_s", 12.0, Verdict::inside, 5.0)});
    Reading wander = readingOf("wander_cents", 30.0, Verdict::outside, {}, 8.0);
    wander.excess = 3.0;
    marking_.items[1] = itemOf({wander});
  }
  MarkedItem itemOf(std::vector<Reading> readings) {
    MarkedItem item;
    item.cuesAsked = 1;
    item.best = 0;
    MarkedAttempt& one = item.tries.emplace_back();
    one.cuesFound = 1;
    one.analysis.readings = readings;
    if (auto advice = chooseAdvice(readings, {}, nullptr, nullptr)) one.analysis.advice = {*advice};
    return item;
  }
  QString to(words::Reader reader, const QString& next = {}) const {
    return words::answer(reader, "Alva", list_, marking_, findInstrument("flute"), next);
  }

  HomeworkList list_;
  Marking marking_;
};

TEST_F(AnswerTest, SaysWhatWentOneThingAndWhenNext) {
  for (const auto reader : {words::Reader::child, words::Reader::adult, words::Reader::parent}) {
    const QString text = to(reader, "until 4 December");
    EXPECT_TRUE(text.contains("This went well: " + words::said(findExercise("steady-tone")->title) + "."))
        << text.toStdString();
    EXPECT_TRUE(text.contains("not in the recording: " + words::said(findExercise("scale-4-4")->title)));
    EXPECT_EQ(text.count("One thing"), 1);
    EXPECT_TRUE(text.contains("until 4 December"));
    EXPECT_FALSE(text.contains("seconds longer"));
    EXPECT_FALSE(text.contains("dB"));
    EXPECT_EQ(text.contains("To help:"), reader == words::Reader::parent);
    EXPECT_EQ(text.contains("30.0 cents"), true) << "the one thing has its figure";
    EXPECT_EQ(text.contains("Held 12.0 s"), reader == words::Reader::adult);
  }
  EXPECT_TRUE(to(words::Reader::child).contains("next lesson"));
}

TEST_F(AnswerTest, OfAllThatWentAsksForTheSameOnceMore) {
  marking_.items.resize(1);
  list_.items.resize(1);
  const QString text = to(words::Reader::child);
  EXPECT_TRUE(text.contains("The same once more")) << text.toStdString();
  EXPECT_FALSE(text.contains("One thing"));
}

TEST(Words, AreFoundInAnyOrderByTheirBeginningsAndNumbersByDigitsToo) {
  const QString title = "In four, out four: breathing";
  for (const char* wanted : {"in 4 out 4", "out four in", "BREATH four", "4", "", "  "})
    EXPECT_TRUE(words::isFoundBy(title, wanted)) << wanted;
  for (const char* wanted : {"in 5", "four five", "fourth", "reathing"})
    EXPECT_FALSE(words::isFoundBy(title, wanted)) << wanted;
  EXPECT_TRUE(words::isFoundBy("5 seconds, dead level", "five seconds"));
}

}  // namespace
}  // namespace calando
