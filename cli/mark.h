#pragma once

#include <CLI/CLI.hpp>
#include <string>
#include <vector>

namespace calando {

/// `mark` and what goes with it.
struct MarkOptions {
  std::vector<std::string> files;
  std::string list, instrument, level = "growing";
  double a4_hz = 440.0;
};

CLI::App* addMark(CLI::App& app, MarkOptions& options, const CLI::Validator& aFile,
                  const CLI::Validator& anId, const CLI::Validator& aTuning);
/// Prints the marking. A file that cannot be read is complained of, and the others are marked: false then.
/// Throws Failure.
bool markFiles(const MarkOptions& options);

}  // namespace calando
