#include "core/exercise/exercise.h"

#include <algorithm>
#include <cassert>
#include <nlohmann/json.hpp>

#include "core/exercise/judging.h"
#include "data/catalogue_text.h"

namespace calando {

tl::expected<std::vector<Exercise>, std::string> parseExercises(std::string_view text) {
  std::vector<Exercise> list;
  try {
    for (const auto& entry : nlohmann::json::parse(text)) {
      Exercise e;
      e.id = entry.at("id").get<std::string>();
      e.title = entry.at("title").get<std::string>();
      e.purpose = entry.at("purpose").get<std::string>();
      for (const auto& cue : entry.at("cues")) e.cues.push_back({cue.at("kind").get<std::string>()});
      for (const auto& id : entry.at("readings")) {
        e.readings.push_back(id.get<std::string>());
        if (!isReading(e.readings.back()))
          return tl::unexpected("exercises: \"" + e.id + "\": reading \"" + e.readings.back() +
                                "\" is unknown");
      }
      list.push_back(std::move(e));
    }
  } catch (const nlohmann::json::exception& e) {
    return tl::unexpected("exercises: entry " + std::to_string(list.size() + 1) + ": " + e.what());
  }
  return list;
}

const std::vector<Exercise>& exercises() {
  static const std::vector<Exercise> list = [] {
    auto parsed = parseExercises(data::exercises);
    assert(parsed && "data/exercises.json is checked by the tests");
    return std::move(*parsed);
  }();
  return list;
}

const Exercise* findExercise(std::string_view id) {
  const auto& all = exercises();
  const auto found = std::ranges::find(all, id, &Exercise::id);
  return found == all.end() ? nullptr : &*found;
}

}  // namespace calando
