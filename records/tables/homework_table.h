#pragma once

#include <vector>

#include "records/folder/table.h"
#include "records/values/homework.h"

namespace calando {

class HomeworkTable : public Table {
 public:
  using Table::Table;

  /// Lists of homework, the newest first.
  StudioResult<std::vector<Homework>> all() const;
  StudioResult<Homework> keep(Homework homework);  ///< in place of an earlier one of its id
  StudioResult<void> erase(std::int64_t homework);
  /// What students sent for a list, by student.
  StudioResult<std::vector<SentHomework>> sent(std::int64_t homework) const;
  StudioResult<void> keepSent(std::int64_t homework,
                              const SentHomework& sent);  ///< without files: takes it away

  /// What came into the watched folder and was taken.
  StudioResult<std::vector<WatchedFile>> watchedFiles() const;
  StudioResult<void> keepWatchedFile(const WatchedFile& file);
  StudioResult<void> forgetWatchedFiles();
};

}  // namespace calando
