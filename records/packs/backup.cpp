#include "records/packs/backup.h"

#include "records/folder/studio_folder.h"
#include "records/packs/pack_fault.h"

namespace calando {

namespace fs = std::filesystem;

namespace {

constexpr const char* kList = "studio.db";
constexpr const char* kTakes = "takes/";
constexpr ArchiveLimits kLimits{2'000'000, std::size_t{1} << 42};

bool isOurs(const std::string& name) {
  return name == kList || (name.starts_with(kTakes) && name.ends_with(".flac") &&
                           name.find('/', std::string_view(kTakes).size()) == std::string::npos);
}

}  // namespace

Studio::Result<BackupPlan> planBackup(const Studio& studio) {
  BackupPlan plan{studio.folder(), std::make_shared<const Incoming>(studio.folder()), {}};
  const fs::path list = plan.place->folder() / kList;
  if (const auto copied = studio.copyList(list); !copied) return tl::unexpected(copied.error());
  plan.entries.push_back({kList, list});
  for (const fs::path& file : filesIn(studio.folder() / "takes"))
    if (file.extension() == ".flac") plan.entries.push_back({kTakes + file.filename().string(), file});
  return plan;
}

Studio::Result<int> writeBackup(const BackupPlan& plan, const fs::path& file, const GoOn& goOn) {
  const std::string where = printable(file.string());
  if (isInside(file, plan.studio)) return tl::unexpected(Problem(StudioFault::insideStudio, where));
  const auto written = writeZip(file, plan.entries, goOn);
  if (!written) return tl::unexpected(Problem(PackFault::notWritten, where, written.error().why));
  const auto read = readThroughZip(file);
  if (!read || *read != plan.entries.size()) return tl::unexpected(Problem(PackFault::notWhole, where));
  return static_cast<int>(*read);
}

namespace {

PackFault faultOf(ArchiveError error) {
  switch (error) {
    case ArchiveError::unreadable:
      return PackFault::unreadable;
    case ArchiveError::noRoom:
      return PackFault::noRoom;
    case ArchiveError::damaged:
    case ArchiveError::tooLarge:
      return PackFault::damaged;
    case ArchiveError::noArchive:
    case ArchiveError::stranger:
      return PackFault::noBackup;
  }
  return PackFault::damaged;
}

/// What is wrong with a backup; nullopt: it is unpacked into the place, and a studio.
std::optional<PackFault> unpackInto(const fs::path& place, const fs::path& file) {
  const auto names = unpackZip(file, place, kLimits, isOurs);
  if (!names) return faultOf(names.error());
  if (std::ranges::find(*names, kList) == names->end()) return PackFault::noBackup;
  // What a studio makes of itself when it is opened is of this place, and goes with it.
  return Studio::open(place) ? std::nullopt : std::optional(PackFault::damaged);
}

}  // namespace

Studio::Result<void> restoreBackup(const fs::path& file, const fs::path& folder) {
  const std::string where = printable(file.string());
  std::error_code error;
  undoRestoring(folder);
  const bool fresh = !fs::exists(folder, error);
  if (!fresh && !fs::is_empty(folder, error))
    return tl::unexpected(Problem(StudioFault::notAStudio, printable(folder.string())));
  const fs::path place = folder / kRestoring;
  fs::create_directories(place, error);
  fs::permissions(place, fs::perms::owner_all, error);
  const auto wrong = unpackInto(place, file);
  if (wrong) {
    fs::remove_all(fresh ? folder : place, error);
    return tl::unexpected(Problem(*wrong, where));
  }
  fs::permissions(folder, fs::perms::owner_all, error);
  // Its list comes last: with it the folder is a studio, and without it nothing.
  for (const char* part : {"takes", kList}) {
    fs::rename(place / part, folder / part, error);
    if (!error) continue;
    undoRestoring(folder);
    return tl::unexpected(Problem(PackFault::noRoom, where));
  }
  fs::remove_all(place, error);
  return {};
}

}  // namespace calando
