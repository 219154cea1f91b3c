#include "records/tables/intake_table.h"

#include <algorithm>
#include <nlohmann/json.hpp>

#include "core/base/bounded_json.h"
#include "core/base/json_text.h"
#include "records/folder/rows.h"
#include "records/folder/studio_folder.h"
#include "records/tables/take_table.h"

namespace calando {

namespace fs = std::filesystem;

namespace {

std::string noteTextOf(const Intake& intake) {
  const nlohmann::json note{{"file", intake.file.string()},
                            {"from", intake.from_s},
                            {"to", intake.to_s},
                            {"name", intake.note.take.file},
                            {"sound", toText(intake.note)}};
  return jsonText(note);
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
  SQLite::Statement remove(
      db, "DELETE FROM intake WHERE homework = :homework AND student = :student AND item = :item");
  remove.bind(":homework", intake.homework);
  remove.bind(":student", intake.note.student.id);
  remove.bind(":item", static_cast<std::int64_t>(intake.item));
  remove.exec();
}

/// The student's take of the same sound; nullopt: none.
std::optional<std::int64_t> takeOf(SQLite::Database& db, std::int64_t student, const Take& take) {
  if (!take.origin) return std::nullopt;
  SQLite::Statement query(
      db, "SELECT id, origin FROM take WHERE student = :student AND deleted = 0 AND origin <> ''");
  query.bind(":student", student);
  while (query.executeStep())
    if (const auto origin = originFrom(query.getColumn("origin").getString());
        origin && origin->isSoundOf(*take.origin))
      return query.getColumn("id").getInt64();
  return std::nullopt;
}

/// What was sent for the list knows of the take, where it is still there.
void tellSent(SQLite::Database& db, const Intake& intake, std::int64_t take) {
  SQLite::Statement query(db, "SELECT note FROM sent WHERE homework = :homework AND student = :student");
  query.bind(":homework", intake.homework);
  query.bind(":student", intake.note.student.id);
  if (!query.executeStep()) return;
  SentHomework sent = sentFrom(query.getColumn("note").getString());
  sent.takes[intake.item] = take;
  SQLite::Statement update(db,
                           "UPDATE sent SET note = :note WHERE homework = :homework AND student = :student");
  update.bind(":note", toText(sent));
  update.bind(":homework", intake.homework);
  update.bind(":student", intake.note.student.id);
  update.exec();
}

}  // namespace

StudioResult<void> IntakeTable::begin(const std::vector<Intake>& intakes) {
  return data_->change([&] {
    Whole whole(*data_->db);
    SQLite::Statement insert(*data_->db,
                             "INSERT OR REPLACE INTO intake(homework, student, item, sound, note) "
                             "VALUES(:homework, :student, :item, :sound, :note)");
    for (const Intake& intake : intakes) {
      insert.reset();
      insert.bind(":homework", intake.homework);
      insert.bind(":student", intake.note.student.id);
      insert.bind(":item", static_cast<std::int64_t>(intake.item));
      insert.bind(":sound", intake.note.take.file);
      insert.bind(":note", noteTextOf(intake));
      insert.exec();
    }
    whole.commit();
  });
}

StudioResult<std::vector<Intake>> IntakeTable::all() const {
  return data_->attempt([&] {
    std::vector<Intake> list;
    SQLite::Statement query(
        *data_->db, "SELECT homework, student, item, note FROM intake ORDER BY homework, student, item");
    while (query.executeStep()) {
      auto intake = intakeFrom(query.getColumn("note").getString());
      if (!intake || intake->note.student.id != query.getColumn("student").getInt64()) continue;
      intake->homework = query.getColumn("homework").getInt64();
      intake->item = static_cast<std::size_t>(query.getColumn("item").getInt64());
      list.push_back(std::move(*intake));
    }
    return list;
  });
}

StudioResult<std::int64_t> IntakeTable::finish(const Intake& intake, const Take& take,
                                               const StoredSummary& summary) {
  bool twice = false;
  auto finished = data_->change([&]() -> std::optional<std::int64_t> {
    if (data_->isErasing(take.student) || !isOnList(*data_->db, "student", take.student)) return std::nullopt;
    Whole whole(*data_->db);
    const auto there = takeOf(*data_->db, take.student, take);
    twice = there.has_value();
    if (!twice) {
      insertTake(*data_->db, take, true);
      insertSummary(*data_->db, take.id, summary);
    }
    tellSent(*data_->db, intake, there.value_or(take.id));
    forget(*data_->db, intake);
    whole.commit();
    return there.value_or(take.id);
  });
  if (!finished) return tl::unexpected(finished.error());
  std::error_code ignored;
  if (twice || !*finished) fs::remove(TakeTable(*data_).file(take), ignored);
  return *finished ? StudioResult<std::int64_t>(**finished)
                   : tl::unexpected(Problem(StudioFault::studentErased));
}

StudioResult<void> IntakeTable::drop(const Intake& intake) {
  return data_->change([&] { forget(*data_->db, intake); });
}

}  // namespace calando
