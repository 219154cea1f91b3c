#include <QDir>

#include "app/session/students/summary_queue.h"
#include "core/engine/snapshot.h"
#include "core/homework/marking.h"
#include "core/library/cards.h"
#include "records/studio.h"
#include "session/doubles.h"

namespace calando {
namespace {

// Nothing under another's name, whatever happens while something is measured.

TEST_F(SessionTest, AStudentChangedWhileATakeIsMeasuredKeepsTheirOwn) {
  fill({"Ada", "Ben"}, 2);
  start();
  session_->session.choose(session_->takes.all()[1].id);
  const auto students = session_->book.students();
  session_->book.choose(students[1].id);
  session_->remarks.setWord(TeachersWord::veto);  // nothing is on show: vetoes nothing
  EXPECT_FALSE(session_->shown.take());
  ASSERT_TRUE(settle());
  EXPECT_NEAR(shownHz(), 436.0, 0.5);
  session_->remarks.setWord(TeachersWord::veto);
  EXPECT_EQ(session_->takes.all().front().word, TeachersWord::veto);
  session_->book.choose(students[0].id);
  for (const Take& take : session_->takes.all()) EXPECT_EQ(take.word, TeachersWord::none);
}

TEST_F(SessionTest, OfTwoTakesChosenQuicklyTheLastOneIsOnShow) {
  fill({"Ada"}, 3);
  start();
  const auto& takes = session_->takes.all();
  session_->session.choose(takes[2].id);
  session_->session.choose(takes[1].id);
  EXPECT_EQ(session_->shown.id(), takes[1].id);
  ASSERT_TRUE(settle());
  EXPECT_NEAR(shownHz(), 432.0, 0.5);
}

TEST_F(SessionTest, OnlyTheTakeOnShowMovesItsCursor) {
  fill({"Ada"}, 1);
  start();
  std::vector<std::optional<double>> heardTo;
  QObject::connect(&session_->playback, &Playback::openHeard,
                   [&](std::optional<double> seconds) { heardTo.push_back(seconds); });
  session_->playback.playOrStop(0.0, kToTheEnd_s, false);
  emit speaker_->moved(0.25);
  session_->playback.playOrStop(0.0, kToTheEnd_s, false);
  EXPECT_EQ(heardTo, (std::vector<std::optional<double>>{0.25, std::nullopt}));
  session_->blind.start();
  ASSERT_TRUE(until([&] { return session_->blind.phase() == BlindListening::Phase::asked; }));
  emit speaker_->moved(0.5);
  session_->blind.stop();
  session_->request.editOptions([&](TakeOptions& o) { o.accompaniment = AccompanimentKind::partner; });
  session_->session.toggle();
  emit speaker_->moved(0.5);  // what sounds with a take
  session_->session.toggle();
  EXPECT_EQ(heardTo.size(), 2u);
}

TEST_F(SessionTest, ATakeIsKeptForWhoPlayedItWhoeverIsChosenMeanwhile) {
  start();
  const Student ada = add("Ada");
  const Student ben = add("Ben");
  session_->book.choose(ada.id);
  session_->session.toggle();
  input_->push(tone(400.0));
  ASSERT_TRUE(heard());
  session_->session.toggle();
  session_->book.choose(ben.id);
  ASSERT_TRUE(settle());
  EXPECT_TRUE(session_->takes.all().empty());
  EXPECT_FALSE(session_->shown.take());
  EXPECT_EQ(session_->studio.takes.of(ada.id)->size(), 1u);
}

TEST_F(SessionTest, ARemarkThatIsBeingTypedGoesToTheTakeItWasTypedFor) {
  fill({"Ada"}, 2);
  start();
  const auto newest = session_->takes.all()[0].id;
  // A panel keeps what was typed when it is told that another take comes.
  QObject::connect(&session_->shown, &ShownTake::leaving, [&] {
    if (session_->shown.take()) session_->remarks.setRemark("thin at the end");
  });
  session_->session.choose(session_->takes.all()[1].id);
  ASSERT_TRUE(settle());
  EXPECT_EQ(session_->takes.find(newest)->remark, "thin at the end");
  EXPECT_EQ(session_->shown.take()->remark, "");
}

TEST_F(SessionTest, OnlyAnEditIsAnEditAndOfManyWishesTheLastOneIsJudged) {
  fill({"Ada"}, 1);
  start();
  int edits = 0;
  QObject::connect(&session_->request, &RequestEditor::changed, [&] { ++edits; });
  session_->session.choose(session_->takes.all()[0].id);
  ASSERT_TRUE(settle());
  EXPECT_EQ(edits, 0) << "a take that is shown is no edit";
  for (double seconds = 1.0; seconds < 40.0; seconds += 1.0)
    session_->request.edit([=](TakeRequest& w) { w.seconds = seconds; });
  EXPECT_EQ(edits, 39);
  ASSERT_TRUE(settle());
  const auto& readings = session_->shown.snapshot()->analysis.readings;
  EXPECT_EQ(std::ranges::find(readings, "held_s", &Reading::id)->low, 39.0);
  EXPECT_EQ(session_->takes.all()[0].asked.seconds, 39.0);
  EXPECT_NEAR(
      session_->studio.summaries.of(session_->book.chosen()->id)->begin()->second.kept.values.at("held_s"),
      1.0, 0.05);
}

TEST_F(SessionTest, WhatIsSaidIsKeptTakenBackAndUndone) {
  fill({"Ada"}, 2);
  start();
  const auto id = session_->shown.id();
  ShownTake& open = session_->shown;
  session_->remarks.setWord(TeachersWord::accept);
  session_->remarks.setAttention(Attention::lips);
  session_->remarks.setComfort(Comfort::fair);
  const Take* take = session_->takes.find(*id);
  EXPECT_EQ(take->word, TeachersWord::accept);
  EXPECT_EQ(take->attention, Attention::lips);
  session_->remarks.setAttention(Attention::lips);  // the same again
  EXPECT_EQ(take->attention, Attention::unsaid);
  session_->remarks.setWord(TeachersWord::accept);
  EXPECT_EQ(take->word, TeachersWord::none) << "erased by mistake …";
  session_->session.undo();
  EXPECT_EQ(take->word, TeachersWord::accept) << "… and back";
  session_->session.deleteTake();
  ASSERT_TRUE(settle());
  EXPECT_EQ(session_->takes.all().size(), 1u);
  EXPECT_NE(open.id(), id);
  session_->session.undo();
  ASSERT_TRUE(settle());
  EXPECT_EQ(session_->takes.all().size(), 2u);
  session_->session.undo();  // the first word, of a take that is not on show
  EXPECT_EQ(session_->takes.find(*id)->word, TeachersWord::none);
}

TEST_F(SessionTest, SoundOlderThanItIsToBeKeptIsAskedAboutAndComesBackForADay) {
  {
    auto studio = Studio::open(folder_.path().toStdString());
    Take take;
    take.student = studio->students.add("Ada", "trumpet-bb")->id;
    for (const int days : {400, 1}) {
      take.made_unix_s = clock_->now_unix_s() - days * 86400;
      ASSERT_TRUE(studio->takes.add(take, tone(440.0), 48000));
    }
  }
  start();
  const std::int64_t newest = session_->takes.all()[0].id, oldest = session_->takes.all()[1].id;
  EXPECT_TRUE(session_->retention.due().empty()) << "for good, where nothing is set";
  session_->retention.setMonths(12);
  start();
  ASSERT_NE(session_->notices.current(), nullptr);
  int looks = 0;
  QObject::connect(&session_->retention, &Retention::lookWanted, [&] { ++looks; });
  session_->notices.act();
  EXPECT_EQ(looks, 1);
  const auto due = session_->retention.due();
  ASSERT_EQ(due.size(), 1u);
  EXPECT_EQ(due.front().id, oldest);
  const auto heard = [&] {
    session_->session.choose(newest);
    EXPECT_TRUE(settle());
    session_->session.choose(oldest);
    EXPECT_TRUE(settle());
    return session_->shown.id() == oldest;
  };
  for (const bool byUndo : {true, false}) {
    session_->retention.letGo({oldest});
    EXPECT_FALSE(heard());
    EXPECT_TRUE(session_->takes.past().back().kept) << "its figures are here";
    EXPECT_EQ(session_->retention.returnable(), 1u);
    byUndo ? session_->session.undo() : session_->retention.bringBack();
    EXPECT_TRUE(heard());
  }
  ASSERT_TRUE(session_->studio.sounds.letGo({oldest}, clock_->now_unix_s() - 2 * 86400));
  const auto file = session_->studio.takes.file(oldest);
  EXPECT_TRUE(std::filesystem::exists(file));
  start();
  EXPECT_FALSE(std::filesystem::exists(file));
  EXPECT_EQ(session_->retention.returnable(), 0u);
  EXPECT_TRUE(session_->takes.past().back().kept);
}

TEST_F(SessionTest, ATakeSaysInWhoseWordsItsCardSpokeWhereTheyDiffer) {
  start();
  add("Ada");
  for (const auto& [school, exercise, said] : {std::tuple{"air", "stairs-4", "air"},
                                               {"air", "steady-tone", ""},
                                               {"", "stairs-4", ""},
                                               {"of another book", "stairs-4", ""}}) {
    session_->deck.setSchool(school);
    session_->lesson.choose(exercise);
    EXPECT_EQ(session_->request.asked().school, said) << school << ", " << exercise;
  }
}

TEST_F(SessionTest, CardsAreKeptErasedAndBroughtBack) {
  start();
  add("Ada");
  Lesson& lesson = session_->lesson;
  Exercise card = *findExercise("swell");
  card.title = "A swell of ours";
  const auto id = session_->deck.keep(card);
  ASSERT_TRUE(id);
  EXPECT_TRUE(session_->deck.isOwn(*id));
  lesson.choose(*id);
  EXPECT_EQ(lesson.current()->title, "A swell of ours");
  EXPECT_EQ(session_->request.wish().card.empty(), false);
  card.id = *id;
  card.title = "Renamed";
  EXPECT_EQ(session_->deck.keep(card), id);
  session_->session.undo();
  EXPECT_EQ(session_->deck.find(*id)->title, "A swell of ours");
  EXPECT_TRUE(session_->deck.erase(*id));
  EXPECT_EQ(session_->deck.find(*id), nullptr);
  EXPECT_NE(lesson.current()->id, *id);
  session_->session.undo();
  EXPECT_EQ(session_->deck.find(*id)->title, "A swell of ours");
  EXPECT_FALSE(session_->deck.erase("swell")) << "those that ship stay";
}

TEST_F(SessionTest, TheOrderIsTheStudentsOwnAndItsGatesOpen) {
  start();
  const Student ada = add("Ada");
  session_->order.set({"steady-tone", "swell"});
  add("Ben");
  EXPECT_NE(session_->order.steps().size(), 2u);
  session_->book.choose(ada.id);
  EXPECT_EQ(session_->order.steps(), (std::vector<std::string>{"steady-tone", "swell"}));
  const ExercisePtr first = session_->deck.find("steady-tone");
  EXPECT_EQ(session_->lesson.opensAfter(0), 0);
  EXPECT_EQ(session_->lesson.opensAfter(1), first->good);
  session_->request.edit([](TakeRequest& w) {
    w.seconds = 1.0;
    w.note = 67;
  });
  session_->session.toggle();
  input_->push(tone(349.23, 1.4));
  ASSERT_TRUE(heard());
  session_->session.toggle();
  ASSERT_TRUE(settle());
  session_->remarks.setWord(TeachersWord::accept);
  EXPECT_EQ(session_->lesson.opensAfter(1), first->good - 1);
}

TEST_F(SessionTest, RestIsOwedAndTheRoomIsKeptWithTheTake) {
  start();
  add("Ada", "flute");
  session_->lesson.choose("five-seconds");
  if (session_->lesson.current()->id != "five-seconds") {  // whichever card owes a rest
    for (const Exercise& card : exercises())
      if (card.rest_s > 0.0) session_->lesson.choose(card.id);
  }
  session_->request.editOptions([&](TakeOptions& o) { o.room_c = 24.0; });
  int rest = -1;
  QObject::connect(&session_->rest, &RestClock::moved, [&](int s) { rest = s; });
  session_->session.toggle();
  input_->push(tone(587.3));
  ASSERT_TRUE(heard());
  session_->session.toggle();
  ASSERT_TRUE(settle());
  EXPECT_EQ(rest, static_cast<int>(session_->lesson.current()->rest_s));
  EXPECT_EQ(session_->studio.takes.of(session_->book.chosen()->id)->front().asked.room_c, 24.0);
}

TEST_F(SessionTest, WhatIsNotMeasuredYetIsKnownUntilItIs) {
  fill({"Ada", "Ben"}, 4);
  start();
  session_->summaries.setQuiet(false);
  session_->book.choose(session_->book.students()[1].id);
  const auto awaited = [&] {
    return std::ranges::count_if(session_->takes.all(),
                                 [&](const Take& take) { return session_->summaries.awaits(take.id); });
  };
  EXPECT_EQ(awaited(), 4);
  session_->summaries.setQuiet(true);
  EXPECT_TRUE(until([&] { return awaited() == 0; }));
  for (const Take& take : session_->takes.all()) EXPECT_TRUE(session_->takes.ribbon(take.id));
}

TEST_F(SessionTest, ATakeThatCannotBeMeasuredIsNotTriedForEver) {
  fill({"Ada"}, 3);
  {
    auto studio = Studio::open(folder_.path().toStdString());
    const auto takes = *studio->takes.of(studio->students.all()->front().id);
    QFile::remove(QString::fromStdString(studio->takes.file(takes[1]).string()));
  }
  start();
  int rebuilt = 0;
  QObject::connect(&session_->takes, &TakeList::takesChanged, [&] { ++rebuilt; });
  const auto awaited = [&] {
    return std::ranges::count_if(session_->takes.all(),
                                 [&](const Take& take) { return session_->summaries.awaits(take.id); });
  };
  ASSERT_TRUE(QTest::qWaitFor([&] { return awaited() == 0; })) << "nothing is waited for in vain";
  QTest::qWait(300);
  EXPECT_EQ(rebuilt, 0);
  EXPECT_TRUE(session_->session.idle());
  session_->session.choose(session_->takes.all()[1].id);
  ASSERT_TRUE(settle());
  EXPECT_TRUE(said().contains("missing"));
}

TEST_F(SessionTest, AnErasedStudentLeavesNothingAndANewOneInheritsNothing) {
  start();
  const Student ada = add("Ada");
  session_->order.set({"swell"});
  session_->session.toggle();
  input_->push(tone(440.0));
  ASSERT_TRUE(heard());
  session_->session.toggle();
  ASSERT_TRUE(settle());
  ASSERT_TRUE(session_->book.erase(ada.id));
  EXPECT_FALSE(session_->book.chosen());
  EXPECT_FALSE(session_->shown.take());
  add("Ben");
  EXPECT_NE(session_->order.steps(), (std::vector<std::string>{"swell"}));
  EXPECT_TRUE(QDir(folder_.filePath("takes")).isEmpty());
}

TEST_F(SessionTest, LossesStayAndLighterWordsComeAndGo) {
  start();
  Notices& notices = session_->notices;
  notices.say("light");
  notices.sayLoss("first loss");
  notices.sayLoss("second loss");
  notices.sayLoss("first loss");  // once
  notices.say("lighter");
  EXPECT_EQ(said(), "first loss");
  EXPECT_EQ(notices.losses(), 2u);
  notices.clear();
  EXPECT_EQ(said(), "first loss");
  notices.drop();
  bool acted = false;
  notices.sayLoss("third", "do", [&] { acted = true; });
  notices.act();
  EXPECT_TRUE(acted);
  EXPECT_EQ(said(), "second loss");
  notices.drop();
  EXPECT_EQ(said(), QString());
}

TEST_F(SessionTest, AnotherProgramsStudioIsOnlyLookedAt) {
  fill({"Ada"}, 1);
  auto first = Studio::open(folder_.path().toStdString());
  start();
  EXPECT_TRUE(session_->readOnly);
  session_->session.toggle();
  EXPECT_EQ(phase(), Phase::ready);
  session_->remarks.setWord(TeachersWord::veto);
  session_->session.deleteTake();
  EXPECT_EQ(first->takes.of(first->students.all()->front().id)->front().word, TeachersWord::none);
}

}  // namespace
}  // namespace calando
