#pragma once

#include <filesystem>
#include <map>
#include <string>
#include <string_view>
#include <vector>

#include "records/values/take.h"

namespace calando {

/// What is in folders, in the order of their names, and what is none.
std::vector<std::filesystem::path> filesOf(const std::vector<std::filesystem::path>& paths);
/// A table of whose files are, by its name.
bool isTable(const std::filesystem::path& file);
/// Whose a file is: the student of whose name most words are in the path's last parts, if that is one.
/// `table`: names of files and of students. Nullptr where nothing says so.
const Student* ownerOf(const std::filesystem::path& file, const std::vector<Student>& students,
                       const std::map<std::string, std::string>& table);
/// "file;student" lines, separated by semicolon, comma or tab.
std::map<std::string, std::string> ownersIn(std::string_view table);

}  // namespace calando
