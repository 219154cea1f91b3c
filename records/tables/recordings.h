#pragma once

#include <filesystem>
#include <optional>
#include <vector>

#include "records/folder/table.h"
#include "records/values/stray.h"

namespace calando {

/// Sounds that are not takes yet.
class Recordings : public Table {
 public:
  using Table::Table;

  /// Where a recording in progress is to be written; a note of what it is lies beside it, and is on the disk
  /// before this returns.
  /// `elsewhere`: another folder than the studio's own; what is left there is not found again.
  StudioResult<std::filesystem::path> begin(const Student& student, const TakeSpec& asked,
                                            const std::optional<std::filesystem::path>& elsewhere = {});
  /// Removes a recording and its note, once nobody wants it.
  void discard(const std::filesystem::path& file);
  /// Those in which nothing was ever heard, and those that became takes.
  void tidy();
  /// Sounds that the list does not know, oldest first. Recordings of this program's own running take are not
  /// among them.
  StudioResult<std::vector<Stray>> strays() const;
  /// Puts a stray take's file on the list as a take of a student.
  StudioResult<Take> takeIn(const Stray& stray, const Student& student);
  /// All of them, each as its note says whose: for a list that is made anew.
  StudioResult<void> takeInAll();
  /// Removes it for good: on the teacher's word alone.
  StudioResult<void> throwAway(const Stray& stray);
};

}  // namespace calando
