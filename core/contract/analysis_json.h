#pragma once

#include <nlohmann/json.hpp>
#include <string>

#include "core/figures/verdict.h"

/// The contract's forms of an analysis (schema calando.analysis/1), the same for the command line and for
/// exports.
namespace calando {

struct Analysis;
struct Context;
struct Tracks;

/// Where the samples came from.
struct SourceInfo {
  std::string path;  ///< may hold anything; what is no valid UTF-8 is replaced by U+FFFD
  double sample_rate_hz = 0.0;
  int channels = 1;
  std::string channel = "mix";
};

/// Keys in the contract's order.
nlohmann::ordered_json toJson(const Analysis& analysis, const SourceInfo& source, const Context& context);
/// The take's figures, and what is advised.
nlohmann::ordered_json readingsOf(const Analysis& analysis);
nlohmann::ordered_json adviceOf(const Analysis& analysis);
/// The tracks every 10 ms: time_s,f0_hz,confidence,level_dbfs,hnr_db,brightness,air_dbfs,kind.
std::string tracksCsv(const Tracks& tracks, const Analysis& analysis);

std::string verdictName(Verdict verdict);
/// Null for what is no number.
nlohmann::ordered_json number(const std::optional<double>& value);

}  // namespace calando
