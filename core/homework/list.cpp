#include "core/homework/list.h"

#include "core/base/catalogue.h"
#include "core/base/json_text.h"
#include "core/base/plain_text.h"
#include "core/exercise/cue_sheet.h"
#include "core/library/cards.h"

namespace calando {

namespace {

constexpr std::size_t kMostItems = 100;
constexpr std::size_t kLongestTitle = 200;
constexpr double kSlowest_bpm = 20.0, kFastest_bpm = 400.0;
constexpr int kMostNotes = 48;

std::optional<int> noteIn(const nlohmann::json& entry, const char* key) {
  if (!entry.contains(key) || entry[key].is_null()) return std::nullopt;
  const auto note = entry[key].is_string() ? parseNote(entry[key].get<std::string>()) : std::nullopt;
  if (!note) refuse(Fault::noSuchNote, shortened(entry[key]));
  return note;
}

HomeworkItem itemFrom(const nlohmann::json& entry,
                      const std::function<ExercisePtr(const std::string&)>& cardOf) {
  refuseUnknown(entry, {"exercise", "home", "tempo", "part", "highest"});
  if (!entry.contains("exercise")) refuse(Fault::keyMissing, "exercise");
  HomeworkItem item;
  const std::string id = entry["exercise"].is_string() ? entry["exercise"].get<std::string>() : std::string();
  item.exercise = cardOf(id);
  if (!item.exercise) refuse(Fault::unknownExercise, shortened(entry["exercise"]));
  item.home = noteIn(entry, "home");
  item.highest = noteIn(entry, "highest");
  const auto given = [&](const char* key) { return entry.contains(key) && !entry[key].is_null(); };
  if (given("tempo")) item.tempo_bpm = within(entry["tempo"], "tempo", kSlowest_bpm, kFastest_bpm);
  if (given("part")) item.part = partFrom(entry["part"]);
  return item;
}

}  // namespace

tl::expected<HomeworkList, Problem> parseHomework(
    std::string_view text, const std::function<ExercisePtr(const std::string&)>& cardOf) {
  const auto json = parseBounded(text);
  if (!json) return tl::unexpected(json.error());
  try {
    if (!json->is_object()) refuse(Fault::notAnObject, shortened(*json));
    HomeworkList list;
    list.title = visibleLine(Fields(*json).text("title", kLongestTitle).value_or(""));
    const auto items = json->find("items");
    if (items == json->end() || !items->is_array() || items->empty()) refuse(Fault::keyMissing, "items");
    if (items->size() > kMostItems) refuse(Fault::tooManyItems, kMostItems);
    for (std::size_t i = 0; i < items->size(); ++i) {
      try {
        list.items.push_back(itemFrom((*items)[i], cardOf));
      } catch (const Refused& refused) {
        refuse(Fault::inEntry, "items", i + 1, refused.problem);
      }
    }
    return list;
  } catch (const Refused& refused) {
    return tl::unexpected(refused.problem);
  }
}

std::string toText(const HomeworkList& list) {
  nlohmann::ordered_json items = nlohmann::ordered_json::array();
  for (const HomeworkItem& item : list.items) {
    nlohmann::ordered_json entry{{"exercise", item.exercise->id}};
    if (item.home) entry["home"] = noteName(*item.home, Spelling::flats);
    if (item.tempo_bpm) entry["tempo"] = *item.tempo_bpm;
    if (item.part) entry["part"] = nameOf(*item.part);
    if (item.highest) entry["highest"] = noteName(*item.highest, Spelling::flats);
    items.push_back(std::move(entry));
  }
  return jsonText(nlohmann::ordered_json{{"title", list.title}, {"items", items}}, 2);
}

Context contextOf(const HomeworkItem& item, const Context& player) {
  Context context = player;
  context.exercise = item.exercise;
  context.asked.clear();
  if (item.home) context.asked = {*item.home};
  context.tempo_bpm = item.tempo_bpm;
  context.part = item.part;
  if (!item.highest) return context;
  context.range.highest = item.highest;
  const Generator& made = item.exercise->generator;
  if (made.count <= 0 || (made.kind != Generator::Kind::scale && made.kind != Generator::Kind::chromatic))
    return context;
  auto card = std::make_shared<Exercise>(*item.exercise);
  context.exercise = card;
  for (int count = 1; count <= kMostNotes; ++count) {
    const int before = card->generator.count;
    card->generator.count = count;
    const auto notes = notesOf(unroll(context));
    const bool over = std::ranges::any_of(notes, [&](int note) { return note > *item.highest; });
    if (over && count > 1) {
      card->generator.count = before;
      break;
    }
  }
  return context;
}

}  // namespace calando
