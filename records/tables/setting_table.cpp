#include "records/tables/setting_table.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>

#include "core/theory/interval.h"
#include "records/folder/studio_folder.h"

namespace calando {

namespace {

std::optional<std::string> readSetting(SQLite::Database& db, const std::string& key) {
  SQLite::Statement query(db, "SELECT value FROM setting WHERE key = :key");
  query.bind(":key", key);
  return query.executeStep() ? std::optional(query.getColumn("value").getString()) : std::nullopt;
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
T SettingTable::get(const Setting<T>& setting) const {
  const auto text = data_->attempt([&] { return readSetting(*data_->db, setting.key); });
  return text && *text ? valueOf(**text, setting.fallback).value_or(setting.fallback) : setting.fallback;
}

template <class T>
StudioResult<void> SettingTable::keep(const Setting<T>& setting, const T& value) {
  return data_->change([&] {
    SQLite::Statement insert(*data_->db, "INSERT OR REPLACE INTO setting(key, value) VALUES(:key, :value)");
    insert.bind(":key", setting.key);
    insert.bind(":value", textOf(value));
    insert.exec();
  });
}

template std::string SettingTable::get(const Setting<std::string>&) const;
template double SettingTable::get(const Setting<double>&) const;
template std::optional<double> SettingTable::get(const Setting<std::optional<double>>&) const;
template StudioResult<void> SettingTable::keep(const Setting<std::string>&, const std::string&);
template StudioResult<void> SettingTable::keep(const Setting<double>&, const double&);
template StudioResult<void> SettingTable::keep(const Setting<std::optional<double>>&,
                                               const std::optional<double>&);

}  // namespace calando
