#include "records/studio.h"

#include <SQLiteCpp/SQLiteCpp.h>
#include <fcntl.h>
#include <sqlite3.h>
#include <sys/file.h>
#include <sys/stat.h>
#include <unistd.h>

#include <algorithm>
#include <chrono>
#include <fstream>
#include <nlohmann/json.hpp>

#include "audio/sound_file.h"
#include "core/exercise/cue_sheet.h"
#include "core/exercise/judging.h"

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
)"};
constexpr int kSchemaVersion = static_cast<int>(std::size(kMigrations));

template <class Number>
nlohmann::json numberOrNull(const std::optional<Number>& x) {
  return x ? nlohmann::json(*x) : nlohmann::json(nullptr);
}

nlohmann::json toJson(const AskedFor& a) {
  nlohmann::json against;
  if (a.against)
    against = {{"held_s", a.against->held_s}, {"wander_cents", numberOrNull(a.against->wander_cents)}};
  return {{"instrument", a.instrument},
          {"exercise", a.exercise},
          {"card", a.card},
          {"against", against},
          {"level", a.level},
          {"note", numberOrNull(a.note)},
          {"lowest", numberOrNull(a.range.lowest)},
          {"highest", numberOrNull(a.range.highest)},
          {"seconds", a.seconds},
          {"tempo", numberOrNull(a.tempo_bpm)},
          {"start_s", numberOrNull(a.start_s)},
          {"drone_hz", numberOrNull(a.drone_hz)},
          {"click", a.click},
          {"fork_hz", numberOrNull(a.fork_hz)},
          {"a4_hz", a.a4_hz},
          {"just", a.just},
          {"tonic", a.tonic}};
}

AskedFor askedFrom(const std::string& text) {
  AskedFor a;
  const auto j = nlohmann::json::parse(text, nullptr, false);
  if (!j.is_object()) return a;
  a.instrument = j.value("instrument", "");
  a.exercise = j.value("exercise", a.exercise);
  a.level = j.value("level", a.level);
  const auto note = [&](const char* key) -> std::optional<int> {
    const auto found = j.find(key);
    return found != j.end() && found->is_number_integer() ? std::optional(found->get<int>()) : std::nullopt;
  };
  a.note = note("note");
  a.range = {note("lowest"), note("highest")};
  a.seconds = j.value("seconds", a.seconds);
  const auto number = [](const nlohmann::json& in, const char* key) -> std::optional<double> {
    const auto found = in.find(key);
    return found != in.end() && found->is_number() ? std::optional(found->get<double>()) : std::nullopt;
  };
  a.tempo_bpm = number(j, "tempo");
  a.start_s = number(j, "start_s");
  a.drone_hz = number(j, "drone_hz");
  a.click = j.value("click", false);
  a.fork_hz = number(j, "fork_hz");
  a.card = j.value("card", "");
  if (const auto against = j.find("against"); against != j.end() && against->is_object())
    a.against = Rival{number(*against, "held_s").value_or(0.0), number(*against, "wander_cents")};
  a.a4_hz = j.value("a4_hz", a.a4_hz);
  a.just = j.value("just", a.just);
  a.tonic = j.value("tonic", a.tonic);
  return a;
}

std::string explain(const fs::path& folder, const SQLite::Exception& e) {
  const std::string where = "The studio in " + printable(folder.string());
  switch (e.getErrorCode()) {
    case SQLITE_CORRUPT:
    case SQLITE_NOTADB:
      return where +
             " is damaged: studio.db cannot be read. The sound files in takes/ are untouched; put back a "
             "copy of studio.db, or choose another folder.";
    case SQLITE_FULL:
      return where +
             " has no room left: the disk is full. What was kept before is safe; make room and try again.";
    case SQLITE_READONLY:
    case SQLITE_CANTOPEN:
      return where + " cannot be written. Change its permissions, or choose another folder with --studio.";
    default:
      return where + " could not do that (" + e.what() + "). Nothing was changed.";
  }
}

}  // namespace

