#pragma once

#include <string>
#include <vector>

#include "core/library/cards.h"
#include "records/folder/table.h"

namespace calando {

/// The teacher's own exercise cards.
class CardTable : public Table {
 public:
  using Table::Table;

  /// By title. Those that cannot be read are left where they are.
  StudioResult<std::vector<Exercise>> all() const;
  /// How many those are.
  StudioResult<int> unreadable() const;
  StudioResult<void> keep(const Exercise& card);  ///< in place of an earlier one of that id
  StudioResult<void> erase(const std::string& id);
};

}  // namespace calando
