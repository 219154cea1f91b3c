#include "records/studio.h"

#include <fcntl.h>
#include <sqlite3.h>
#include <sys/file.h>
#include <sys/stat.h>
#include <unistd.h>

#include <algorithm>
#include <ctime>

#include "records/incoming.h"
#include "records/studio_data.h"

namespace calando {

namespace fs = std::filesystem;

namespace {

/// One step from each version of the schema to the next, the first makes the tables.
constexpr const char* kMigrations[] = {
    R"(
CREATE TABLE student(id INTEGER PRIMARY KEY, name TEXT NOT NULL, instrument TEXT NOT NULL);
CREATE TABLE take(
  id INTEGER PRIMARY KEY,
  student INTEGER NOT NULL REFERENCES student(id) ON DELETE CASCADE,
  made INTEGER NOT NULL,
  seconds REAL NOT NULL,
  source TEXT NOT NULL,
  asked TEXT NOT NULL,
  word INTEGER NOT NULL DEFAULT 0,
  remark TEXT NOT NULL DEFAULT '',
  deleted INTEGER NOT NULL DEFAULT 0);
CREATE INDEX take_of_student ON take(student, made);
CREATE TABLE summary(
  take INTEGER PRIMARY KEY REFERENCES take(id) ON DELETE CASCADE,
  engine TEXT NOT NULL, held REAL, ribbon BLOB NOT NULL, readings TEXT NOT NULL);
CREATE TABLE setting(key TEXT PRIMARY KEY, value TEXT NOT NULL);
)",
    "ALTER TABLE take ADD COLUMN attention INTEGER NOT NULL DEFAULT 0;",
    R"(
ALTER TABLE take ADD COLUMN comfort INTEGER NOT NULL DEFAULT 0;
ALTER TABLE take ADD COLUMN tried TEXT NOT NULL DEFAULT '';
CREATE TABLE card(id TEXT PRIMARY KEY, text TEXT NOT NULL);
)",
    R"(
ALTER TABLE student ADD COLUMN lowest INTEGER;
ALTER TABLE student ADD COLUMN highest INTEGER;
)",
    // The sound's own file name; which change of the take its file has the note of; what is kept of students
    // that are no more.
    R"(
ALTER TABLE take ADD COLUMN file TEXT NOT NULL DEFAULT '';
UPDATE take SET file = id || '.flac';
CREATE UNIQUE INDEX take_file ON take(file);
ALTER TABLE take ADD COLUMN recording TEXT NOT NULL DEFAULT '';
ALTER TABLE take ADD COLUMN changed INTEGER NOT NULL DEFAULT 1;
ALTER TABLE take ADD COLUMN noted INTEGER NOT NULL DEFAULT 0;
DELETE FROM setting WHERE (key GLOB 'order:*' AND CAST(substr(key, 7) AS INTEGER) NOT IN (SELECT id FROM student))
  OR (key GLOB 'model:*' AND CAST(substr(key, 7) AS INTEGER) NOT IN (SELECT id FROM student));
)",
    // Figures, running orders and models as rows of their own; they were texts in JSON and in settings.
    R"(
CREATE TABLE figure(
  take INTEGER NOT NULL REFERENCES take(id) ON DELETE CASCADE,
  id TEXT NOT NULL, value REAL NOT NULL, PRIMARY KEY(take, id)) WITHOUT ROWID;
CREATE TABLE step(
  student INTEGER NOT NULL REFERENCES student(id) ON DELETE CASCADE,
  place INTEGER NOT NULL, exercise TEXT NOT NULL, PRIMARY KEY(student, place)) WITHOUT ROWID;
CREATE TABLE model(
  student INTEGER NOT NULL REFERENCES student(id) ON DELETE CASCADE,
  exercise TEXT NOT NULL,
  take INTEGER NOT NULL REFERENCES take(id) ON DELETE CASCADE, PRIMARY KEY(student, exercise)) WITHOUT ROWID;
