#include "app/session/common/today.h"
#include "core/engine/snapshot.h"
#include "core/library/cards.h"
#include "session/doubles.h"

// Whose a thing is goes with the thing, not with who is chosen when its answer comes or it is taken back.

namespace calando {
namespace {

class OwnershipTest : public SessionTest {
 protected:
  void SetUp() override { start(); }
  /// A take of the student who is here, from Space to Space.
  void play(double hz = 440.0) {
    session_->session.toggle();
    input_->push(tone(hz));
    ASSERT_TRUE(heard());
    session_->session.toggle();
    ASSERT_TRUE(settle());
  }
  std::vector<Take> takesOf(const Student& student) { return *session_->studio.takes.of(student.id); }
  Studio& studio() { return session_->studio; }
};

TEST_F(OwnershipTest, WhatIsTakenBackGoesToWhomItWasTakenFrom) {
  const Student ada = add("Ada");
  session_->order.set({"steady-tone", "swell"});
  ASSERT_TRUE(session_->planning.keepPractice({0, 0, today(), 20, "her own words"}));
  ASSERT_TRUE(studio().plans.keepOpenBreaths(ada.id, {OpenMark{}}));
  session_->book.load();
  session_->breaths.forget();
  session_->planning.erasePractice(session_->planning.practices().front().id);
  session_->planning.edit([](Plan& plan) { plan.minutes = 45; });
  const Student ben = add("Ben");
  const std::vector<std::string> order = session_->order.steps();
  for (int i = 0; i < 6; ++i) session_->session.undo();
  EXPECT_EQ(*studio().plans.of(ben.id), Plan());
  EXPECT_EQ(session_->planning.plan(), Plan());
  EXPECT_TRUE(studio().plans.practices(ben.id)->empty());
  EXPECT_TRUE(studio().plans.openBreaths(ben.id)->empty());
  EXPECT_EQ(session_->order.steps(), order);
  EXPECT_TRUE(studio().orders.of(ben.id)->empty());
  EXPECT_EQ(studio().plans.of(ada.id)->minutes, 45) << "nothing of hers is taken back under another's name";
  // Hers is hers again once she is here.
  session_->book.choose(ada.id);
  for (int i = 0; i < 3; ++i) session_->session.undo();
  EXPECT_EQ(studio().plans.of(ada.id)->minutes, Plan().minutes);
  EXPECT_EQ(session_->planning.plan().minutes, Plan().minutes);
  ASSERT_EQ(studio().plans.practices(ada.id)->size(), 1u);
  EXPECT_EQ(studio().plans.practices(ada.id)->front().what, "her own words");
  EXPECT_EQ(studio().plans.openBreaths(ada.id)->size(), 1u);
  session_->session.undo();  // and there it ends
  EXPECT_EQ(studio().plans.openBreaths(ada.id)->size(), 1u)
      << "an undo of open breaths is no change of its own";
}

TEST_F(OwnershipTest, ATakeEndsForWhoPlayedItThoughSomebodyIsAddedMeanwhile) {
  const Student ada = add("Ada");
  session_->guessing.setFirst(true);
  session_->session.toggle();
  input_->push(tone(440.0));
  ASSERT_TRUE(heard());
  const Student ben = add("Ben");
  session_->session.toggle();
  ASSERT_TRUE(settle());
  EXPECT_EQ(takesOf(ada).size(), 1u);
  EXPECT_FALSE(session_->shown.take()) << "hers is not on show under his name";
  session_->remarks.setRemark("for Ben");
  session_->remarks.setWord(TeachersWord::veto);
  EXPECT_EQ(takesOf(ada).front().remark, "");
  EXPECT_EQ(takesOf(ada).front().word, TeachersWord::none);
  EXPECT_FALSE(session_->guessing.wanted()) << "nor guessed at as his";
  session_->guessing.guess(3.0);
  EXPECT_TRUE(studio().ears.guesses(ben.id)->empty());
}

TEST_F(OwnershipTest, WhatACrashLeftOfOneIsNotShownUnderAnother) {
  const Student ada = add("Ada");
  const Student ben = add("Ben");
  session_->session.toggle();
  input_->push(tone(440.0));
  ASSERT_TRUE(heard());
  start();  // ended while it sounded
  session_->book.choose(ada.id);
  const auto strays = *studio().recordings.strays();
  ASSERT_EQ(strays.size(), 1u);
  session_->keeping.takeStrayIn(strays.front(), *session_->book.find(ben.id));
  ASSERT_TRUE(settle());
  EXPECT_EQ(takesOf(ben).size(), 1u);
  EXPECT_FALSE(session_->shown.take());
  session_->remarks.setRemark("for Ada");
  EXPECT_EQ(takesOf(ben).front().remark, "");
}

TEST_F(OwnershipTest, RestIsOwedByWhoPlayed) {
  const Student mia = add("Mia");
  const Student jonas = add("Jonas");
  for (const Exercise& card : exercises())
    if (card.rest_s > 20.0 && !card.drillsBreath() && !card.counted()) session_->lesson.choose(card.id);
  ASSERT_GT(session_->lesson.current()->rest_s, 20.0);
  play();
  EXPECT_GT(session_->rest.left_s(), 0);
  int left = -1;
  QObject::connect(&session_->rest, &RestClock::moved, [&](int s) { left = s; });
  session_->book.choose(mia.id);
  EXPECT_EQ(session_->rest.left_s(), 0) << "she has not played";
  EXPECT_EQ(left, 0) << "and the clock says so";
  session_->book.choose(jonas.id);
  EXPECT_GT(session_->rest.left_s(), 0) << "his goes on";
}

TEST_F(OwnershipTest, AnEditThatIsNotJudgedYetIsNotWrittenBesideOlderFigures) {
  add("Ada");
  play();
  play(442.0);
  const auto [first, second] = std::pair(session_->takes.all()[1].id, session_->takes.all()[0].id);
  session_->request.edit([](TakeRequest& w) { w.seconds = 1.0; });  // what was outside is inside now
  session_->remarks.setWord(TeachersWord::accept);                  // before that is judged
  session_->session.choose(first);
  ASSERT_TRUE(settle());
  const Take kept = takesOf(*session_->book.chosen()).front();
  ASSERT_EQ(kept.id, second);
  EXPECT_EQ(kept.word, TeachersWord::accept);
  // Wish and verdict are of one asking, whichever.
  const Verdict written = studio().summaries.of(kept.student)->at(second).kept.verdict;
  session_->session.choose(second);
  ASSERT_TRUE(settle());
  EXPECT_EQ(keptOf(session_->shown.snapshot()->analysis).verdict, written) << kept.asked.seconds;
}

TEST_F(OwnershipTest, AnUndoNamesWhatItTakesBackAndTheButtonOfAMessageIsForItsOwn) {
  add("Ada");
  play();
  play(442.0);
  const auto newest = session_->takes.all()[0].id, older = session_->takes.all()[1].id;
  session_->session.deleteTake();
  ASSERT_TRUE(settle());
  const auto restore = session_->notices.current()->answers.front().act;
  session_->session.choose(older);
  ASSERT_TRUE(settle());
  session_->remarks.setWord(TeachersWord::veto);  // something later
  restore();
  EXPECT_TRUE(session_->takes.find(newest)) << "the button brings its take back …";
  EXPECT_EQ(session_->takes.find(older)->word, TeachersWord::veto) << "… and nothing else";
  session_->session.undo();
  EXPECT_EQ(session_->takes.find(older)->word, TeachersWord::none);
}

TEST_F(OwnershipTest, AnUndoWhileATakeRunsOpensNothingUnderIt) {
  add("Ada");
  play();
  session_->session.deleteTake();
  ASSERT_TRUE(settle());
  session_->session.toggle();
  ASSERT_EQ(phase(), Phase::sounding);
  session_->session.undo();
  EXPECT_FALSE(session_->shown.isAwaited());
  EXPECT_EQ(session_->takes.all().size(), 1u);
  session_->session.toggle();
}

TEST_F(OwnershipTest, OneOfTwoFilesIsShownWithItsSoundThoughTheOtherWasCancelled) {
  const Student ada = add("Ada");
  const Student ben = add("Ben");
  QTemporaryDir files;
  const auto file = [&](const char* name) {
    const std::string path = files.filePath(name).toStdString();
    EXPECT_TRUE(writeSound(path, tone(440.0, 3.0), 48000.0, SoundFormat::flac24));
    return std::filesystem::path(path);
  };
  session_->book.choose(ada.id);
  session_->session.openFiles({file("a.flac")});
  session_->book.choose(ben.id);
  session_->session.openFiles({file("b.flac")});
  session_->book.erase(ada.id);
  session_->book.choose(ben.id);
  ASSERT_TRUE(settle());
  EXPECT_EQ(session_->takes.all().size(), 1u);
  if (session_->shown.take()) {
    ASSERT_TRUE(session_->shown.samples());
    session_->playback.playOrStop(0.0, kToTheEnd_s, false);
    EXPECT_EQ(speaker_->played.size(), 1u);
  }
}

TEST_F(OwnershipTest, AnUnpluggedMicrophoneIsSaidOnceAndSilencesNoOther) {
  add("Ada");
  play();
  int lost = 0;
  QObject::connect(&session_->run, &TakeRun::inputLost, [&] { ++lost; });
  input_->unplug();
  // It has been told that it ended; before that is heard here, another source is listened to.
  QThread::msleep(60);
  ASSERT_TRUE(session_->setup.choose("fake-2"));
  QTest::qWait(100);
  EXPECT_EQ(lost, 0) << "what ended is not listened to any more";
  session_->session.toggle();
  EXPECT_EQ(phase(), Phase::sounding) << "the other one is";
  session_->session.toggle();
}

TEST_F(OwnershipTest, WhoGoesInTheMiddleOfSomethingTakesNothingAlong) {
  add("Ada");
  const auto go = [&](auto begin) {
    begin();
    session_.reset();
    QTest::qWait(20);
    start();
  };
  session_->lesson.choose("unison");
  ASSERT_TRUE(session_->studio.settings.keep(settings::partner, std::string("oboe")));
  go([this] {
    session_->request.editOptions([&](TakeOptions& o) { o.accompaniment = AccompanimentKind::partner; });
    session_->session.toggle();  // a partner's voice is being made
  });
  QTemporaryDir files;
  const auto file = files.filePath("a.flac").toStdString();
  ASSERT_TRUE(writeSound(file, tone(440.0, 20.0), 48000.0, SoundFormat::flac24));
  go([&] { session_->session.openFiles({file}); });
  go([&] { session_->ears.start(); });
  go([&] { session_->blind.start(); });
  go([&] { session_->files.backUp(files.filePath("all.zip").toStdString()); });
  EXPECT_TRUE(session_->session.idle());
  EXPECT_TRUE(session_->studio.recordings.strays()->empty());
}

TEST_F(OwnershipTest, AnOldTakeThatIsLookedAtDoesNotJoinTheLesson) {
  add("Ada");
  session_->lesson.choose("swell");
  session_->order.set({"swell", "steady-tone"});
  play();
  session_->order.set({"scale-4-4", "steady-tone"});
  int told = 0;
  QObject::connect(&session_->lesson, &Lesson::orderChanged, [&] { ++told; });
  session_->lesson.choose("steady-tone");
  session_->session.choose(session_->takes.all().front().id);
  ASSERT_TRUE(settle());
  ASSERT_TRUE(session_->shown.take());
  EXPECT_EQ(session_->order.steps(), (std::vector<std::string>{"scale-4-4", "steady-tone"}));
  EXPECT_EQ(told, 0);
}

}  // namespace
}  // namespace calando
