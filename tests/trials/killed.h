#pragma once

#include <signal.h>
#include <sys/wait.h>
#include <unistd.h>

#include <filesystem>
#include <fstream>
#include <string>

namespace calando::trials {

/// Does it in a process that is killed after so long; true if it was done before.
template <class Act>
bool killedAfter(int us, Act act) {
  const pid_t child = fork();
  if (child == 0) {
    act();
    _exit(0);
  }
  usleep(static_cast<useconds_t>(us));
  kill(child, SIGKILL);
  int status = 0;
  waitpid(child, &status, 0);
  return WIFEXITED(status);
}

inline std::string bytesOf(const std::filesystem::path& file) {
  std::ifstream in(file, std::ios::binary);
  return {std::istreambuf_iterator<char>(in), {}};
}

}  // namespace calando::trials
