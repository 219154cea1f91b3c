#pragma once

#include <map>
#include <string>
#include <vector>

#include "core/ears/answers.h"
#include "records/folder/table.h"

namespace calando {

/// What students answered when the ear was asked, and guessed of figures, oldest first; on which day is for
/// who knows the time zone.
class EarTable : public Table {
 public:
  using Table::Table;

  StudioResult<std::vector<EarAnswer>> answers(std::int64_t student) const;
  StudioResult<void> keepAnswer(std::int64_t student, const EarAnswer& answer);
  StudioResult<std::vector<EarGuess>> guesses(std::int64_t student) const;
  StudioResult<void> keepGuess(std::int64_t student, const EarGuess& guess);
  /// What a teacher has a student asked about; empty: nothing was set.
  StudioResult<std::vector<Change>> asked(std::int64_t student) const;
  StudioResult<void> keepAsked(std::int64_t student, const std::vector<Change>& changes);
  /// A student's own words for what can be wrong; empty text: none.
  StudioResult<std::map<Change, std::string>> words(std::int64_t student) const;
  StudioResult<void> keepWord(std::int64_t student, Change change, const std::string& said);
};

}  // namespace calando
