#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>

#include "core/library/cards.h"
#include "records/studio_data.h"

namespace calando {

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

namespace {

std::optional<std::string> readSetting(SQLite::Database& db, const std::string& key) {
  SQLite::Statement query(db, "SELECT value FROM setting WHERE key = ?");
  query.bind(1, key);
  return query.executeStep() ? std::optional(query.getColumn(0).getString()) : std::nullopt;
}

std::string textOf(const std::string& value) { return value; }
std::string textOf(double value) {
  std::array<char, 32> text;
  const auto [end, error] = std::to_chars(text.data(), text.data() + text.size(), value);
  return {text.data(), end};
}

std::string textOf(const std::optional<double>& value) { return value ? textOf(*value) : std::string(); }

std::optional<std::string> valueOf(const std::string& text, const std::string&) { return text; }
std::optional<double> valueOf(const std::string& text, double) {
  double value = 0.0;
  const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), value);
  const bool whole = error == std::errc{} && end == text.data() + text.size();
  return whole && std::isfinite(value) ? std::optional(value) : std::nullopt;
}

std::optional<std::optional<double>> valueOf(const std::string& text, const std::optional<double>&) {
  return valueOf(text, 0.0);
}

}  // namespace

template <class T>
T Studio::get(const Setting<T>& setting) const {
  const auto text = data_->attempt([&] { return readSetting(*data_->db, setting.key); });
  return text && *text ? valueOf(**text, setting.fallback).value_or(setting.fallback) : setting.fallback;
}

template <class T>
Studio::Result<void> Studio::keep(const Setting<T>& setting, const T& value) {
  return data_->change([&] {
    SQLite::Statement insert(*data_->db, "INSERT OR REPLACE INTO setting(key, value) VALUES(?, ?)");
    insert.bind(1, setting.key);
    insert.bind(2, textOf(value));
    insert.exec();
  });
}

template std::string Studio::get(const Setting<std::string>&) const;
template double Studio::get(const Setting<double>&) const;
template std::optional<double> Studio::get(const Setting<std::optional<double>>&) const;
template Studio::Result<void> Studio::keep(const Setting<std::string>&, const std::string&);
template Studio::Result<void> Studio::keep(const Setting<double>&, const double&);
template Studio::Result<void> Studio::keep(const Setting<std::optional<double>>&,
                                           const std::optional<double>&);

std::vector<std::string> listOf(SQLite::Database& db, const std::string& table, const std::string& column,
                                std::int64_t student) {
  std::vector<std::string> list;
  SQLite::Statement query(db, "SELECT " + column + " FROM " + table + " WHERE student = ? ORDER BY place");
  query.bind(1, student);
  while (query.executeStep()) list.push_back(query.getColumn(0).getString());
  return list;
}

void keepList(SQLite::Database& db, const std::string& table, const std::string& column, std::int64_t student,
              const std::vector<std::string>& texts) {
  Whole whole(db);
  SQLite::Statement remove(db, "DELETE FROM " + table + " WHERE student = ?");
  remove.bind(1, student);
  remove.exec();
  SQLite::Statement insert(db, "INSERT INTO " + table + "(student, place, " + column + ") VALUES(?, ?, ?)");
  for (std::size_t place = 0; place < texts.size(); ++place) {
    insert.reset();
    insert.bind(1, student);
    insert.bind(2, static_cast<std::int64_t>(place));
    insert.bind(3, texts[place]);
    insert.exec();
  }
  whole.commit();
}

Studio::Result<std::vector<std::string>> Studio::order(std::int64_t student) const {
  return data_->attempt([&] { return listOf(*data_->db, "step", "exercise", student); });
}

Studio::Result<void> Studio::keepOrder(std::int64_t student, const std::vector<std::string>& exercises) {
  return data_->change([&] { keepList(*data_->db, "step", "exercise", student, exercises); });
}

Studio::Result<std::optional<std::int64_t>> Studio::model(std::int64_t student,
                                                          const std::string& exercise) const {
  return data_->attempt([&]() -> std::optional<std::int64_t> {
    SQLite::Statement query(*data_->db, "SELECT take FROM model WHERE student = ? AND exercise = ?");
    query.bind(1, student);
    query.bind(2, exercise);
    return query.executeStep() ? std::optional(query.getColumn(0).getInt64()) : std::nullopt;
  });
}

Studio::Result<void> Studio::keepModel(std::int64_t student, const std::string& exercise,
                                       std::optional<std::int64_t> take) {
  const auto kept = data_->change([&] {
    SQLite::Statement change(*data_->db,
                             take ? "INSERT OR REPLACE INTO model(student, exercise, take) "
                                    "SELECT ?1, ?2, id FROM take WHERE id = ?3 AND ?1 IN (student, other)"
                                  : "DELETE FROM model WHERE student = ?1 AND exercise = ?2");
    change.bind(1, student);
    change.bind(2, exercise);
    if (take) change.bind(3, *take);
    return change.exec() > 0 || !take;
  });
  if (!kept) return tl::unexpected(kept.error());
  return *kept ? Result<void>() : tl::unexpected(Problem(StudioFault::modelOfAnother));
}

Studio::Result<std::vector<OpenMark>> Studio::openBreaths(std::int64_t student) const {
  return data_->attempt([&] {
    SQLite::Statement query(*data_->db, "SELECT open_breaths FROM student WHERE id = ?");
    query.bind(1, student);
    return query.executeStep() ? openMarksFrom(query.getColumn(0).getString()) : std::vector<OpenMark>();
  });
}

Studio::Result<void> Studio::keepOpenBreaths(std::int64_t student, const std::vector<OpenMark>& marks) {
  return data_->change([&] {
    SQLite::Statement update(*data_->db, "UPDATE student SET open_breaths = ? WHERE id = ?");
    update.bind(1, toText(marks));
    update.bind(2, student);
    update.exec();
  });
}

}  // namespace calando
