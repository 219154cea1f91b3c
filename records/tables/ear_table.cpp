#include "records/tables/ear_table.h"

#include "records/folder/studio_folder.h"

namespace calando {

StudioResult<std::vector<EarAnswer>> EarTable::answers(std::int64_t student) const {
  return data_->attempt([&] {
    std::vector<EarAnswer> list;
    SQLite::Statement query(*data_->db,
                            "SELECT made, way, change, concert, amount, choices, is_right FROM ear_answer "
                            "WHERE student = :student ORDER BY made, id");
    query.bind(":student", student);
    while (query.executeStep()) {
      const ChangeRow* row = findChange(query.getColumn("change").getString());
      const auto way = valueIn(kWays, query.getColumn("way").getString());
      if (!row || !way) continue;
      list.push_back({query.getColumn("made").getInt64(),
                      {},
                      *way,
                      row->change,
                      std::clamp(query.getColumn("concert").getInt(), 0, 127),
                      std::max(0.0, query.getColumn("amount").getDouble()),
                      std::clamp(query.getColumn("choices").getInt(), 2, 6),
                      query.getColumn("is_right").getInt() != 0});
    }
    return list;
  });
}

StudioResult<void> EarTable::keepAnswer(std::int64_t student, const EarAnswer& answer) {
  return data_->change([&] {
    SQLite::Statement insert(
        *data_->db,
        "INSERT INTO ear_answer(id, student, made, way, change, concert, amount, choices, is_right) "
        "VALUES(:id, :student, :made, :way, :change, :concert, :amount, :choices, :is_right)");
    insert.bind(":id", data_->newId());
    insert.bind(":student", student);
    insert.bind(":made", answer.made_unix_s);
    insert.bind(":way", std::string(nameIn(kWays, answer.way)));
    insert.bind(":change", std::string(rowOf(answer.change).id));
    insert.bind(":concert", answer.concert);
    insert.bind(":amount", answer.amount);
    insert.bind(":choices", answer.choices);
    insert.bind(":is_right", answer.right ? 1 : 0);
    insert.exec();
  });
}

StudioResult<std::vector<EarGuess>> EarTable::guesses(std::int64_t student) const {
  return data_->attempt([&] {
    std::vector<EarGuess> list;
    SQLite::Statement query(
        *data_->db,
        "SELECT made, figure, guessed, was FROM ear_guess WHERE student = :student ORDER BY made, id");
    query.bind(":student", student);
    while (query.executeStep())
      list.push_back({query.getColumn("made").getInt64(),
                      {},
                      query.getColumn("figure").getString(),
                      query.getColumn("guessed").getDouble(),
                      query.getColumn("was").getDouble()});
    return list;
  });
}

StudioResult<void> EarTable::keepGuess(std::int64_t student, const EarGuess& guess) {
  return data_->change([&] {
    SQLite::Statement insert(*data_->db,
                             "INSERT INTO ear_guess(id, student, made, figure, guessed, was) VALUES(:id, "
                             ":student, :made, :figure, :guessed, :was)");
    insert.bind(":id", data_->newId());
    insert.bind(":student", student);
    insert.bind(":made", guess.made_unix_s);
    insert.bind(":figure", guess.figure);
    insert.bind(":guessed", guess.guessed);
    insert.bind(":was", guess.was);
    insert.exec();
  });
}

StudioResult<std::vector<Change>> EarTable::asked(std::int64_t student) const {
  return data_->attempt([&] {
    std::vector<Change> list;
    for (const std::string& id : listOf(*data_->db, "ear_asked", "change", student))
      if (const ChangeRow* row = findChange(id)) list.push_back(row->change);
    return list;
  });
}

StudioResult<void> EarTable::keepAsked(std::int64_t student, const std::vector<Change>& changes) {
  std::vector<std::string> ids;
  for (const Change change : changes) ids.emplace_back(rowOf(change).id);
  return data_->change([&] { keepList(*data_->db, "ear_asked", "change", student, ids); });
}

StudioResult<std::map<Change, std::string>> EarTable::words(std::int64_t student) const {
  return data_->attempt([&] {
    std::map<Change, std::string> words;
    SQLite::Statement query(*data_->db, "SELECT change, said FROM ear_word WHERE student = :student");
    query.bind(":student", student);
    while (query.executeStep())
      if (const ChangeRow* row = findChange(query.getColumn("change").getString()))
        words[row->change] = query.getColumn("said").getString();
    return words;
  });
}

StudioResult<void> EarTable::keepWord(std::int64_t student, Change change, const std::string& said) {
  return data_->change([&] {
    SQLite::Statement keep(
        *data_->db,
        said.empty()
            ? "DELETE FROM ear_word WHERE student = :student AND change = :change"
            : "INSERT OR REPLACE INTO ear_word(student, change, said) VALUES(:student, :change, :said)");
    keep.bind(":student", student);
    keep.bind(":change", std::string(rowOf(change).id));
    if (!said.empty()) keep.bind(":said", said);
    keep.exec();
  });
}

}  // namespace calando
