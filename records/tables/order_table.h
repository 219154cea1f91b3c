#pragma once

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

#include "records/folder/table.h"
#include "records/values/own_order.h"

namespace calando {

/// What a student's lesson goes through, and what their takes are held against.
class OrderTable : public Table {
 public:
  using Table::Table;

  /// Ids of cards; empty: none of their own.
  StudioResult<std::vector<std::string>> of(std::int64_t student) const;
  StudioResult<void> keep(std::int64_t student, const std::vector<std::string>& exercises);
  /// By name; which of them, or which that ships, is the present one.
  StudioResult<std::vector<OwnOrder>> own(std::int64_t student) const;
  StudioResult<void> keepOwn(std::int64_t student,
                             const OwnOrder& order);  ///< without exercises: takes it away
  /// The take that a student's other takes of a card are held against; one of theirs.
  StudioResult<std::optional<std::int64_t>> model(std::int64_t student, const std::string& exercise) const;
  /// `take` nullopt: none any more.
  StudioResult<void> keepModel(std::int64_t student, const std::string& exercise,
                               std::optional<std::int64_t> take);
};

}  // namespace calando
