#pragma once

#include <filesystem>
#include <functional>
#include <random>
#include <string>
#include <vector>

// Trials of what docs/reliability.md promises, by things that go wrong at random. scripts/trials runs them
// all and prints a table; the ordinary tests run a few rounds of each.
namespace calando::trials {

struct Result {
  bool held = true;
  int rounds = 0;
  std::string note;  ///< what was measured, or what went wrong first

  void fail(const std::string& what) {
    if (held) note = what;
    held = false;
  }
};

/// How much of it, and with what luck.
struct Luck {
  int rounds;
  bool judgesSpeed;  ///< memory and pauses are held against their limits
  std::mt19937 random;

  int upTo(int most) { return std::uniform_int_distribution(0, most)(random); }
};

struct Trial {
  const char* name;
  const char* what;
  int rounds, fewRounds;
  std::function<Result(Luck&, const std::filesystem::path& folder)> run;
  double most_MB = 0.0;  ///< of memory for its process; 0: not looked at
};

std::vector<Trial> studioTrials();
std::vector<Trial> actTrials();
std::vector<Trial> sessionTrials();
std::vector<Trial> windowTrials();

}  // namespace calando::trials
