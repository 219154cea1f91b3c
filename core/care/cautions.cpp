#include "core/care/cautions.h"

#include "core/base/catalogue.h"
#include "data/catalogue_text.h"

namespace calando {

namespace {

constexpr Named<Caution::On> kOn[] = {
    {"cards", Caution::On::cards}, {"partner", Caution::On::partner}, {"small-part", Caution::On::smallPart}};

bool goesWith(const Caution& caution, const Exercise& card) {
  switch (caution.on) {
    case Caution::On::cards:
      return false;
    case Caution::On::partner:
      return card.hasPartner() || card.drone;
    case Caution::On::smallPart:
      return card.part != PartPlayed::whole;
  }
  return false;
}

}  // namespace

tl::expected<std::vector<Caution>, Problem> parseCautions(std::string_view text) {
  return parseEntries<Caution>("cautions", text, [](const nlohmann::json& entry) {
    return Caution{entry.at("id").get<std::string>(), entry.at("says").get<std::string>(), forWhomFrom(entry),
                   entry.contains("on") ? valueNamed(entry.at("on"), "on", kOn) : Caution::On::cards,
                   entry.value("dizzy", false)};
  });
}

const std::vector<Caution>& cautions() {
  static const auto list = shipped(parseCautions(data::cautions));
  return list;
}

std::vector<Caution> cautionsOf(const Exercise& card, const Instrument* instrument) {
  std::vector<Caution> list;
  for (const std::string& name : card.cautions) {
    const Caution* known = findById(cautions(), name);
    if (!known || !instrument || known->whom.holds(*instrument))
      list.push_back(known ? *known : Caution{name, name});
  }
  for (const Caution& caution : cautions())
    if (goesWith(caution, card) && (!instrument || caution.whom.holds(*instrument))) list.push_back(caution);
  return list;
}

}  // namespace calando
