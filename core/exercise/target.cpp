#include "core/exercise/target.h"

#include <algorithm>

namespace calando {

const Target* targetIn(const Targets& targets, const std::string& figure, const Instrument* instrument) {
  const auto found = targets.find(figure);
  if (found == targets.end()) return nullptr;
  const auto holds = std::ranges::find_if(
      found->second, [&](const Target& target) { return target.whom.holds(instrument); });
  return holds == found->second.end() ? nullptr : &*holds;
}

}  // namespace calando
