#pragma once

#include <nlohmann/json_fwd.hpp>
#include <string>
#include <string_view>
#include <tl/expected.hpp>
#include <vector>

#include "core/base/fault.h"
#include "core/exercise/exercise.h"
#include "core/exercise/exercise_ptr.h"

/// Exercise cards as text, in the form that docs/exercises.md describes, and those that ship.
namespace calando {

/// "any", "home", "each", "Bb4", "degree 3", "interval -1", "partial 3".
std::string nameOf(const CueNote& note);
/// The same back; the error is one line with the remedy.
tl::expected<CueNote, Problem> parseCueNote(std::string_view text);

/// What of the instrument a text names; Refused, with what there is, where it names none.
PartPlayed partFrom(const nlohmann::json& text);

/// One card. The error is one line that names the place in it and the remedy.
tl::expected<Exercise, Problem> parseExercise(std::string_view json);
/// A list of cards.
tl::expected<std::vector<Exercise>, Problem> parseExercises(std::string_view json);
/// A card in the same form.
std::string toText(const Exercise& exercise);

/// The cards that ship with the program; parsed once, thread-safe.
const std::vector<Exercise>& exercises();
/// Of the cards that ship; nullptr when there is none of that id.
ExercisePtr findExercise(std::string_view id);

}  // namespace calando
