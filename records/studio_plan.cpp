#include "records/studio_data.h"

// Plans of students, and what they practised without the program.

namespace calando {

Studio::Result<Plan> Studio::plan(std::int64_t student) const {
  return data_->attempt([&] {
    SQLite::Statement query(*data_->db, "SELECT plan FROM student WHERE id = ?");
    query.bind(1, student);
    return query.executeStep() ? planFrom(query.getColumn(0).getString()) : Plan();
  });
}

Studio::Result<void> Studio::keepPlan(std::int64_t student, const Plan& plan) {
  return data_->change([&] {
    SQLite::Statement update(*data_->db, "UPDATE student SET plan = ? WHERE id = ?");
    update.bind(1, toText(plan));
    update.bind(2, student);
    update.exec();
  });
}

Studio::Result<std::vector<Practice>> Studio::practices(std::int64_t student) const {
  return data_->attempt([&] {
    std::vector<Practice> list;
    SQLite::Statement query(
        *data_->db,
        "SELECT id, day, minutes, what FROM practice WHERE student = ? ORDER BY day DESC, id DESC");
    query.bind(1, student);
    while (query.executeStep())
      if (const auto day = dayFrom(query.getColumn(1).getString()))
        list.push_back({query.getColumn(0).getInt64(), student, *day, query.getColumn(2).getInt(),
                        query.getColumn(3).getString()});
    return list;
  });
}

Studio::Result<Practice> Studio::keepPractice(Practice practice) {
  return data_->change([&] {
    if (practice.id == 0) practice.id = data_->newId();
    SQLite::Statement insert(
        *data_->db, "INSERT OR REPLACE INTO practice(id, student, day, minutes, what) VALUES(?, ?, ?, ?, ?)");
    insert.bind(1, practice.id);
    insert.bind(2, practice.student);
    insert.bind(3, isoOf(practice.day));
    insert.bind(4, practice.minutes);
    insert.bind(5, practice.what);
    insert.exec();
    return practice;
  });
}

Studio::Result<void> Studio::erasePractice(std::int64_t practice) {
  return data_->change([&] {
    SQLite::Statement remove(*data_->db, "DELETE FROM practice WHERE id = ?");
    remove.bind(1, practice);
    remove.exec();
  });
}

}  // namespace calando
