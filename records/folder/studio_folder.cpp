#include "records/folder/studio_folder.h"

#include <sqlite3.h>
#include <sys/stat.h>
#include <unistd.h>

#include <algorithm>
#include <ctime>

#include "audio/sound_file.h"
#include "audio/whole_file.h"
#include "core/base/bounded_json.h"
#include "core/base/plain_text.h"
#include "records/folder/rows.h"

namespace calando {

namespace fs = std::filesystem;

namespace {

constexpr std::uintmax_t kHardlyAnyRoom = 256 * 1024;  // bytes

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

StudioFolder::~StudioFolder() {
  db.reset();
  if (lock >= 0) close(lock);
}

OpenError StudioFolder::damaged() const {
  return {OpenError::Kind::damaged, Problem(StudioFault::damaged, printable(folder.string()))};
}

OpenError StudioFolder::explain(const SQLite::Exception& e) const {
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

std::optional<OpenError> StudioFolder::openTables() {
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
bool StudioFolder::isWhole() const {
  try {
    for (const char* table :
         {"SELECT id, name, instrument, lowest, highest, experience FROM student",
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
          "SELECT file, size, changed FROM watched", "SELECT student, at, reason, work, opened FROM stop"})
      SQLite::Statement(*db, table);
    SQLite::Statement(*db, takeQuery("JOIN summary", ", deleted, changed, noted"));
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

/// What there was of a list goes under another name.
void StudioFolder::setAside() const {
  const std::string ending = std::string(kAside) + stamp(*clock);
  std::error_code ignored;
  for (const char* part : {"", "-wal", "-shm"})
    fs::rename(database().string() + part, database().string() + ending + part, ignored);
}

std::vector<std::string> listOf(SQLite::Database& db, const std::string& table, const std::string& column,
                                std::int64_t student) {
  std::vector<std::string> list;
  SQLite::Statement query(db,
                          "SELECT " + column + " FROM " + table + " WHERE student = :student ORDER BY place");
  query.bind(":student", student);
  while (query.executeStep()) list.push_back(query.getColumn(column.c_str()).getString());
  return list;
}

void keepList(SQLite::Database& db, const std::string& table, const std::string& column, std::int64_t student,
              const std::vector<std::string>& texts) {
  Whole whole(db);
  SQLite::Statement remove(db, "DELETE FROM " + table + " WHERE student = :student");
  remove.bind(":student", student);
  remove.exec();
  SQLite::Statement insert(
      db, "INSERT INTO " + table + "(student, place, " + column + ") VALUES(:student, :place, :text)");
  for (std::size_t place = 0; place < texts.size(); ++place) {
    insert.reset();
    insert.bind(":student", student);
    insert.bind(":place", static_cast<std::int64_t>(place));
    insert.bind(":text", texts[place]);
    insert.exec();
  }
  whole.commit();
}

bool StudioFolder::isErasing(std::int64_t student) const {
  std::error_code error;
  return fs::exists(journal() / std::to_string(student), error);
}

fs::path noteFileOf(const fs::path& recording) { return fs::path(recording).replace_extension(".json"); }

std::optional<SoundNote> noteOf(const fs::path& sound) {
  if (sound.extension() != ".wav") return soundNoteFrom(soundComment(sound.string()));
  const auto text = readSmall(noteFileOf(sound), kLargestJson);
  return text ? soundNoteFrom(*text) : std::nullopt;
}

}  // namespace calando