Context contextFor(const AskedFor& asked) {
  Context context;
  context.instrument = findInstrument(asked.instrument);
  context.reference = {asked.a4_hz, asked.just, asked.tonic};
  if (asked.note) context.asked = {*asked.note};
  context.range = asked.range;
  context.exercise = findExercise(asked.exercise);
  if (!asked.card.empty())
    if (auto own = parseExercise(asked.card)) context.exercise = std::make_shared<Exercise>(std::move(*own));
  context.against = asked.against;
  context.drone_hz = asked.drone_hz;
  context.click = asked.click;
  context.fork_hz = asked.fork_hz;
  context.level = findLevel(asked.level);
  context.askedSeconds = asked.seconds;
  context.tempo_bpm = asked.tempo_bpm;
  context.start_s = asked.start_s;
  context.reference = referenceFor(context);
  return context;
}

struct Studio::Data {
  fs::path folder;
  std::unique_ptr<SQLite::Database> db;
  int lock = -1;
  bool readOnly = false;

  ~Data() {
    db.reset();
    if (lock >= 0) close(lock);
  }

  /// Runs a database action; its exception becomes a line for people.
  template <class Action>
  auto attempt(Action action) const -> Result<decltype(action())> {
    try {
      if constexpr (std::is_void_v<decltype(action())>) {
        action();
        return {};
      } else {
        return action();
      }
    } catch (const SQLite::Exception& e) {
      return tl::unexpected(explain(folder, e));
    }
  }
  template <class Action>
  auto change(Action action) const -> Result<decltype(action())> {
    if (readOnly)
      return tl::unexpected(
          std::string("Another Calando window has this studio open; here it can only be looked at. Close the "
                      "other window to change it."));
    return attempt(action);
  }
  fs::path takeFile(std::int64_t take) const { return folder / "takes" / (std::to_string(take) + ".flac"); }
};

Studio::Studio(std::unique_ptr<Data> data) : data_(std::move(data)) {}
Studio::~Studio() = default;
Studio::Studio(Studio&&) noexcept = default;
Studio& Studio::operator=(Studio&&) noexcept = default;

Studio::Result<Studio> Studio::open(const fs::path& folder) {
  auto data = std::make_unique<Data>();
  data->folder = folder;
  std::error_code error;
  for (const fs::path& part : {folder, folder / "takes", folder / "recording"}) {
    fs::create_directories(part, error);
    if (!error) chmod(part.c_str(), S_IRWXU);
  }
  if (error)
    return tl::unexpected("The studio folder " + printable(folder.string()) + " cannot be made (" +
                          error.message() + "). Choose another one with --studio.");
  data->lock = ::open((folder / "lock").c_str(), O_CREAT | O_RDWR | O_CLOEXEC, S_IRUSR | S_IWUSR);
  data->readOnly = data->lock < 0 || flock(data->lock, LOCK_EX | LOCK_NB) != 0;
  const fs::path file = folder / "studio.db";
  const mode_t before = umask(S_IRWXG | S_IRWXO);
  try {
    const bool fresh = !fs::exists(file);
    const int mode =
        data->readOnly && !fresh ? SQLite::OPEN_READONLY : SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE;
    data->db = std::make_unique<SQLite::Database>(file.string(), mode, 3000);
    data->db->exec("PRAGMA foreign_keys=ON");
    if (!data->readOnly) data->db->exec("PRAGMA journal_mode=WAL");
    const int version = data->db->execAndGet("PRAGMA user_version").getInt();
    if (version > kSchemaVersion) {
      umask(before);
      return tl::unexpected("The studio in " + printable(folder.string()) +
                            " was made by a newer Calando. Nothing was changed; use that version.");
    }
    if (version < kSchemaVersion) {
      SQLite::Transaction transaction(*data->db);
      for (int step = version; step < kSchemaVersion; ++step) data->db->exec(kMigrations[step]);
      data->db->exec("PRAGMA user_version=" + std::to_string(kSchemaVersion));
      transaction.commit();
    }
  } catch (const SQLite::Exception& e) {
    umask(before);
    return tl::unexpected(explain(folder, e));
  }
  umask(before);
  return Studio(std::move(data));
}

const fs::path& Studio::folder() const { return data_->folder; }
bool Studio::readOnly() const { return data_->readOnly; }
fs::path Studio::takeFile(std::int64_t take) const { return data_->takeFile(take); }

