#include "core/engine/analysis.h"
#include "records/studio_data.h"

// How long the sound of a take is kept.

namespace calando {

namespace fs = std::filesystem;

Studio::Result<std::vector<Take>> Studio::soundsBefore(std::int64_t made_unix_s) const {
  return data_->attempt([&] {
    std::vector<Take> list;
    SQLite::Statement query(*data_->db,
                            std::string("SELECT ") + kTakeColumns +
                                " FROM take JOIN summary ON summary.take = take.id WHERE made < ? AND "
                                "engine = ? AND deleted = 0 AND let_go = 0 AND "
                                "NOT EXISTS (SELECT 1 FROM model WHERE model.take = take.id) "
                                "ORDER BY made, take.id");
    query.bind(1, made_unix_s);
    query.bind(2, engineVersion());
    while (query.executeStep()) list.push_back(takeFrom(query));
    return list;
  });
}

namespace {

void setLetGo(SQLite::Database& db, const std::vector<std::int64_t>& takes, std::int64_t since) {
  Whole whole(db);
  SQLite::Statement update(db, "UPDATE take SET let_go = ? WHERE id = ?");
  for (const std::int64_t take : takes) {
    update.reset();
    update.bind(1, since);
    update.bind(2, take);
    update.exec();
  }
  whole.commit();
}

}  // namespace

Studio::Result<void> Studio::letSoundsGo(const std::vector<std::int64_t>& takes, std::int64_t now_unix_s) {
  return data_->change([&] { setLetGo(*data_->db, takes, now_unix_s); });
}

Studio::Result<void> Studio::bringSoundsBack(const std::vector<std::int64_t>& takes) {
  std::vector<std::int64_t> there;
  for (const std::int64_t take : takes)
    if (std::error_code error; fs::exists(takeFile(take), error)) there.push_back(take);
  return data_->change([&] { setLetGo(*data_->db, there, 0); });
}

Studio::Result<std::vector<std::int64_t>> Studio::soundsLetGo(std::int64_t now_unix_s) const {
  return data_->attempt([&] {
    std::vector<std::int64_t> list;
    SQLite::Statement query(*data_->db, "SELECT id FROM take WHERE let_go > ? ORDER BY made, id");
    query.bind(1, std::max<std::int64_t>(0, now_unix_s - kLetGo_s));
    while (query.executeStep()) list.push_back(query.getColumn(0).getInt64());
    return list;
  });
}

Studio::Result<void> Studio::tidySounds(std::int64_t now_unix_s) {
  auto files = data_->change([&] {
    std::vector<fs::path> list;
    SQLite::Statement query(*data_->db, "SELECT file FROM take WHERE let_go > 0 AND let_go <= ?");
    query.bind(1, now_unix_s - kLetGo_s);
    while (query.executeStep()) list.push_back(data_->take(query.getColumn(0).getString()));
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

}  // namespace calando
