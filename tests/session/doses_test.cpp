// What there is enough of on a day, and when somebody gets tired.
#include "core/engine/analysis.h"
#include "core/plan/sheet.h"
#include "session/safety_fixture.h"

namespace calando {
namespace {

TEST_F(SafetySessionTest, TheDoseOfACardEndsIt) {
  begin("long-hiss");
  for (int set = 0; set < 3; ++set) {
    session_->rest.forgive();
    breathe(1.0);
  }
  session_->rest.forgive();
  EXPECT_EQ(before(), Before::doseDone);
  session_->session.toggle();
  EXPECT_EQ(phase(), Phase::ready);
  EXPECT_TRUE(said().contains("3 of 3")) << said().toStdString();
  act();
  EXPECT_EQ(phase(), Phase::sounding) << "asked for once more";
  session_->session.toggle();
  ASSERT_TRUE(settle());
}

TEST_F(SafetySessionTest, TheSmallPartAndLongTonesHaveADoseOverAllTheirCards) {
  struct Case {
    std::initializer_list<const char*> cards;
    const char *last, *other, *says;
    double most_s;
  };
  const Beginning doses = beginningOf(Experience::beginner);
  start();
  for (const Case& c : {Case{{"buzz-level", "buzz-fall", "buzz-air-first", "buzz-widest"},
                             "buzz-siren",
                             "steady-tone",
                             "on the small part today",
                             doses.smallPart_s_a_day},
                        Case{{"steady-tone", "tone-5", "against-best", "repair"},
                             "low-notes",
                             "swing-neighbours",
                             "of long tones today",
                             doses.longTones_s_a_day}}) {
    SCOPED_TRACE(c.last);
    session_->book.add({0, c.last, "trumpet-bb", {}, Experience::beginner});
    int played = 0;
    for (const char* card : c.cards) {
      session_->lesson.choose(card);
      EXPECT_EQ(before(), Before::nothing) << card;
      Take take;
      take.student = session_->book.chosen()->id;
      take.made_unix_s = clock_->now_unix_s();
      take.id = 100 * take.student + ++played;
      take.file = std::to_string(take.id);
      take.seconds = take.held_s.emplace(0.26 * c.most_s);
      take.asked.exercise = card;
      take.asked.instrument = "trumpet-bb";
      ASSERT_TRUE(session_->takes.enter(take, {}));
    }
    session_->lesson.choose(c.last);
    EXPECT_EQ(before(), Before::doseDone);
    session_->session.toggle();
    EXPECT_EQ(phase(), Phase::ready);
    EXPECT_TRUE(said().contains(c.says)) << said().toStdString();
    act();  // one more
    EXPECT_NE(phase(), Phase::ready);
    session_->session.toggle();
    ASSERT_TRUE(settle());
    EXPECT_EQ(before(), Before::doseDone) << "one, and not two";
    session_->lesson.choose(c.other);
    EXPECT_EQ(session_->lesson.current()->id, c.other);
    EXPECT_EQ(before(), Before::nothing);
  }
}

TEST_F(SafetySessionTest, ACountedCardSoundsAsLongAsItAsksForNotAsItsLongestTone) {
  start();
  session_->book.add({0, "Cleo", "trumpet-bb", {}, Experience::beginner});
  session_->lesson.choose("scale-8-8");
  const double work_s = lengthOf(*findExercise("scale-8-8"), {}, "trumpet-bb", {}).work_s;
  EXPECT_NEAR(work_s, 64.0, 1e-6) << "eight notes of eight seconds";
  for (int i = 0; i < 6; ++i) {
    session_->lesson.choose(i % 2 ? "chromatic-up" : "scale-8-8");
    Take take;
    take.student = session_->book.chosen()->id;
    take.made_unix_s = clock_->now_unix_s();
    take.id = i + 1;
    take.file = std::to_string(i);
    take.seconds = 130.0;
    take.held_s = 8.1;
    take.asked.exercise = "scale-8-8";
    take.asked.instrument = "trumpet-bb";
    ASSERT_TRUE(session_->takes.enter(take, {}));
    session_->lesson.choose("chromatic-up");
    const auto enough = session_->safety.enough();
    EXPECT_EQ(enough.has_value(), (i + 1) * work_s >= beginningOf(Experience::beginner).longTones_s_a_day);
  }
}

TEST_F(SafetySessionTest, TirednessIsSaidOnceADay) {
  for (int i = 0; i < 12; ++i) {
    auto studio = Studio::open(folder_.path().toStdString(), clock_);
    const Student cleo =
        i == 0 ? *studio->students.add("Cleo", "trumpet-bb") : studio->students.all()->front();
    Take take;
    take.student = cleo.id;
    take.asked.instrument = "trumpet-bb";
    take.asked.exercise = "steady-tone";
    take.made_unix_s = clock_->now_unix_s() - 1200 + 60 * i;
    const auto kept = studio->takes.add(take, tone(440.0), 48000);
    ASSERT_TRUE(kept);
    const double late = std::max(0.0, i - 5.0), wobble = i % 2 ? 1.0 : -1.0;
    ASSERT_TRUE(studio->summaries.keep(
        kept->id, {engineVersion(),
                   8.0,
                   "png",
                   {Verdict::inside, {{"offset_cents", wobble - 3.0 * late}, {"hnr_db", 20.0 - late}}, {}}}));
  }
  start();
  const auto tired = session_->safety.newlyTired();
  ASSERT_TRUE(tired);
  EXPECT_EQ(tired->fallen.size(), 2u);
  EXPECT_FALSE(session_->safety.newlyTired()) << "said";
  clock_->set(QDateTime(QDate(2026, 11, 26), QTime(18, 0)));
  EXPECT_FALSE(session_->safety.newlyTired()) << "a new day";
}

}  // namespace
}  // namespace calando
