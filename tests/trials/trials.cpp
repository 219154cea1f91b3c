#include "trials/trials.h"

#include <signal.h>
#include <sys/resource.h>
#include <sys/wait.h>
#include <unistd.h>

#include <array>
#include <chrono>
#include <cstdio>
#include <cstring>

using namespace calando::trials;

namespace {

/// In a process of its own, so that a crash is a result and memory is its own.
struct Ran {
  Result result;
  double peak_MB = 0.0;
  double seconds = 0.0;
};

Ran inOwnProcess(const char* program, const Trial& trial, const char* few, unsigned seed) {
  int pipes[2];
  if (pipe(pipes) != 0) return {};
  const auto start = std::chrono::steady_clock::now();
  const pid_t child = fork();
  if (child == 0) {
    dup2(pipes[1], STDOUT_FILENO);
    close(pipes[0]);
    close(pipes[1]);
    execl(program, program, "--one", trial.name, few, std::to_string(seed).c_str(), nullptr);
    _exit(127);
  }
  close(pipes[1]);
  std::string said;
  std::array<char, 4096> block;
  for (ssize_t got; (got = read(pipes[0], block.data(), block.size())) > 0;)
    said.append(block.data(), static_cast<std::size_t>(got));
  close(pipes[0]);
  int status = 0;
  rusage usage{};
  wait4(child, &status, 0, &usage);
  Ran ran;
  ran.peak_MB = static_cast<double>(usage.ru_maxrss) / 1024.0;
  ran.seconds = std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
  int held = 0;
  int length = 0;
  if (std::sscanf(said.c_str(), "%d %d %n", &held, &ran.result.rounds, &length) < 2)
    ran.result.fail(WIFSIGNALED(status) ? std::string("ended by ") + strsignal(WTERMSIG(status))
                                        : "said nothing");
  else
    ran.result = {held == 1, ran.result.rounds, said.substr(static_cast<std::size_t>(length))};
  while (!ran.result.note.empty() && ran.result.note.back() == '\n') ran.result.note.pop_back();
  return ran;
}

std::vector<Trial> all() {
  std::vector<Trial> list = studioTrials();
  for (auto* more : {actTrials, sessionTrials, windowTrials})
    for (Trial& trial : more()) list.push_back(std::move(trial));
  return list;
}

int one(const char* name, bool few, unsigned seed) {
  for (const Trial& trial : all()) {
    if (std::strcmp(trial.name, name) != 0) continue;
    Luck luck{few ? trial.fewRounds : trial.rounds, !few, std::mt19937(seed)};
    const auto folder =
        std::filesystem::temp_directory_path() / ("calando-trial-" + std::to_string(getpid()));
    const Result result = trial.run(luck, folder);
    std::error_code ignored;
    std::filesystem::remove_all(folder, ignored);
    std::printf("%d %d %s\n", result.held ? 1 : 0, result.rounds, result.note.c_str());
    std::fflush(stdout);
    _exit(0);  // a window that is still there is not taken down piece by piece
  }
  return 2;
}

}  // namespace

/// calando-trials [--few] [SEED]: all trials, and a table of them. Exit status 1 where one did not hold.
int main(int argc, char** argv) {
  signal(SIGPIPE, SIG_IGN);
  if (argc == 5 && std::strcmp(argv[1], "--one") == 0)
    return one(argv[2], std::strcmp(argv[3], "few") == 0, static_cast<unsigned>(std::atol(argv[4])));
  const bool few = argc > 1 && std::strcmp(argv[1], "--few") == 0;
  const char* given = argc > (few ? 2 : 1) ? argv[few ? 2 : 1] : nullptr;
  const unsigned seed = given ? static_cast<unsigned>(std::atol(given)) : std::random_device{}();
  std::printf("seed %u\n\n| trial | rounds | held | measured | memory | time |\n|---|---|---|---|---|---|\n",
              seed);
  bool good = true;
  for (const Trial& trial : all()) {
    Ran ran = inOwnProcess("/proc/self/exe", trial, few ? "few" : "all", seed);
    if (!few && trial.most_MB > 0.0 && ran.peak_MB > trial.most_MB) ran.result.fail("too much memory");
    good = good && ran.result.held;
    std::printf("| %s | %d | %s | %s | %.0f MB%s | %.0f s |\n", trial.what, ran.result.rounds,
                ran.result.held ? "yes" : "**no**", ran.result.note.c_str(), ran.peak_MB,
                trial.most_MB > 0.0 ? (" of " + std::to_string(static_cast<int>(trial.most_MB))).c_str() : "",
                ran.seconds);
    std::fflush(stdout);
  }
  return good ? 0 : 1;
}
