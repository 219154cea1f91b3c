#include <gtest/gtest.h>

#include <filesystem>
#include <fstream>
#include <map>
#include <regex>
#include <set>
#include <sstream>

// The map of the code is what the build holds: cmake/Rooms.cmake writes what each room says that it uses, and
// the sources say what they include.
namespace {

namespace fs = std::filesystem;
using Rooms = std::map<std::string, std::set<std::string>>;

std::string textOf(const fs::path& file) {
  std::ostringstream text;
  text << std::ifstream(file).rdbuf();
  return text.str();
}

/// In the order in which they are built.
std::vector<std::pair<std::string, std::set<std::string>>> declared() {
  std::vector<std::pair<std::string, std::set<std::string>>> rooms;
  std::ifstream list(CALANDO_ROOMS);
  for (std::string line; std::getline(list, line);) {
    const std::size_t colon = line.find(':');
    std::istringstream uses(line.substr(colon + 1));
    rooms.emplace_back(line.substr(0, colon),
                       std::set<std::string>{std::istream_iterator<std::string>(uses), {}});
  }
  return rooms;
}

/// What each room's sources include of others; how many files it has.
struct Found {
  Rooms uses;
  std::map<std::string, int> files;
};
Found found() {
  static const std::regex include("#include \"([^\"]+)/[^/\"]+\"");
  const fs::path source = CALANDO_SOURCE;
  Found found;
  for (const char* floor : {"core", "data", "audio", "exchange", "records", "cli", "app"})
    for (const auto& entry : fs::recursive_directory_iterator(source / floor)) {
      const std::string kind = entry.path().extension().string();
      if (kind != ".h" && kind != ".cpp") continue;
      const std::string room = fs::relative(entry.path().parent_path(), source).generic_string();
      ++found.files[room];
      auto& uses = found.uses[room];
      const std::string text = textOf(entry.path());
      for (std::sregex_iterator at(text.begin(), text.end(), include), end; at != end; ++at)
        if (const std::string other = (*at)[1]; other != room) uses.insert(other);
    }
  return found;
}

std::string listed(const std::set<std::string>& rooms) {
  std::string list;
  for (const std::string& room : rooms) list += (list.empty() ? "" : " ") + room;
  return list;
}

TEST(Rooms, IncludeWhatTheySayThatTheyUse) {
  Rooms said;
  for (const auto& [room, uses] : declared()) said[room] = uses;
  for (const auto& [room, uses] : found().uses) {
    ASSERT_TRUE(said.contains(room)) << room << " is no room: say so in its floor's CMakeLists.txt";
    EXPECT_EQ(listed(said[room]), listed(uses)) << room;
    said.erase(room);
  }
  for (const auto& [room, uses] : said) ADD_FAILURE() << room << " has no sources";
}

TEST(Rooms, StandOnWhatIsThereBefore) {
  std::set<std::string> built;
  for (const auto& [room, uses] : declared()) {
    for (const std::string& other : uses) EXPECT_TRUE(built.contains(other)) << room << " uses " << other;
    built.insert(room);
  }
}

TEST(Rooms, CanBeTakenInAtALook) {
  constexpr int kMost = 24;
  for (const auto& [room, files] : found().files) EXPECT_LE(files, kMost) << room;
}

TEST(Rooms, AreDrawnAsTheyAre) {
  const std::string drawing = textOf(fs::path(CALANDO_SOURCE) / "docs" / "architecture.md");
  for (const auto& [room, uses] : declared()) {
    const std::string row = "| `" + room + "` | " + listed(uses) + " |";
    EXPECT_NE(drawing.find(row), std::string::npos)
        << "docs/architecture.md lacks this row: run scripts/rooms\n"
        << row;
  }
}

}  // namespace
