#include "sampled/bank.h"

#include <gtest/gtest.h>

#include <cmath>
#include <cstdlib>
#include <filesystem>
#include <fstream>

#include "audio/sound_file.h"

namespace sounds {

namespace fs = std::filesystem;

namespace {

std::string varLength(unsigned n) {
  std::string bytes(1, static_cast<char>(n & 127));
  while (n >>= 7) bytes.insert(bytes.begin(), static_cast<char>((n & 127) | 128));
  return bytes;
}

std::string bigEndian(unsigned value, int bytes) {
  std::string out;
  for (int shift = 8 * (bytes - 1); shift >= 0; shift -= 8) out += static_cast<char>(value >> shift & 255);
  return out;
}

/// A MIDI file, 960 ticks a second, no reverb and no chorus.
std::string midiFile(const Program& program, const std::vector<Played>& notes, int velocity) {
  std::string events = std::string(1, '\0') + "\xff\x51\x03" + bigEndian(1'000'000, 3);
  const auto event = [&](unsigned ticks, int status, int a, int b = -1) {
    events += varLength(ticks) + static_cast<char>(status) + static_cast<char>(a);
    if (b >= 0) events += static_cast<char>(b);
  };
  event(0, 0xc0, program.number);
  event(0, 0xb0, 91, 0);
  event(0, 0xb0, 93, 0);
  const auto ticks = [](double s) { return static_cast<unsigned>(std::lround(960.0 * s)); };
  double at = 0.0;
  for (const Played& played : notes) {
    event(ticks(played.start_s - at), 0x90, played.note, velocity);
    event(ticks(played.length_s), 0x80, played.note, 0);
    at = played.start_s + played.length_s;
  }
  events += varLength(960) + "\xff\x2f" + '\0';
  return "MThd" + bigEndian(6, 4) + bigEndian(0, 2) + bigEndian(1, 2) + bigEndian(960, 2) + "MTrk" +
         bigEndian(static_cast<unsigned>(events.size()), 4) + events;
}

}  // namespace

Performance render(const Program& program, const std::vector<Played>& notes, int velocity) {
  const std::string stem = (fs::temp_directory_path() / ("calando-sampled-" + std::to_string(program.number) +
                                                         "-" + std::to_string(velocity)))
                               .string();
  std::ofstream(stem + ".mid", std::ios::binary) << midiFile(program, notes, velocity);
  const std::string command = "fluidsynth -ni -R 0 -C 0 -r 48000 -g 0.8 -F " + stem +
                              ".wav " CALANDO_BANK " " + stem + ".mid >/dev/null 2>&1";
  EXPECT_EQ(std::system(command.c_str()), 0) << command;
  auto sound = calando::readWholeSound(stem + ".wav");
  EXPECT_TRUE(sound) << "fluidsynth wrote nothing";
  Performance performance;
  if (sound) performance = {std::move(sound->samples), sound->info.rate_hz};
  fs::remove(stem + ".mid");
  fs::remove(stem + ".wav");
  return performance;
}

}  // namespace sounds
