#include "core/library/open_marks.h"

#include <algorithm>

#include "core/base/bounded_json.h"
#include "core/base/json_text.h"

namespace calando {

std::string toText(const std::vector<OpenMark>& marks) {
  nlohmann::json list = nlohmann::json::array();
  for (const OpenMark& mark : marks)
    list.push_back({{"profile_db", mark.profile}, {"level_dbfs", mark.level_dbfs}});
  return jsonText(list);
}

std::vector<OpenMark> openMarksFrom(std::string_view text) {
  std::vector<OpenMark> marks;
  const auto list = parseBounded(text);
  if (!list || !list->is_array()) return marks;
  for (const nlohmann::json& entry : *list) {
    Fields fields(entry);
    const auto profile = fields.numbers("profile_db", kAirBands, -200.0, 0.0);
    const auto level = fields.number("level_dbfs", -200.0, 20.0);
    if (!profile || !level || marks.size() == kMostOpenMarks) continue;
    marks.push_back({{}, *level});
    std::ranges::copy(*profile, marks.back().profile.begin());
  }
  return marks;
}

}  // namespace calando
