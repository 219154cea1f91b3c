#include "app/session/homework/owners.h"

#include <csv.h>

#include <QString>
#include <algorithm>

#include "app/words/words.h"

namespace calando {

namespace fs = std::filesystem;

namespace {

constexpr std::size_t kMostFiles = 1000;
constexpr int kParts = 2;  // of a path in which a name is looked for: its folder and the file

QString folded(const std::string& text) {
  QString plain = words::plain(text).normalized(QString::NormalizationForm_KD).toCaseFolded();
  for (QChar& c : plain)
    if (!c.isLetterOrNumber()) c = ' ';
  return ' ' + plain.simplified() + ' ';
}

}  // namespace

bool isTable(const fs::path& file) { return folded(file.extension().string()) == QLatin1String(" csv "); }

std::vector<fs::path> filesOf(const std::vector<fs::path>& paths) {
  std::vector<fs::path> files;
  for (const fs::path& path : paths) {
    std::error_code error;
    if (!fs::is_directory(path, error)) {
      files.push_back(path);
      continue;
    }
    std::vector<fs::path> inside;
    for (fs::recursive_directory_iterator at(path, fs::directory_options::skip_permission_denied, error), end;
         !error && at != end && inside.size() < kMostFiles; at.increment(error))
      if (at->is_regular_file(error) && !at->path().filename().string().starts_with('.'))
        inside.push_back(at->path());
    std::ranges::sort(inside);
    files.insert(files.end(), inside.begin(), inside.end());
  }
  return files;
}

namespace {

/// The first of those that may separate, outside of quotes; nullopt: there is none.
std::optional<char> separatorOf(std::string_view table) {
  bool quoted = false;
  for (const char c : table) {
    quoted ^= c == '"';
    if (!quoted && std::string_view(";,\t").find(c) != std::string_view::npos) return c;
  }
  return std::nullopt;
}

/// A table's rows as libcsv tells them, cell by cell.
struct Rows {
  std::vector<std::vector<std::string>> rows{1};
  static void cell(void* text, std::size_t length, void* rows) {
    static_cast<Rows*>(rows)->rows.back().emplace_back(static_cast<const char*>(text), length);
  }
  static void end(int, void* rows) { static_cast<Rows*>(rows)->rows.emplace_back(); }
};

}  // namespace

std::map<std::string, std::string> ownersIn(std::string_view table) {
  if (table.starts_with("\xEF\xBB\xBF")) table.remove_prefix(3);
  const auto separator = separatorOf(table);
  csv_parser parser;
  if (!separator || csv_init(&parser, 0) != 0) return {};
  csv_set_delim(&parser, static_cast<unsigned char>(*separator));
  Rows read;
  csv_parse(&parser, table.data(), table.size(), &Rows::cell, &Rows::end, &read);
  csv_fini(&parser, &Rows::cell, &Rows::end, &read);
  csv_free(&parser);
  std::map<std::string, std::string> owners;
  for (const auto& row : read.rows)
    if (row.size() > 1) owners[row[0]] = row[1];
  return owners;
}

const Student* ownerOf(const fs::path& file, const std::vector<Student>& students,
                       const std::map<std::string, std::string>& table) {
  QString where;
  fs::path rest = file;
  if (const auto said = table.find(file.filename().string()); said != table.end()) {
    where = folded(said->second);
  } else {
    for (int part = 0; part < kParts; ++part, rest = rest.parent_path())
      where = folded(part == 0 ? rest.stem().string() : rest.filename().string()) + where;
  }
  // The one of whose name most words are there; two of whom as many are: nobody.
  const Student* owner = nullptr;
  int most = 0;
  for (const Student& student : students) {
    int words = 0;
    for (const QString& word : folded(student.name).split(' ', Qt::SkipEmptyParts))
      words += word.size() > 1 && where.contains(' ' + word + ' ');
    if (words == 0 || words < most) continue;
    owner = words == most ? nullptr : &student;
    most = words;
  }
  return owner;
}

}  // namespace calando
