#include "core/library/lesson.h"

#include "core/base/catalogue.h"
#include "core/exercise/fit.h"
#include "core/library/cards.h"
#include "data/catalogue_text.h"

namespace calando {

namespace {
constexpr std::size_t kFewestSteps = 3;
}

tl::expected<std::vector<LessonTemplate>, Problem> parseLessons(std::string_view text) {
  return parseEntries<LessonTemplate>("lessons", text, [](const nlohmann::json& entry) {
    LessonTemplate lesson{entry.at("id").get<std::string>(), entry.at("label").get<std::string>(),
                          forWhomFrom(entry), entry.value("gated", true),
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
std::vector<LessonTemplate> lessonsFor(const Instrument* instrument) {
  std::vector<LessonTemplate> lessons = lessonTemplates();
  std::erase_if(lessons, [&](LessonTemplate& lesson) {
    const std::size_t all = lesson.exercises.size();
    std::erase_if(lesson.exercises,
                  [&](const std::string& id) { return misfitOf(*findExercise(id), instrument); });
    const bool theirs = !instrument || lesson.whom.holds(*instrument);
    return !theirs || lesson.exercises.size() < std::min(all, kFewestSteps);
  });
  return lessons;
}

}  // namespace calando
