#include "records/backup.h"

#include "records/pack_fault.h"
#include "records/studio_data.h"

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
  BackupPlan plan{std::make_shared<const Incoming>(studio.folder()), {}};
  const fs::path list = plan.place->folder() / kList;
  if (const auto copied = studio.copyList(list); !copied) return tl::unexpected(copied.error());
  plan.entries.push_back({kList, list});
  for (const fs::path& file : filesIn(studio.folder() / "takes"))
    if (file.extension() == ".flac") plan.entries.push_back({kTakes + file.filename().string(), file});
  return plan;
}

Studio::Result<int> writeBackup(const BackupPlan& plan, const fs::path& file) {
  const auto written = writeZip(file, plan.entries);
  const std::string where = printable(file.string());
  if (!written) return tl::unexpected(Problem(PackFault::notWritten, where, written.error().why));
  const auto read = readThroughZip(file);
  if (!read || *read != plan.entries.size()) return tl::unexpected(Problem(PackFault::notWhole, where));
  return static_cast<int>(*read);
}

Studio::Result<void> restoreBackup(const fs::path& file, const fs::path& folder) {
  const std::string where = printable(file.string());
  std::error_code error;
  const bool fresh = !fs::exists(folder, error);
  if (!fresh && !fs::is_empty(folder, error))
    return tl::unexpected(Problem(StudioFault::notAStudio, printable(folder.string())));
  fs::create_directories(folder, error);
  fs::permissions(folder, fs::perms::owner_all, error);
  const auto giveUp = [&](PackFault fault) {
    std::error_code ignored;
    for (const auto& entry : fs::directory_iterator(folder, ignored)) fs::remove_all(entry.path(), ignored);
    if (fresh) fs::remove(folder, ignored);
    return tl::unexpected(Problem(fault, where));
  };
  const auto names = unpackZip(file, folder, kLimits, isOurs);
  if (!names) {
    switch (names.error()) {
      case ArchiveError::unreadable:
        return giveUp(PackFault::unreadable);
      case ArchiveError::noRoom:
        return giveUp(PackFault::noRoom);
      case ArchiveError::damaged:
      case ArchiveError::tooLarge:
        return giveUp(PackFault::damaged);
      case ArchiveError::noArchive:
      case ArchiveError::stranger:
        return giveUp(PackFault::noBackup);
    }
  }
  if (std::ranges::find(*names, kList) == names->end()) return giveUp(PackFault::noBackup);
  if (const auto studio = Studio::open(folder); !studio) return giveUp(PackFault::damaged);
  return {};
}

}  // namespace calando
