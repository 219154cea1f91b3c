#include "core/exercise/target.h"

#include <cmath>
#include <nlohmann/json.hpp>

#include "core/bounded_json.h"
#include "core/exercise/judging.h"

namespace calando {

namespace {

std::optional<double> bound(const nlohmann::json& entry, const char* key) {
  if (!entry.contains(key)) return std::nullopt;
  return entry.at(key).get<double>();
}

Target targetFrom(const nlohmann::json& entry) {
  Target t;
  t.low = bound(entry, "low");
  t.high = bound(entry, "high");
  if (!t.low && !t.high) throw std::invalid_argument("a target needs \"low\" or \"high\"");
  t.width = bound(entry, "width").value_or(widthOf(t.low, t.high));
  if (!(t.width > 0.0)) throw std::invalid_argument("a bound of 0 needs a \"width\" above 0");
  static const std::map<std::string, Family> families = {{"flute", Family::flute},
                                                         {"double-reed", Family::doubleReed},
                                                         {"single-reed", Family::singleReed},
                                                         {"brass", Family::brass}};
  if (entry.contains("families"))
    for (const auto& name : entry.at("families")) {
      const auto family = families.find(name.get<std::string>());
      if (family == families.end())
        throw std::invalid_argument("family " + shortened(name) +
                                    " is unknown; it is one of flute, double-reed, single-reed, brass");
      t.families.push_back(family->second);
    }
  return t;
}

}  // namespace

double widthOf(const std::optional<double>& low, const std::optional<double>& high) {
  return low && high ? *high - *low : std::abs(low ? *low : high.value_or(0.0));
}

Targets targetsFrom(const nlohmann::json& object) {
  Targets targets;
  for (const auto& [id, target] : object.items()) {
    if (!isReading(id))
      throw std::invalid_argument("reading " + shortened(nlohmann::json(id)) + " is unknown");
    targets.emplace(id, targetFrom(target));
  }
  return targets;
}

}  // namespace calando
