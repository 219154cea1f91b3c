#include <algorithm>

#include "core/engine/analysis.h"
#include "records/studio_data.h"

namespace calando {

namespace {

constexpr int kHighestSemitone = 127, kLowestLevel_db = -200;

/// Summaries without their figures, of the rows that `where` keeps, by take; then the figures, each to its
/// own.
std::map<std::int64_t, Studio::Summary> readSummaries(SQLite::Database& db, const std::string& where,
                                                      std::int64_t of) {
  std::map<std::int64_t, Studio::Summary> all;
  SQLite::Statement query(
      db,
      "SELECT take.id, engine, held, ribbon, verdict, advice, observation FROM summary JOIN take ON "
      "take.id = summary.take WHERE (engine = ? OR let_go > 0) AND " +
          where);
  query.bind(1, engineVersion());
  query.bind(2, of);
  while (query.executeStep()) {
    Studio::Summary& s = all[query.getColumn(0).getInt64()];
    s.engine = query.getColumn(1).getString();
    if (!query.getColumn(2).isNull()) s.held_s = query.getColumn(2).getDouble();
    s.ribbon = query.getColumn(3).getString();
    s.kept.verdict = static_cast<Verdict>(
        std::clamp(query.getColumn(4).getInt(), 0, static_cast<int>(Verdict::unmeasured)));
    s.kept.advice = query.getColumn(5).getString();
    s.kept.observation = query.getColumn(6).getString();
  }
  SQLite::Statement figures(
      db,
      "SELECT take.id, figure.id, value FROM figure JOIN take ON take.id = figure.take WHERE "
      "typeof(value) IN ('real', 'integer') AND " +
          where);
  figures.bind(1, of);
  while (figures.executeStep())
    if (const auto found = all.find(figures.getColumn(0).getInt64()); found != all.end())
      found->second.kept.values[figures.getColumn(1).getString()] = figures.getColumn(2).getDouble();
  SQLite::Statement reach(db,
                          "SELECT take.id, reach.semitone, reach.level, reach.seconds FROM reach JOIN take "
                          "ON take.id = reach.take WHERE "
                          "typeof(reach.semitone) = 'integer' AND typeof(reach.level) = 'integer' AND "
                          "typeof(reach.seconds) IN ('real', 'integer') AND " +
                              where + " ORDER BY reach.semitone, reach.level");
  reach.bind(1, of);
  while (reach.executeStep())
    if (const auto found = all.find(reach.getColumn(0).getInt64()); found != all.end())
      found->second.kept.reach.push_back({std::clamp(reach.getColumn(1).getInt(), 0, kHighestSemitone),
                                          std::clamp(reach.getColumn(2).getInt(), kLowestLevel_db, 0),
                                          reach.getColumn(3).getDouble()});
  return all;
}

}  // namespace

void Studio::insertSummary(std::int64_t take, const Summary& summary) {
  SQLite::Statement insert(
      *data_->db,
      "INSERT OR REPLACE INTO summary(take, engine, held, ribbon, verdict, advice, observation) "
      "VALUES(?, ?, ?, ?, ?, ?, ?)");
  insert.bind(1, take);
  insert.bind(2, summary.engine);
  if (summary.held_s) insert.bind(3, *summary.held_s);
  insert.bind(4, summary.ribbon.data(), static_cast<int>(summary.ribbon.size()));
  insert.bind(5, static_cast<int>(summary.kept.verdict));
  insert.bind(6, summary.kept.advice);
  insert.bind(7, summary.kept.observation);
  insert.exec();
  for (const char* rows : {"DELETE FROM figure WHERE take = ?", "DELETE FROM reach WHERE take = ?"}) {
    SQLite::Statement remove(*data_->db, rows);
    remove.bind(1, take);
    remove.exec();
  }
  SQLite::Statement cell(*data_->db, "INSERT INTO reach(take, semitone, level, seconds) VALUES(?, ?, ?, ?)");
  for (const Reached& reached : summary.kept.reach) {
    cell.reset();
    cell.bind(1, take);
    cell.bind(2, reached.semitone);
    cell.bind(3, reached.level_db);
    cell.bind(4, reached.seconds);
    cell.exec();
  }
  SQLite::Statement figure(*data_->db, "INSERT INTO figure(take, id, value) VALUES(?, ?, ?)");
  for (const auto& [id, value] : summary.kept.values) {
    figure.reset();
    figure.bind(1, take);
    figure.bind(2, id);
    figure.bind(3, value);
    figure.exec();
  }
}

Studio::Result<std::optional<Studio::Summary>> Studio::summary(std::int64_t take) const {
  return data_->attempt([&]() -> std::optional<Summary> {
    auto all = readSummaries(*data_->db, "take.id = ?", take);
    return all.empty() ? std::nullopt : std::optional(std::move(all.begin()->second));
  });
}

Studio::Result<std::map<std::int64_t, Studio::Summary>> Studio::summaries(std::int64_t student) const {
  return data_->attempt(
      [&] { return readSummaries(*data_->db, "deleted = 0 AND ? IN (student, other)", student); });
}

Studio::Result<void> Studio::keepSummary(std::int64_t take, const Summary& summary) {
  return data_->change([&] {
    Whole whole(*data_->db);
    insertSummary(take, summary);
    whole.commit();
  });
}

Studio::Result<std::vector<Studio::FigureThen>> Studio::figureOverTime(std::int64_t student,
                                                                       const std::string& figure) const {
  return data_->attempt([&] {
    std::vector<FigureThen> list;
    SQLite::Statement query(
        *data_->db,
        "SELECT take.id, made, value FROM figure JOIN take ON take.id = figure.take WHERE "
        "? IN (student, other) AND figure.id = ? AND deleted = 0 AND typeof(value) IN ('real', 'integer') "
        "ORDER BY "
        "made, take.id");
    query.bind(1, student);
    query.bind(2, figure);
    while (query.executeStep())
      list.push_back(
          {query.getColumn(0).getInt64(), query.getColumn(1).getInt64(), query.getColumn(2).getDouble()});
    return list;
  });
}

}  // namespace calando
