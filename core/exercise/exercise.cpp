#include "core/exercise/exercise.h"

#include "core/catalogue.h"
#include "core/exercise/judging.h"
#include "data/catalogue_text.h"

namespace calando {

tl::expected<std::vector<Exercise>, std::string> parseExercises(std::string_view text) {
  return parseEntries<Exercise>("exercises", text, [](const nlohmann::json& entry) {
    Exercise e;
    e.id = entry.at("id").get<std::string>();
    e.title = entry.at("title").get<std::string>();
    e.purpose = entry.at("purpose").get<std::string>();
    for (const auto& cue : entry.at("cues")) e.cues.push_back({cue.at("kind").get<std::string>()});
    e.readings = entry.at("readings").get<std::vector<std::string>>();
    for (const std::string& id : e.readings)
      if (!isReading(id)) throw std::invalid_argument("reading \"" + id + "\" is unknown");
    return e;
  });
}

const std::vector<Exercise>& exercises() {
  static const auto list = shipped(parseExercises(data::exercises));
  return list;
}

const Exercise* findExercise(std::string_view id) { return findById(exercises(), id); }

}  // namespace calando
