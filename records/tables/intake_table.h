#pragma once

#include <vector>

#include "records/folder/table.h"
#include "records/values/homework.h"
#include "records/values/stored_summary.h"

namespace calando {

/// Best tries that are to become takes: written down first, so that they are finished whatever happens
/// meanwhile.
class IntakeTable : public Table {
 public:
  using Table::Table;

  /// All or none of them.
  StudioResult<void> begin(const std::vector<Intake>& intakes);
  /// Those that were begun and are not finished, oldest first.
  StudioResult<std::vector<Intake>> all() const;
  /// The take is on the list, and its list of homework knows of it. Where the student has a take of the same
  /// sound already, that is the one, and what was written of this is removed. The id that it has then.
  StudioResult<std::int64_t> finish(const Intake& intake, const Take& take, const StoredSummary& summary);
  StudioResult<void> drop(const Intake& intake);
};

}  // namespace calando
