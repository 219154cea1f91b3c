#pragma once

// What the tables of a studio share; for them and for the studio alone.

#include <SQLiteCpp/SQLiteCpp.h>

#include <filesystem>
#include <set>

#include "records/values/clock.h"
#include "records/values/studio_fault.h"
#include "records/values/take.h"

namespace calando {

/// True for a place in a folder or under it, however it is written.
bool isInside(const std::filesystem::path& place, const std::filesystem::path& folder);

/// Where a backup is unpacked before it becomes the studio of a folder.
inline constexpr const char* kRestoring = "restoring";
/// What a restore that was cut off left in a folder goes; true where there was something of it and no studio.
bool undoRestoring(const std::filesystem::path& folder);

/// The name of a file in a folder of the studio. What is anything else leads nowhere, whatever wrote it.
std::string plainName(const std::string& name);

/// What is changed while it lives is kept all at once by commit(), or else not at all. One within another is
/// part of that.
class Whole {
 public:
  explicit Whole(SQLite::Database& db);
  ~Whole();
  Whole(const Whole&) = delete;
  Whole& operator=(const Whole&) = delete;
  void commit();

 private:
  SQLite::Database& db_;
  bool outermost_;
  bool kept_ = false;
};

/// The folder of a studio, its lock and its list.
struct StudioFolder {
  std::filesystem::path folder;
  std::shared_ptr<const Clock> clock;
  std::unique_ptr<SQLite::Database> db;
  int lock = -1;
  bool readOnly = false;
  std::vector<Problem> remarks;
  std::set<std::filesystem::path> running;  // recordings that are being made
  /// What is still to be removed of the student who is being erased.
  std::optional<std::vector<std::filesystem::path>> toErase;

  StudioFolder() = default;
  StudioFolder(const StudioFolder&) = delete;
  StudioFolder& operator=(const StudioFolder&) = delete;
  ~StudioFolder();

  std::filesystem::path database() const { return folder / "studio.db"; }
  std::filesystem::path takes() const { return folder / "takes"; }
  std::filesystem::path recordings() const { return folder / "recording"; }
  /// A take's sound, and a recording, by the name in the list.
  std::filesystem::path take(const std::string& name) const { return takes() / plainName(name); }
  std::filesystem::path recording(const std::string& name) const { return recordings() / plainName(name); }
  std::int64_t newId() const { return calando::newId(clock->now_ms()); }
  /// One empty file for each student who is being erased, named by id: it needs no room.
  std::filesystem::path journal() const { return folder / "erasing"; }
  bool isErasing(std::int64_t student) const;

  /// What the database says.
  OpenError explain(const SQLite::Exception& e) const;
  OpenError damaged() const;
  /// Opens studio.db, and makes it or brings it up to date.
  std::optional<OpenError> openTables();
  bool isWhole() const;
  void setAside() const;

  /// Runs a database action; its exception becomes a problem.
  template <class Action>
  auto attempt(Action action) const -> StudioResult<decltype(action())> {
    try {
      if constexpr (std::is_void_v<decltype(action())>) {
        action();
        return {};
      } else {
        return action();
      }
    } catch (const SQLite::Exception& e) {
      return tl::unexpected(explain(e).what);
    }
  }
  template <class Action>
  auto change(Action action) const -> StudioResult<decltype(action())> {
    if (readOnly) return tl::unexpected(Problem(StudioFault::onlyToLookAt));
    return attempt(action);
  }
};

/// Brings the tables up from a version of theirs to the newest one. Throws.
extern const int kSchemaVersion;
void migrate(SQLite::Database& db, int version);

/// What stands behind the name of a studio.db that was set aside, before its date.
inline constexpr std::string_view kAside = ".aside-";

/// Texts of a student in an order of theirs, in a table with student and place.
std::vector<std::string> listOf(SQLite::Database& db, const std::string& table, const std::string& column,
                                std::int64_t student);
void keepList(SQLite::Database& db, const std::string& table, const std::string& column, std::int64_t student,
              const std::vector<std::string>& texts);

/// The files in a folder, those that can be seen; sorted, so by age where their names tell it.
std::vector<std::filesystem::path> filesIn(const std::filesystem::path& folder);
/// The note beside a sound: in a take's file, or next to a recording. Nullopt where none can be read.
std::optional<SoundNote> noteOf(const std::filesystem::path& sound);
/// Where the note of a recording lies.
std::filesystem::path noteFileOf(const std::filesystem::path& recording);

}  // namespace calando
