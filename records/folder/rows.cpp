#include "records/folder/rows.h"

#include <algorithm>

#include "core/base/bounded_json.h"
#include "core/base/json_text.h"
#include "core/base/plain_text.h"
#include "core/maths/hann_spectrum.h"
#include "core/theory/interval.h"
#include "records/values/take_fields.h"

namespace calando {

namespace {

// A field of a take on the list, by its type.
std::string cellOf(const std::string& text) { return text; }
std::string cellOf(const std::vector<std::string>& ticks) { return textOfTicks(ticks); }
std::string cellOf(const std::optional<Origin>& origin) { return origin ? toText(*origin) : std::string(); }
std::string cellOf(const TakeSpec& asked) { return jsonText(toJson(asked)); }
double cellOf(double number) { return number; }
template <class T>
std::int64_t cellOf(const T& whole) {
  return static_cast<std::int64_t>(whole);
}

void read(const SQLite::Column& cell, const TakeField&, std::string& text) { text = cell.getString(); }
void read(const SQLite::Column& cell, const TakeField&, std::vector<std::string>& ticks) {
  ticks = ticksFrom(cell.getString());
}
void read(const SQLite::Column& cell, const TakeField&, std::optional<Origin>& origin) {
  origin = originFrom(cell.getString());
}
void read(const SQLite::Column& cell, const TakeField&, double& number) { number = cell.getDouble(); }
/// What cannot be is nothing.
template <class T>
void read(const SQLite::Column& cell, const TakeField& field, T& whole) {
  const std::int64_t value = cell.getInt64();
  whole = static_cast<T>(value >= 0 && value <= field.most ? value : 0);
}

/// The fields' columns, each as `form` makes it, with commas between them.
template <class Form>
std::string listed(Form form) {
  std::string text;
  const Take any;
  eachField(any, [&](const TakeField& field, const auto&) {
    if (const std::string one = form(field); !one.empty()) text += (text.empty() ? "" : ", ") + one;
  });
  return text;
}

void bindTake(SQLite::Statement& statement, const Take& take, bool afterwardsAlone) {
  eachField(take, [&](const TakeField& field, const auto& value) {
    if (field.saidAfterwards || !afterwardsAlone)
      statement.bind(std::string(":") + field.column, cellOf(value));
  });
}

}  // namespace

bool isOnList(SQLite::Database& db, const char* table, std::int64_t id) {
  SQLite::Statement query(db, std::string("SELECT 1 FROM ") + table + " WHERE id = :id");
  query.bind(":id", id);
  return query.executeStep();
}

std::string takeQuery(std::string_view rest, std::string_view added) {
  std::string text = "SELECT " + listed([](const TakeField& f) { return std::string("take.") + f.column; });
  return text.append(", summary.held").append(added).append(" FROM take ").append(rest);
}

void insertTake(SQLite::Database& db, const Take& take, bool noted) {
  // One who is no longer here is nobody.
  const auto value = [](const TakeField& field) -> std::string {
    const std::string name = field.column;
    return name == "other" ? "(SELECT id FROM student WHERE id = :other)" : ":" + name;
  };
  SQLite::Statement insert(db, "INSERT INTO take(" +
                                   listed([](const TakeField& f) { return std::string(f.column); }) +
                                   ", noted) VALUES(" + listed(value) + ", :noted)");
  bindTake(insert, take, false);
  insert.bind(":noted", noted ? 1 : 0);
  insert.exec();
}

void updateTake(SQLite::Database& db, const Take& take) {
  const auto set = [](const TakeField& f) {
    return f.saidAfterwards ? std::string(f.column) + " = :" + f.column : std::string();
  };
  SQLite::Statement update(db, "UPDATE take SET " + listed(set) + ", changed = changed + 1 WHERE id = :id");
  bindTake(update, take, true);
  update.bind(":id", take.id);
  update.exec();
}

Take takeFrom(SQLite::Statement& row) {
  Take take;
  eachField(take, [&]<class T>(const TakeField& field, T& value) {
    const SQLite::Column cell = row.getColumn(field.column);
    if constexpr (std::is_same_v<T, TakeSpec>) {
      const auto asked = parseBounded(cell.getString());
      take.askedSound = asked.has_value();
      if (asked) value = askedFrom(*asked, &take.askedSound);
    } else {
      read(cell, field, value);
    }
  });
  if (const auto held = row.getColumn("held"); !held.isNull()) take.held_s = held.getDouble();
  return take;
}

Student studentFrom(SQLite::Statement& row, std::int64_t id) {
  const auto note = [&](const char* column) -> std::optional<int> {
    const SQLite::Column cell = row.getColumn(column);
    return cell.isNull() ? std::nullopt : std::optional(std::clamp(cell.getInt(), 0, 140));
  };
  return {id,
          visibleLine(row.getColumn("name").getString()),
          row.getColumn("instrument").getString(),
          {note("lowest"), note("highest")},
          static_cast<Experience>(
              std::clamp(row.getColumn("experience").getInt(), 0, static_cast<int>(Experience::advanced)))};
}

void insertSummary(SQLite::Database& db, std::int64_t take, const StoredSummary& summary) {
  SQLite::Statement insert(
      db,
      "INSERT OR REPLACE INTO summary(take, engine, held, ribbon, verdict, advice, observation) "
      "VALUES(:take, :engine, :held, :ribbon, :verdict, :advice, :observation)");
  insert.bind(":take", take);
  insert.bind(":engine", summary.engine);
  if (summary.held_s) insert.bind(":held", *summary.held_s);
  insert.bind(":ribbon", summary.ribbon.data(), static_cast<int>(summary.ribbon.size()));
  insert.bind(":verdict", static_cast<int>(summary.kept.verdict));
  insert.bind(":advice", summary.kept.advice);
  insert.bind(":observation", summary.kept.observation);
  insert.exec();
  for (const char* rows : {"DELETE FROM figure WHERE take = :take", "DELETE FROM reach WHERE take = :take"}) {
    SQLite::Statement remove(db, rows);
    remove.bind(":take", take);
    remove.exec();
  }
  SQLite::Statement cell(
      db, "INSERT INTO reach(take, semitone, level, seconds) VALUES(:take, :semitone, :level, :seconds)");
  for (const Reached& reached : summary.kept.reach) {
    cell.reset();
    cell.bind(":take", take);
    cell.bind(":semitone", reached.semitone);
    cell.bind(":level", reached.level_db);
    cell.bind(":seconds", reached.seconds);
    cell.exec();
  }
  SQLite::Statement figure(db, "INSERT INTO figure(take, id, value) VALUES(:take, :id, :value)");
  for (const auto& [id, value] : summary.kept.values) {
    figure.reset();
    figure.bind(":take", take);
    figure.bind(":id", id);
    figure.bind(":value", value);
    figure.exec();
  }
}

}  // namespace calando
