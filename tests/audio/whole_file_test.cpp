#include "audio/whole_file.h"

#include <fcntl.h>
#include <gtest/gtest.h>
#include <sys/stat.h>
#include <unistd.h>

#include <fstream>

#include "audio/sound_file.h"
#include "support/signals.h"
#include "support/small_disk.h"

namespace calando {
namespace {

namespace fs = std::filesystem;

class WholeFile : public testing::Test {
 protected:
  void SetUp() override {
    folder_ = fs::temp_directory_path() / ("calando-whole-" + std::to_string(getpid()));
    fs::create_directories(folder_);
  }
  void TearDown() override { fs::remove_all(folder_); }
  static std::string read(const fs::path& file) {
    std::ifstream in(file, std::ios::binary);
    return {std::istreambuf_iterator<char>(in), {}};
  }
  std::ptrdiff_t files() const { return std::distance(fs::directory_iterator(folder_), {}); }
  fs::path folder_;
};

TEST_F(WholeFile, IsThereWholeAndWithTheUsersPermissions) {
  const fs::path file = folder_ / "a";
  for (const mode_t mask : {022, 077, 027}) {
    const mode_t before = umask(mask);
    ASSERT_TRUE(writeWhole(file, Access::umask, "new"));
    umask(before);
    EXPECT_EQ(read(file), "new");
    EXPECT_EQ(fs::status(file).permissions(), fs::perms(0666 & ~mask));
  }
  ASSERT_TRUE(writeWhole(file, Access::owner, "again"));
  EXPECT_EQ(fs::status(file).permissions(), fs::perms(0600));
  EXPECT_EQ(files(), 1);
}

TEST_F(WholeFile, LeavesTheOldOneWhenAnythingFails) {
  const fs::path file = folder_ / "a";
  std::ofstream(file) << "old";
  const auto failed = writeWhole(file, Access::umask, Replace::yes,
                                 [](const fs::path& beside) -> tl::expected<void, WriteError> {
                                   std::ofstream(beside) << "half";
                                   return tl::unexpected(writeErrorOf(ENOSPC));
                                 });
  ASSERT_FALSE(failed);
  EXPECT_TRUE(failed.error().full);
  EXPECT_EQ(read(file), "old");
  EXPECT_FALSE(writeWhole(file, Access::umask, Replace::never,
                          [](const fs::path&) { return tl::expected<void, WriteError>(); }));
  EXPECT_EQ(read(file), "old");
  EXPECT_EQ(files(), 1);
}

TEST_F(WholeFile, LinksFoldersAndDevicesAreNoPlace) {
  std::ofstream(folder_ / "target") << "old";
  fs::create_symlink("target", folder_ / "link");
  fs::create_symlink("nowhere", folder_ / "dangling");
  fs::create_directories(folder_ / "folder");
  ASSERT_EQ(mkfifo((folder_ / "pipe").c_str(), 0600), 0);
  for (const char* name : {"link", "dangling", "folder", "pipe"}) {
    const auto written = writeWhole(folder_ / name, Access::umask, "new");
    ASSERT_FALSE(written) << name;
    EXPECT_TRUE(english(written.error().why).find("link") != std::string::npos || name[0] == 'f' ||
                name[0] == 'p');
  }
  EXPECT_EQ(read(folder_ / "target"), "old");
  EXPECT_TRUE(sameFile(folder_ / "link", folder_ / "folder/../target"));
  EXPECT_TRUE(sameFile(folder_ / "not yet", folder_ / "folder/../not yet"));
  EXPECT_FALSE(sameFile(folder_ / "target", folder_ / "not yet"));
  EXPECT_FALSE(readSmall(folder_ / "pipe", 100));
  EXPECT_FALSE(readSmall(folder_ / "target", 2));
  EXPECT_EQ(*readSmall(folder_ / "link", 3), "old");
}

TEST_F(WholeFile, AFullDiskCostsNothingOfAnOlderFile) {
  const SmallDisk disk(1 << 20);
  if (!disk.there()) GTEST_SKIP() << "needs the right to mount";
  const fs::path text = disk.folder() / "a.txt";
  ASSERT_TRUE(writeWhole(text, Access::umask, "old"));
  disk.fill(0);
  const auto written = writeWhole(text, Access::umask, std::string(300000, 'x'));
  ASSERT_FALSE(written);
  EXPECT_TRUE(written.error().full);
  EXPECT_EQ(read(text), "old");
  disk.freeRoom();
  // Sound: at every amount of room that is too little.
  const auto samples = sounds::noise(2.0, 0.3);
  for (const SoundFormat format : {SoundFormat::wav24, SoundFormat::flac24})
    for (std::size_t room = 0; room < 280000; room += 40960) {
      const std::string file = disk.folder() / "a.sound";
      ASSERT_TRUE(writeSound(file, sounds::noise(0.05, 0.1), 48000, format));
      const std::string old = read(file);
      disk.fill(room);
      const auto failed = writeSound(file, samples, 48000, format);
      disk.freeRoom();
      ASSERT_FALSE(failed) << room;
      EXPECT_TRUE(failed.error().full) << english(failed.error().why);
      EXPECT_EQ(read(file), old) << room;
      EXPECT_EQ(std::distance(fs::directory_iterator(disk.folder()), {}), 2);
    }
}

}  // namespace
}  // namespace calando
