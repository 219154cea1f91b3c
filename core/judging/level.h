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

/// Reads {"held_s": {"low": 5}, …}. Throws Refused, or what the JSON library throws.
Targets targetsFrom(const nlohmann::json& object);

tl::expected<std::vector<Level>, Problem> parseLevels(std::string_view json);
const std::vector<Level>& levels();
const Level* findLevel(std::string_view id);

/// What a card asks of a figure at a level: the card's own target, else the level's, else nullptr. Whether it
/// holds for the instrument is not asked.
const Target* findTarget(const std::string& figure, const Exercise& card, const Level& level);

}  // namespace calando