Studio::Result<std::vector<Student>> Studio::students() const {
  return data_->attempt([&] {
    std::vector<Student> list;
    SQLite::Statement query(*data_->db,
                            "SELECT id, name, instrument, lowest, highest FROM student ORDER BY name "
                            "COLLATE NOCASE, id");
    const auto note = [&](int column) -> std::optional<int> {
      if (query.getColumn(column).isNull()) return std::nullopt;
      return query.getColumn(column).getInt();
    };
    while (query.executeStep())
      list.push_back({query.getColumn(0).getInt64(),
                      query.getColumn(1).getString(),
                      query.getColumn(2).getString(),
                      {note(3), note(4)}});
    return list;
  });
}

namespace {
/// Name, instrument and range as the statement's first four values.
void bindStudent(SQLite::Statement& statement, const Student& student) {
  statement.bind(1, student.name);
  statement.bind(2, student.instrument);
  if (student.range.lowest) statement.bind(3, *student.range.lowest);
  if (student.range.highest) statement.bind(4, *student.range.highest);
}
}  // namespace

Studio::Result<Student> Studio::addStudent(const std::string& name, const std::string& instrument,
                                           NoteRange range) {
  return data_->change([&] {
    Student student{0, name, instrument, range};
    SQLite::Statement insert(*data_->db,
                             "INSERT INTO student(name, instrument, lowest, highest) VALUES(?, ?, ?, ?)");
    bindStudent(insert, student);
    insert.exec();
    student.id = data_->db->getLastInsertRowid();
    return student;
  });
}

Studio::Result<void> Studio::changeStudent(const Student& student) {
  return data_->change([&] {
    SQLite::Statement update(
        *data_->db, "UPDATE student SET name = ?, instrument = ?, lowest = ?, highest = ? WHERE id = ?");
    bindStudent(update, student);
    update.bind(5, student.id);
    update.exec();
  });
}

Studio::Result<void> Studio::eraseStudent(std::int64_t student) {
  std::vector<std::int64_t> gone;
  auto erased = data_->change([&] {
    SQLite::Transaction transaction(*data_->db);
    SQLite::Statement query(*data_->db, "SELECT id FROM take WHERE student = ?");
    query.bind(1, student);
    while (query.executeStep()) gone.push_back(query.getColumn(0).getInt64());
    SQLite::Statement remove(*data_->db, "DELETE FROM student WHERE id = ?");
    remove.bind(1, student);
    remove.exec();
    transaction.commit();
    // What was deleted must not stay readable in free pages or in the log.
    data_->db->exec("VACUUM");
    data_->db->exec("PRAGMA wal_checkpoint(TRUNCATE)");
  });
  if (!erased) return erased;
  std::error_code ignored;
  for (const auto id : gone) fs::remove(data_->takeFile(id), ignored);
  for (const Leftover& left : leftovers())
    if (left.student == student) discardRecording(left.file);
  return {};
}

namespace {
Take takeFrom(SQLite::Statement& row) {
  Take t;
  t.id = row.getColumn(0).getInt64();
  t.student = row.getColumn(1).getInt64();
  t.made_unix_s = row.getColumn(2).getInt64();
  t.seconds = row.getColumn(3).getDouble();
  t.source = row.getColumn(4).getString();
  t.asked = askedFrom(row.getColumn(5).getString());
  t.word = static_cast<TeachersWord>(std::clamp(row.getColumn(6).getInt(), 0, 4));
  t.remark = row.getColumn(7).getString();
  if (!row.getColumn(8).isNull()) t.held_s = row.getColumn(8).getDouble();
  t.attention = static_cast<Attention>(std::clamp(row.getColumn(9).getInt(), 0, 4));
  t.comfort = static_cast<Comfort>(std::clamp(row.getColumn(10).getInt(), 0, 3));
  t.tried = row.getColumn(11).getString();
  return t;
}
}  // namespace

Studio::Result<std::vector<Take>> Studio::takes(std::int64_t student) const {
  return data_->attempt([&] {
    std::vector<Take> list;
    SQLite::Statement query(
        *data_->db,
        "SELECT take.id, student, made, seconds, source, asked, word, remark, summary.held, attention, "
        "comfort, tried FROM take "
        "LEFT JOIN summary ON summary.take = take.id WHERE student = ? AND deleted = 0 ORDER BY made DESC, "
        "take.id DESC");
    query.bind(1, student);
    while (query.executeStep()) list.push_back(takeFrom(query));
    return list;
  });
}

