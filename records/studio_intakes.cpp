#include <algorithm>
#include <nlohmann/json.hpp>

#include "core/base/bounded_json.h"
#include "records/studio_data.h"

// Homework on its way into the weeks, and what came into the watched folder.

namespace calando {

namespace fs = std::filesystem;

namespace {

std::string noteTextOf(const Intake& intake) {
  const nlohmann::json note{{"file", intake.file.string()},
                            {"from", intake.from_s},
                            {"to", intake.to_s},
                            {"name", intake.note.take.file},
                            {"sound", toText(intake.note)}};
  return note.dump(-1, ' ', false, nlohmann::json::error_handler_t::replace);
}

std::optional<Intake> intakeFrom(std::string_view text) {
  constexpr std::size_t kLongestPath = 4096;
  const auto read = parseBounded(text);
  if (!read) return std::nullopt;
  Fields fields(*read);
  Intake intake;
  intake.file = fields.text("file", kLongestPath).value_or("");
  intake.from_s = fields.number("from", 0.0, 1e6).value_or(0.0);
  intake.to_s = fields.number("to", 0.0, 1e6).value_or(0.0);
  const auto note = soundNoteFrom(fields.text("sound", kLargestJson).value_or(""));
  if (!note || note->take.id == 0 || intake.file.empty() || intake.to_s <= intake.from_s) return std::nullopt;
  intake.note = *note;
  intake.note.take.file = plainName(fields.text("name", kLongestPath).value_or(""));
  return intake;
}

void forget(SQLite::Database& db, const Intake& intake) {
  SQLite::Statement remove(db, "DELETE FROM intake WHERE homework = ? AND student = ? AND item = ?");
  remove.bind(1, intake.homework);
  remove.bind(2, intake.note.student.id);
  remove.bind(3, static_cast<std::int64_t>(intake.item));
  remove.exec();
}

/// The student's take of the same sound; nullopt: none.
std::optional<std::int64_t> takeOf(SQLite::Database& db, std::int64_t student, const Take& take) {
  if (!take.origin) return std::nullopt;
  SQLite::Statement query(db,
                          "SELECT id, origin FROM take WHERE student = ? AND deleted = 0 AND origin <> ''");
  query.bind(1, student);
  while (query.executeStep())
    if (const auto origin = originFrom(query.getColumn(1).getString());
        origin && origin->isSoundOf(*take.origin))
      return query.getColumn(0).getInt64();
  return std::nullopt;
}

/// What was sent for the list knows of the take, where it is still there.
void tellSent(SQLite::Database& db, const Intake& intake, std::int64_t take) {
  SQLite::Statement query(db, "SELECT note FROM sent WHERE homework = ? AND student = ?");
  query.bind(1, intake.homework);
  query.bind(2, intake.note.student.id);
  if (!query.executeStep()) return;
  SentHomework sent = sentFrom(query.getColumn(0).getString());
  sent.takes[intake.item] = take;
  SQLite::Statement update(db, "UPDATE sent SET note = ? WHERE homework = ? AND student = ?");
  update.bind(1, toText(sent));
  update.bind(2, intake.homework);
  update.bind(3, intake.note.student.id);
  update.exec();
}

}  // namespace

Studio::Result<void> Studio::beginIntakes(const std::vector<Intake>& intakes) {
  return data_->change([&] {
    Whole whole(*data_->db);
    SQLite::Statement insert(*data_->db,
                             "INSERT OR REPLACE INTO intake(homework, student, item, sound, note) "
                             "VALUES(?, ?, ?, ?, ?)");
    for (const Intake& intake : intakes) {
      insert.reset();
      insert.bind(1, intake.homework);
      insert.bind(2, intake.note.student.id);
      insert.bind(3, static_cast<std::int64_t>(intake.item));
      insert.bind(4, intake.note.take.file);
      insert.bind(5, noteTextOf(intake));
      insert.exec();
    }
    whole.commit();
  });
}

Studio::Result<std::vector<Intake>> Studio::intakes() const {
  return data_->attempt([&] {
    std::vector<Intake> list;
    SQLite::Statement query(
        *data_->db, "SELECT homework, student, item, note FROM intake ORDER BY homework, student, item");
    while (query.executeStep()) {
      auto intake = intakeFrom(query.getColumn(3).getString());
      if (!intake || intake->note.student.id != query.getColumn(1).getInt64()) continue;
      intake->homework = query.getColumn(0).getInt64();
      intake->item = static_cast<std::size_t>(query.getColumn(2).getInt64());
      list.push_back(std::move(*intake));
    }
    return list;
  });
}

Studio::Result<std::int64_t> Studio::finishIntake(const Intake& intake, const Take& take,
                                                  const Summary& summary) {
  bool twice = false;
  auto finished = data_->change([&]() -> std::optional<std::int64_t> {
    if (data_->isErasing(take.student) || !isOnList(*data_->db, "student", take.student)) return std::nullopt;
    Whole whole(*data_->db);
    const auto there = takeOf(*data_->db, take.student, take);
    twice = there.has_value();
    if (!twice) {
      insertTake(*data_->db, take, true);
      insertSummary(take.id, summary);
    }
    tellSent(*data_->db, intake, there.value_or(take.id));
    forget(*data_->db, intake);
    whole.commit();
    return there.value_or(take.id);
  });
  if (!finished) return tl::unexpected(finished.error());
  std::error_code ignored;
  if (twice || !*finished) fs::remove(takeFile(take), ignored);
  return *finished ? Result<std::int64_t>(**finished) : tl::unexpected(Problem(StudioFault::studentErased));
}

Studio::Result<void> Studio::dropIntake(const Intake& intake) {
  return data_->change([&] { forget(*data_->db, intake); });
}

Studio::Result<std::vector<WatchedFile>> Studio::watchedFiles() const {
  return data_->attempt([&] {
    std::vector<WatchedFile> list;
    SQLite::Statement query(*data_->db, "SELECT file, size, changed FROM watched");
    while (query.executeStep())
      list.push_back({query.getColumn(0).getString(),
                      static_cast<std::uintmax_t>(query.getColumn(1).getInt64()),
                      query.getColumn(2).getInt64()});
    return list;
  });
}

Studio::Result<void> Studio::keepWatchedFile(const WatchedFile& file) {
  return data_->change([&] {
    SQLite::Statement insert(*data_->db,
                             "INSERT OR REPLACE INTO watched(file, size, changed) VALUES(?, ?, ?)");
    insert.bind(1, file.file.string());
    insert.bind(2, static_cast<std::int64_t>(file.size));
    insert.bind(3, file.changed_ms);
    insert.exec();
  });
}

Studio::Result<void> Studio::forgetWatchedFiles() {
  return data_->change([&] { data_->db->exec("DELETE FROM watched"); });
}

}  // namespace calando
