#include "core/judging/level.h"

#include <nlohmann/json.hpp>

#include "core/base/bounded_json.h"
#include "core/base/catalogue.h"
#include "core/figures/figure.h"
#include "data/catalogue_text.h"

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
  if (!t.low && !t.high) refuse(Fault::noBound);
  t.width = bound(entry, "width").value_or(widthOf(t.low, t.high));
  if (!(t.width > 0.0)) refuse(Fault::noWidth);
  t.whom = forWhomFrom(entry);
  return t;
}

}  // namespace

Targets targetsFrom(const nlohmann::json& object) {
  Targets targets;
  for (const auto& [id, target] : object.items()) {
    if (!isReading(id)) refuse(Fault::unknownReading, shortened(nlohmann::json(id)));
    if (target.is_array())
      for (const nlohmann::json& one : target) targets[id].push_back(targetFrom(one));
    else
      targets[id].push_back(targetFrom(target));
    if (targets[id].empty()) refuse(Fault::noBound);
  }
  return targets;
}

tl::expected<std::vector<Level>, Problem> parseLevels(std::string_view text) {
  return parseEntries<Level>("levels", text, [](const nlohmann::json& entry) {
    return Level{entry.at("id").get<std::string>(), entry.at("label").get<std::string>(),
                 targetsFrom(entry.at("targets"))};
  });
}

const std::vector<Level>& levels() {
  static const auto list = shipped(parseLevels(data::levels));
  return list;
}

const Level* findLevel(std::string_view id) { return findById(levels(), id); }

const Target* findTarget(const std::string& figure, const Exercise& card, const Level& level,
                         const Instrument* instrument) {
  const auto own = card.targets.find(level.id);
  const Target* target = own == card.targets.end() ? nullptr : targetIn(own->second, figure, instrument);
  // A buzz is asked for nothing that a tone is.
  return target || card.part != PartPlayed::whole ? target : targetIn(level.targets, figure, instrument);
}

}  // namespace calando
