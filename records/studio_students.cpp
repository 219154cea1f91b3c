#include <unistd.h>

#include <algorithm>
#include <charconv>

#include "core/base/plain_text.h"
#include "records/studio_data.h"

namespace calando {

namespace fs = std::filesystem;

namespace {

constexpr const char* kTraces = "traces";  // in the journal: the list is to be cleaned of what was in it

/// Name, instrument and range as the statement's first four values.
void bindStudent(SQLite::Statement& statement, const Student& student) {
  statement.bind(1, visibleLine(student.name));
  statement.bind(2, student.instrument);
  if (student.range.lowest) statement.bind(3, *student.range.lowest);
  if (student.range.highest) statement.bind(4, *student.range.highest);
}

std::optional<std::int64_t> idIn(const std::string& name) {
  std::int64_t id = 0;
  const auto [end, error] = std::from_chars(name.data(), name.data() + name.size(), id);
  return error == std::errc{} && end == name.data() + name.size() ? std::optional(id) : std::nullopt;
}

}  // namespace

bool Studio::Data::isErasing(std::int64_t student) const {
  std::error_code error;
  return fs::exists(journal() / std::to_string(student), error);
}

Studio::Result<std::vector<Student>> Studio::students() const {
  return data_->attempt([&] {
    std::vector<Student> list;
    SQLite::Statement query(*data_->db,
                            "SELECT id, name, instrument, lowest, highest FROM student ORDER BY name "
                            "COLLATE NOCASE, id");
    const auto note = [&](int column) -> std::optional<int> {
      if (query.getColumn(column).isNull()) return std::nullopt;
      return std::clamp(query.getColumn(column).getInt(), 0, 140);
    };
    while (query.executeStep())
      if (const auto id = query.getColumn(0).getInt64(); !data_->isErasing(id))
        list.push_back({id,
                        visibleLine(query.getColumn(1).getString()),
                        query.getColumn(2).getString(),
                        {note(3), note(4)}});
    return list;
  });
}

Studio::Result<Student> Studio::addStudent(const std::string& name, const std::string& instrument,
                                           NoteRange range) {
  return data_->change([&] {
    Student student{data_->newId(), visibleLine(name), instrument, range};
    SQLite::Statement insert(
        *data_->db, "INSERT INTO student(name, instrument, lowest, highest, id) VALUES(?, ?, ?, ?, ?)");
    bindStudent(insert, student);
    insert.bind(5, student.id);
    insert.exec();
    return student;
  });
}

Studio::Result<void> Studio::changeStudent(const Student& student) {
  return data_->change([&] {
    Whole whole(*data_->db);
    SQLite::Statement update(
        *data_->db, "UPDATE student SET name = ?, instrument = ?, lowest = ?, highest = ? WHERE id = ?");
    bindStudent(update, student);
    update.bind(5, student.id);
    update.exec();
    // The name stands with every take.
    SQLite::Statement takes(*data_->db, "UPDATE take SET changed = changed + 1 WHERE student = ?");
    takes.bind(1, student.id);
    takes.exec();
    whole.commit();
  });
}

Studio::Result<std::string> Studio::homeOf(std::int64_t student) const {
  return data_->attempt([&] {
    SQLite::Statement query(*data_->db, "SELECT home FROM student WHERE id = ?");
    query.bind(1, student);
    return query.executeStep() ? query.getColumn(0).getString() : std::string();
  });
}

Studio::Result<void> Studio::keepHomeOf(std::int64_t student, const std::string& studio) {
  return data_->change([&] {
    SQLite::Statement update(*data_->db, "UPDATE student SET home = ? WHERE id = ?");
    update.bind(1, studio);
    update.bind(2, student);
    update.exec();
  });
}

/// Every file that holds something of a student: takes on the list and off it, recordings with their notes,
/// and lists that were set aside, which name everybody.
std::vector<fs::path> Studio::soundsOf(std::int64_t student) const {
  std::vector<fs::path> files;
  std::set<fs::path> others;
  SQLite::Statement query(*data_->db, "SELECT file, student, other FROM take");
  while (query.executeStep()) {
    const fs::path file = data_->take(query.getColumn(0).getString());
    if (query.getColumn(1).getInt64() == student || query.getColumn(2).getInt64() == student)
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

Studio::Result<void> Studio::eraseStudent(std::int64_t student) {
  if (data_->readOnly) return data_->change([] {});
  // An empty file in the journal is all that this needs, on a full disk too; from here on it will be
  // finished.
  const fs::path entry = data_->journal() / std::to_string(student);
  if (const auto begun = writeWhole(entry, Access::owner, ""); !begun)
    return tl::unexpected(Problem(StudioFault::cannotErase, begun.error().why));
  Result<bool> more = true;
  while (more && *more) more = eraseStep();
  return more ? Result<void>() : tl::unexpected(more.error());
}

Studio::Result<bool> Studio::eraseStep() {
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
      SQLite::Statement remove(*data_->db, "DELETE FROM student WHERE id = ?");  // and all that is theirs
      remove.bind(1, *student);
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
