#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <tl/expected.hpp>
#include <vector>

#include "core/fault.h"
#include "core/judging/findings.h"

namespace calando {

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
tl::expected<std::vector<AdviceCard>, Problem> parseAdvice(std::string_view json);
const std::vector<AdviceCard>& adviceCards();

/// The one piece of advice: for the figure furthest outside its target in widths of the target. Those within
/// a tenth of the furthest count as equal, and among them what a teacher mends first comes first: sound that
/// starts and lasts, then steady, then in tune, then full. Nullopt when nothing was judged.
/// `known`: readings that the card does not show, for the conditions of the advice and its words.
std::optional<Advice> chooseAdvice(const std::vector<Reading>& readings,
                                   const std::vector<Reading>& known = {});

}  // namespace calando
