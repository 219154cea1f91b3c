#include "app/session/homework/marked.h"
#include "app/session/homework/owners.h"
#include "core/homework/list.h"
#include "core/homework/marking.h"
#include "session/post_fixture.h"

namespace calando {
namespace {

TEST_F(PostTest, AFolderIsSharedOutByNamesMarkedAndKept) {
  record("ada moor.flac", {67, 60});
  record("Cleo/monday.flac", {60});
  record("Cleo/tuesday.flac", {67});
  record("third.flac", {67});
  record("nobody.flac", {67});
  std::ofstream(sent_ / "whose.csv") << "file;student\nthird.flac;Ben Moor\n";
  std::ofstream(sent_ / "broken.wav") << "no sound";
  const auto nobodys = post().add({sent_});
  ASSERT_EQ(nobodys.size(), 2u);
  EXPECT_EQ(nobodys[1].filename(), "nobody.flac");
  ASSERT_TRUE(settle());
  EXPECT_EQ(markingOf("Ada Moor").items[0].state, ItemState::complete);
  EXPECT_EQ(markingOf("Ada Moor").items[1].state, ItemState::complete);
  EXPECT_EQ(markingOf("Ben Moor").items[1].state, ItemState::missing);
  EXPECT_EQ(post().sentOf(idOf("Cleo Falk"))->kept.files.size(), 2u);
  EXPECT_EQ(markingOf("Cleo Falk").items[0].bestTry()->file, 1u);
  // Nothing is taken in twice; what nobody's name is in goes to whom the teacher says.
  EXPECT_EQ(post().add({sent_}).size(), 2u);
  EXPECT_FALSE(post().running());
  post().add(nobodys, idOf("Ben Moor"));
  ASSERT_TRUE(settle());
  EXPECT_EQ(post().sentOf(idOf("Ben Moor"))->kept.files.size(), 3u);
  EXPECT_EQ(post().sentOf(idOf("Ben Moor"))->marked->heard->unread.size(), 1u)
      << "said, and the rest is marked";
  EXPECT_EQ(markingOf("Ben Moor").items[0].tries.size(), 2u);
  // Tomorrow.
  start();
  session_->lists.load();
  ASSERT_TRUE(settle());
  EXPECT_EQ(session_->lists.list().title, "Week 1");
  EXPECT_EQ(markingOf("Ada Moor").items[1].state, ItemState::complete);
  // Who goes takes all of it along.
  session_->book.erase(idOf("Cleo Falk"));
  EXPECT_EQ(post().sent().size(), 2u);
  EXPECT_EQ(session_->studio.homework.sent(session_->lists.chosen()->id)->size(), 2u);
}

TEST_F(PostTest, WhatTheTeacherSaysOfItIsKeptAndCanBeTakenBack) {
  post().add({record("ada moor.flac", {67, 60})});
  ASSERT_TRUE(settle());
  const std::int64_t ada = idOf("Ada Moor");
  const MarkedAttempt second = markingOf("Ada Moor").items[1].tries.at(0);
  post().setAnswer(ada, "Well done.");
  post().correct(ada, {0, second.start_s - 0.3, second.end_s + 0.3, std::nullopt});
  ASSERT_TRUE(settle());
  EXPECT_EQ(markingOf("Ada Moor").items[1].state, ItemState::missing);
  EXPECT_FALSE(post().sentOf(ada)->kept.answer) << "it was of something else";
  post().correct(ada, {0, second.start_s - 0.3, second.end_s + 0.3, 0});
  ASSERT_TRUE(settle());
  EXPECT_EQ(markingOf("Ada Moor").items[0].tries.size(), 2u);
  start();
  session_->lists.load();
  ASSERT_TRUE(settle());
  EXPECT_EQ(post().sentOf(ada)->kept.pieces.size(), 2u);
  EXPECT_EQ(markingOf("Ada Moor").items[0].tries.size(), 2u);
  EXPECT_EQ(markingOf("Ada Moor").items[1].state, ItemState::missing);
  post().correct(ada, {0, second.start_s - 0.3, second.end_s + 0.3, 1});
  ASSERT_TRUE(settle());
  session_->session.undo();
  ASSERT_TRUE(settle());
  EXPECT_EQ(markingOf("Ada Moor").items[1].state, ItemState::missing);
  // Said faster than it is measured: nothing of it is lost, and it is taken back as it was said.
  const MarkedAttempt first = markingOf("Ada Moor").items[0].tries.at(0);
  post().correct(ada, {0, second.start_s - 0.3, second.end_s + 0.3, 1});
  post().correct(ada, {0, first.start_s - 0.3, first.end_s + 0.3, std::nullopt});
  ASSERT_TRUE(settle());
  EXPECT_EQ(markingOf("Ada Moor").items[0].state, ItemState::missing);
  EXPECT_EQ(markingOf("Ada Moor").items[1].tries.size(), 1u);
  session_->session.undo();
  ASSERT_TRUE(settle());
  EXPECT_EQ(markingOf("Ada Moor").items[0].state, ItemState::complete);
  EXPECT_EQ(markingOf("Ada Moor").items[1].tries.size(), 1u);
  session_->session.undo();
  ASSERT_TRUE(settle());
  EXPECT_EQ(markingOf("Ada Moor").items[1].state, ItemState::missing);
}

TEST_F(PostTest, WhatWasMarkedIsNotMarkedAgainUnlessSomethingOfItChanged) {
  post().add({record("ada moor.flac", {67, 60})});
  ASSERT_TRUE(settle());
  const std::int64_t ada = idOf("Ada Moor"), first = session_->lists.chosen()->id;
  const MarkedAttempt second = markingOf("Ada Moor").items[1].tries.at(0);
  post().correct(ada, {0, second.start_s - 0.3, second.end_s + 0.3, std::nullopt});
  ASSERT_TRUE(settle());
  const MarkedPtr marked = post().sentOf(ada)->marked;
  const HomeworkList list = session_->lists.list();
  ASSERT_TRUE(session_->lists.keep({"Week 2", {{findExercise("tone-5"), 67}}}, today()));
  EXPECT_TRUE(post().sent().empty());
  session_->lists.choose(first);
  EXPECT_FALSE(post().running());
  EXPECT_EQ(post().sentOf(ada)->marked, marked);
  session_->lists.load();
  EXPECT_EQ(post().sentOf(ada)->marked, marked);
  // Another instrument, another list: anew.
  Student trumpeter = *session_->book.find(ada);
  trumpeter.instrument = "oboe";
  session_->book.change(trumpeter);
  session_->lists.load();
  EXPECT_TRUE(post().running());
  ASSERT_TRUE(settle());
  EXPECT_EQ(markingOf("Ada Moor").items[0].state, ItemState::missing) << "two half steps off, on an oboe";
  HomeworkList other = list;
  other.items.pop_back();
  ASSERT_TRUE(session_->lists.keep(other, today(), first));
  EXPECT_TRUE(post().running());
  ASSERT_TRUE(settle());
  EXPECT_EQ(markingOf("Ada Moor").items.size(), 1u);
}

TEST_F(PostTest, AStretchIsHeardAsItIsInTheFile) {
  const fs::path file = record("ada moor.flac", {67});
  session_->playback.playPart(file, {2.0, 3.0});
  ASSERT_TRUE(settle());
  ASSERT_EQ(speaker_->played.size(), 1u);
  EXPECT_EQ(speaker_->played[0].size(), 48000u);
  const auto whole = readWholeSound(file.string());
  EXPECT_TRUE(
      std::equal(speaker_->played[0].begin(), speaker_->played[0].end(), whole->samples.begin() + 96000));
  session_->playback.playPart(sent_ / "gone.flac", {2.0, 3.0});
  ASSERT_TRUE(settle());
  EXPECT_EQ(session_->notices.losses(), 1u);
}

TEST_F(PostTest, TheBestTriesBecomeTakesOnce) {
  post().add({record("ada moor.flac", {67, 60, 60})});
  ASSERT_TRUE(settle());
  const std::int64_t ada = idOf("Ada Moor");
  post().keepBest(ada);
  post().keepBest(ada);  // an impatient second press
  ASSERT_TRUE(settle());
  session_->book.choose(ada);
  ASSERT_EQ(session_->takes.all().size(), 2u);
  for (const Take& take : session_->takes.all()) {
    EXPECT_EQ(take.asked.exercise, "tone-5");
    EXPECT_EQ(take.source, "ada moor.flac");
    EXPECT_NEAR(*take.held_s, 5.4, 0.3);
  }
  EXPECT_EQ(post().sentOf(ada)->kept.takes.size(), 2u);
  post().keepBest(ada);
  ASSERT_TRUE(settle());
  EXPECT_EQ(session_->takes.all().size(), 2u) << "nothing twice";
}

TEST_F(PostTest, CancelStopsAndAListThatGoesCanComeBack) {
  post().add({record("ada moor.flac", {67}), record("ben moor.flac", {67})});
  EXPECT_TRUE(post().running());
  post().cancel();
  EXPECT_FALSE(post().running());
  EXPECT_FALSE(post().sentOf(idOf("Ada Moor"))->marked);
  const std::int64_t list = session_->lists.chosen()->id;
  ASSERT_TRUE(session_->lists.erase(list));
  EXPECT_TRUE(session_->lists.all().empty());
  session_->session.undo();
  ASSERT_TRUE(settle());
  EXPECT_EQ(post().sent().size(), 2u);
  EXPECT_TRUE(post().sentOf(idOf("Ada Moor"))->marked);
}

TEST_F(PostTest, WhatComesIntoTheWatchedFolderIsTakenInOnceItIsWhole) {
  std::vector<fs::path> nobodys;
  QObject::connect(&post(), &HomeworkInbox::nobodys,
                   [&](const std::vector<fs::path>& files) { nobodys = files; });
  post().watch(sent_);
  record("nobody.flac", {67});
  const fs::path whole = record("ada moor.flac", {67});
  const fs::path growing = sent_ / "ben moor.flac";
  std::ofstream out(growing, std::ios::binary);
  // It grows between every two looks.
  const bool came = QTest::qWaitFor(
      [&] {
        out << "x" << std::flush;
        return post().sentOf(idOf("Ada Moor")) && !nobodys.empty();
      },
      15000);
  ASSERT_TRUE(came);
  EXPECT_FALSE(post().sentOf(idOf("Ben Moor"))) << "it is still being written";
  EXPECT_EQ(nobodys.front().filename(), "nobody.flac");
  ASSERT_TRUE(settle());
  EXPECT_EQ(markingOf("Ada Moor").items[0].state, ItemState::complete);
  post().watch({});
  start();
  EXPECT_TRUE(post().watched().empty());
}

TEST_F(PostTest, APackGoesHomeAndItsAnswerComesBackWithTheStudentChosen) {
  session_->book.choose(idOf("Ada Moor"));
  const fs::path home = sent_ / "home.zip", answer = sent_ / "answer.zip", backup = sent_ / "all.zip";
  session_->files.writePack(PackKind::home, home);
  session_->files.backUp(backup);
  ASSERT_TRUE(settle());
  EXPECT_GT(session_->studio.settings.get(settings::backedUp), 1.7e9);
  session_->files.restore(backup, sent_ / "restored");
  ASSERT_TRUE(settle());
  EXPECT_EQ(Studio::open(sent_ / "restored")->students.all()->size(), 3u);
  {
    auto studio = Studio::open(sent_ / "at home");
    const auto unpacked = unpackPack(home, studio->folder());
    ASSERT_TRUE(unpacked && takePackIn(*studio, *unpacked));
    EXPECT_EQ(studio->homework.all()->size(), 1u) << "the list that was looked at";
    Take take;
    take.student = studio->students.all()->front().id;
    take.asked.instrument = "trumpet-bb";
    take.made_unix_s = 1'790'000'000;
    ASSERT_TRUE(studio->takes.add(take, tone(440.0), 48000));
    ASSERT_TRUE(writePack(*planPack(*studio, take.student, PackKind::answer), answer));
  }
  session_->book.choose(idOf("Ben Moor"));
  session_->files.takePackIn(answer);
  ASSERT_TRUE(settle());
  EXPECT_EQ(session_->book.chosen()->name, "Ada Moor");
  ASSERT_EQ(session_->takes.past().size(), 1u);
  EXPECT_TRUE(session_->takes.past().front().kept) << "and it is measured";
  session_->files.takePackIn(sent_ / "none.zip");
  ASSERT_TRUE(settle());
  EXPECT_EQ(session_->notices.losses(), 1u);
}

TEST(Owners, AreFoundByNamesAndOnlyWhereOneIsMeant) {
  const std::vector<Student> students{
      {1, "Ada Moor", "", {}}, {2, "Ben Moor", "", {}}, {3, "Zoë Ås", "", {}}};
  const auto owner = [&](const char* file, const std::map<std::string, std::string>& table = {}) {
    const Student* found = ownerOf(file, students, table);
    return found ? found->id : 0;
  };
  EXPECT_EQ(owner("/x/ada moor 3.m4a"), 1);
  EXPECT_EQ(owner("/x/ADA_week2.wav"), 1);
  EXPECT_EQ(owner("/x/Ben/long.wav"), 2);
  EXPECT_EQ(owner("/x/moor.wav"), 0) << "two are called so";
  EXPECT_EQ(owner("/x/moor-ben.wav"), 2);
  EXPECT_EQ(owner("/x/adagio.wav"), 0) << "a part of a word is no name";
  EXPECT_EQ(owner("/x/zoe.wav"), 3) << "however the letters are written";
  EXPECT_EQ(owner("/Ada/y/z/1.wav"), 0) << "far up";
  EXPECT_EQ(owner("/x/ada.wav", {{"ada.wav", "Ben Moor"}}), 2) << "the table goes before";
  using Table = std::map<std::string, std::string>;
  EXPECT_EQ(ownersIn("a.wav;Ada\r\nb.wav;Ben\nx\n"), (Table{{"a.wav", "Ada"}, {"b.wav", "Ben"}}));
  EXPECT_EQ(ownersIn("\xEF\xBB\xBF"
                     "a.wav\tMoor, Ada\n"),
            (Table{{"a.wav", "Moor, Ada"}}))
      << "by tabs, with a mark";
  EXPECT_EQ(ownersIn("\"a, b.wav\",\"Moor; \"\"Ada\"\"\",7b\nc.wav , Ben \n"),
            (Table{{"a, b.wav", "Moor; \"Ada\""}, {"c.wav", "Ben"}}))
      << "a separator in quotes is none";
  EXPECT_EQ(ownersIn("\"a, b.wav\";Ada\n"), (Table{{"a, b.wav", "Ada"}})) << "nor does it say what separates";
  EXPECT_EQ(ownersIn("no table"), Table());
}

}  // namespace
}  // namespace calando
