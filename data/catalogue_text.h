#pragma once

#include <string_view>

/// The catalogues of data/*.json as text, embedded at build time. Each is one JSON array.
namespace calando::data {
extern const std::string_view instruments;
extern const std::string_view levels;
extern const std::string_view advice;
extern const std::string_view exercises;
extern const std::string_view lessons;
extern const std::string_view players;
extern const std::string_view tubes;
extern const std::string_view cautions;
}  // namespace calando::data
