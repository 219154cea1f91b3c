#include "records/tables/order_table.h"

#include "records/folder/studio_folder.h"

namespace calando {

StudioResult<std::vector<std::string>> OrderTable::of(std::int64_t student) const {
  return data_->attempt([&] { return listOf(*data_->db, "step", "exercise", student); });
}

StudioResult<void> OrderTable::keep(std::int64_t student, const std::vector<std::string>& exercises) {
  return data_->change([&] { keepList(*data_->db, "step", "exercise", student, exercises); });
}

StudioResult<std::optional<std::int64_t>> OrderTable::model(std::int64_t student,
                                                            const std::string& exercise) const {
  return data_->attempt([&]() -> std::optional<std::int64_t> {
    SQLite::Statement query(*data_->db,
                            "SELECT take FROM model WHERE student = :student AND exercise = :exercise");
    query.bind(":student", student);
    query.bind(":exercise", exercise);
    return query.executeStep() ? std::optional(query.getColumn("take").getInt64()) : std::nullopt;
  });
}

StudioResult<void> OrderTable::keepModel(std::int64_t student, const std::string& exercise,
                                         std::optional<std::int64_t> take) {
  const auto kept = data_->change([&] {
    SQLite::Statement change(*data_->db,
                             take ? "INSERT OR REPLACE INTO model(student, exercise, take) "
                                    "SELECT :student, :exercise, id FROM take WHERE id = :take AND "
                                    ":student IN (student, other)"
                                  : "DELETE FROM model WHERE student = :student AND exercise = :exercise");
    change.bind(":student", student);
    change.bind(":exercise", exercise);
    if (take) change.bind(":take", *take);
    return change.exec() > 0 || !take;
  });
  if (!kept) return tl::unexpected(kept.error());
  return *kept ? StudioResult<void>() : tl::unexpected(Problem(StudioFault::modelOfAnother));
}

StudioResult<std::vector<OwnOrder>> OrderTable::own(std::int64_t student) const {
  return data_->attempt([&] {
    std::vector<OwnOrder> orders;
    SQLite::Statement query(
        *data_->db, "SELECT name, exercise FROM own_step WHERE student = :student ORDER BY name, place");
    query.bind(":student", student);
    while (query.executeStep()) {
      const std::string name = query.getColumn("name").getString();
      if (orders.empty() || orders.back().name != name) orders.push_back({name, {}});
      orders.back().exercises.push_back(query.getColumn("exercise").getString());
    }
    return orders;
  });
}

StudioResult<void> OrderTable::keepOwn(std::int64_t student, const OwnOrder& order) {
  return data_->change([&] {
    Whole whole(*data_->db);
    SQLite::Statement remove(*data_->db, "DELETE FROM own_step WHERE student = :student AND name = :name");
    remove.bind(":student", student);
    remove.bind(":name", order.name);
    remove.exec();
    SQLite::Statement insert(
        *data_->db,
        "INSERT INTO own_step(student, name, place, exercise) VALUES(:student, :name, :place, :exercise)");
    for (std::size_t place = 0; place < order.exercises.size(); ++place) {
      insert.reset();
      insert.bind(":student", student);
      insert.bind(":name", order.name);
      insert.bind(":place", static_cast<std::int64_t>(place));
      insert.bind(":exercise", order.exercises[place]);
      insert.exec();
    }
    whole.commit();
  });
}

}  // namespace calando