UPDATE summary SET readings = '{}' WHERE NOT json_valid(readings);
ALTER TABLE summary ADD COLUMN verdict INTEGER NOT NULL DEFAULT 4;
ALTER TABLE summary ADD COLUMN advice TEXT NOT NULL DEFAULT '';
UPDATE summary SET verdict = ifnull(json_extract(readings, '$.verdict'), 4),
                   advice = ifnull(json_extract(readings, '$.advice'), '');
INSERT OR IGNORE INTO figure SELECT summary.take, f.key, f.value FROM summary, json_each(readings, '$.values') AS f
  WHERE f.type IN ('integer', 'real') AND f.key IS NOT NULL;
ALTER TABLE summary DROP COLUMN readings;
INSERT OR IGNORE INTO step SELECT CAST(substr(s.key, 7) AS INTEGER), o.key, o.value
  FROM (SELECT * FROM setting WHERE key GLOB 'order:*' AND json_valid(value)) AS s, json_each(s.value) AS o
  WHERE o.type = 'text' AND CAST(substr(s.key, 7) AS INTEGER) IN (SELECT id FROM student);
INSERT OR IGNORE INTO model
  SELECT CAST(substr(key, 7) AS INTEGER), substr(key, 7 + instr(substr(key, 7), ':')), CAST(value AS INTEGER)
  FROM setting WHERE key GLOB 'model:*:*' AND CAST(substr(key, 7) AS INTEGER) IN (SELECT id FROM student)
  AND CAST(value AS INTEGER) IN (SELECT id FROM take);
DELETE FROM setting WHERE key GLOB 'order:*' OR key GLOB 'model:*';
)",
    // What was seen beside a take; that its player felt light-headed; which breaths of a student are open.
    R"(
ALTER TABLE take ADD COLUMN ticks TEXT NOT NULL DEFAULT '';
ALTER TABLE take ADD COLUMN stopped INTEGER NOT NULL DEFAULT 0;
ALTER TABLE student ADD COLUMN open_breaths TEXT NOT NULL DEFAULT '';
)",
    // Whether what was observed was there; which observation it was.
    R"(
ALTER TABLE take ADD COLUMN seen INTEGER NOT NULL DEFAULT 0;
ALTER TABLE summary ADD COLUMN observation TEXT NOT NULL DEFAULT '';
)",
    // Where steady tones were held, by pitch and level.
    R"(
CREATE TABLE reach(
  take INTEGER NOT NULL REFERENCES take(id) ON DELETE CASCADE,
  semitone INTEGER NOT NULL, level INTEGER NOT NULL, seconds REAL NOT NULL,
  PRIMARY KEY(take, semitone, level)) WITHOUT ROWID;
)",
    // Who else played in it.
    R"(
ALTER TABLE take ADD COLUMN other INTEGER REFERENCES student(id) ON DELETE CASCADE;
CREATE INDEX take_of_other ON take(other, made);
)",
    // What is practised at home, and what was practised without the program.
    R"(
ALTER TABLE student ADD COLUMN plan TEXT NOT NULL DEFAULT '';
CREATE TABLE practice(
  id INTEGER PRIMARY KEY,
  student INTEGER NOT NULL REFERENCES student(id) ON DELETE CASCADE,
  day TEXT NOT NULL, minutes INTEGER NOT NULL, what TEXT NOT NULL);
CREATE INDEX practice_of_student ON practice(student, day);
CREATE TABLE homework(id INTEGER PRIMARY KEY, due TEXT NOT NULL, list TEXT NOT NULL);
CREATE TABLE sent(
  homework INTEGER NOT NULL REFERENCES homework(id) ON DELETE CASCADE,
  student INTEGER NOT NULL REFERENCES student(id) ON DELETE CASCADE,
  note TEXT NOT NULL, PRIMARY KEY(homework, student)) WITHOUT ROWID;
)",
    // Since when a take's sound is given up.
    "ALTER TABLE take ADD COLUMN let_go INTEGER NOT NULL DEFAULT 0;",
    // What was answered and guessed by ear, and what is asked about.
    R"(
