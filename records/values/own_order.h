#pragma once

#include <string>
#include <vector>

namespace calando {

/// A running order of a student's own, ids of cards by a name.
struct OwnOrder {
  std::string name;
  std::vector<std::string> exercises;
};

}  // namespace calando
