#include "app/session/homework/marked.h"
#include "core/homework/marking.h"
#include "session/post_fixture.h"

// Homework of several lists and students: nothing under another list, nothing half done, nothing twice.

namespace calando {
namespace {

class PostFaultsTest : public PostTest {
 protected:
  void SetUp() override {
    PostTest::SetUp();
    first_ = session_->lists.chosen()->id;
    ada_ = idOf("Ada Moor");
    ASSERT_TRUE(session_->lists.keep({"Week 2", {{findExercise("tone-5"), 67}, {findExercise("tone-5"), 60}}},
                                     today()));
    second_ = session_->lists.chosen()->id;
    session_->lists.choose(first_);
  }
  SentHomework kept(std::int64_t list, std::int64_t student) {
    const auto all = session_->studio.homework.sent(list);
    for (const SentHomework& sent : *all)
      if (sent.student == student) return sent;
    return {};
  }
  std::size_t takesOf(std::int64_t student) { return session_->studio.takes.of(student)->size(); }
  std::int64_t first_ = 0, second_ = 0, ada_ = 0;
};

TEST_F(PostFaultsTest, WhatIsTakenBackComesBackToItsOwnList) {
  const fs::path monday = record("ada moor.flac", {67, 60}), later = record("2/ada moor.flac", {67, 60, 60});
  post().add({monday});
  ASSERT_TRUE(settle());
  const MarkedAttempt one = markingOf("Ada Moor").items[0].tries.at(0);
  post().correct(ada_, {0, one.start_s - 0.3, one.end_s + 0.3, std::nullopt});
  ASSERT_TRUE(settle());
  post().remove(ada_);
  session_->lists.choose(second_);
  post().add({later});
  ASSERT_TRUE(settle());
  post().setAnswer(ada_, "The teacher’s own words.");
  session_->session.undo();  // the taking out
  session_->session.undo();  // the correction
  ASSERT_TRUE(settle());
  EXPECT_EQ(kept(second_, ada_).files, std::vector<fs::path>{later});
  EXPECT_EQ(kept(second_, ada_).answer, "The teacher’s own words.");
  EXPECT_TRUE(kept(second_, ada_).pieces.empty());
  EXPECT_EQ(session_->lists.chosen()->id, second_) << "nothing is opened that nobody asked for";
  EXPECT_EQ(markingOf("Ada Moor").items[1].tries.size(), 2u);
  EXPECT_EQ(kept(first_, ada_).files, std::vector<fs::path>{monday});
  EXPECT_TRUE(kept(first_, ada_).pieces.empty());
  session_->lists.choose(first_);
  ASSERT_TRUE(settle());
  EXPECT_EQ(markingOf("Ada Moor").items[0].state, ItemState::complete);
}

TEST_F(PostFaultsTest, TriesBecomeTakesOfTheirOwnListWhicheverIsLookedAtMeanwhile) {
  const fs::path monday = record("ada moor.flac", {67, 60});
  session_->lists.choose(second_);
  post().add({record("2/ada moor.flac", {60, 67})});  // of other bytes: another sound
  ASSERT_TRUE(settle());
  session_->lists.choose(first_);
  post().add({monday});
  ASSERT_TRUE(settle());
  post().keepBest(ada_);
  session_->lists.choose(second_);
  ASSERT_TRUE(settle());
  EXPECT_EQ(takesOf(ada_), 2u);
  EXPECT_EQ(kept(first_, ada_).takes.size(), 2u);
  EXPECT_TRUE(kept(second_, ada_).takes.empty());
  post().keepBest(ada_);
  ASSERT_TRUE(settle());
  EXPECT_EQ(takesOf(ada_), 4u) << "its own can go in";
  session_->lists.choose(first_);
  post().keepBest(ada_);
  ASSERT_TRUE(settle());
  EXPECT_EQ(takesOf(ada_), 4u) << "and the first one’s not twice";
}

TEST_F(PostFaultsTest, WhatWasBegunIsFinishedAtTheNextStart) {
  post().add({record("ada moor.flac", {67, 60, 60, 67})});
  ASSERT_TRUE(settle());
  post().keepBest(ada_);
  session_.reset();  // as if it were killed: nothing of it is waited for
  start();
  ASSERT_TRUE(settle());
  EXPECT_EQ(takesOf(ada_), 2u);
  EXPECT_EQ(kept(first_, ada_).takes.size(), 2u);
  EXPECT_TRUE(session_->studio.recordings.strays()->empty());
  session_->lists.load();
  session_->lists.choose(first_);
  ASSERT_TRUE(settle());
  post().keepBest(ada_);
  ASSERT_TRUE(settle());
  EXPECT_EQ(takesOf(ada_), 2u);
}

TEST_F(PostFaultsTest, WhatIsTakenOutAndPutInAgainIsNotTakenTwice) {
  const fs::path file = record("ada moor.flac", {67, 60});
  post().add({file});
  ASSERT_TRUE(settle());
  post().keepBest(ada_);
  ASSERT_TRUE(settle());
  post().remove(ada_);
  fs::rename(file, sent_ / "ada moor again.flac");
  post().add({sent_ / "ada moor again.flac"});
  ASSERT_TRUE(settle());
  post().keepBest(ada_);
  ASSERT_TRUE(settle());
  EXPECT_EQ(takesOf(ada_), 2u) << "it is the same sound under another name";
  EXPECT_EQ(kept(first_, ada_).takes.size(), 2u) << "which this list knows of";
}

TEST_F(PostFaultsTest, WhatIsSaidOfItCostsNoSecondHearing) {
  post().add({record("ada moor.flac", {67, 60})});
  ASSERT_TRUE(settle());
  const MarkedAttempt one = markingOf("Ada Moor").items[1].tries.at(0);
  const auto heard = post().sentOf(ada_)->marked->heard;
  for (int i = 0; i < 3; ++i) {
    post().correct(ada_, {0, one.start_s, one.end_s, static_cast<std::size_t>(i % 2)});
    ASSERT_TRUE(settle());
    EXPECT_EQ(post().sentOf(ada_)->marked->heard, heard) << "what was heard is shared, not copied";
  }
  session_->session.undo();
  ASSERT_TRUE(settle());
  EXPECT_EQ(post().sentOf(ada_)->marked->heard, heard);
  EXPECT_EQ(post().sentOf(ada_)->kept.pieces.size(), 2u);
}

TEST_F(PostFaultsTest, OneThatCannotBeTakenInDoesNotKeepTheOthersOut) {
  const fs::path one = record("ada moor 1.flac", {67}), two = record("ada moor 2.flac", {60});
  post().add({one, two});
  ASSERT_TRUE(settle());
  fs::rename(two, sent_ / "away");
  post().keepBest(ada_);
  ASSERT_TRUE(settle());
  EXPECT_EQ(takesOf(ada_), 1u);
  EXPECT_EQ(session_->notices.losses(), 1u) << "it is said";
  fs::rename(sent_ / "away", two);
  post().keepBest(ada_);
  ASSERT_TRUE(settle());
  EXPECT_EQ(takesOf(ada_), 2u) << "and can still go in";
}

TEST_F(PostFaultsTest, AWatchedFileIsTakenWhenItIsWholeAndAgainWhenItChanged) {
  post().watch(sent_);
  const fs::path whole = record("away/long.flac", {67, 60}), file = sent_ / "ada moor.flac";
  std::string bytes;
  {
    std::ifstream in(whole, std::ios::binary);
    bytes.assign(std::istreambuf_iterator<char>(in), {});
  }
  {
    std::ofstream out(file, std::ios::binary);  // a copy that stalls at its half
    out << bytes.substr(0, bytes.size() / 2) << std::flush;
    QTest::qWait(5000);
    EXPECT_FALSE(post().sentOf(ada_)) << "half of it is no recording";
    out << bytes.substr(bytes.size() / 2);
  }
  ASSERT_TRUE(QTest::qWaitFor([&] { return post().sentOf(ada_) && post().sentOf(ada_)->marked; }, 30000));
  EXPECT_EQ(markingOf("Ada Moor").items[1].state, ItemState::complete);
  // A better one under the same name.
  const MarkedAttempt one = markingOf("Ada Moor").items[1].tries.at(0);
  post().correct(ada_, {0, one.start_s, one.end_s, std::nullopt});
  ASSERT_TRUE(settle());
  fs::rename(record("away/again.flac", {67, 60, 60}), file);
  ASSERT_TRUE(QTest::qWaitFor(
      [&] {
        const auto* sent = post().sentOf(ada_);
        return sent && sent->marked && sent->marked->marking.items[1].tries.size() == 2;
      },
      30000));
  EXPECT_TRUE(post().sentOf(ada_)->kept.pieces.empty())
      << "what was said of the one before is not of this one";
  EXPECT_TRUE(said().contains("changed")) << said().toStdString();
  // Another list, another start: it is known.
  session_->lists.choose(second_);
  start();
  session_->lists.load(second_);
  QTest::qWait(6000);
  EXPECT_FALSE(post().sentOf(ada_)) << "last week’s is not this week’s";
}

}  // namespace
}  // namespace calando
