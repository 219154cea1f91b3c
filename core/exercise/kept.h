#pragma once

#include <map>
#include <optional>
#include <string>
#include <string_view>

#include "core/analysis.h"

namespace calando {

/// What is kept of a take's analysis beside its sound, so that nobody measures it again to look back.
struct Kept {
  Verdict verdict = Verdict::unmeasured;  ///< overallVerdict()
  std::map<std::string, double> values;   ///< by reading id
  std::string advice;                     ///< the one thing to try; empty: nothing was judged
};

Kept keptOf(const Analysis& analysis);
std::string toText(const Kept& kept);
/// Whatever is in it that cannot be is left out; nullopt where nothing of it can be read.
std::optional<Kept> keptFrom(std::string_view text);
/// What others are held against of a take; nullopt when it has no tone.
std::optional<Rival> rivalOf(const Kept& kept);

}  // namespace calando
