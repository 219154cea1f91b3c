#include <SQLiteCpp/SQLiteCpp.h>
#include <fcntl.h>
#include <signal.h>
#include <sys/resource.h>
#include <sys/stat.h>
#include <sys/wait.h>
#include <unistd.h>

#include <cmath>
#include <thread>

#include "core/engine/analysis.h"
#include "core/library/cards.h"
#include "records/studio.h"
#include "records/studio_fixture.h"

namespace calando {
namespace {

TEST_F(StudioTest, FilesAreForTheirOwnerOnly) {
  Studio studio = open();
  const Student s = *studio.students.add("A", "oboe");
  const Take take = *studio.takes.add(takeOf(s.id), sounds::noise(0.1, 0.1), 48000);
  for (const fs::path& file :
       {folder_, folder_ / "takes", folder_ / "studio.db", studio.takes.file(take.id)}) {
    struct stat status {};
    ASSERT_EQ(stat(file.c_str(), &status), 0) << file;
    EXPECT_EQ(status.st_mode & 077, 0u) << file;
  }
}

TEST_F(StudioTest, ADeletedTakeComesBackUntilItIsRemoved) {
  Studio studio = open();
  const Student s = *studio.students.add("A", "oboe");
  const Take take = *studio.takes.add(takeOf(s.id), sounds::noise(0.1, 0.1), 48000);
  ASSERT_TRUE(studio.takes.remove(take.id));
  EXPECT_TRUE(studio.takes.of(s.id)->empty());
  ASSERT_TRUE(studio.takes.restore(take.id));
  EXPECT_EQ(studio.takes.of(s.id)->size(), 1u);
  ASSERT_TRUE(studio.takes.remove(take.id));
  ASSERT_TRUE(studio.takes.removeDeleted());
  EXPECT_FALSE(fs::exists(studio.takes.file(take.id)));
}

TEST_F(StudioTest, ASecondProgramMayOnlyLook) {
  Studio first = open();
  ASSERT_TRUE(first.students.add("A", "oboe"));
  Studio second = open();
  EXPECT_FALSE(first.readOnly());
  EXPECT_TRUE(second.readOnly());
  EXPECT_EQ(second.students.all()->size(), 1u);
  EXPECT_FALSE(second.students.add("B", "oboe"));
  EXPECT_FALSE(second.recordings.begin({}, {}));
}

TEST_F(StudioTest, DamageIsSaidPlainlyAndNothingIsOverwritten) {
  { open().students.add("A", "oboe").value(); }
  const fs::path db = folder_ / "studio.db";
  fs::remove(folder_ / "studio.db-wal");
  std::ofstream(db, std::ios::binary) << "this was a database once, long ago";
  const auto studio = Studio::open(folder_);
  ASSERT_FALSE(studio);
  EXPECT_TRUE(studio.error().what.is(StudioFault::damaged));
  std::ifstream in(db);
  EXPECT_EQ(std::string((std::istreambuf_iterator<char>(in)), {}), "this was a database once, long ago");
}

TEST_F(StudioTest, ATakeWhoseAudioIsMissingSaysSo) {
  Studio studio = open();
  const Student s = *studio.students.add("A", "oboe");
  const Take take = *studio.takes.add(takeOf(s.id), sounds::noise(0.1, 0.1), 48000);
  fs::remove(studio.takes.file(take.id));
  const auto sound = studio.takes.sound(take.id);
  ASSERT_FALSE(sound);
  EXPECT_TRUE(sound.error().is(StudioFault::soundMissing));
  std::ofstream(studio.takes.file(take.id)) << "no flac";
  EXPECT_FALSE(studio.takes.sound(take.id));
}

TEST_F(StudioTest, AnotherEnginesSummaryDoesNotCount) {
  Studio studio = open();
  const Student s = *studio.students.add("A", "oboe");
  const Take take = *studio.takes.add(takeOf(s.id), sounds::noise(0.1, 0.1), 48000);
  ASSERT_TRUE(studio.summaries.keep(take.id, {"0.0.0-other", 1.0, "", {}}));
  EXPECT_FALSE(*studio.summaries.ofTake(take.id));
}

TEST_F(StudioTest, KillingTheProgramCostsAtMostTheLastSecond) {
  const double rate = 48000.0;
  const auto sound = sounds::tone({.seconds = 60.0});
  int pipes[2];
  ASSERT_EQ(pipe(pipes), 0);
  const pid_t child = fork();
  ASSERT_GE(child, 0);
  if (child == 0) {
    auto studio = Studio::open(folder_);
    const auto student = studio->students.add("A", "oboe");
    TakeRecorder recorder(*studio->recordings.begin(*student, {}), rate);
    for (std::size_t i = 0; i + 960 <= sound.size(); i += 960) {
      recorder.write(std::span(sound).subspan(i, 960));
      const double written = static_cast<double>(i + 960) / rate;
      if (::write(pipes[1], &written, sizeof written) < 0) _exit(1);
      usleep(2000);
    }
    _exit(0);
  }
  double written = 0.0;
  while (written < 4.0)
    ASSERT_EQ(read(pipes[0], &written, sizeof written), static_cast<ssize_t>(sizeof written));
  kill(child, SIGKILL);
  waitpid(child, nullptr, 0);
  fcntl(pipes[0], F_SETFL, O_NONBLOCK);
  while (read(pipes[0], &written, sizeof written) == static_cast<ssize_t>(sizeof written)) {
  }
  Studio studio = open();
  EXPECT_FALSE(studio.readOnly());  // the lock went with its owner
  const auto left = *studio.recordings.strays();
  ASSERT_EQ(left.size(), 1u);
  const auto found = readWholeSound(left[0].file.string());
  ASSERT_TRUE(found) << english(found.error().what);
  EXPECT_GE(static_cast<double>(found->samples.size()) / rate, written - 1.0);
  for (std::size_t i = 0; i < found->samples.size(); i += 97) ASSERT_EQ(found->samples[i], sound[i]);
  studio.recordings.discard(left[0].file);
  EXPECT_TRUE(studio.recordings.strays()->empty());
}

TEST_F(StudioTest, AFullDiskIsSaidAndCostsNothingOfWhatWasThere) {
  Studio studio = open();
  const Student s = *studio.students.add("A", "oboe");
  const Take kept = *studio.takes.add(takeOf(s.id), sounds::noise(0.2, 0.1), 48000);
  const fs::path recording = *studio.recordings.begin(s, {});
  // A limit on file size stands in for the full disk: writing fails the same way.
  signal(SIGXFSZ, SIG_IGN);
  rlimit before{};
  getrlimit(RLIMIT_FSIZE, &before);
  const rlimit tight{200'000, before.rlim_max};
  setrlimit(RLIMIT_FSIZE, &tight);
  TakeRecorder recorder(recording, 48000);
  const auto second = sounds::noise(0.25, 0.1);
  int good = 0;
  while (good < 100 && recorder.write(second)) ++good;
  const auto failed = studio.takes.add(takeOf(s.id), sounds::noise(5.0, 0.3), 48000);
  setrlimit(RLIMIT_FSIZE, &before);
  EXPECT_TRUE(recorder.failure());
  EXPECT_LT(good, 100);
  ASSERT_FALSE(failed);
  EXPECT_EQ(studio.takes.of(s.id)->size(), 1u);
  EXPECT_TRUE(studio.takes.sound(kept.id));
  const auto saved = readWholeSound(recording.string());
  ASSERT_TRUE(saved) << english(saved.error().what);
  EXPECT_GT(saved->samples.size(), 30'000u);  // most of what fitted into 200 kB
}

}  // namespace
}  // namespace calando
