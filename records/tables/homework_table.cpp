#include "records/tables/homework_table.h"

#include <charconv>
#include <nlohmann/json.hpp>

#include "core/base/bounded_json.h"
#include "core/base/json_text.h"
#include "records/folder/studio_folder.h"

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
  return jsonText(object);
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

StudioResult<std::vector<Homework>> HomeworkTable::all() const {
  return data_->attempt([&] {
    std::vector<Homework> list;
    SQLite::Statement query(*data_->db, "SELECT id, due, list FROM homework ORDER BY due DESC, id DESC");
    while (query.executeStep())
      list.push_back({query.getColumn("id").getInt64(),
                      dayFrom(query.getColumn("due").getString()).value_or(Day()),
                      query.getColumn("list").getString()});
    return list;
  });
}

StudioResult<Homework> HomeworkTable::keep(Homework homework) {
  return data_->change([&] {
    if (homework.id == 0) homework.id = data_->newId();
    SQLite::Statement insert(*data_->db,
                             "INSERT INTO homework(id, due, list) VALUES(:id, :due, :list) "
                             "ON CONFLICT(id) DO UPDATE SET due = excluded.due, list = excluded.list");
    insert.bind(":id", homework.id);
    insert.bind(":due", isoOf(homework.due));
    insert.bind(":list", homework.list);
    insert.exec();
    return homework;
  });
}

StudioResult<void> HomeworkTable::erase(std::int64_t homework) {
  return data_->change([&] {
    SQLite::Statement remove(*data_->db, "DELETE FROM homework WHERE id = :id");
    remove.bind(":id", homework);
    remove.exec();
  });
}

StudioResult<std::vector<SentHomework>> HomeworkTable::sent(std::int64_t homework) const {
  return data_->attempt([&] {
    std::vector<SentHomework> list;
    SQLite::Statement query(*data_->db, "SELECT student, note FROM sent WHERE homework = :homework");
    query.bind(":homework", homework);
    while (query.executeStep()) {
      list.push_back(sentFrom(query.getColumn("note").getString()));
      list.back().student = query.getColumn("student").getInt64();
      for (fs::path& file : list.back().files) file = data_->folder / file;
    }
    return list;
  });
}

StudioResult<void> HomeworkTable::keepSent(std::int64_t homework, const SentHomework& sent) {
  SentHomework note = sent;
  for (fs::path& file : note.files) file = keptPlace(data_->folder, file);
  return data_->change([&] {
    SQLite::Statement change(
        *data_->db,
        sent.files.empty()
            ? "DELETE FROM sent WHERE homework = :homework AND student = :student"
            : "INSERT OR REPLACE INTO sent(homework, student, note) VALUES(:homework, :student, :note)");
    change.bind(":homework", homework);
    change.bind(":student", sent.student);
    if (!sent.files.empty()) change.bind(":note", toText(note));
    change.exec();
  });
}

StudioResult<std::vector<WatchedFile>> HomeworkTable::watchedFiles() const {
  return data_->attempt([&] {
    std::vector<WatchedFile> list;
    SQLite::Statement query(*data_->db, "SELECT file, size, changed FROM watched");
    while (query.executeStep())
      list.push_back({query.getColumn("file").getString(),
                      static_cast<std::uintmax_t>(query.getColumn("size").getInt64()),
                      query.getColumn("changed").getInt64()});
    return list;
  });
}

StudioResult<void> HomeworkTable::keepWatchedFile(const WatchedFile& file) {
  return data_->change([&] {
    SQLite::Statement insert(
        *data_->db, "INSERT OR REPLACE INTO watched(file, size, changed) VALUES(:file, :size, :changed)");
    insert.bind(":file", file.file.string());
    insert.bind(":size", static_cast<std::int64_t>(file.size));
    insert.bind(":changed", file.changed_ms);
    insert.exec();
  });
}

StudioResult<void> HomeworkTable::forgetWatchedFiles() {
  return data_->change([&] { data_->db->exec("DELETE FROM watched"); });
}

}  // namespace calando
