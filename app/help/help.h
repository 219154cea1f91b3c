#pragma once

#include <string>

#include "core/exercise/exercise_ptr.h"

class QWidget;

namespace calando {

/// Help, open at where one is: a topic's id (empty: at the beginning), and the exercise in front, where there
/// is one.
void showHelp(QWidget* parent, const std::string& topic = {}, const ExercisePtr& exercise = nullptr);

/// The topic of an exercise.
std::string topicFor(const Exercise& exercise);

}  // namespace calando
