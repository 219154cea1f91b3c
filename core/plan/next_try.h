#pragma once

#include <optional>
#include <span>
#include <string>

#include "core/plan/proposals.h"

namespace calando {

/// What a lesson does after a take, of all that could be done the one thing. docs/plan.md has the rules.
struct NextTry {
  enum class Kind {
    onceMore,    ///< it was good: the same again
    anotherDay,  ///< good often enough for today, and wanted on another day too
    plan,        ///< it is reliable: what the plan proposes
    easier,      ///< it broke twice: slower, shorter, fewer
    instead,     ///< it broke twice in the same way: the card for just that
    back,        ///< that went well: the card that it stood in for
    asBefore,    ///< that went well: as hard as it was
    leave        ///< enough of it today
  };
  /// What so many more good takes lead to.
  enum class Until { reliable, enoughToday, asBefore };
  Kind kind;
  int toCome = 0;                           ///< of onceMore: good takes that are wanting
  Until until = Until::reliable;            ///< of onceMore
  std::string card = {};                    ///< of instead and back: which
  std::string because = {};                 ///< of instead: id of what was observed
  Grows::What what = Grows::What::nothing;  ///< of easier and asBefore
  double from = 0.0, to = 0.0;              ///< of easier and asBefore
  std::optional<Proposal> proposal = {};    ///< of plan
};

/// All its notes are short, so that it gets easier when it gets slower; a long one does not.
bool isQuick(const Exercise& card);

/// After the newest take of a card today; nullopt where nothing follows from it: none of today, nothing that
/// is judged, or broken once, which is normal. `proposed`: proposalsFor(state). `standsFor`: the card that it
/// was taken up instead of; empty: none.
std::optional<NextTry> nextTry(const PlanState& state, std::span<const Proposal> proposed,
                               const Exercise& card, const std::string& standsFor = {});

}  // namespace calando
