#pragma once

#include <string>
#include <string_view>
#include <tl/expected.hpp>
#include <vector>

#include "core/analysis.h"
#include "core/exercise/exercise.h"
#include "core/exercise/readings.h"

namespace calando {

/// A level of demand (data/levels.json).
struct Level {
  std::string id;
  std::string label;
  Targets targets;
};

tl::expected<std::vector<Level>, std::string> parseLevels(std::string_view json);
const std::vector<Level>& levels();
const Level* findLevel(std::string_view id);

/// What a card asks of a figure at a level: the card's own target, else the level's, else nullptr. Whether it
/// holds for the instrument is not asked.
const Target* findTarget(const std::string& reading, const Exercise& card, const Level& level);

/// A figure outside by no more than this many widths of its target is near.
inline constexpr double kNearWidths = 0.5;

/// Fills cues, readings and advice by the context's exercise, unrolled, and level.
void judge(Analysis& analysis, const Tracks& tracks, const CueSheet& sheet, const Context& context);

/// The worst verdict of all that was judged: inside, near or outside; not yet when nothing came; unmeasured
/// when nothing was held against a target.
Verdict overallVerdict(const std::vector<Reading>& readings);

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
/// `known`: readings that the card does not show, for the conditions of the advice and its words.
std::optional<Advice> chooseAdvice(const std::vector<Reading>& readings,
                                   const std::vector<Reading>& known = {});

}  // namespace calando
