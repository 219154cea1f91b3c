#pragma once

#include <string>
#include <string_view>
#include <tl/expected.hpp>
#include <vector>

#include "core/base/fault.h"

namespace calando {

/// A running order to start from (data/lessons.json).
struct LessonTemplate {
  std::string id;
  std::string label;
  std::vector<std::string> exercises;  ///< ids, in order
};

tl::expected<std::vector<LessonTemplate>, Problem> parseLessons(std::string_view json);
const std::vector<LessonTemplate>& lessonTemplates();

}  // namespace calando
