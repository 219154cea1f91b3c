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

TEST_F(StudioTest, ATakeThatFindsNoRoomSaysSoAndLosesNothing) {
  const SmallDisk disk(4 << 20);
  if (!disk.there()) GTEST_SKIP() << "needs the right to mount";
  folder_ = disk.folder() / "studio";
  Studio studio = open();
  const Student ada = *studio.students.add("Ada", "oboe");
  const Take kept = *studio.takes.add(takeOf(ada.id), kSound, 48000);
  const fs::path recording = leaveRecording(studio, ada);
  disk.fill(20000);
  Take take = takeOf(ada.id);
  take.recording = recording.filename();
  const auto failed = studio.takes.add(take, sounds::noise(5.0, 0.3), 48000);
  ASSERT_FALSE(failed);
  EXPECT_NE(english(failed.error()).find("the disk is full"), std::string::npos) << english(failed.error());
  EXPECT_TRUE(fs::exists(recording));
  EXPECT_EQ(std::distance(fs::directory_iterator(folder_ / "takes"), {}), 1);
  EXPECT_TRUE(studio.takes.sound(kept.id));
  disk.fill(0);
  const auto refused = studio.recordings.begin(ada, {});
  ASSERT_FALSE(refused);
  EXPECT_NE(english(refused.error()).find("the disk is full"), std::string::npos) << english(refused.error());
  const auto added = studio.settings.keep(Setting<std::string>{"x", ""}, std::string(200000, 'x'));
  ASSERT_FALSE(added);
  EXPECT_NE(english(added.error()).find("the disk is full"), std::string::npos) << english(added.error());
  disk.freeRoom();
  EXPECT_TRUE(studio.takes.add(take, sounds::noise(1.0, 0.3), 48000));
}

TEST_F(StudioTest, AFullDiskAtTheStartIsSaidAndCostsNothing) {
  const SmallDisk disk(2 << 20);
  if (!disk.there()) GTEST_SKIP() << "needs the right to mount";
  folder_ = disk.folder() / "studio";
  std::int64_t ada = 0;
  {
    Studio studio = open();
    ada = studio.students.add("Ada", "oboe")->id;
    ASSERT_TRUE(studio.takes.add(takeOf(ada), kSound, 48000));
  }
  disk.fill(0);
  const auto refused = Studio::open(folder_);
  ASSERT_FALSE(refused);
  EXPECT_EQ(refused.error().kind, OpenError::Kind::full) << english(refused.error().what);
  EXPECT_NE(english(refused.error().what).find("the disk is full"), std::string::npos);
  const auto fresh = Studio::open(disk.folder() / "another");
  ASSERT_FALSE(fresh);
  EXPECT_EQ(fresh.error().kind, OpenError::Kind::full) << english(fresh.error().what);
  disk.freeRoom();
  EXPECT_EQ(open().takes.of(ada)->size(), 1u);
}

TEST_F(StudioTest, ATakeWrittenForAStudentWhoWasErasedMeanwhileIsNotKept) {
  Studio studio = open();
  const Student ada = *studio.students.add("Ada", "oboe");
  const Take written = *TakeTable::write(folder_, ada, named(studio, ada), kSound, 48000);
  ASSERT_TRUE(studio.students.erase(ada.id));
  const auto entered = studio.takes.enter(written);
  ASSERT_FALSE(entered);
  EXPECT_TRUE(entered.error().is(StudioFault::studentErased));
  EXPECT_TRUE(fs::is_empty(folder_ / "takes"));
}

TEST_F(StudioTest, DeletedTakesAreRemovedWithTheirSoundFirst) {
  Studio studio = open();
  const Student ada = *studio.students.add("Ada", "oboe");
  const Take take = *studio.takes.add(takeOf(ada.id), kSound, 48000);
  ASSERT_TRUE(studio.takes.remove(take.id));
  const fs::path file = studio.takes.file(take);
  fs::remove(file);
  fs::create_directories(file / "in the way");
  ASSERT_TRUE(studio.takes.removeDeleted());
  ASSERT_TRUE(studio.takes.restore(take.id));  // still on the list
  EXPECT_EQ(studio.takes.of(ada.id)->size(), 1u);
}