Studio::Result<Take> Studio::addTake(Take take, std::span<const float> samples, double rate_hz) {
  take.seconds = static_cast<double>(samples.size()) / rate_hz;
  std::string soundError;
  auto kept = data_->change([&]() -> bool {
    SQLite::Transaction transaction(*data_->db);
    SQLite::Statement insert(
        *data_->db,
        "INSERT INTO take(student, made, seconds, source, asked, word, remark) VALUES(?, ?, ?, ?, ?, ?, ?)");
    insert.bind(1, take.student);
    insert.bind(2, take.made_unix_s);
    insert.bind(3, take.seconds);
    insert.bind(4, take.source);
    insert.bind(5, toJson(take.asked).dump());
    insert.bind(6, static_cast<int>(take.word));
    insert.bind(7, take.remark);
    insert.exec();
    take.id = data_->db->getLastInsertRowid();
    // The audio first under another name: a take is in the studio with all of its sound or not at all.
    const fs::path file = data_->takeFile(take.id);
    fs::path unfinished = file;
    unfinished += ".part";
    const auto written = writeSound(unfinished.string(), samples, rate_hz, SoundFormat::flac24);
    std::error_code error;
    if (written) fs::rename(unfinished, file, error);
    if (!written || error) {
      soundError = written ? error.message() : written.error().what;
      fs::remove(unfinished, error);
      return false;
    }
    transaction.commit();
    return true;
  });
  if (!kept) return tl::unexpected(kept.error());
  if (!*kept) return tl::unexpected("The take could not be kept: " + soundError);
  return take;
}

Studio::Result<Sound> Studio::takeSound(std::int64_t take) const {
  const fs::path file = data_->takeFile(take);
  if (!fs::exists(file))
    return tl::unexpected("The sound of this take is missing (" + printable(file.string()) +
                          "). Its figures are still here; put the file back to hear it.");
  auto sound = readWholeSound(file.string());
  if (!sound) return tl::unexpected("The sound of this take cannot be read: " + sound.error().what);
  return std::move(*sound);
}

Studio::Result<void> Studio::changeTake(const Take& take) {
  return data_->change([&] {
    SQLite::Statement update(*data_->db,
                             "UPDATE take SET word = ?, remark = ?, asked = ?, attention = ?, comfort = ?, "
                             "tried = ? WHERE id = ?");
    update.bind(1, static_cast<int>(take.word));
    update.bind(2, take.remark);
    update.bind(3, toJson(take.asked).dump());
    update.bind(4, static_cast<int>(take.attention));
    update.bind(5, static_cast<int>(take.comfort));
    update.bind(6, take.tried);
    update.bind(7, take.id);
    update.exec();
  });
}

namespace {
void markDeleted(SQLite::Database& db, std::int64_t take, bool deleted) {
  SQLite::Statement update(db, "UPDATE take SET deleted = ? WHERE id = ?");
  update.bind(1, deleted ? 1 : 0);
  update.bind(2, take);
  update.exec();
}
}  // namespace

Studio::Result<void> Studio::deleteTake(std::int64_t take) {
  return data_->change([&] { markDeleted(*data_->db, take, true); });
}
Studio::Result<void> Studio::restoreTake(std::int64_t take) {
  return data_->change([&] { markDeleted(*data_->db, take, false); });
}

Studio::Result<void> Studio::removeDeleted() {
  std::vector<std::int64_t> gone;
  auto removed = data_->change([&] {
    SQLite::Statement query(*data_->db, "SELECT id FROM take WHERE deleted = 1");
    while (query.executeStep()) gone.push_back(query.getColumn(0).getInt64());
    data_->db->exec("DELETE FROM take WHERE deleted = 1");
  });
  std::error_code ignored;
  if (removed)
    for (const auto id : gone) fs::remove(data_->takeFile(id), ignored);
  return removed;
}

Studio::Result<std::optional<Studio::Summary>> Studio::summary(std::int64_t take) const {
  return data_->attempt([&]() -> std::optional<Summary> {
    SQLite::Statement query(
        *data_->db, "SELECT engine, held, ribbon, readings FROM summary WHERE take = ? AND engine = ?");
    query.bind(1, take);
    query.bind(2, engineVersion());
    if (!query.executeStep()) return std::nullopt;
    Summary s{
        query.getColumn(0).getString(), {}, query.getColumn(2).getString(), query.getColumn(3).getString()};
    if (!query.getColumn(1).isNull()) s.held_s = query.getColumn(1).getDouble();
    return s;
  });
}

