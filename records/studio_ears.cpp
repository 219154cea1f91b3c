#include "records/studio_data.h"

// What a student answered and guessed when the ear was asked, and what they are asked about.

namespace calando {

Studio::Result<std::vector<EarAnswer>> Studio::earAnswers(std::int64_t student) const {
  return data_->attempt([&] {
    std::vector<EarAnswer> list;
    SQLite::Statement query(*data_->db,
                            "SELECT made, way, change, concert, amount, choices, is_right FROM ear_answer "
                            "WHERE student = ? ORDER BY made, id");
    query.bind(1, student);
    while (query.executeStep()) {
      const ChangeRow* row = findChange(query.getColumn(2).getString());
      const auto way = valueIn(kWays, query.getColumn(1).getString());
      if (!row || !way) continue;
      list.push_back({query.getColumn(0).getInt64(),
                      {},
                      *way,
                      row->change,
                      std::clamp(query.getColumn(3).getInt(), 0, 127),
                      std::max(0.0, query.getColumn(4).getDouble()),
                      std::clamp(query.getColumn(5).getInt(), 2, 6),
                      query.getColumn(6).getInt() != 0});
    }
    return list;
  });
}

Studio::Result<void> Studio::keepEarAnswer(std::int64_t student, const EarAnswer& answer) {
  return data_->change([&] {
    SQLite::Statement insert(
        *data_->db,
        "INSERT INTO ear_answer(id, student, made, way, change, concert, amount, choices, is_right) "
        "VALUES(?, ?, ?, ?, ?, ?, ?, ?, ?)");
    insert.bind(1, newId());
    insert.bind(2, student);
    insert.bind(3, answer.made_unix_s);
    insert.bind(4, std::string(nameIn(kWays, answer.way)));
    insert.bind(5, std::string(rowOf(answer.change).id));
    insert.bind(6, answer.concert);
    insert.bind(7, answer.amount);
    insert.bind(8, answer.choices);
    insert.bind(9, answer.right ? 1 : 0);
    insert.exec();
  });
}

Studio::Result<std::vector<EarGuess>> Studio::earGuesses(std::int64_t student) const {
  return data_->attempt([&] {
    std::vector<EarGuess> list;
    SQLite::Statement query(
        *data_->db, "SELECT made, figure, guessed, was FROM ear_guess WHERE student = ? ORDER BY made, id");
    query.bind(1, student);
    while (query.executeStep())
      list.push_back({query.getColumn(0).getInt64(),
                      {},
                      query.getColumn(1).getString(),
                      query.getColumn(2).getDouble(),
                      query.getColumn(3).getDouble()});
    return list;
  });
}

Studio::Result<void> Studio::keepEarGuess(std::int64_t student, const EarGuess& guess) {
  return data_->change([&] {
    SQLite::Statement insert(
        *data_->db,
        "INSERT INTO ear_guess(id, student, made, figure, guessed, was) VALUES(?, ?, ?, ?, ?, ?)");
    insert.bind(1, newId());
    insert.bind(2, student);
    insert.bind(3, guess.made_unix_s);
    insert.bind(4, guess.figure);
    insert.bind(5, guess.guessed);
    insert.bind(6, guess.was);
    insert.exec();
  });
}

Studio::Result<std::vector<Change>> Studio::askedEars(std::int64_t student) const {
  return data_->attempt([&] {
    std::vector<Change> list;
    SQLite::Statement query(*data_->db, "SELECT change FROM ear_asked WHERE student = ? ORDER BY place");
    query.bind(1, student);
    while (query.executeStep())
      if (const ChangeRow* row = findChange(query.getColumn(0).getString())) list.push_back(row->change);
    return list;
  });
}

Studio::Result<void> Studio::keepAskedEars(std::int64_t student, const std::vector<Change>& changes) {
  return data_->change([&] {
    SQLite::Transaction transaction(*data_->db);
    SQLite::Statement remove(*data_->db, "DELETE FROM ear_asked WHERE student = ?");
    remove.bind(1, student);
    remove.exec();
    SQLite::Statement insert(*data_->db, "INSERT INTO ear_asked(student, place, change) VALUES(?, ?, ?)");
    for (std::size_t place = 0; place < changes.size(); ++place) {
      insert.reset();
      insert.bind(1, student);
      insert.bind(2, static_cast<std::int64_t>(place));
      insert.bind(3, std::string(rowOf(changes[place]).id));
      insert.exec();
    }
    transaction.commit();
  });
}

}  // namespace calando
