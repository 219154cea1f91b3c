#include "core/engine/snapshot.h"
#include "core/homework/marking.h"
#include "core/library/cards.h"
#include "records/studio.h"
#include "session/safety_fixture.h"
#include "support/processed.h"

namespace calando {
namespace {

TEST_F(SafetySessionTest, BeforeTheFirstSetOfADayIsTheCautionAndBetweenSetsNormalBreath) {
  start();
  add("Ada");
  session_->lesson.choose("steady-tone");
  EXPECT_EQ(before(), Before::nothing) << "tones need none of this";
  session_->lesson.choose("long-hiss");
  session_->session.toggle();
  EXPECT_TRUE(session_->safety.showsCaution());
  EXPECT_EQ(phase(), Phase::ready) << "the first press only shows it";
  session_->lesson.choose("steady-tone");
  EXPECT_FALSE(session_->safety.showsCaution()) << "another step takes it away";
  session_->lesson.choose("long-hiss");
  session_->session.toggle();
  breathe(2.0);  // the press that starts dismisses it
  EXPECT_FALSE(session_->safety.showsCaution());
  EXPECT_EQ(before(), Before::rest);
  EXPECT_TRUE(said().contains("breathe normally for 60 s")) << said().toStdString();
  session_->session.toggle();
  EXPECT_EQ(phase(), Phase::ready) << "rest is owed";
  act();  // start all the same
  EXPECT_EQ(phase(), Phase::sounding);
  session_->session.toggle();
  ASSERT_TRUE(settle());
  session_->lesson.choose("open-inhales");
  EXPECT_NE(before(), Before::readCaution) << "once a day";
  add("Ben");
  session_->lesson.choose("open-inhales");
  EXPECT_EQ(before(), Before::readCaution) << "and for everybody";
}

TEST_F(SafetySessionTest, WhoeverFeelsLightHeadedHasBreathedForTodayAndNothingIsTakenFromIt) {
  begin("long-hiss");
  breathe(2.0);
  session_->rest.forgive();
  session_->session.toggle();
  input_->push(breath(6.0));
  ASSERT_TRUE(heard());
  session_->session.stopHere();
  ASSERT_TRUE(settle());
  const auto& takes = session_->takes.all();
  ASSERT_EQ(takes.size(), 2u);
  EXPECT_TRUE(takes[0].stopped);
  EXPECT_FALSE(takes[1].stopped);
  EXPECT_EQ(session_->lesson.standing("long-hiss").tries, 1) << "the stopped one counts for nothing";
  const auto longest = mostOf(session_->takes.past(), "long-hiss", "air_lasts_s", 0, 1LL << 40);
  ASSERT_TRUE(longest);
  EXPECT_NEAR(*longest, 2.0, 0.1) << "no record from going past a stop";
  session_->rest.forgive();
  for (const char* step : {"long-hiss", "in-4-out-4"}) {
    session_->lesson.choose(step);
    session_->session.toggle();
    EXPECT_EQ(phase(), Phase::ready) << step;
    EXPECT_TRUE(said().contains("no more breathing today"));
  }
  session_->lesson.choose("steady-tone");
  EXPECT_EQ(before(), Before::over) << "long tones take as much breath";
  session_->lesson.choose("home-two");
  EXPECT_EQ(before(), Before::nothing) << "short ones are still played";
  start();  // and after a restart
  session_->lesson.choose("long-hiss");
  EXPECT_EQ(before(), Before::over);
  session_->session.toggle();
  act();  // the teacher opens it again
  EXPECT_FALSE(session_->safety.closed());
  EXPECT_NE(before(), Before::over);
}

TEST_F(SafetySessionTest, AStopBetweenTwoSetsIsNotedWithTheOneBefore) {
  begin("long-hiss");
  breathe(2.0);
  ASSERT_FALSE(session_->shown.snapshot()->analysis.readings.empty());
  session_->session.stopHere();
  EXPECT_FALSE(session_->takes.all().front().stopped) << "one key may be pressed by mistake";
  EXPECT_NE(before(), Before::over);
  EXPECT_TRUE(said().contains("Esc once more")) << said().toStdString();
  session_->session.stopHere();
  EXPECT_TRUE(session_->takes.all().front().stopped);
  EXPECT_EQ(before(), Before::over) << "until it is said why";
  act();  // dizzy
  EXPECT_EQ(session_->takes.all().front().stopReason, StopReason::dizzy);
  const auto openAgain = session_->notices.current()->answers.front().act;
  EXPECT_TRUE(session_->shown.snapshot()->analysis.readings.empty()) << "what is on show is judged no more";
  for (const CueResult& cue : session_->shown.snapshot()->analysis.cues)
    EXPECT_EQ(cue.verdict, Verdict::unmeasured);
  EXPECT_FALSE(session_->shown.snapshot()->analysis.airs.empty()) << "but seen";
  EXPECT_TRUE(session_->studio.takes.of(session_->book.chosen()->id)->front().stopped);
  openAgain();
  ASSERT_TRUE(settle());
  EXPECT_FALSE(session_->studio.takes.of(session_->book.chosen()->id)->front().stopped)
      << "all of it is back";
  EXPECT_FALSE(session_->shown.snapshot()->analysis.readings.empty());
  EXPECT_NE(before(), Before::over);
}

// One stop for everything that sounds; why it was decides what rests, and for how long.
TEST_F(SafetySessionTest, ATonesStopAsksWhyAndWhatHurtsRestsUntilTheTeacherOpensIt) {
  enum Answer : std::size_t { dizzy, pain, tired, enough, mistake };
  struct Case {
    Answer answer;
    StopReason kept;
    bool tones, smallPart, tomorrow;  // which may be played then
  };
  for (const Case& c :
       {Case{dizzy, StopReason::dizzy, false, false, true}, Case{pain, StopReason::pain, false, true, false},
        Case{tired, StopReason::tired, true, true, true}, Case{enough, StopReason::enough, true, true, true},
        Case{mistake, StopReason::none, true, true, true}}) {
    SCOPED_TRACE(c.answer);
    start();
    session_->book.add({0, "Player " + std::to_string(c.answer), "trumpet-bb", {}, Experience::someYears});
    session_->lesson.choose("steady-tone");
    session_->session.toggle();
    ASSERT_EQ(phase(), Phase::sounding);
    input_->push(tone(440.0));
    ASSERT_TRUE(heard());
    session_->session.stopHere();
    ASSERT_TRUE(settle());
    EXPECT_TRUE(session_->takes.all().front().stopped);
    EXPECT_EQ(before(), Before::nothing) << "a tone rests for nothing before it is said why";
    ASSERT_EQ(session_->notices.current()->answers.size(), 5u);
    session_->notices.act(c.answer);
    ASSERT_TRUE(settle());
    EXPECT_EQ(session_->takes.all().front().stopReason, c.kept);
    EXPECT_EQ(session_->takes.all().front().stopped, c.answer != mistake) << "a mistake counts";
    const std::string who = session_->book.chosen()->name;
    for (const bool restarted : {false, true}) {
      if (restarted) {
        start();
        for (const Student& student : session_->book.students())
          if (student.name == who) session_->book.choose(student.id);
      }
      session_->lesson.choose("steady-tone");
      EXPECT_EQ(before() != Before::over, c.tones) << restarted;
      session_->lesson.choose("buzz-level");
      EXPECT_EQ(before() != Before::over, c.smallPart) << restarted;
    }
    const auto stops = session_->studio.students.stops(session_->book.chosen()->id);
    ASSERT_TRUE(stops);
    const ExercisePtr steady = findExercise("steady-tone");
    EXPECT_EQ(closing(*stops, *steady, stops->back().at_unix_s + 86400) == nullptr, c.tomorrow);
    session_->lesson.choose("steady-tone");
    session_->safety.openAgain();
    EXPECT_NE(before(), Before::over);
  }
}

// The sheet at the wall: the same key that started the take says when the hand let go and when the sheet
// slid.
TEST_F(SafetySessionTest, ThePlayersKeyTimesTheSheetAndATooEarlyHandIsAnInvalidTry) {
  begin("sheet-at-wall");
  for (const bool tooEarly : {false, true}) {
    SCOPED_TRACE(tooEarly);
    session_->rest.forgive();
    session_->session.toggle();
    ASSERT_EQ(session_->run.keyStep(), TakeRun::KeyStep::begins);
    const std::vector<float> sound = breath(4.0, 1.5);
    const auto at = [](double s) { return static_cast<std::ptrdiff_t>(48000 * s); };
    const auto push = [&](double from_s, double to_s) {
      input_->push({sound.begin() + at(from_s), sound.begin() + at(to_s)});
      ASSERT_TRUE(heard());
      QTest::qWait(30);  // the last block is on its way
    };
    push(0.0, tooEarly ? 0.6 : 2.2);
    session_->session.toggle();
    EXPECT_EQ(session_->run.keyStep(), TakeRun::KeyStep::ends);
    push(tooEarly ? 0.6 : 2.2, 5.0);
    session_->session.toggle();
    EXPECT_EQ(session_->run.keyStep(), TakeRun::KeyStep::none);
    EXPECT_EQ(phase(), Phase::sounding) << "the air may go on";
    session_->session.toggle();
    ASSERT_TRUE(settle());
    const Take& take = session_->takes.all().front();
    ASSERT_TRUE(take.asked.key);
    EXPECT_NEAR(take.asked.key->to_s - take.asked.key->from_s, tooEarly ? 4.4 : 2.8, 0.05);
    EXPECT_EQ(take.word, tooEarly ? TeachersWord::invalidTry : TeachersWord::none);
    EXPECT_EQ(said().contains("does not count"), tooEarly) << said().toStdString();
    const auto& readings = session_->shown.snapshot()->analysis.readings;
    EXPECT_EQ(readings.front().value.has_value(), !tooEarly);
    EXPECT_EQ(said().contains("Longest today"), !tooEarly);
  }
}

TEST_F(SafetySessionTest, WhatIsSeenIsTickedAndAnOpenBreathIsLearntForgottenAndUndone) {
  begin("open-inhales");
  session_->session.toggle();
  Context context;
  context.exercise = findExercise("open-inhales");
  sounds::BreathSound sound;
  sound.seconds = 24.0;
  for (int i = 0; i < 6; ++i)
    sound.breaths.push_back({4.0 + 3.0 * i, 6.7 + 3.0 * i, i % 2 == 0 ? sounds::Way::in : sounds::Way::out});
  input_->push(sounds::breathing(sound));
  ASSERT_TRUE(heard());
  session_->session.toggle();
  ASSERT_TRUE(settle());
  ShownTake& open = session_->shown;
  session_->remarks.toggleTick("ribs");
  session_->remarks.toggleTick("belly");
  session_->remarks.toggleTick("ribs");
  EXPECT_EQ(session_->takes.all().front().ticks, std::vector<std::string>{"belly"});
  ASSERT_EQ(open.snapshot()->analysis.airs.size(), 6u);
  EXPECT_FALSE(open.snapshot()->analysis.airs[0].open_distance_db);
  session_->breaths.call(open.snapshot()->analysis.airs[0]);
  session_->breaths.call(open.snapshot()->analysis.airs[2]);
  ASSERT_TRUE(settle());
  EXPECT_EQ(session_->breaths.marks().size(), 2u);
  ASSERT_TRUE(open.snapshot()->analysis.airs[4].open_distance_db);
  EXPECT_EQ(open.snapshot()->analysis.airs[4].sound, AirSound::open);
  ASSERT_TRUE(session_->request.asked().open) << "the next takes are held against it";
  const std::int64_t id = open.take()->id;
  start();  // it is kept
  EXPECT_EQ(session_->breaths.marks().size(), 2u);
  EXPECT_TRUE(session_->takes.find(id)->asked.open);
  session_->session.choose(id);
  ASSERT_TRUE(settle());
  session_->breaths.forget();
  ASSERT_TRUE(settle());
  EXPECT_FALSE(session_->request.asked().open);
  EXPECT_FALSE(session_->shown.snapshot()->analysis.airs[4].open_distance_db);
  session_->session.undo();
  EXPECT_EQ(session_->breaths.marks().size(), 2u);
}

TEST_F(SafetySessionTest, WhatTheComputerDoesToTheMicrophoneIsSaidOnceAndBreathIsThenUnmeasured) {
  begin("in-2-out-4");
  session_->session.toggle();
  sounds::BreathSound sound;
  sound.seconds = 23.0;
  for (int i = 0; i < 3; ++i) {
    sound.breaths.push_back({4.2 + 6.0 * i, 5.6 + 6.0 * i, sounds::Way::in});
    sound.breaths.push_back({6.2 + 6.0 * i, 9.4 + 6.0 * i, sounds::Way::out});
  }
  const std::vector<float> samples = sounds::subtracted(sounds::breathing(sound), 48000.0, {});
  for (const bool first : {true, false}) {
    if (!first) {
      session_->rest.forgive();
      session_->session.toggle();
    }
    input_->push(samples);
    ASSERT_TRUE(heard());
    session_->session.toggle();
    ASSERT_TRUE(settle());
    EXPECT_EQ(said().contains("noise suppression"), first) << said().toStdString();
    for (const Reading& r : session_->shown.snapshot()->analysis.readings)
      EXPECT_EQ(r.verdict, Verdict::unmeasured) << r.id();
  }
}

}  // namespace
}  // namespace calando
