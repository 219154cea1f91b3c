#include "records/studio.h"

#include <fcntl.h>
#include <sqlite3.h>
#include <sys/file.h>
#include <sys/stat.h>
#include <unistd.h>

#include <algorithm>
#include <ctime>

#include "records/files/incoming.h"
#include "records/folder/studio_folder.h"

namespace calando {

namespace fs = std::filesystem;

namespace {

/// What the folder is before anything is done to it.
enum class Found { nothing, studio, soundsOnly, somethingElse };

/// What the studio makes in its folder.
constexpr const char* kParts[] = {"studio.db", "studio.db-wal", "studio.db-shm", "takes",   "recording",
                                  "erasing",   "incoming",      "lock",          kRestoring};

/// Why nothing may be done with a folder; nullopt: it is ours alone, or not there yet.
std::optional<OpenError> unfit(const fs::path& folder) {
  using Kind = OpenError::Kind;
  const std::string where = printable(folder.string());
  struct stat about {};
  if (stat(folder.c_str(), &about) != 0) return std::nullopt;
  if (about.st_uid != geteuid()) return OpenError{Kind::place, Problem(StudioFault::someoneElses, where)};
  bool used = false;
  for (const char* part : kParts) {
    struct stat inside {};
    if (lstat((folder / part).c_str(), &inside) != 0) continue;
    if (S_ISLNK(inside.st_mode))
      return OpenError{Kind::notAStudio, Problem(StudioFault::linkInside, where, part)};
    used = true;
  }
  if (used && (about.st_mode & (S_IWGRP | S_IWOTH)) != 0)
    return OpenError{Kind::place, Problem(StudioFault::openToOthers, where)};
  return std::nullopt;
}

Found whatIsIn(const fs::path& folder) {
  std::error_code error;
  const auto there = [&](const char* name) { return fs::exists(fs::symlink_status(folder / name, error)); };
  if (there("studio.db") &&
      !(fs::is_empty(folder / "studio.db", error) && !filesIn(folder / "takes").empty()))
    return Found::studio;
  if (!filesIn(folder / "takes").empty()) return Found::soundsOnly;
  if (there("takes") || there("recording")) return Found::studio;  // made and not used, or a file lost
  fs::directory_iterator inside(folder, error);
  return error || inside == fs::directory_iterator() ? Found::nothing : Found::somethingElse;
}

/// Makes what is missing of the folder, for its owner only, the parents too.
std::error_code makeFolders(const fs::path& folder) {
  const mode_t before = umask(S_IRWXG | S_IRWXO);
  std::error_code error;
  for (const fs::path& part : {folder, folder / "takes", folder / "recording", folder / "erasing"})
    if (!error && !fs::is_directory(part, error)) fs::create_directories(part, error);
  umask(before);
  if (!error) chmod(folder.c_str(), S_IRWXU);
  return error;
}

}  // namespace

Studio::Studio(std::unique_ptr<StudioFolder> data)
    : data_(std::move(data)),
      students(*data_),
      takes(*data_),
      sounds(*data_),
      summaries(*data_),
      cards(*data_),
      settings(*data_),
      orders(*data_),
      plans(*data_),
      ears(*data_),
      homework(*data_),
      intakes(*data_),
      recordings(*data_) {}
Studio::~Studio() = default;
Studio::Studio(Studio&&) noexcept = default;
Studio& Studio::operator=(Studio&&) noexcept = default;

namespace {

/// The studio's folders and its lock, which a second program does not get.
tl::expected<int, OpenError> lockFolder(const fs::path& folder) {
  if (const auto error = makeFolders(folder)) {
    const bool full = error == std::errc::no_space_on_device;
    return tl::unexpected(OpenError{
        full ? OpenError::Kind::full : OpenError::Kind::place,
        Problem(StudioFault::notMade, printable(folder.string()), writeErrorOf(error.value()).why)});
  }
  return ::open((folder / "lock").c_str(), O_CREAT | O_RDWR | O_CLOEXEC | O_NOFOLLOW | O_NONBLOCK,
                S_IRUSR | S_IWUSR);
}

}  // namespace

tl::expected<Studio, OpenError> Studio::open(const fs::path& folder, std::shared_ptr<const Clock> clock) {
  using Kind = OpenError::Kind;
  if (auto why = unfit(folder)) return tl::unexpected(std::move(*why));
  if (undoRestoring(folder))
    return tl::unexpected(
        OpenError{Kind::notAStudio, Problem(StudioFault::halfRestored, printable(folder.string()))});
  const Found found = whatIsIn(folder);
  if (found == Found::somethingElse)
    return tl::unexpected(
        OpenError{Kind::notAStudio, Problem(StudioFault::notAStudio, printable(folder.string()))});
  if (found == Found::soundsOnly)
    return tl::unexpected(
        OpenError{Kind::missing, Problem(StudioFault::listMissing, printable(folder.string()))});
  return openLocked(folder, /*anew=*/false, std::move(clock));
}

tl::expected<Studio, OpenError> Studio::rebuild(const fs::path& folder, std::shared_ptr<const Clock> clock) {
  if (auto why = unfit(folder)) return tl::unexpected(std::move(*why));
  return openLocked(folder, /*anew=*/true, std::move(clock));
}

tl::expected<Studio, OpenError> Studio::openLocked(const fs::path& folder, bool anew,
                                                   std::shared_ptr<const Clock> clock) {
  const auto lock = lockFolder(folder);
  if (!lock) return tl::unexpected(lock.error());
  auto data = std::make_unique<StudioFolder>();
  data->folder = folder;
  data->clock = std::move(clock);
  data->lock = *lock;
  data->readOnly = data->lock < 0 || flock(data->lock, LOCK_EX | LOCK_NB) != 0;
  if (anew) {
    if (data->readOnly)
      return tl::unexpected(
          OpenError{OpenError::Kind::place, Problem(StudioFault::openElsewhere, printable(folder.string()))});
    data->setAside();
  }
  if (const auto failed = data->openTables()) return tl::unexpected(*failed);
  Studio studio(std::move(data));
  if (anew)
    if (const auto taken = studio.recordings.takeInAll(); !taken)
      return tl::unexpected(OpenError{OpenError::Kind::other, taken.error()});
  if (!studio.readOnly()) studio.tidy();
  return studio;
}

/// Finishes what an earlier run could not.
void Studio::tidy() {
  std::error_code ignored;
  for (const fs::path& folder : {data_->takes(), data_->recordings()}) {
    std::vector<fs::path> unfinished;  // copies under way; what they are of is still there
    std::error_code error;
    for (fs::directory_iterator at(folder, error), end; !error && at != end; at.increment(error))
      if (at->path().extension() == kUnfinished) unfinished.push_back(at->path());
    for (const fs::path& file : unfinished) fs::remove(file, ignored);
  }
  takes.moveAdopted();
  Incoming::tidy(data_->folder);
  recordings.tidy();
  Result<bool> more = true;
  while (more && *more) more = students.eraseStep();
  if (!more) data_->remarks.push_back(more.error());
  const auto bad = cards.unreadable();
  if (bad && *bad > 0) data_->remarks.emplace_back(StudioFault::cardsSetAside, *bad);
}

const fs::path& Studio::folder() const { return data_->folder; }
const Clock& Studio::clock() const { return *data_->clock; }

bool Studio::holds(const fs::path& place) const { return isInside(place, data_->folder); }

Studio::Result<void> Studio::atOnce(const std::function<Result<void>()>& act) {
  const auto done = data_->change([&] {
    Whole whole(*data_->db);
    auto result = act();
    if (result) whole.commit();
    return result;
  });
  return done ? *done : tl::unexpected(done.error());
}

Studio::Result<void> Studio::copyList(const fs::path& to) const {
  return data_->attempt([&] {
    SQLite::Statement copy(*data_->db, "VACUUM INTO :file");
    copy.bind(":file", to.string());
    copy.exec();
    std::error_code ignored;
    fs::permissions(to, fs::perms::owner_read | fs::perms::owner_write, ignored);
  });
}
bool Studio::readOnly() const { return data_->readOnly; }
const std::vector<Problem>& Studio::remarks() const { return data_->remarks; }

}  // namespace calando
