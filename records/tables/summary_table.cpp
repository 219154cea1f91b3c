#include "records/tables/summary_table.h"

#include <algorithm>

#include "core/engine/analysis.h"
#include "records/folder/rows.h"
#include "records/folder/studio_folder.h"

namespace calando {

namespace {

constexpr int kHighestSemitone = 127, kLowestLevel_db = -200;

/// Summaries without their figures, of the rows that `where` keeps, by take; then the figures, each to its
/// own.
std::map<std::int64_t, StoredSummary> readSummaries(SQLite::Database& db, const std::string& where,
                                                    std::int64_t of) {
  std::map<std::int64_t, StoredSummary> all;
  SQLite::Statement query(
      db,
      "SELECT take.id, engine, held, ribbon, verdict, advice, observation FROM summary JOIN take ON "
      "take.id = summary.take WHERE (engine = :engine OR let_go > 0) AND " +
          where);
  query.bind(":engine", engineVersion());
  query.bind(":of", of);
  while (query.executeStep()) {
    StoredSummary& s = all[query.getColumn("id").getInt64()];
    s.engine = query.getColumn("engine").getString();
    if (const auto held = query.getColumn("held"); !held.isNull()) s.held_s = held.getDouble();
    s.ribbon = query.getColumn("ribbon").getString();
    s.kept.verdict = static_cast<Verdict>(
        std::clamp(query.getColumn("verdict").getInt(), 0, static_cast<int>(Verdict::unmeasured)));
    s.kept.advice = query.getColumn("advice").getString();
    s.kept.observation = query.getColumn("observation").getString();
  }
  SQLite::Statement figures(
      db,
      "SELECT take, figure.id AS figure, value FROM figure JOIN take ON take.id = figure.take WHERE "
      "typeof(value) IN ('real', 'integer') AND " +
          where);
  figures.bind(":of", of);
  while (figures.executeStep())
    if (const auto found = all.find(figures.getColumn("take").getInt64()); found != all.end())
      found->second.kept.values[figures.getColumn("figure").getString()] =
          figures.getColumn("value").getDouble();
  SQLite::Statement reach(db,
                          "SELECT take, semitone, level, reach.seconds AS seconds FROM reach JOIN take "
                          "ON take.id = reach.take WHERE "
                          "typeof(semitone) = 'integer' AND typeof(level) = 'integer' AND "
                          "typeof(reach.seconds) IN ('real', 'integer') AND " +
                              where + " ORDER BY semitone, level");
  reach.bind(":of", of);
  while (reach.executeStep())
    if (const auto found = all.find(reach.getColumn("take").getInt64()); found != all.end())
      found->second.kept.reach.push_back(
          {std::clamp(reach.getColumn("semitone").getInt(), 0, kHighestSemitone),
           std::clamp(reach.getColumn("level").getInt(), kLowestLevel_db, 0),
           reach.getColumn("seconds").getDouble()});
  return all;
}

}  // namespace

StudioResult<std::optional<StoredSummary>> SummaryTable::ofTake(std::int64_t take) const {
  return data_->attempt([&]() -> std::optional<StoredSummary> {
    auto all = readSummaries(*data_->db, "take.id = :of", take);
    return all.empty() ? std::nullopt : std::optional(std::move(all.begin()->second));
  });
}

StudioResult<std::map<std::int64_t, StoredSummary>> SummaryTable::of(std::int64_t student) const {
  return data_->attempt(
      [&] { return readSummaries(*data_->db, "deleted = 0 AND :of IN (student, other)", student); });
}

StudioResult<void> SummaryTable::keep(std::int64_t take, const StoredSummary& summary) {
  return data_->change([&] {
    Whole whole(*data_->db);
    insertSummary(*data_->db, take, summary);
    whole.commit();
  });
}

StudioResult<std::vector<FigureThen>> SummaryTable::figureOverTime(std::int64_t student,
                                                                   const std::string& figure) const {
  return data_->attempt([&] {
    std::vector<FigureThen> list;
    SQLite::Statement query(*data_->db,
                            "SELECT take, made, value FROM figure JOIN take ON take.id = figure.take WHERE "
                            ":student IN (student, other) AND figure.id = :figure AND deleted = 0 AND "
                            "typeof(value) IN ('real', 'integer') ORDER BY made, take");
    query.bind(":student", student);
    query.bind(":figure", figure);
    while (query.executeStep())
      list.push_back({query.getColumn("take").getInt64(), query.getColumn("made").getInt64(),
                      query.getColumn("value").getDouble()});
    return list;
  });
}

}  // namespace calando
