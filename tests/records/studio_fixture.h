#pragma once

#include <gtest/gtest.h>
#include <unistd.h>

#include <filesystem>
#include <fstream>

#include "records/files/take_recorder.h"
#include "records/studio.h"
#include "support/signals.h"

namespace calando {

namespace fs = std::filesystem;

inline const auto kSound = sounds::noise(0.2, 0.1);

class StudioTest : public testing::Test {
 protected:
  void SetUp() override {
    folder_ = fs::temp_directory_path() / ("calando-studio-" + std::to_string(getpid()));
  }
  void TearDown() override {
    std::error_code ignored;
    fs::permissions(folder_, fs::perms::owner_all, fs::perm_options::add, ignored);
    fs::remove_all(folder_);
  }
  Studio open() {
    auto studio = Studio::open(folder_);
    EXPECT_TRUE(studio) << english(studio.error().what);
    return std::move(*studio);
  }
  Take takeOf(std::int64_t student) {
    Take take;
    take.student = student;
    take.made_unix_s = 1'800'000'000;
    take.source = "test";
    take.asked.instrument = "oboe";
    take.asked.note = 67;
    take.asked.seconds = 9;
    return take;
  }
  Take named(const Studio& studio, const Student& student) {
    Take take = takeOf(student.id);
    studio.takes.name(take);
    return take;
  }
  static std::string bytesOf(const fs::path& file) {
    std::ifstream in(file, std::ios::binary);
    return {std::istreambuf_iterator<char>(in), {}};
  }
  static void write(const fs::path& file, const std::string& bytes) {
    std::ofstream(file, std::ios::binary) << bytes;
  }
  /// A recording that was cut off, as a crash leaves it.
  static fs::path leaveRecording(Studio& studio, const Student& student, double seconds = 0.5) {
    TakeSpec asked;
    asked.instrument = student.instrument;
    const fs::path file = *studio.recordings.begin(student, asked);
    TakeRecorder(file, 48000).write(sounds::noise(seconds, 0.1));
    return file;
  }
  /// What the window does by and by.
  static void writeNotes(Studio& studio) {
    const auto unnoted = *studio.sounds.unnoted(100);
    for (const auto& one : unnoted) {
      EXPECT_TRUE(SoundTable::writeNote(one));
      EXPECT_TRUE(studio.sounds.noted(one));
    }
  }
  /// All bytes of all files, names of files as well.
  std::string everything() const {
    std::string all;
    for (const auto& entry : fs::recursive_directory_iterator(folder_)) {
      all += entry.path().string();
      if (entry.is_regular_file()) all += bytesOf(entry.path());
    }
    return all;
  }
  fs::path folder_;
};

}  // namespace calando
