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
    ASSERT_TRUE(back) << english(back.error().what);
    EXPECT_EQ(back->info.rate_hz, rate);
    EXPECT_EQ(back->info.channels, 1);
    ASSERT_EQ(back->samples.size(), samples.size());
    EXPECT_NEAR(back->samples[10], 1.0, 1e-6);  // clipped, not wrapped
    EXPECT_NEAR(back->samples[11], -1.0, 1e-6);
    EXPECT_EQ(back->samples[12], 0.0f);
    for (std::size_t i = 13; i < samples.size(); ++i) ASSERT_NEAR(back->samples[i], samples[i], 2e-7);
  }
}
TEST_P(SoundFile, AnImpossiblePlaceIsAnErrorThatSaysWhy) {
  const auto written = writeSound("/no/such/folder/x", std::vector<float>(10, 0.0f), 48000, GetParam());
  ASSERT_FALSE(written);
  EXPECT_FALSE(written.error().full);
  EXPECT_NE(english(written.error().why).find("no such folder"), std::string::npos);
}

TEST_P(SoundFile, ErrorsSayWhichChannelsThereAre) {
  ASSERT_TRUE(writeSound(path("a"), std::vector<float>(100, 0.1f), 48000, GetParam()));
  const auto read = readWholeSound(path("a"), 3);
  ASSERT_FALSE(read);
  EXPECT_EQ(read.error().kind, SoundError::Kind::noSuchChannel);
  EXPECT_NE(english(read.error().what).find("it has 1"), std::string::npos);
}

TEST(Printable, HasNoControlCharactersLeft) {
  EXPECT_EQ(printable("a\tb\x1b[31m"), "a\\x09b\\x1b[31m");
  EXPECT_EQ(printable("tön ♭.wav"), "tön ♭.wav");
  EXPECT_EQ(printable("\x7f"), "\\x7f");
}

TEST(Printable, IsCutInTheMiddleAndNeverInsideACharacter) {
  for (std::size_t most = 20; most < 60; ++most) {
    std::string text = "/a/";
    for (int i = 0; i < 100; ++i) text += "ü♭";
    text += ".wav";
    const std::string cut = printable(text, most);
    EXPECT_LE(cut.size(), most);
    EXPECT_EQ(cut.find("\uFFFD"), std::string::npos);
    EXPECT_EQ(printable(cut, 1000), cut);  // still valid
    EXPECT_TRUE(cut.starts_with("/a/") && cut.ends_with(".wav")) << cut;
  }
}

TEST_P(SoundFile, CommentsComeBackAndCanBeChangedInFlac) {
  ASSERT_TRUE(writeSound(path("a"), sounds::noise(0.2, 0.1), 48000, GetParam(), {.comment = "{\"ü\": 1}"}));
  EXPECT_EQ(soundComment(path("a")), "{\"ü\": 1}");
  EXPECT_EQ(changeComment(path("a"), std::string(20000, 'x')).has_value(), GetParam() == SoundFormat::flac24);
  EXPECT_EQ(soundComment(path("a")).size(), GetParam() == SoundFormat::flac24 ? 20000u : 9u);
  EXPECT_NEAR(soundLength_s(path("a")).value_or(0), 0.2, 1e-9);
  EXPECT_EQ(std::distance(fs::directory_iterator(folder_), {}), 1);
}

TEST_P(SoundFile, TwoChannelsComeBackEachAsItWas) {
  const auto first = sounds::noise(0.3, 0.1, 48000, 5), second = sounds::noise(0.3, 0.02, 48000, 6);
  ASSERT_TRUE(writeSound(path("a"), second, 48000, GetParam(), {.first = first}));
  for (const auto& [channel, truth] : {std::pair{1, &first}, {2, &second}}) {
    const auto sound = readWholeSound(path("a"), channel);
    ASSERT_TRUE(sound && sound->samples.size() == truth->size());
    for (std::size_t n = 0; n < truth->size(); n += 97) ASSERT_NEAR(sound->samples[n], (*truth)[n], 2e-7);
  }
  EXPECT_NEAR(soundLength_s(path("a")).value_or(0), 0.3, 1e-9);
}

TEST_P(SoundFile, WhatIsNoOrdinaryFileIsRefusedAtOnce) {
  ASSERT_EQ(mkfifo(path("pipe").c_str(), 0600), 0);
  fs::create_symlink("loop", path("loop"));
  for (const std::string& name : {path("pipe"), path("loop"), folder_.string(), std::string("/dev/zero")}) {
    EXPECT_FALSE(readWholeSound(name)) << name;
    EXPECT_FALSE(soundLength_s(name)) << name;
    EXPECT_FALSE(writeSound(name, sounds::noise(0.1, 0.1), 48000, GetParam())) << name;
  }
}

TEST_P(SoundFile, OneThatIsCutShortSaysHowLongItWas) {
  ASSERT_TRUE(writeSound(path("a"), sounds::noise(2.0, 0.3), 48000, GetParam()));
  fs::resize_file(path("a"), fs::file_size(path("a")) / 2);
  const auto sound = readWholeSound(path("a"));
  ASSERT_TRUE(sound) << english(sound.error().what);
  EXPECT_LT(static_cast<double>(sound->samples.size()), 1.1 * 48000);
  EXPECT_GT(static_cast<double>(sound->samples.size()), 0.8 * 48000);
  if (GetParam() == SoundFormat::flac24) {
    EXPECT_NEAR(sound->info.promised_s, 2.0, 1e-9);
  }
}

INSTANTIATE_TEST_SUITE_P(Formats, SoundFile, testing::Values(SoundFormat::wav24, SoundFormat::flac24));

}  // namespace
}  // namespace calando
