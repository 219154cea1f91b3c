#pragma once

#include <map>
#include <string>
#include <string_view>
#include <tl/expected.hpp>
#include <vector>

#include "core/analysis.h"
#include "core/exercise/exercise.h"

namespace calando {

/// What a figure should be. At least one bound is set.
struct Target {
  std::optional<double> low;
  std::optional<double> high;
  /// What counts as one width of the target when a figure lies outside: high - low, or the size of the only
  /// bound, unless the catalogue says otherwise (a bound of 0 has no size).
  double width;
  std::vector<Family> families;  ///< instruments it holds for; empty: all
};

/// A level of demand (data/levels.json).
struct Level {
  std::string id;
  std::string label;
  std::map<std::string, Target> targets;  ///< by reading id
};

tl::expected<std::vector<Level>, std::string> parseLevels(std::string_view json);
const std::vector<Level>& levels();
const Level* findLevel(std::string_view id);

/// A figure outside by no more than this many widths of its target is near.
inline constexpr double kNearWidths = 0.5;

bool isReading(std::string_view id);
/// Name for people, and unit, of a reading; empty for an unknown one.
std::string readingLabel(std::string_view id);
std::string readingUnit(std::string_view id);
/// One sentence for F1.
std::string readingMeaning(std::string_view id);

/// Fills cues, readings and advice. The judged tone is the one held longest.
void judge(Analysis& analysis, const Context& context);

/// A text of data/advice.json.
struct AdviceCard {
  struct Condition {
    std::string reading;
    std::optional<double> above;
    std::optional<double> below;
  };
  std::string id;
  std::string reading;  ///< empty: for when all are inside
  bool low = false;     ///< the side of the target it is for
  bool high = false;
  std::vector<Condition> conditions;
  std::string
      says;  ///< the observation; {id} stands for a reading's value, {id:low} and {id:high} for its target
  std::string tries;
  std::string why;
};
tl::expected<std::vector<AdviceCard>, std::string> parseAdvice(std::string_view json);
const std::vector<AdviceCard>& adviceCards();

/// The one piece of advice: for the figure furthest outside its target in widths of the target. Those within
/// a tenth of the furthest count as equal, and among them what a teacher mends first comes first: sound that
/// starts and lasts, then steady, then in tune, then full. Nullopt when nothing was judged.
std::optional<Advice> chooseAdvice(const std::vector<Reading>& readings);

}  // namespace calando
