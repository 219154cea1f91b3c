#include "audio/sound_file.h"

#include <gtest/gtest.h>
#include <sys/stat.h>
#include <unistd.h>

#include <cmath>
#include <filesystem>
#include <fstream>

#include "support/signals.h"

namespace calando {
namespace {

namespace fs = std::filesystem;

class SoundFile : public testing::TestWithParam<SoundFormat> {
 protected:
  void SetUp() override {
    folder_ = fs::temp_directory_path() / ("calando-sound-" + std::to_string(getpid()));
    fs::create_directories(folder_);
  }
  void TearDown() override { fs::remove_all(folder_); }
  std::string path(const char* name) const { return (folder_ / name).string(); }
  fs::path folder_;
};

TEST_P(SoundFile, ComesBackAsItWasWritten) {
  for (const double rate : {8000.0, 44100.0, 48000.0, 192000.0}) {
    auto samples = sounds::noise(0.3, 0.2, rate);
    samples[10] = 1.7f;
    samples[11] = -3.0f;
    samples[12] = std::nanf("");
    ASSERT_TRUE(writeSound(path("a"), samples, rate, GetParam()));
    const auto back = readWholeSound(path("a"));
    ASSERT_TRUE(back) << back.error().what;
    EXPECT_EQ(back->info.rate_hz, rate);
    EXPECT_EQ(back->info.channels, 1);
    ASSERT_EQ(back->samples.size(), samples.size());
    EXPECT_NEAR(back->samples[10], 1.0, 1e-6);  // clipped, not wrapped
    EXPECT_NEAR(back->samples[11], -1.0, 1e-6);
    EXPECT_EQ(back->samples[12], 0.0f);
    for (std::size_t i = 13; i < samples.size(); ++i) ASSERT_NEAR(back->samples[i], samples[i], 2e-7);
  }
  struct stat status {};
  ASSERT_EQ(stat(path("a").c_str(), &status), 0);
  EXPECT_EQ(status.st_mode & 077, 0u);
}
INSTANTIATE_TEST_SUITE_P(Formats, SoundFile, testing::Values(SoundFormat::wav24, SoundFormat::flac24));

TEST_P(SoundFile, AnImpossiblePlaceIsAnErrorThatNamesIt) {
  const auto written = writeSound("/no/such/folder/x", std::vector<float>(10, 0.0f), 48000, GetParam());
  ASSERT_FALSE(written);
  EXPECT_EQ(written.error().kind, SoundError::Kind::cannotWrite);
  EXPECT_NE(written.error().what.find("/no/such/folder/x"), std::string::npos);
}

TEST_P(SoundFile, ErrorsSayWhichChannelsThereAre) {
  ASSERT_TRUE(writeSound(path("a"), std::vector<float>(100, 0.1f), 48000, GetParam()));
  const auto read = readWholeSound(path("a"), 3);
  ASSERT_FALSE(read);
  EXPECT_EQ(read.error().kind, SoundError::Kind::noSuchChannel);
  EXPECT_NE(read.error().what.find("it has 1"), std::string::npos);
}

TEST(Printable, HasNoControlCharactersLeft) {
  EXPECT_EQ(printable("a\tb\x1b[31m"), "a\\x09b\\x1b[31m");
  EXPECT_EQ(printable("tön ♭.wav"), "tön ♭.wav");
  EXPECT_EQ(printable("\x7f"), "\\x7f");
}

}  // namespace
}  // namespace calando
