#pragma once

#include <cstdint>
#include <filesystem>
#include <optional>
#include <string>
#include <vector>

#include "core/day.h"
#include "core/homework/marking.h"

namespace calando {

/// A list of homework, as a studio keeps it.
struct Homework {
  std::int64_t id = 0;  ///< 0: not kept yet
  Day due{};
  std::string list;  ///< as parseHomework() reads it
};

/// What one student sent for a list. The recordings stay where they are.
struct SentHomework {
  std::int64_t student = 0;
  std::vector<std::filesystem::path> files;
  std::vector<Piece> pieces;  ///< what the teacher says of stretches, in the order in which it was said
  std::optional<std::string> answer;  ///< as the teacher changed it; nullopt: as it is made
  std::vector<std::int64_t> takes;    ///< the best tries, once they are taken into the student's weeks
};
std::string toText(const SentHomework& sent);
/// What cannot be is left out.
SentHomework sentFrom(std::string_view text);

}  // namespace calando
