#include <charconv>
#include <nlohmann/json.hpp>

#include "core/base/bounded_json.h"
#include "records/studio_data.h"

// Lists of homework, and what was sent for them.

namespace calando {

namespace {

using nlohmann::json;
namespace fs = std::filesystem;

json jsonOf(const Correction& piece) {
  json object{{"file", piece.file}, {"from", piece.from_s}, {"to", piece.to_s}};
  if (piece.item) object["item"] = *piece.item;
  return object;
}

std::optional<Correction> pieceFrom(const json& object) {
  if (!object.is_object() || !object.contains("file") || !object["file"].is_number_unsigned())
    return std::nullopt;
  for (const char* key : {"from", "to"})
    if (!object.contains(key) || !object[key].is_number()) return std::nullopt;
  Correction piece{object["file"], object["from"], object["to"], std::nullopt};
  if (object.contains("item") && object["item"].is_number_unsigned())
    piece.item = object["item"].get<std::size_t>();
  return piece;
}

/// The entries of a list; none where there is no such list.
json listAt(const json& object, const char* key) {
  const auto found = object.find(key);
  return found != object.end() && found->is_array() ? *found : json::array();
}

/// A place inside the studio goes where the studio goes.
fs::path keptPlace(const fs::path& folder, const fs::path& file) {
  const fs::path inside = file.lexically_relative(folder);
  return inside.empty() || *inside.begin() == ".." ? file : inside;
}

/// Takes by item; an earlier form has them in the order of the items.
std::map<std::size_t, std::int64_t> takesFrom(const json& takes) {
  std::map<std::size_t, std::int64_t> by;
  for (const auto& [key, take] : takes.items()) {
    std::size_t item = 0;
    const auto [end, error] = std::from_chars(key.data(), key.data() + key.size(), item);
    if (error == std::errc{} && end == key.data() + key.size() && take.is_number_integer())
      by[item] = take.get<std::int64_t>();
  }
  return by;
}

}  // namespace

std::string toText(const SentHomework& sent) {
  json object{{"files", json::array()}, {"pieces", json::array()}, {"takes", json::object()}};
  for (const auto& file : sent.files) object["files"].push_back(file.string());
  for (const Correction& piece : sent.pieces) object["pieces"].push_back(jsonOf(piece));
  for (const auto& [item, take] : sent.takes) object["takes"][std::to_string(item)] = take;
  if (sent.answer) object["answer"] = *sent.answer;
  return object.dump(-1, ' ', false, json::error_handler_t::replace);
}

SentHomework sentFrom(std::string_view text) {
  SentHomework sent;
  const auto read = parseBounded(text);
  if (!read || !read->is_object()) return sent;
  for (const json& file : listAt(*read, "files"))
    if (file.is_string()) sent.files.emplace_back(file.get<std::string>());
  for (const json& piece : listAt(*read, "pieces"))
    if (const auto one = pieceFrom(piece)) sent.pieces.push_back(*one);
  if (const auto takes = read->find("takes"); takes != read->end()) sent.takes = takesFrom(*takes);
  if (const auto answer = read->find("answer"); answer != read->end() && answer->is_string())
    sent.answer = answer->get<std::string>();
  return sent;
}

Studio::Result<std::vector<Homework>> Studio::homework() const {
  return data_->attempt([&] {
    std::vector<Homework> list;
    SQLite::Statement query(*data_->db, "SELECT id, due, list FROM homework ORDER BY due DESC, id DESC");
    while (query.executeStep())
      list.push_back({query.getColumn(0).getInt64(), dayFrom(query.getColumn(1).getString()).value_or(Day()),
                      query.getColumn(2).getString()});
    return list;
  });
}

Studio::Result<Homework> Studio::keepHomework(Homework homework) {
  return data_->change([&] {
    if (homework.id == 0) homework.id = data_->newId();
    SQLite::Statement insert(*data_->db,
                             "INSERT INTO homework(id, due, list) VALUES(?, ?, ?) "
                             "ON CONFLICT(id) DO UPDATE SET due = excluded.due, list = excluded.list");
    insert.bind(1, homework.id);
    insert.bind(2, isoOf(homework.due));
    insert.bind(3, homework.list);
    insert.exec();
    return homework;
  });
}

Studio::Result<void> Studio::eraseHomework(std::int64_t homework) {
  return data_->change([&] {
    SQLite::Statement remove(*data_->db, "DELETE FROM homework WHERE id = ?");
    remove.bind(1, homework);
    remove.exec();
  });
}

Studio::Result<std::vector<SentHomework>> Studio::sent(std::int64_t homework) const {
  return data_->attempt([&] {
    std::vector<SentHomework> list;
    SQLite::Statement query(*data_->db, "SELECT student, note FROM sent WHERE homework = ?");
    query.bind(1, homework);
    while (query.executeStep()) {
      list.push_back(sentFrom(query.getColumn(1).getString()));
      list.back().student = query.getColumn(0).getInt64();
      for (fs::path& file : list.back().files) file = data_->folder / file;
    }
    return list;
  });
}

Studio::Result<void> Studio::keepSent(std::int64_t homework, const SentHomework& sent) {
  SentHomework note = sent;
  for (fs::path& file : note.files) file = keptPlace(data_->folder, file);
  return data_->change([&] {
    SQLite::Statement change(*data_->db,
                             sent.files.empty()
                                 ? "DELETE FROM sent WHERE homework = ? AND student = ?"
                                 : "INSERT OR REPLACE INTO sent(homework, student, note) VALUES(?, ?, ?)");
    change.bind(1, homework);
    change.bind(2, sent.student);
    if (!sent.files.empty()) change.bind(3, toText(note));
    change.exec();
  });
}

}  // namespace calando
