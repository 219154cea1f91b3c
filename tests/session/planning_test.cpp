#include "app/session/lesson/planning.h"

#include "app/session/common/today.h"
#include "core/engine/analysis.h"
#include "session/doubles.h"

namespace calando {
namespace {

/// A student with kept takes of one steady tone, so many seconds asked for, on days before today.
class PlanningTest : public SessionTest {
 protected:
  void practised(std::initializer_list<int> daysAgo, double seconds, Verdict verdict,
                 const std::string& observed = {}) {
    auto studio = Studio::open(folder_.path().toStdString());
    if (studio->students.all()->empty()) {
      ASSERT_TRUE(studio->students.add("Ada", "trumpet-bb"));
    }
    const std::int64_t now = clock_->now_unix_s();
    for (const int days : daysAgo) {
      Take take;
      take.student = studio->students.all()->front().id;
      take.asked.instrument = "trumpet-bb";
      take.asked.exercise = "steady-tone";
      take.asked.seconds = seconds;
      take.made_unix_s = now - days * 86400 - static_cast<int>(made_++);
      const auto kept = studio->takes.add(take, tone(440.0), 48000);
      ASSERT_TRUE(kept);
      ASSERT_TRUE(studio->summaries.keep(
          kept->id, {engineVersion(), 9.0, "png", {verdict, {{"held_s", seconds + 0.2}}, {}, observed}}));
    }
  }
  Planning& planning() { return session_->planning; }
  std::size_t made_ = 0;
};

TEST_F(PlanningTest, WhatIsTakenIsAskedForInTheLessonAndComesBackTomorrow) {
  practised({5, 5, 4, 3, 3}, 10.0, Verdict::inside);
  start();
  session_->order.set({"steady-tone", "scale-4-4"});
  session_->lesson.choose("steady-tone");
  EXPECT_EQ(session_->request.wish().seconds, 10.0);
  ASSERT_EQ(planning().proposals().size(), 1u);
  const Proposal up = planning().proposals().front();
  EXPECT_EQ(up.to, 12.0);
  int told = 0;
  QObject::connect(&planning(), &Planning::changed, [&] { ++told; });
  planning().take(up);
  EXPECT_GE(told, 1);
  EXPECT_TRUE(planning().proposals().empty()) << "it is new now";
  EXPECT_EQ(session_->request.wish().seconds, 12.0) << "the head strip asks for it";
  start();
  EXPECT_EQ(planning().plan().find("steady-tone")->asked, 12.0);
  session_->lesson.choose("steady-tone");
  EXPECT_EQ(session_->request.wish().seconds, 12.0);
  planning().take(up, 11.0);
  EXPECT_EQ(session_->request.wish().seconds, 11.0);
  session_->session.undo();
  EXPECT_EQ(session_->request.wish().seconds, 12.0);
}

TEST_F(PlanningTest, NotYetIsKeptAndATeachersGateCounts) {
  practised({5, 5, 4, 3, 3}, 10.0, Verdict::near);
  start();
  session_->order.set({"steady-tone"});
  EXPECT_EQ(session_->lesson.standing("steady-tone").good, 5);
  ASSERT_EQ(planning().proposals().size(), 1u);
  planning().refuse(Proposal(planning().proposals().front()));
  EXPECT_TRUE(planning().proposals().empty());
  session_->session.undo();
  EXPECT_EQ(planning().proposals().size(), 1u);
  planning().edit([](Plan& plan) { plan.gate = Gate{5, 5, 4}; });
  EXPECT_TRUE(planning().proposals().empty());
  EXPECT_EQ(
      session_->lesson.standing("steady-tone").toCome(session_->lesson.gate(*findExercise("steady-tone"))),
      1);
  start();
  EXPECT_EQ(planning().plan().gate, (Gate{5, 5, 4}));
}

TEST_F(PlanningTest, TheCardAfterTakesItsPlaceInTheLesson) {
  practised({5, 5, 4, 3, 3}, 30.0, Verdict::inside);
  start();
  Exercise own = *findExercise("steady-tone");
  own.then = "scale-8-8";
  own.id = "own-1";
  ASSERT_TRUE(session_->deck.keep(own));
  const std::string id = session_->deck.own().front()->id;
  session_->order.set({id, "swell"});
  Take take = session_->takes.all().front();
  for (Take t : session_->takes.all()) {
    t.asked.exercise = id;
    ASSERT_TRUE(session_->takes.change(t));
  }
  ASSERT_EQ(planning().proposals().size(), 1u);
  EXPECT_EQ(planning().proposals().front().kind, Proposal::Kind::goOn);
  planning().take(Proposal(planning().proposals().front()));
  EXPECT_EQ(session_->order.steps(), (std::vector<std::string>{"scale-8-8", "swell"}));
  session_->session.undo();
  EXPECT_EQ(session_->order.steps().front(), id);
}

TEST_F(PlanningTest, TheSheetIsOfThisStudentAndPracticeByHandIsKept) {
  practised({1}, 10.0, Verdict::inside);
  start();
  planning().edit([](Plan& plan) { plan.minutes = 10; });
  const auto sheets = planning().sheets(today(), 7);
  ASSERT_EQ(sheets.size(), 7u);
  for (const DaySheet& sheet : sheets) {
    EXPECT_FALSE(sheet.items.empty());
    EXPECT_LE(sheet.total_s(), 600.0);
  }
  ASSERT_TRUE(planning().keepPractice({0, 0, today(), 25, "duets"}));
  ASSERT_TRUE(planning().keepPractice({0, 0, today() - std::chrono::days(2), 15, "scales"}));
  start();
  ASSERT_EQ(planning().practices().size(), 2u);
  EXPECT_EQ(planning().practices()[0].what, "duets");
  EXPECT_EQ(planning().practices()[1].minutes, 15);
  EXPECT_TRUE(planning().erasePractice(planning().practices()[0].id));
  EXPECT_EQ(planning().practices().size(), 1u);
  session_->session.undo();
  EXPECT_EQ(planning().practices().size(), 2u);
}

TEST_F(PlanningTest, WhatBrokeTwiceIsAskedForLessOfUntilItGoesWell) {
  practised({0, 0}, 10.0, Verdict::outside);
  start();
  session_->order.set({"steady-tone", "swell"});
  session_->lesson.choose("steady-tone");
  Onward& onward = session_->onward;
  ASSERT_TRUE(onward.next());
  EXPECT_EQ(onward.next()->kind, NextTry::Kind::easier);
  int judged = 0;
  QObject::connect(&session_->request, &RequestEditor::changed, [&] { ++judged; });
  onward.take();
  EXPECT_EQ(session_->request.wish().seconds, 7.0);
  EXPECT_EQ(judged, 0) << "the take that broke is judged by what it was asked for";
  EXPECT_FALSE(onward.next()) << "taken";
  session_->safety.stop(false);
  session_->safety.because(StopReason::pain);
  EXPECT_FALSE(onward.next());
}

TEST_F(PlanningTest, WhatStandsInComesBackToWhatItStoodInFor) {
  practised({0, 0}, 4.0, Verdict::outside, "runs-out");
  start();
  session_->order.set({"steady-tone", "swell"});
  session_->lesson.choose("steady-tone");
  Onward& onward = session_->onward;
  ASSERT_TRUE(onward.next());
  EXPECT_EQ(onward.next()->card, "long-hiss");
  onward.take();
  EXPECT_EQ(session_->lesson.current()->id, "long-hiss");
  EXPECT_EQ(session_->lesson.standsFor(), "steady-tone");
  EXPECT_EQ(session_->order.steps().size(), 2u) << "the order stays as it is";
  session_->lesson.next();
  EXPECT_EQ(session_->lesson.current()->id, "swell") << "after what it stood in for";
  session_->lesson.choose("steady-tone");
  EXPECT_FALSE(onward.next()) << "it was answered";
}

TEST_F(PlanningTest, AnotherStudentsTakesLeadNowhere) {
  practised({0, 0}, 10.0, Verdict::outside);
  start();
  session_->lesson.choose("steady-tone");
  ASSERT_TRUE(session_->onward.next());
  add("Ben");
  EXPECT_FALSE(session_->onward.next());
  session_->onward.take();
  EXPECT_EQ(session_->request.wish().seconds, 8.0);
}

}  // namespace
}  // namespace calando
