#include "core/theory/for_whom.h"

#include <algorithm>

#include "core/base/catalogue.h"

namespace calando {

bool ForWhom::holds(Family family) const {
  return everybody() || std::ranges::find(families, family) != families.end();
}

bool ForWhom::holds(const Instrument& instrument) const {
  return holds(instrument.family) || std::ranges::find(instruments, instrument.id) != instruments.end();
}

ForWhom forWhomFrom(const nlohmann::json& entry) {
  ForWhom whom;
  if (!entry.contains("families")) return whom;
  for (const nlohmann::json& name : entry.at("families")) {
    const auto id = name.get<std::string>();
    if (!valueIn(kFamilies, id) && findInstrument(id))
      whom.instruments.push_back(id);
    else
      whom.families.push_back(valueNamed(name, "families", kFamilies));
  }
  return whom;
}

nlohmann::json namesOf(const ForWhom& whom) {
  nlohmann::json names = nlohmann::json::array();
  for (const Family family : whom.families) names.push_back(nameIn(kFamilies, family));
  for (const std::string& id : whom.instruments) names.push_back(id);
  return names;
}

}  // namespace calando