TEST_F(StudioTest, AFolderThatIsSomethingElseIsLeftAsItIs) {
  fs::create_directories(folder_);
  write(folder_ / "letters.txt", "dear");
  fs::permissions(folder_, fs::perms(0755));
  const auto refused = Studio::open(folder_);
  ASSERT_FALSE(refused);
  EXPECT_EQ(refused.error().kind, OpenError::Kind::notAStudio);
  EXPECT_EQ(fs::status(folder_).permissions(), fs::perms(0755));
  EXPECT_EQ(std::distance(fs::directory_iterator(folder_), {}), 1);
  // What is made is for its owner only, the folders above it too.
  fs::remove(folder_ / "letters.txt");
  const fs::path deep = folder_ / "a/b/studio";
  ASSERT_TRUE(Studio::open(deep));
  for (const fs::path& part : {folder_ / "a", folder_ / "a/b", deep, deep / "takes"})
    EXPECT_EQ(fs::status(part).permissions(), fs::perms(0700)) << part;
  EXPECT_EQ(fs::status(folder_).permissions(), fs::perms(0755));
}

TEST_F(StudioTest, LinksThatLeadNowhereAndFoldersInTheWayAreErrorsAndNotTheEnd) {
  fs::create_directories(folder_);
  fs::create_symlink("loop", folder_ / "loop");
  EXPECT_FALSE(Studio::open(folder_ / "loop"));
  fs::create_directories(folder_ / "takes");
  fs::create_symlink("studio.db", folder_ / "studio.db");
  EXPECT_FALSE(Studio::open(folder_));
  fs::remove(folder_ / "studio.db");
  fs::create_directories(folder_ / "studio.db/x");
  EXPECT_FALSE(Studio::open(folder_));
}

TEST_F(StudioTest, ANoteMovesWithTheTakeAndTheSoundStaysAsItIs) {
  Studio studio = open();
  const Student ada = *studio.students.add("Ada", "oboe");
  Take take = *studio.takes.add(takeOf(ada.id), sounds::tone({.seconds = 1.0}), 48000);
  const auto before = readWholeSound(studio.takes.file(take).string())->samples;
  for (const char* remark : {"short", "a remark that is a good deal longer than the one before it was", ""}) {
    take.remark = remark;
    ASSERT_TRUE(studio.takes.change(take));
    const auto unnoted = *studio.sounds.unnoted(10);
    ASSERT_EQ(unnoted.size(), 1u);
    ASSERT_TRUE(SoundTable::writeNote(unnoted[0]));
    take.comfort = Comfort::fair;  // said while the note was written
    ASSERT_TRUE(studio.takes.change(take));
    ASSERT_TRUE(studio.sounds.noted(unnoted[0]));
    EXPECT_EQ(studio.sounds.unnoted(10)->size(), 1u);
    const auto note = soundNoteFrom(soundComment(studio.takes.file(take).string()));
    ASSERT_TRUE(note);
    EXPECT_EQ(note->take.remark, remark);
    EXPECT_EQ(note->student.name, "Ada");
    EXPECT_EQ(readWholeSound(studio.takes.file(take).string())->samples, before);
  }
  struct stat status {};
  ASSERT_EQ(stat(studio.takes.file(take).c_str(), &status), 0);
  EXPECT_EQ(status.st_mode & 077, 0u);
  ASSERT_TRUE(studio.students.change({ada.id, "Ada Other", "oboe", {}}));
  writeNotes(studio);
  EXPECT_EQ(soundNoteFrom(soundComment(studio.takes.file(take).string()))->student.name, "Ada Other");
}

}  // namespace
}  // namespace calando
