#pragma once

#include <filesystem>
#include <span>
#include <vector>

#include "audio/sound_file.h"
#include "records/folder/table.h"
#include "records/values/stored_summary.h"
#include "records/values/take.h"

namespace calando {

/// The takes, and their sounds in takes/. No file name is ever used twice, and no file is ever written over
/// another.
class TakeTable : public Table {
 public:
  using Table::Table;

  /// Newest first; those too in which the student was the other one.
  StudioResult<std::vector<Take>> of(std::int64_t student) const;
  /// Gives a take an id and a file name of its own, where it has none.
  void name(Take& take) const;
  /// Writes the sound of a take that has its name into a studio's folder, with its note. Touches no list: for
  /// any thread. The take that is returned has its seconds. One of that name that is there is this take's,
  /// from before a crash, and stays. `first`: of the first of two who have a channel each.
  static tl::expected<Take, WriteError> write(const std::filesystem::path& folder, const Student& student,
                                              Take take, std::span<const float> samples, double rate_hz,
                                              std::span<const float> first = {});
  /// Puts a written take on the list, with its summary, and removes the recording that it was made from.
  /// Where that fails its sound stays, and is offered at the next start; but not if its student has been
  /// erased.
  StudioResult<void> enter(const Take& take, const StoredSummary& summary);
  StudioResult<void> enter(const Take& take);
  /// write() and enter() at once.
  StudioResult<Take> add(const Take& take, std::span<const float> samples, double rate_hz,
                         std::span<const float> first = {});
  /// Sound files with their notes, in an Incoming of this studio, become takes of a student, all or none of
  /// them. Those on the list stay as they are, in the trash too. How many were new. The files themselves are
  /// moved by moveAdopted().
  StudioResult<int> adopt(const Student& student, const std::vector<std::filesystem::path>& files);
  /// Once adopting is done with and nothing can take it back; what a crash leaves of it is done at the next
  /// start.
  void moveAdopted();

  StudioResult<Sound> sound(std::int64_t take) const;
  /// Empty for a take that is not on the list.
  std::filesystem::path file(std::int64_t take) const;
  std::filesystem::path file(const Take& take) const;
  /// Word, attention, comfort, what was tried, remark and what was asked for.
  StudioResult<void> change(const Take& take);
  /// Out of the shelf; restore() brings it back until removeDeleted().
  StudioResult<void> remove(std::int64_t take);
  StudioResult<void> restore(std::int64_t take);
  StudioResult<void> removeDeleted();

 private:
  StudioResult<void> enter(const Take& take, const StoredSummary* summary);
};

}  // namespace calando
