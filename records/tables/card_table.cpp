#include "records/tables/card_table.h"

#include <algorithm>

#include "records/folder/studio_folder.h"

namespace calando {

StudioResult<std::vector<Exercise>> CardTable::all() const {
  return data_->attempt([&] {
    std::vector<Exercise> list;
    SQLite::Statement query(*data_->db, "SELECT text FROM card");
    while (query.executeStep())
      if (auto card = parseExercise(query.getColumn("text").getString())) list.push_back(std::move(*card));
    std::ranges::sort(list, {}, &Exercise::title);
    return list;
  });
}

StudioResult<int> CardTable::unreadable() const {
  return data_->attempt([&] {
    int count = 0;
    SQLite::Statement query(*data_->db, "SELECT text FROM card");
    while (query.executeStep()) count += parseExercise(query.getColumn("text").getString()) ? 0 : 1;
    return count;
  });
}

StudioResult<void> CardTable::keep(const Exercise& card) {
  return data_->change([&] {
    SQLite::Statement insert(*data_->db, "INSERT OR REPLACE INTO card(id, text) VALUES(:id, :text)");
    insert.bind(":id", card.id);
    insert.bind(":text", toText(card));
    insert.exec();
  });
}

StudioResult<void> CardTable::erase(const std::string& id) {
  return data_->change([&] {
    SQLite::Statement remove(*data_->db, "DELETE FROM card WHERE id = :id");
    remove.bind(":id", id);
    remove.exec();
  });
}

}  // namespace calando
