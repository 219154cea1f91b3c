#include <algorithm>

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

Studio::Result<std::optional<std::string>> Studio::setting(const std::string& key) const {
  return data_->attempt([&]() -> std::optional<std::string> {
    SQLite::Statement query(*data_->db, "SELECT value FROM setting WHERE key = ?");
    query.bind(1, key);
    if (!query.executeStep()) return std::nullopt;
    return query.getColumn(0).getString();
  });
}

Studio::Result<void> Studio::keepSetting(const std::string& key, const std::string& value) {
  return data_->change([&] {
    SQLite::Statement insert(*data_->db, "INSERT OR REPLACE INTO setting(key, value) VALUES(?, ?)");
    insert.bind(1, key);
    insert.bind(2, value);
    insert.exec();
  });
}

}  // namespace calando
