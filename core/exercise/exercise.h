#pragma once

#include <string>
#include <string_view>
#include <tl/expected.hpp>
#include <vector>

namespace calando {

/// One thing to do in an exercise.
struct Cue {
  std::string kind;  ///< so far: tone
};

/// An exercise card (data/exercises.json).
struct Exercise {
  std::string id;
  std::string title;
  std::string purpose;
  std::vector<Cue> cues;
  std::vector<std::string> readings;  ///< ids of the readings it is judged by, in the order shown
};

/// The error is one line that names the entry and what is wrong with it.
tl::expected<std::vector<Exercise>, std::string> parseExercises(std::string_view json);
/// The cards that ship with the program; parsed once, thread-safe.
const std::vector<Exercise>& exercises();
/// Nullptr when there is none of that id.
const Exercise* findExercise(std::string_view id);

}  // namespace calando
