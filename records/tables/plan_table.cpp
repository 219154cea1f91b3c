#include "records/tables/plan_table.h"

#include "records/folder/studio_folder.h"

namespace calando {

StudioResult<Plan> PlanTable::of(std::int64_t student) const {
  return data_->attempt([&] {
    SQLite::Statement query(*data_->db, "SELECT plan FROM student WHERE id = :id");
    query.bind(":id", student);
    return query.executeStep() ? planFrom(query.getColumn("plan").getString()) : Plan();
  });
}

StudioResult<void> PlanTable::keep(std::int64_t student, const Plan& plan) {
  return data_->change([&] {
    SQLite::Statement update(*data_->db, "UPDATE student SET plan = :plan WHERE id = :id");
    update.bind(":plan", toText(plan));
    update.bind(":id", student);
    update.exec();
  });
}

StudioResult<std::vector<Practice>> PlanTable::practices(std::int64_t student) const {
  return data_->attempt([&] {
    std::vector<Practice> list;
    SQLite::Statement query(
        *data_->db,
        "SELECT id, day, minutes, what FROM practice WHERE student = :student ORDER BY day DESC, id DESC");
    query.bind(":student", student);
    while (query.executeStep())
      if (const auto day = dayFrom(query.getColumn("day").getString()))
        list.push_back({query.getColumn("id").getInt64(), student, *day, query.getColumn("minutes").getInt(),
                        query.getColumn("what").getString()});
    return list;
  });
}

StudioResult<Practice> PlanTable::keepPractice(Practice practice) {
  return data_->change([&] {
    if (practice.id == 0) practice.id = data_->newId();
    SQLite::Statement insert(*data_->db,
                             "INSERT OR REPLACE INTO practice(id, student, day, minutes, what) VALUES(:id, "
                             ":student, :day, :minutes, :what)");
    insert.bind(":id", practice.id);
    insert.bind(":student", practice.student);
    insert.bind(":day", isoOf(practice.day));
    insert.bind(":minutes", practice.minutes);
    insert.bind(":what", practice.what);
    insert.exec();
    return practice;
  });
}

StudioResult<void> PlanTable::erasePractice(std::int64_t practice) {
  return data_->change([&] {
    SQLite::Statement remove(*data_->db, "DELETE FROM practice WHERE id = :id");
    remove.bind(":id", practice);
    remove.exec();
  });
}

StudioResult<std::vector<OpenMark>> PlanTable::openBreaths(std::int64_t student) const {
  return data_->attempt([&] {
    SQLite::Statement query(*data_->db, "SELECT open_breaths FROM student WHERE id = :id");
    query.bind(":id", student);
    return query.executeStep() ? openMarksFrom(query.getColumn("open_breaths").getString())
                               : std::vector<OpenMark>();
  });
}

StudioResult<void> PlanTable::keepOpenBreaths(std::int64_t student, const std::vector<OpenMark>& marks) {
  return data_->change([&] {
    SQLite::Statement update(*data_->db, "UPDATE student SET open_breaths = :open_breaths WHERE id = :id");
    update.bind(":open_breaths", toText(marks));
    update.bind(":id", student);
    update.exec();
  });
}

}  // namespace calando
