#pragma once

#include <nlohmann/json_fwd.hpp>
#include <string>
#include <string_view>
#include <tl/expected.hpp>
#include <vector>

#include "core/base/fault.h"
#include "core/exercise/exercise.h"
#include "core/exercise/target.h"

/// What is asked of figures, read from text: by cards, and by the levels of demand.
namespace calando {

/// Reads {"held_s": {"low": 5}, …}; for several families a list: {"hnr_db": [{"low": 5, "families":
/// ["flute"]},
/// {"low": 10}]}. Throws Refused, or what the JSON library throws.
Targets targetsFrom(const nlohmann::json& object);

tl::expected<std::vector<Level>, Problem> parseLevels(std::string_view json);
const std::vector<Level>& levels();
const Level* findLevel(std::string_view id);

/// What a card asks of a figure at a level on an instrument: the card's own target, else the level's, else
/// nullptr. `instrument` nullptr: nobody has said which.
const Target* findTarget(const std::string& figure, const Exercise& card, const Level& level,
                         const Instrument* instrument);

}  // namespace calando