Studio::Result<void> Studio::keepSummary(std::int64_t take, const Summary& summary) {
  return data_->change([&] {
    SQLite::Statement insert(
        *data_->db,
        "INSERT OR REPLACE INTO summary(take, engine, held, ribbon, readings) VALUES(?, ?, ?, ?, ?)");
    insert.bind(1, take);
    insert.bind(2, summary.engine);
    if (summary.held_s) insert.bind(3, *summary.held_s);
    insert.bind(4, summary.ribbon.data(), static_cast<int>(summary.ribbon.size()));
    insert.bind(5, summary.readings);
    insert.exec();
  });
}

Studio::Result<std::vector<Exercise>> Studio::cards() const {
  return data_->attempt([&] {
    std::vector<Exercise> list;
    SQLite::Statement query(*data_->db, "SELECT text FROM card");
    while (query.executeStep())
      if (auto card = parseExercise(query.getColumn(0).getString())) list.push_back(std::move(*card));
    std::ranges::sort(list, {}, &Exercise::title);
    return list;
  });
}

Studio::Result<void> Studio::keepCard(const Exercise& card) {
  return data_->change([&] {
    SQLite::Statement insert(*data_->db, "INSERT OR REPLACE INTO card(id, text) VALUES(?, ?)");
    insert.bind(1, card.id);
    insert.bind(2, toText(card));
    insert.exec();
  });
}

Studio::Result<void> Studio::eraseCard(const std::string& id) {
  return data_->change([&] {
    SQLite::Statement remove(*data_->db, "DELETE FROM card WHERE id = ?");
    remove.bind(1, id);
    remove.exec();
  });
}

Studio::Result<std::optional<std::string>> Studio::setting(const std::string& key) const {
  return data_->attempt([&]() -> std::optional<std::string> {
    SQLite::Statement query(*data_->db, "SELECT value FROM setting WHERE key = ?");
    query.bind(1, key);
    if (!query.executeStep()) return std::nullopt;
    return query.getColumn(0).getString();
  });
}

Studio::Result<void> Studio::keepSetting(const std::string& key, const std::string& value) {
  return data_->change([&] {
    SQLite::Statement insert(*data_->db, "INSERT OR REPLACE INTO setting(key, value) VALUES(?, ?)");
    insert.bind(1, key);
    insert.bind(2, value);
    insert.exec();
  });
}

Studio::Result<fs::path> Studio::newRecording(std::int64_t student, const AskedFor& asked) {
  if (data_->readOnly) return data_->change([] { return fs::path(); });
  const auto now = std::chrono::system_clock::now().time_since_epoch();
  const auto stamp = std::chrono::duration_cast<std::chrono::milliseconds>(now).count();
  const fs::path file = data_->folder / "recording" / (std::to_string(stamp) + ".wav");
  fs::path note = file;
  note.replace_extension(".json");
  std::ofstream out(note);
  out << nlohmann::json{{"student", student}, {"asked", toJson(asked)}}.dump();
  out.flush();
  if (!out)
    return tl::unexpected("Recording cannot start: " + printable(note.string()) +
                          " cannot be written. Is the disk full?");
  chmod(note.c_str(), S_IRUSR | S_IWUSR);
  return file;
}

std::vector<Leftover> Studio::leftovers() const {
  std::vector<Leftover> list;
  std::error_code error;
  for (const auto& entry : fs::directory_iterator(data_->folder / "recording", error)) {
    if (entry.path().extension() != ".wav" || entry.file_size(error) <= 100) continue;
    fs::path note = entry.path();
    note.replace_extension(".json");
    std::ifstream in(note);
    const auto j = nlohmann::json::parse(in, nullptr, false);
    if (!j.is_object() || !j.contains("asked")) continue;
    list.push_back({entry.path(), j.value("student", std::int64_t{0}), askedFrom(j["asked"].dump())});
  }
  std::ranges::sort(list, {}, &Leftover::file);
  return list;
}

void Studio::discardRecording(const fs::path& file) {
  std::error_code ignored;
  fs::remove(file, ignored);
  fs::path note = file;
  fs::remove(note.replace_extension(".json"), ignored);
}

}  // namespace calando
