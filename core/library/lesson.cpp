#include "core/library/lesson.h"

#include "core/catalogue.h"
#include "core/library/cards.h"
#include "data/catalogue_text.h"

namespace calando {

tl::expected<std::vector<LessonTemplate>, std::string> parseLessons(std::string_view text) {
  return parseEntries<LessonTemplate>("lessons", text, [](const nlohmann::json& entry) {
    LessonTemplate lesson{entry.at("id").get<std::string>(), entry.at("label").get<std::string>(),
                          entry.at("exercises").get<std::vector<std::string>>()};
    if (lesson.exercises.empty()) throw std::invalid_argument("a running order needs an exercise");
    for (const std::string& id : lesson.exercises)
      if (!findExercise(id)) throw std::invalid_argument("exercise \"" + id + "\" is unknown");
    return lesson;
  });
}

const std::vector<LessonTemplate>& lessonTemplates() {
  static const auto list = shipped(parseLessons(data::lessons));
  return list;
}

}  // namespace calando
