#include "core/library/lesson.h"

#include "core/base/catalogue.h"
#include "core/library/cards.h"
#include "data/catalogue_text.h"

namespace calando {

tl::expected<std::vector<LessonTemplate>, Problem> parseLessons(std::string_view text) {
  return parseEntries<LessonTemplate>("lessons", text, [](const nlohmann::json& entry) {
    LessonTemplate lesson{entry.at("id").get<std::string>(), entry.at("label").get<std::string>(),
                          entry.at("exercises").get<std::vector<std::string>>()};
    if (lesson.exercises.empty()) refuse(Fault::noExercises);
    for (const std::string& id : lesson.exercises)
      if (!findExercise(id)) refuse(Fault::unknownExercise, id);
    return lesson;
  });
}

const std::vector<LessonTemplate>& lessonTemplates() {
  static const auto list = shipped(parseLessons(data::lessons));
  return list;
}

}  // namespace calando
