#pragma once

#include <CLI/CLI.hpp>
#include <optional>
#include <string>

#include "core/measure/pair/pair.h"

namespace calando {

/// `--pair` and what goes with it.
struct PairOptions {
  std::string interval, partner, channels;
  std::optional<double> partner_hz;

  bool given() const { return !interval.empty(); }
};

void addPair(CLI::App& analyse, PairOptions& options, const CLI::Validator& aFile,
             const CLI::Validator& aPitch);
/// What is asked for, the partner's tracks not read yet. Throws Failure.
PairAsked pairOf(const PairOptions& options, bool just);
/// The channel of the first and that of the second. Throws Failure.
std::pair<std::string, std::string> channelsOf(const PairOptions& options);

}  // namespace calando
