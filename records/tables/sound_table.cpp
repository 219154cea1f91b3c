#include "records/tables/sound_table.h"

#include "core/engine/analysis.h"
#include "records/folder/rows.h"
#include "records/folder/studio_folder.h"
#include "records/tables/take_table.h"

namespace calando {

namespace fs = std::filesystem;

StudioResult<std::vector<Take>> SoundTable::before(std::int64_t made_unix_s) const {
  return data_->attempt([&] {
    std::vector<Take> list;
    SQLite::Statement query(*data_->db,
                            takeQuery("JOIN summary ON summary.take = take.id WHERE made < :made AND "
                                      "engine = :engine AND deleted = 0 AND let_go = 0 AND "
                                      "NOT EXISTS (SELECT 1 FROM model WHERE model.take = take.id) "
                                      "ORDER BY made, take.id"));
    query.bind(":made", made_unix_s);
    query.bind(":engine", engineVersion());
    while (query.executeStep()) list.push_back(takeFrom(query));
    return list;
  });
}

namespace {

void setLetGo(SQLite::Database& db, const std::vector<std::int64_t>& takes, std::int64_t since) {
  Whole whole(db);
  SQLite::Statement update(db, "UPDATE take SET let_go = :let_go WHERE id = :id");
  for (const std::int64_t take : takes) {
    update.reset();
    update.bind(":let_go", since);
    update.bind(":id", take);
    update.exec();
  }
  whole.commit();
}

}  // namespace

StudioResult<void> SoundTable::letGo(const std::vector<std::int64_t>& takes, std::int64_t now_unix_s) {
  return data_->change([&] { setLetGo(*data_->db, takes, now_unix_s); });
}

StudioResult<void> SoundTable::bringBack(const std::vector<std::int64_t>& takes) {
  std::vector<std::int64_t> there;
  for (const std::int64_t take : takes)
    if (std::error_code error; fs::exists(TakeTable(*data_).file(take), error)) there.push_back(take);
  return data_->change([&] { setLetGo(*data_->db, there, 0); });
}

StudioResult<std::vector<std::int64_t>> SoundTable::thatWereLetGo(std::int64_t now_unix_s) const {
  return data_->attempt([&] {
    std::vector<std::int64_t> list;
    SQLite::Statement query(*data_->db, "SELECT id FROM take WHERE let_go > :let_go ORDER BY made, id");
    query.bind(":let_go", std::max<std::int64_t>(0, now_unix_s - kLetGo_s));
    while (query.executeStep()) list.push_back(query.getColumn("id").getInt64());
    return list;
  });
}

StudioResult<void> SoundTable::tidy(std::int64_t now_unix_s) {
  auto files = data_->change([&] {
    std::vector<fs::path> list;
    SQLite::Statement query(*data_->db, "SELECT file FROM take WHERE let_go > 0 AND let_go <= :let_go");
    query.bind(":let_go", now_unix_s - kLetGo_s);
    while (query.executeStep()) list.push_back(data_->take(query.getColumn("file").getString()));
    return list;
  });
  if (!files) return tl::unexpected(files.error());
  for (const fs::path& file : *files) {
    std::error_code error;
    fs::remove(file, error);
    if (error)
      return tl::unexpected(Problem(StudioFault::soundNotRemoved, printable(file.string()), error.message()));
  }
  return {};
}

StudioResult<std::vector<Unnoted>> SoundTable::unnoted(std::size_t most, std::int64_t after) const {
  return data_->attempt([&] {
    std::vector<Unnoted> list;
    SQLite::Statement query(*data_->db,
                            takeQuery("JOIN student ON student.id = take.student LEFT JOIN summary ON "
                                      "summary.take = take.id WHERE noted < changed AND deleted = 0 AND "
                                      "let_go = 0 AND take.id > :id ORDER BY take.id LIMIT :most",
                                      ", changed, name, instrument, lowest, highest, experience"));
    query.bind(":id", after);
    query.bind(":most", static_cast<std::int64_t>(most));
    while (query.executeStep()) {
      const Take take = takeFrom(query);
      if (data_->isErasing(take.student) || data_->isErasing(take.other)) continue;
      const Student student = studentFrom(query, take.student);
      list.push_back({take.id, query.getColumn("changed").getInt64(), TakeTable(*data_).file(take),
                      toText(SoundNote{student, take})});
    }
    return list;
  });
}

bool SoundTable::writeNote(const Unnoted& unnoted) {
  return changeComment(unnoted.file.string(), unnoted.note).has_value();
}

StudioResult<void> SoundTable::noted(const Unnoted& unnoted) {
  return data_->change([&] {
    SQLite::Statement update(*data_->db, "UPDATE take SET noted = :noted WHERE id = :id");
    update.bind(":noted", unnoted.change);
    update.bind(":id", unnoted.take);
    update.exec();
  });
}

}  // namespace calando
