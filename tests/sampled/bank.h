#pragma once

#include <vector>

/// Sampled wind instruments, rendered by fluidsynth from a General MIDI bank.
namespace sounds {

struct Program {
  const char* name;
  int number;  // General MIDI, from 0
  int lowest;  // MIDI
  int highest;
};
constexpr Program kPrograms[] = {
    {"flute", 73, 60, 96},        {"piccolo", 72, 74, 102}, {"oboe", 68, 58, 91},
    {"english horn", 69, 52, 81}, {"bassoon", 70, 34, 72},  {"clarinet", 71, 50, 91},
    {"soprano sax", 64, 56, 87},  {"alto sax", 65, 49, 80}, {"tenor sax", 66, 44, 75},
    {"baritone sax", 67, 36, 68}, {"trumpet", 56, 54, 84},  {"trombone", 57, 40, 72},
    {"tuba", 58, 28, 58},         {"horn", 60, 34, 77},     {"recorder", 74, 72, 98},
};
struct Performance {
  std::vector<float> samples;
  double rate_hz = 48000.0;
};

struct Played {
  int note;
  double start_s;
  double length_s;
};

/// No reverb and no chorus.
Performance render(const Program& program, const std::vector<Played>& notes, int velocity);

}  // namespace sounds
