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

/// `visit(file, text)` for every source of some floors, its name as from the project's folder.
template <class Visit>
void eachSource(std::initializer_list<const char*> floors, Visit visit) {
  const fs::path source = CALANDO_SOURCE;
  for (const char* floor : floors)
    for (const auto& entry : fs::recursive_directory_iterator(source / floor))
      if (const std::string kind = entry.path().extension().string(); kind == ".h" || kind == ".cpp")
        visit(fs::relative(entry.path(), source), textOf(entry.path()));
}

/// What each room's sources include of others; how many files it has.
struct Found {
  Rooms uses;
  std::map<std::string, int> files;
};
Found found() {
  static const std::regex include("#include \"([^\"]+)/[^/\"]+\"");
  Found found;
  eachSource({"core", "data", "audio", "exchange", "records", "cli", "app"},
             [&](const fs::path& file, const std::string& text) {
               const std::string room = file.parent_path().generic_string();
               ++found.files[room];
               auto& uses = found.uses[room];
               for (std::sregex_iterator at(text.begin(), text.end(), include), end; at != end; ++at)
                 if (const std::string other = (*at)[1]; other != room) uses.insert(other);
             });
  return found;
}

/// Where a text stands, as "file:line" one after the other.
std::vector<std::string> placesOf(std::initializer_list<const char*> floors, const std::regex& what) {
  std::vector<std::string> places;
  eachSource(floors, [&](const fs::path& file, const std::string& text) {
    std::istringstream lines(text);
    int number = 1;
    for (std::string line; std::getline(lines, line); ++number)
      if (std::regex_search(line, what))
        places.push_back(file.generic_string() + ":" + std::to_string(number));
  });
  return places;
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

TEST(Rooms, AskTheTableOfKindsAndNoKindByItsName) {
  constexpr std::size_t kMost = 8;  // what a kind is by default, what takes the place of another
  auto places = placesOf({"core", "cli", "app"}, std::regex("CueKind::"));
  std::erase_if(places,
                [](const std::string& place) { return place.find("/cue_kind.") != std::string::npos; });
  EXPECT_LE(places.size(), kMost) << testing::PrintToString(places);
}

TEST(Rooms, AskTheRowsOfDisciplinesAndNoCardWhatItIsOf) {
  const std::regex asks(
      R"(\b(drillsBreath|breathes|hasPartner|surprises|asksForPartials|keepsLevel|changesTubes)\(\))");
  EXPECT_EQ(placesOf({"cli", "app", "records", "exchange", "tools"}, asks), std::vector<std::string>());
}

TEST(Rooms, OfTheCoreHaveNoThread) {
  EXPECT_EQ(placesOf({"core"}, std::regex("std::(jthread|thread|async)\\b")), std::vector<std::string>());
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