CREATE TABLE ear_answer(
  id INTEGER PRIMARY KEY,
  student INTEGER NOT NULL REFERENCES student(id) ON DELETE CASCADE,
  made INTEGER NOT NULL, way TEXT NOT NULL, change TEXT NOT NULL, concert INTEGER NOT NULL, amount REAL NOT NULL,
  choices INTEGER NOT NULL, is_right INTEGER NOT NULL);
CREATE INDEX ear_answer_of_student ON ear_answer(student, made);
CREATE TABLE ear_guess(
  id INTEGER PRIMARY KEY,
  student INTEGER NOT NULL REFERENCES student(id) ON DELETE CASCADE,
  made INTEGER NOT NULL, figure TEXT NOT NULL, guessed REAL NOT NULL, was REAL NOT NULL);
CREATE TABLE ear_asked(
  student INTEGER NOT NULL REFERENCES student(id) ON DELETE CASCADE,
  place INTEGER NOT NULL, change TEXT NOT NULL, PRIMARY KEY(student, place)) WITHOUT ROWID;
)",
    // A student's own words for what can be wrong.
    R"(
CREATE TABLE ear_word(
  student INTEGER NOT NULL REFERENCES student(id) ON DELETE CASCADE,
  change TEXT NOT NULL, said TEXT NOT NULL, PRIMARY KEY(student, change)) WITHOUT ROWID;
)"};
constexpr int kSchemaVersion = static_cast<int>(std::size(kMigrations));
constexpr std::uintmax_t kHardlyAnyRoom = 256 * 1024;  // bytes

/// What the folder is before anything is done to it.
enum class Found { nothing, studio, soundsOnly, somethingElse };

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

/// Brings the tables up to date. Throws.
void migrate(SQLite::Database& db, int version) {
  SQLite::Transaction transaction(db);
  for (int step = version; step < kSchemaVersion; ++step) db.exec(kMigrations[step]);
  db.exec("PRAGMA user_version=" + std::to_string(kSchemaVersion));
  transaction.commit();
}

std::string stamp() {
  const std::time_t now = std::time(nullptr);
  std::tm utc{};
  gmtime_r(&now, &utc);
  char text[32];
  std::strftime(text, sizeof text, "%Y%m%d-%H%M%S", &utc);
  return text;
}

}  // namespace

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
          "file, recording, changed, noted FROM take",
          "SELECT take, engine, held, ribbon, verdict, advice FROM summary",
          "SELECT take, id, value FROM figure", "SELECT student, place, exercise FROM step",
          "SELECT student, exercise, take FROM model", "SELECT id, student, day, minutes, what FROM practice",
          "SELECT id, due, list FROM homework", "SELECT homework, student, note FROM sent",
          "SELECT student, made, way, change, concert, amount, choices, is_right FROM ear_answer",
          "SELECT student, made, figure, guessed, was FROM ear_guess",
          "SELECT student, place, change FROM ear_asked", "SELECT student, change, said FROM ear_word",
          "SELECT key, value FROM setting", "SELECT id, text FROM card"})
      SQLite::Statement(*db, table);
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

tl::expected<Studio, OpenError> Studio::open(const fs::path& folder) {
  using Kind = OpenError::Kind;
  const Found found = whatIsIn(folder);
  if (found == Found::somethingElse)
    return tl::unexpected(
        OpenError{Kind::notAStudio, Problem(StudioFault::notAStudio, printable(folder.string()))});
  if (found == Found::soundsOnly)
    return tl::unexpected(
        OpenError{Kind::missing, Problem(StudioFault::listMissing, printable(folder.string()))});
  return openLocked(folder, /*anew=*/false);
}

tl::expected<Studio, OpenError> Studio::rebuild(const fs::path& folder) {
  return openLocked(folder, /*anew=*/true);
}

tl::expected<Studio, OpenError> Studio::openLocked(const fs::path& folder, bool anew) {
  const auto lock = lockFolder(folder);
  if (!lock) return tl::unexpected(lock.error());
  auto data = std::make_unique<Data>();
  data->folder = folder;
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
  const std::string ending = std::string(kAside) + stamp();
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
