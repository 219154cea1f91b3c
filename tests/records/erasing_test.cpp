#include <SQLiteCpp/SQLiteCpp.h>
#include <signal.h>
#include <sys/stat.h>
#include <sys/wait.h>

#include <algorithm>

#include "core/engine/analysis.h"
#include "core/judging/take_summary.h"
#include "core/library/cards.h"
#include "records/studio_fixture.h"
#include "support/small_disk.h"

namespace calando {
namespace {

/// A studio of three students with takes, recordings, settings, deleted and stray takes of the second one.
class Erasing : public StudioTest {
 protected:
  static constexpr const char* kName = "Vanishing Name";
  void fill() {
    Studio studio = open();
    for (const char* name : {"Ada", kName, "Cora"}) {
      const Student s = *studio.students.add(name, "oboe");
      for (int i = 0; i < 3; ++i) {
        Take take = *studio.takes.add(takeOf(s.id), kSound, 48000);
        take.remark = std::string("said of ") + name;
        ASSERT_TRUE(studio.takes.change(take));
        writeNotes(studio);
        if (i == 2) {
          ASSERT_TRUE(studio.takes.remove(take.id));
        }
      }
      ASSERT_TRUE(TakeTable::write(folder_, s, named(studio, s), kSound, 48000));  // never on the list
      ASSERT_TRUE(studio.orders.keep(s.id, {"swell"}));
      ASSERT_TRUE(studio.orders.keepModel(s.id, "steady-tone", studio.takes.of(s.id)->front().id));
      Plan plan;
      plan.step(std::string("own card for ") + name);
      ASSERT_TRUE(studio.plans.keep(s.id, plan));
      ASSERT_TRUE(studio.plans.keepPractice({0, s.id, Day(), 20, std::string("duets with ") + name}));
      const auto list = studio.homework.keep({0, Day(), "{}"});
      ASSERT_TRUE(studio.homework.keepSent(
          list->id, {s.id, {std::string("/home/sent/") + name + ".wav"}, {}, name, {}}));
      leaveRecording(studio, s);
      if (name == std::string(kName)) gone_ = s.id;
    }
    write(folder_ / "studio.db.aside-20260101-000000", std::string("a list with a ") + kName);
  }
  /// Opens it as the next start does, and looks for what may be left.
  void expectErased() {
    Studio studio = open();
    EXPECT_TRUE(studio.remarks().empty()) << english(studio.remarks().front());
    EXPECT_EQ(studio.students.all()->size(), 2u);
    EXPECT_TRUE(studio.takes.of(gone_)->empty());
    EXPECT_TRUE(studio.orders.of(gone_)->empty());
    EXPECT_FALSE(*studio.orders.model(gone_, "steady-tone"));
    EXPECT_EQ(studio.recordings.strays()->size(), 4u);  // the others' recordings and takes off the list
    const auto students = *studio.students.all();
    for (const Student& s : students) {
      EXPECT_EQ(studio.takes.of(s.id)->size(), 2u);
      EXPECT_EQ(studio.orders.of(s.id)->size(), 1u);
    }
    EXPECT_EQ(everything().find(kName), std::string::npos);
    EXPECT_NE(everything().find("Cora"), std::string::npos);
  }
  std::int64_t gone_ = 0;
};

TEST_F(Erasing, LeavesNothingOfTheStudentAndEverythingOfOthers) {
  fill();
  ASSERT_TRUE(open().students.erase(gone_));
  expectErased();
  Studio studio = open();
  EXPECT_NE(studio.students.add("New", "flute")->id, gone_);
}

TEST_F(Erasing, IsFinishedAtTheNextStartWhereverItWasKilled) {
  bool finished = false;
  int steps = 0;
  for (; !finished; ++steps) {
    fs::remove_all(folder_);
    fill();
    const pid_t child = fork();
    ASSERT_GE(child, 0);
    if (child == 0) {
      auto studio = Studio::open(folder_);
      // Begun as eraseStudent() begins it, then so many steps of it.
      write(folder_ / "erasing" / std::to_string(gone_), "");
      for (int i = 0; i < steps; ++i)
        if (!*studio->students.eraseStep()) _exit(7);
      kill(getpid(), SIGKILL);
    }
    int status = 0;
    waitpid(child, &status, 0);
    finished = WIFEXITED(status);
    expectErased();
  }
  EXPECT_GE(steps, 8);
}

TEST_F(Erasing, WhatCannotBeRemovedYetIsSaidAndRemovedLater) {
  fill();
  fs::path file;
  {
    Studio studio = open();
    file = studio.takes.file(studio.takes.of(gone_)->front());
    fs::remove(file);
    fs::create_directories(file / "something in the way");
    const auto erased = studio.students.erase(gone_);
    ASSERT_FALSE(erased);
    EXPECT_NE(english(erased.error()).find("goes on at the next start"), std::string::npos);
    EXPECT_EQ(studio.students.all()->size(), 2u);  // gone for people at once
  }
  {
    Studio studio = open();
    ASSERT_EQ(studio.remarks().size(), 1u);
  }
  fs::remove_all(file);
  expectErased();
}

TEST_F(Erasing, ASecondWindowMayNot) {
  fill();
  Studio first = open();
  Studio second = open();
  ASSERT_TRUE(second.readOnly());
  EXPECT_FALSE(second.students.erase(gone_));
  EXPECT_EQ(first.students.all()->size(), 3u);
}

TEST_F(Erasing, GoesThroughOnAFullDisk) {
  const SmallDisk disk(8 << 20);
  if (!disk.there()) GTEST_SKIP() << "needs the right to mount";
  folder_ = disk.folder() / "studio";
  fill();
  {
    Studio studio = open();
    for (int i = 0; i < 60; ++i)  // a list of some size, so that making it anew needs room
      ASSERT_TRUE(studio.summaries.keep(studio.takes.of(gone_)->front().id + 0,
                                        {engineVersion(), 1.0, std::string(2000, 'p'), {}}));
    for (int i = 0; i < 200; ++i)
      ASSERT_TRUE(
          studio.settings.keep(Setting<std::string>{"note" + std::to_string(i), ""}, std::string(2000, 'n')));
  }
  Studio studio = open();
  disk.fill(0);
  const auto erased = studio.students.erase(gone_);
  if (!erased) {
    EXPECT_NE(english(erased.error()).find("next start"), std::string::npos) << english(erased.error());
  }
  EXPECT_EQ(studio.students.all()->size(), 2u);
  int sounds = 0;
  for (const auto& entry : fs::directory_iterator(folder_ / "takes"))
    sounds += bytesOf(entry.path()).find(kName) != std::string::npos;
  EXPECT_EQ(sounds, 0);  // the sound went first: that makes room
  { Studio closed = std::move(studio); }
  disk.freeRoom();
  expectErased();
}

}  // namespace
}  // namespace calando
