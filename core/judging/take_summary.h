#pragma once

#include <map>
#include <string>
#include <vector>

#include "core/figures/verdict.h"
#include "core/measure/pitch/reached.h"

namespace calando {

struct Analysis;

/// What is kept of a take's analysis beside its sound, so that nobody measures it again to look back.
struct TakeSummary {
  Verdict verdict = Verdict::unmeasured;  ///< overallVerdict()
  std::map<std::string, double> values;   ///< by figure id
  std::string advice;                     ///< the one thing to try; empty: nothing is to be
  std::string observation = {};           ///< the id of the advice that it is from
  std::vector<Reached> reach = {};        ///< where steady tones were held
};

TakeSummary keptOf(const Analysis& analysis);

}  // namespace calando
