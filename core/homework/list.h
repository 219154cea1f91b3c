#pragma once

#include <functional>
#include <string>
#include <string_view>
#include <tl/expected.hpp>
#include <vector>

#include "core/base/fault.h"
#include "core/exercise/context.h"
#include "core/exercise/exercise.h"
#include "core/exercise/exercise_ptr.h"

/// What is to be practised and sent: a list made from cards.
namespace calando {

struct HomeworkItem {
  ExercisePtr exercise;
  std::optional<int> home = {};  ///< written; empty: any
  std::optional<double> tempo_bpm = {};
  std::optional<PartPlayed> part = {};
  std::optional<int> highest = {};  ///< written: a card that makes its notes goes up to there
  bool operator==(const HomeworkItem&) const = default;
};

struct HomeworkList {
  std::string title;
  std::vector<HomeworkItem> items;
};

/// `cardOf`: finds a card by its id; nullptr: there is none.
tl::expected<HomeworkList, Problem> parseHomework(
    std::string_view json, const std::function<ExercisePtr(const std::string&)>& cardOf);
std::string toText(const HomeworkList& list);

/// What an item asks of whoever `player` is: instrument, level, reference and range are taken from there.
Context contextOf(const HomeworkItem& item, const Context& player);

}  // namespace calando
