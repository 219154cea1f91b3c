#pragma once

#include <filesystem>
#include <string>
#include <vector>

#include "records/folder/table.h"
#include "records/values/take.h"

namespace calando {

/// A take whose sound file does not have its newest note yet.
struct Unnoted {
  std::int64_t take;
  std::int64_t change;
  std::filesystem::path file;
  std::string note;
};

/// How long the sounds of takes are kept, and what stands in their files.
class SoundTable : public Table {
 public:
  using Table::Table;

  /// Takes of all students whose sound may go, oldest first: made before then, measured by this
  /// engine, and nobody's model.
  StudioResult<std::vector<Take>> before(std::int64_t made_unix_s) const;
  /// Their sound goes and their figures stay. For kLetGo_s it can be brought back; then its file goes, at the
  /// next tidy().
  StudioResult<void> letGo(const std::vector<std::int64_t>& takes, std::int64_t now_unix_s);
  static constexpr std::int64_t kLetGo_s = 86400;
  /// Those that can still be brought back.
  StudioResult<std::vector<std::int64_t>> thatWereLetGo(std::int64_t now_unix_s) const;
  StudioResult<void> bringBack(const std::vector<std::int64_t>& takes);
  /// Removes the files whose time has passed. The error names one that stays.
  StudioResult<void> tidy(std::int64_t now_unix_s);

  /// By id, those after a take's; 0: all.
  StudioResult<std::vector<Unnoted>> unnoted(std::size_t most, std::int64_t after = 0) const;
  /// For any thread; the file stays whole.
  static bool writeNote(const Unnoted& unnoted);
  StudioResult<void> noted(const Unnoted& unnoted);
};

}  // namespace calando
