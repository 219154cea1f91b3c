#pragma once

#include <string>
#include <string_view>
#include <tl/expected.hpp>
#include <vector>

#include "core/base/fault.h"
#include "core/theory/for_whom.h"

namespace calando {

/// A running order to start from (data/lessons.json).
struct LessonTemplate {
  std::string id;
  std::string label;
  ForWhom whom;                        ///< it is for
  bool gated = true;                   ///< a step opens when the one before it is reliable
  std::vector<std::string> exercises;  ///< ids, in order
};

tl::expected<std::vector<LessonTemplate>, Problem> parseLessons(std::string_view json);
const std::vector<LessonTemplate>& lessonTemplates();

/// Those for an instrument, each with the cards that fit it; one of which too little is left is left out.
/// `instrument` nullptr: as they are.
std::vector<LessonTemplate> lessonsFor(const Instrument* instrument);

}  // namespace calando
