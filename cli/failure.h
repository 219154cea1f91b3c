#pragma once

#include <string>

namespace calando {

/// How the command line ends; docs/cli.md.
enum Exit { measured = 0, wrongUsage = 2, unreadableFile = 3, otherFailure = 4 };

/// Ends the program with one line on standard error.
struct Failure {
  Exit code;
  std::string what;
};

[[noreturn]] inline void refuse(const std::string& what) { throw Failure{wrongUsage, what}; }

}  // namespace calando
