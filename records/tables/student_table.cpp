#include "records/tables/student_table.h"

#include <unistd.h>

#include <algorithm>
#include <charconv>

#include "audio/sound_file.h"
#include "audio/whole_file.h"
#include "core/base/plain_text.h"
#include "records/folder/rows.h"
#include "records/folder/studio_folder.h"

namespace calando {

namespace fs = std::filesystem;

namespace {

constexpr const char* kTraces = "traces";  // in the journal: the list is to be cleaned of what was in it

void bindStudent(SQLite::Statement& statement, const Student& student) {
  statement.bind(":id", student.id);
  statement.bind(":name", visibleLine(student.name));
  statement.bind(":instrument", student.instrument);
  if (student.range.lowest) statement.bind(":lowest", *student.range.lowest);
  if (student.range.highest) statement.bind(":highest", *student.range.highest);
  statement.bind(":experience", static_cast<int>(student.experience));
}

void insertStudent(SQLite::Database& db, const Student& student) {
  SQLite::Statement insert(db,
                           "INSERT INTO student(id, name, instrument, lowest, highest, experience) "
                           "VALUES(:id, :name, :instrument, :lowest, :highest, :experience)");
  bindStudent(insert, student);
  insert.exec();
}

std::optional<std::int64_t> idIn(const std::string& name) {
  std::int64_t id = 0;
  const auto [end, error] = std::from_chars(name.data(), name.data() + name.size(), id);
  return error == std::errc{} && end == name.data() + name.size() ? std::optional(id) : std::nullopt;
}

}  // namespace

StudioResult<std::vector<Student>> StudentTable::all() const {
  return data_->attempt([&] {
    std::vector<Student> list;
    SQLite::Statement query(*data_->db,
                            "SELECT id, name, instrument, lowest, highest, experience FROM student ORDER BY "
                            "name COLLATE NOCASE, id");
    while (query.executeStep())
      if (const auto id = query.getColumn("id").getInt64(); !data_->isErasing(id))
        list.push_back(studentFrom(query, id));
    return list;
  });
}

StudioResult<Student> StudentTable::add(const std::string& name, const std::string& instrument,
                                        NoteRange range, Experience experience) {
  return data_->change([&] {
    Student student{data_->newId(), visibleLine(name), instrument, range, experience};
    insertStudent(*data_->db, student);
    return student;
  });
}

StudioResult<void> StudentTable::adopt(const Student& student) {
  return data_->change([&] {
    if (isOnList(*data_->db, "student", student.id)) return;
    Student named = student;
    if (visibleLine(named.name).empty()) named.name = "?";
    insertStudent(*data_->db, named);
  });
}

StudioResult<void> StudentTable::change(const Student& student) {
  return data_->change([&] {
    Whole whole(*data_->db);
    SQLite::Statement update(*data_->db,
                             "UPDATE student SET name = :name, instrument = :instrument, lowest = :lowest, "
                             "highest = :highest, experience = :experience WHERE id = :id");
    bindStudent(update, student);
    update.exec();
    // The name stands with every take.
    SQLite::Statement takes(*data_->db, "UPDATE take SET changed = changed + 1 WHERE student = :student");
    takes.bind(":student", student.id);
    takes.exec();
    whole.commit();
  });
}

StudioResult<std::string> StudentTable::home(std::int64_t student) const {
  return data_->attempt([&] {
    SQLite::Statement query(*data_->db, "SELECT home FROM student WHERE id = :id");
    query.bind(":id", student);
    return query.executeStep() ? query.getColumn("home").getString() : std::string();
  });
}

StudioResult<void> StudentTable::keepHome(std::int64_t student, const std::string& studio) {
  return data_->change([&] {
    SQLite::Statement update(*data_->db, "UPDATE student SET home = :home WHERE id = :id");
    update.bind(":home", studio);
    update.bind(":id", student);
    update.exec();
  });
}

StudioResult<std::vector<Stop>> StudentTable::stops(std::int64_t student) const {
  return data_->attempt([&] {
    std::vector<Stop> list;
    SQLite::Statement query(*data_->db,
                            "SELECT at, reason, work, opened FROM stop WHERE student = :student ORDER BY at");
    query.bind(":student", student);
    const auto within = [&](const char* column, auto last) {
      return std::clamp(query.getColumn(column).getInt(), 0, static_cast<int>(last));
    };
    while (query.executeStep())
      list.push_back({student, query.getColumn("at").getInt64(),
                      static_cast<StopReason>(within("reason", StopReason::enough)),
                      static_cast<Work>(within("work", Work::tones)), query.getColumn("opened").getInt64()});
    return list;
  });
}

StudioResult<void> StudentTable::keepStop(const Stop& stop) {
  return data_->change([&] {
    SQLite::Statement insert(*data_->db,
                             "INSERT OR REPLACE INTO stop(student, at, reason, work, opened) "
                             "VALUES(:student, :at, :reason, :work, :opened)");
    insert.bind(":student", stop.student);
    insert.bind(":at", stop.at_unix_s);
    insert.bind(":reason", static_cast<int>(stop.reason));
    insert.bind(":work", static_cast<int>(stop.work));
    insert.bind(":opened", stop.opened_unix_s);
    insert.exec();
  });
}

/// Every file that holds something of a student: takes on the list and off it, recordings with their notes,
/// and lists that were set aside, which name everybody.
std::vector<fs::path> StudentTable::soundsOf(std::int64_t student) const {
  std::vector<fs::path> files;
  std::set<fs::path> others;
  SQLite::Statement query(*data_->db, "SELECT file, student, other FROM take");
  while (query.executeStep()) {
    const fs::path file = data_->take(query.getColumn("file").getString());
    if (query.getColumn("student").getInt64() == student || query.getColumn("other").getInt64() == student)
      files.push_back(file);
    else
      others.insert(file);
  }
  const auto belongs = [&](const fs::path& sound) {
    const auto note = noteOf(sound);
    return note && note->take.isOf(student);
  };
  for (const fs::path& file : filesIn(data_->takes()))
    if (std::ranges::find(files, file) == files.end() && !others.contains(file) && belongs(file))
      files.push_back(file);
  for (const fs::path& file : filesIn(data_->recordings()))
    if (file.extension() == ".wav" && belongs(file)) {
      files.push_back(noteFileOf(file));
      files.push_back(file);  // goes first: a note tells whose the sound is as long as there is one
    }
  for (const fs::path& file : filesIn(data_->folder))
    if (file.filename().string().starts_with("studio.db" + std::string(kAside))) files.push_back(file);
  std::error_code error;
  std::erase_if(files, [&](const fs::path& file) { return !fs::exists(fs::symlink_status(file, error)); });
  return files;
}

StudioResult<void> StudentTable::erase(std::int64_t student) {
  if (data_->readOnly) return data_->change([] {});
  // An empty file in the journal is all that this needs, on a full disk too; from here on it will be
  // finished.
  const fs::path entry = data_->journal() / std::to_string(student);
  if (const auto begun = writeWhole(entry, Access::owner, ""); !begun)
    return tl::unexpected(Problem(StudioFault::cannotErase, begun.error().why));
  StudioResult<bool> more = true;
  while (more && *more) more = eraseStep();
  return more ? StudioResult<void>() : tl::unexpected(more.error());
}

StudioResult<bool> StudentTable::eraseStep() {
  if (data_->readOnly) return data_->change([] { return false; });
  for (const fs::path& entry : filesIn(data_->journal())) {
    const auto student = idIn(entry.filename());
    if (!student) continue;
    if (!data_->toErase) {
      auto files = data_->attempt([&] { return soundsOf(*student); });
      if (!files) return tl::unexpected(files.error());
      data_->toErase = std::move(*files);
    }
    std::error_code error;
    if (!data_->toErase->empty()) {
      const fs::path file = data_->toErase->back();
      fs::remove(file, error);
      if (error)
        return tl::unexpected(Problem(StudioFault::fileNotErased, printable(file.string()), error.message()));
      data_->toErase->pop_back();
      return true;
    }
    auto rows = data_->attempt([&] {
      SQLite::Statement remove(*data_->db, "DELETE FROM student WHERE id = :id");  // and all that is theirs
      remove.bind(":id", *student);
      remove.exec();
    });
    if (!rows) return tl::unexpected(Problem(StudioFault::rowsNotErased, rows.error()));
    if (const auto noted = writeWhole(data_->journal() / kTraces, Access::owner, ""); !noted)
      return tl::unexpected(Problem(StudioFault::erasingNotNoted, noted.error().why));
    fs::remove(entry, error);
    data_->toErase.reset();
    return true;
  }
  std::error_code error;
  if (!fs::exists(data_->journal() / kTraces, error)) return false;
  // What was deleted must not stay readable in free pages or in the log.
  auto cleaned = data_->attempt([&] {
    data_->db->exec("VACUUM");
    data_->db->exec("PRAGMA wal_checkpoint(TRUNCATE)");
  });
  if (!cleaned) return tl::unexpected(Problem(StudioFault::tracesStay, cleaned.error()));
  fs::remove(data_->journal() / kTraces, error);
  return true;
}

}  // namespace calando
