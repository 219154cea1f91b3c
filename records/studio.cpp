#include "records/studio.h"

#include <fcntl.h>
#include <sqlite3.h>
#include <sys/file.h>
#include <sys/stat.h>
#include <unistd.h>

#include <algorithm>
#include <ctime>

#include "records/files/incoming.h"
#include "records/studio_data.h"

namespace calando {

namespace fs = std::filesystem;

namespace {

constexpr std::uintmax_t kHardlyAnyRoom = 256 * 1024;  // bytes

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

std::string stamp(const Clock& clock) {
  const std::time_t now = clock.now_unix_s();
  std::tm utc{};
  gmtime_r(&now, &utc);
  char text[32];
  std::strftime(text, sizeof text, "%Y%m%d-%H%M%S", &utc);
  return text;
}

}  // namespace

std::string plainName(const std::string& name) {
  const bool plain = !name.empty() && name.front() != '.' && name.find('/') == std::string::npos &&
                     name.find('\0') == std::string::npos;
  return plain ? name : "no-file";
}

bool isInside(const fs::path& place, const fs::path& folder) {
  std::error_code error;
  const fs::path inside = fs::weakly_canonical(fs::absolute(folder, error), error);
  const fs::path whole = fs::weakly_canonical(fs::absolute(place, error), error);
  return std::ranges::mismatch(inside, whole).in1 == inside.end();
}

bool undoRestoring(const fs::path& folder) {
  std::error_code error;
  const fs::path place = folder / kRestoring;
  if (!fs::is_directory(fs::symlink_status(place, error))) return false;
  // With its list in its place all of it is there: only this folder was left to go.
  const bool half = !fs::exists(fs::symlink_status(folder / "studio.db", error));
  if (half) fs::remove_all(folder / "takes", error);
  fs::remove_all(place, error);
  return half;
}

Whole::Whole(SQLite::Database& db) : db_(db), outermost_(sqlite3_get_autocommit(db.getHandle()) != 0) {
  if (outermost_) db_.exec("BEGIN IMMEDIATE");
}

Whole::~Whole() {
  if (outermost_ && !kept_) sqlite3_exec(db_.getHandle(), "ROLLBACK", nullptr, nullptr, nullptr);
}

void Whole::commit() {
  if (outermost_) db_.exec("COMMIT");
  kept_ = true;
}

std::vector<fs::path> filesIn(const fs::path& folder) {
  std::vector<fs::path> files;
  std::error_code error;
  for (fs::directory_iterator at(folder, error), end; !error && at != end; at.increment(error))
    if (!at->path().filename().string().starts_with('.')) files.push_back(at->path());
  std::ranges::sort(files);
  return files;
}

Studio::Data::~Data() {
  db.reset();
  if (lock >= 0) close(lock);
}

OpenError Studio::Data::damaged() const {
  return {OpenError::Kind::damaged, Problem(StudioFault::damaged, printable(folder.string()))};
}

OpenError Studio::Data::explain(const SQLite::Exception& e) const {
  using Kind = OpenError::Kind;
  const std::string where = printable(folder.string());
  std::error_code error;
  const auto room = fs::space(folder, error);
  const bool full = e.getErrorCode() == SQLITE_FULL ||
                    (e.getErrorCode() == SQLITE_IOERR && !error && room.available < kHardlyAnyRoom);
  if (full) return {Kind::full, Problem(StudioFault::full, where)};
  switch (e.getErrorCode()) {
    case SQLITE_CORRUPT:
    case SQLITE_NOTADB:
      return damaged();
    case SQLITE_READONLY:
    case SQLITE_CANTOPEN:
    case SQLITE_PERM:
      return {Kind::place, Problem(StudioFault::notWritable, where)};
    default:
      return {Kind::other, Problem(StudioFault::refused, where, printable(e.what()))};
  }
}

Studio::Studio(std::unique_ptr<Data> data) : data_(std::move(data)) {}
Studio::~Studio() = default;
Studio::Studio(Studio&&) noexcept = default;
Studio& Studio::operator=(Studio&&) noexcept = default;

std::optional<OpenError> Studio::Data::openTables() {
  const mode_t before = umask(S_IRWXG | S_IRWXO);
  std::optional<OpenError> failed;
  try {
    std::error_code error;
    const bool fresh = !fs::exists(database(), error);
    const int mode =
        readOnly && !fresh ? SQLite::OPEN_READONLY : SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE;
    db = std::make_unique<SQLite::Database>(database().string(), mode, 3000);
    db->exec("PRAGMA foreign_keys=ON");
    db->exec("PRAGMA secure_delete=ON");
    db->exec("PRAGMA temp_store=MEMORY");  // or VACUUM leaves names in other folders
    if (!readOnly) db->exec("PRAGMA journal_mode=WAL");
    const int version = db->execAndGet("PRAGMA user_version").getInt();
    if (version > kSchemaVersion)
      failed = {OpenError::Kind::newer, Problem(StudioFault::newer, printable(folder.string()))};
    else if (version < 0)
      failed = damaged();
    else if (version < kSchemaVersion)
      migrate(*db, version);
    if (!failed && !isWhole()) failed = damaged();
  } catch (const SQLite::Exception& e) {
    failed = explain(e);
  }
  umask(before);
  return failed;
}

/// The tables are those of our schema, and nothing in them contradicts itself.
bool Studio::Data::isWhole() const {
  try {
    for (const char* table :
         {"SELECT id, name, instrument, lowest, highest FROM student",
          "SELECT id, student, made, seconds, source, asked, word, remark, deleted, "
          "attention, comfort, tried, "
          "file, recording, changed, noted, origin FROM take",
          "SELECT take, engine, held, ribbon, verdict, advice FROM summary",
          "SELECT take, id, value FROM figure", "SELECT student, place, exercise FROM step",
          "SELECT student, exercise, take FROM model", "SELECT id, student, day, minutes, what FROM practice",
          "SELECT id, due, list FROM homework", "SELECT homework, student, note FROM sent",
          "SELECT student, made, way, change, concert, amount, choices, is_right FROM ear_answer",
          "SELECT student, made, figure, guessed, was FROM ear_guess",
          "SELECT student, place, change FROM ear_asked", "SELECT student, change, said FROM ear_word",
          "SELECT key, value FROM setting", "SELECT id, text FROM card",
          "SELECT student, name, place, exercise FROM own_step",
          "SELECT homework, student, item, sound, note FROM intake", "SELECT file, place FROM incoming",
          "SELECT file, size, changed FROM watched"})
      SQLite::Statement(*db, table);
    // A sound's name leads nowhere but into the studio's own folder.
    if (db->execAndGet("SELECT count(*) FROM take WHERE file GLOB '*/*' OR file GLOB '.*' OR file = ''")
            .getInt() > 0)
      return false;
  } catch (const SQLite::Exception& e) {
    if (e.getErrorCode() != SQLITE_ERROR) throw;
    return false;
  }
  return db->execAndGet("PRAGMA quick_check(1)").getString() == "ok";
}

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
  auto data = std::make_unique<Data>();
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
    if (const auto taken = studio.takeInAll(); !taken)
      return tl::unexpected(OpenError{OpenError::Kind::other, taken.error()});
  if (!studio.readOnly()) studio.tidy();
  return studio;
}

/// What there was of a list goes under another name.
void Studio::Data::setAside() const {
  const std::string ending = std::string(kAside) + stamp(*clock);
  std::error_code ignored;
  for (const char* part : {"", "-wal", "-shm"})
    fs::rename(database().string() + part, database().string() + ending + part, ignored);
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
  moveAdopted();
  Incoming::tidy(data_->folder);
  tidyRecordings();
  Result<bool> more = true;
  while (more && *more) more = eraseStep();
  if (!more) data_->remarks.push_back(more.error());
  const auto bad = data_->attempt([&] {
    int count = 0;
    SQLite::Statement query(*data_->db, "SELECT text FROM card");
    while (query.executeStep()) count += parseExercise(query.getColumn(0).getString()) ? 0 : 1;
    return count;
  });
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
    SQLite::Statement copy(*data_->db, "VACUUM INTO ?");
    copy.bind(1, to.string());
    copy.exec();
    std::error_code ignored;
    fs::permissions(to, fs::perms::owner_read | fs::perms::owner_write, ignored);
  });
}
bool Studio::readOnly() const { return data_->readOnly; }
const std::vector<Problem>& Studio::remarks() const { return data_->remarks; }

}  // namespace calando
