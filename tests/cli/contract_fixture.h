#pragma once

#include <gtest/gtest.h>
#include <sys/stat.h>
#include <sys/wait.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdio>
#include <filesystem>
#include <fstream>
#include <nlohmann/json.hpp>
#include <sstream>

#include "audio/sound_file.h"
#include "support/signals.h"

using nlohmann::json;
namespace fs = std::filesystem;

struct Ran {
  int status;
  std::string out, err;
};

class Contract : public testing::Test {
 protected:
  void SetUp() override {
    folder_ = fs::temp_directory_path() / ("calando-cli-" + std::to_string(getpid()));
    fs::create_directories(folder_);
  }
  void TearDown() override { fs::remove_all(folder_); }

  std::string path(const std::string& name) const { return (folder_ / name).string(); }
  std::string read(const std::string& name) const {
    std::ifstream in(path(name), std::ios::binary);
    std::stringstream text;
    text << in.rdbuf();
    return text.str();
  }
  Ran run(const std::string& arguments) const {
    const std::string command =
        std::string(CALANDO_CLI) + " " + arguments + " >" + path("out") + " 2>" + path("err");
    const int status = std::system(command.c_str());
    return {WEXITSTATUS(status), read("out"), read("err")};
  }
  std::string tone(const std::string& name, const sounds::ToneSpec& spec) const {
    EXPECT_TRUE(
        calando::writeSound(path(name), sounds::tone(spec), spec.rate_hz, calando::SoundFormat::wav24));
    return path(name);
  }
  void expectRefused(const std::string& arguments, int status, const std::string& about) const {
    const Ran r = run(arguments);
    EXPECT_EQ(r.status, status) << arguments;
    EXPECT_TRUE(r.out.empty()) << arguments;
    EXPECT_EQ(std::count(r.err.begin(), r.err.end(), '\n'), 1) << r.err;
    EXPECT_NE(r.err.find(about), std::string::npos) << r.err;
  }
  fs::path folder_;
};

inline void expectKeys(const json& object, std::initializer_list<const char*> keys) {
  for (const char* key : keys) EXPECT_TRUE(object.contains(key)) << key;
}

/// Two channels as a 32-bit float WAV by hand.
inline void writeStereo(const std::string& path, const std::vector<float>& left,
                        const std::vector<float>& right) {
  std::ofstream out(path, std::ios::binary);
  const auto u32 = [&](std::uint32_t v) { out.write(reinterpret_cast<const char*>(&v), 4); };
  const auto u16 = [&](std::uint16_t v) { out.write(reinterpret_cast<const char*>(&v), 2); };
  const auto dataBytes = static_cast<std::uint32_t>(std::min(left.size(), right.size()) * 8);
  out << "RIFF";
  u32(36 + dataBytes);
  out << "WAVEfmt ";
  u32(16), u16(3), u16(2), u32(48000), u32(48000 * 8), u16(8), u16(32);
  out << "data";
  u32(dataBytes);
  for (std::size_t n = 0; n < std::min(left.size(), right.size()); ++n)
    for (const float x : {left[n], right[n]}) out.write(reinterpret_cast<const char*>(&x), 4);
}
