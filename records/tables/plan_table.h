#pragma once

#include <vector>

#include "core/library/open_marks.h"
#include "core/plan/plan.h"
#include "records/folder/table.h"
#include "records/values/practice.h"

namespace calando {

/// What students practise at home, and what they did without the program.
class PlanTable : public Table {
 public:
  using Table::Table;

  /// A plan without anything where there is none.
  StudioResult<Plan> of(std::int64_t student) const;
  StudioResult<void> keep(std::int64_t student, const Plan& plan);
  /// Newest first.
  StudioResult<std::vector<Practice>> practices(std::int64_t student) const;
  StudioResult<Practice> keepPractice(Practice practice);  ///< in place of an earlier one of its id
  StudioResult<void> erasePractice(std::int64_t practice);
  /// The breaths of a student that a teacher called open, oldest first.
  StudioResult<std::vector<OpenMark>> openBreaths(std::int64_t student) const;
  StudioResult<void> keepOpenBreaths(std::int64_t student, const std::vector<OpenMark>& marks);
};

}  // namespace calando
