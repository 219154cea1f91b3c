#pragma once

#include <cstdint>
#include <map>
#include <optional>
#include <string>
#include <vector>

#include "records/folder/table.h"
#include "records/values/stored_summary.h"

namespace calando {

/// One figure of a student's takes over time.
struct FigureThen {
  std::int64_t take;
  std::int64_t made_unix_s;
  double value;
};

class SummaryTable : public Table {
 public:
  using Table::Table;

  StudioResult<std::optional<StoredSummary>> ofTake(std::int64_t take) const;  ///< nullopt: none that holds
  StudioResult<void> keep(std::int64_t take, const StoredSummary& summary);
  /// Of all takes of a student that this engine has measured or can no more, by take.
  StudioResult<std::map<std::int64_t, StoredSummary>> of(std::int64_t student) const;
  /// Oldest first.
  StudioResult<std::vector<FigureThen>> figureOverTime(std::int64_t student, const std::string& figure) const;
};

}  // namespace calando
