#pragma once

#include <map>
#include <string>
#include <vector>

#include "core/judging/ledger.h"

namespace calando {

class ShownTake;
class TakeList;

/// What the takes before the one on show say of it.
class ShownHistory {
 public:
  ShownHistory(const ShownTake& shown, const TakeList& takes) : shown_(shown), takes_(takes) {}

  /// What was to be tried after the take before; empty for none.
  std::string adviceBefore() const;
  /// What the one piece of advice is from, with what was tried for it so far; nullptr for none.
  const AdviceCard* advice() const;
  /// The same where it is an observation, which a teacher may confirm.
  const AdviceCard* observation() const;
  Confirmed confirmed() const;
  std::vector<TriedCue> triedBefore() const;
  /// Figures of the takes before it, oldest first, by id.
  std::map<std::string, std::vector<double>> valuesBefore() const;

 private:
  PastTake past() const;

  const ShownTake& shown_;
  const TakeList& takes_;
};

}  // namespace calando
