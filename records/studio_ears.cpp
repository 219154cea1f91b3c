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
    insert.bind(1, data_->newId());
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
    insert.bind(1, data_->newId());
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
    for (const std::string& id : listOf(*data_->db, "ear_asked", "change", student))
      if (const ChangeRow* row = findChange(id)) list.push_back(row->change);
    return list;
  });
}

Studio::Result<void> Studio::keepAskedEars(std::int64_t student, const std::vector<Change>& changes) {
  std::vector<std::string> ids;
  for (const Change change : changes) ids.emplace_back(rowOf(change).id);
  return data_->change([&] { keepList(*data_->db, "ear_asked", "change", student, ids); });
}

Studio::Result<std::map<Change, std::string>> Studio::earWords(std::int64_t student) const {
  return data_->attempt([&] {
    std::map<Change, std::string> words;
    SQLite::Statement query(*data_->db, "SELECT change, said FROM ear_word WHERE student = ?");
    query.bind(1, student);
    while (query.executeStep())
      if (const ChangeRow* row = findChange(query.getColumn(0).getString()))
        words[row->change] = query.getColumn(1).getString();
    return words;
  });
}

Studio::Result<void> Studio::keepEarWords(std::int64_t student, Change change, const std::string& said) {
  return data_->change([&] {
    SQLite::Statement keep(
        *data_->db, said.empty() ? "DELETE FROM ear_word WHERE student = ? AND change = ?"
                                 : "INSERT OR REPLACE INTO ear_word(student, change, said) VALUES(?, ?, ?)");
    keep.bind(1, student);
    keep.bind(2, std::string(rowOf(change).id));
    if (!said.empty()) keep.bind(3, said);
    keep.exec();
  });
}

}  // namespace calando
