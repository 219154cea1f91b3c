#include "records/studio_data.h"

// A student's own running orders, by name.

namespace calando {

Studio::Result<std::vector<Studio::OwnOrder>> Studio::ownOrders(std::int64_t student) const {
  return data_->attempt([&] {
    std::vector<OwnOrder> orders;
    SQLite::Statement query(*data_->db,
                            "SELECT name, exercise FROM own_step WHERE student = ? ORDER BY name, place");
    query.bind(1, student);
    while (query.executeStep()) {
      const std::string name = query.getColumn(0).getString();
      if (orders.empty() || orders.back().name != name) orders.push_back({name, {}});
      orders.back().exercises.push_back(query.getColumn(1).getString());
    }
    return orders;
  });
}

Studio::Result<void> Studio::keepOwnOrder(std::int64_t student, const OwnOrder& order) {
  return data_->change([&] {
    Whole whole(*data_->db);
    SQLite::Statement remove(*data_->db, "DELETE FROM own_step WHERE student = ? AND name = ?");
    remove.bind(1, student);
    remove.bind(2, order.name);
    remove.exec();
    SQLite::Statement insert(*data_->db,
                             "INSERT INTO own_step(student, name, place, exercise) VALUES(?, ?, ?, ?)");
    for (std::size_t place = 0; place < order.exercises.size(); ++place) {
      insert.reset();
      insert.bind(1, student);
      insert.bind(2, order.name);
      insert.bind(3, static_cast<std::int64_t>(place));
      insert.bind(4, order.exercises[place]);
      insert.exec();
    }
    whole.commit();
  });
}

}  // namespace calando
