#include "records/packs/pack_contents.h"

#include <nlohmann/json.hpp>

#include "core/base/bounded_json.h"
#include "core/base/json_text.h"
#include "core/base/plain_text.h"

namespace calando {

namespace {

using nlohmann::json;

constexpr const char* kFormat = "calando.pack";
constexpr int kVersion = 1, kLongestDay_min = 1440;
constexpr std::size_t kLongestName = 200, kLongestText = 2000, kMostEntries = 20000;
constexpr Named<PackKind> kKinds[] = {
    {"home", PackKind::home}, {"answer", PackKind::answer}, {"teacher", PackKind::teacher}};

json jsonOf(const Student& student) {
  json object{{"id", student.id}, {"name", student.name}, {"instrument", student.instrument}};
  if (student.range.lowest) object["lowest"] = *student.range.lowest;
  if (student.range.highest) object["highest"] = *student.range.highest;
  object["experience"] = nameIn(kExperiences, student.experience);
  return object;
}

[[noreturn]] void refuse(const json& value) { throw json::other_error::create(501, "cannot be", &value); }

/// Throw what the JSON library throws, for what has another form, and for what is longer than anybody writes.
std::int64_t whole(const json& value) {
  if (!value.is_number_integer() || (value.is_number_unsigned() && value.get<std::uint64_t>() > kMostId))
    refuse(value);
  return value.get<std::int64_t>();
}
std::int64_t id(const json& value) {
  const std::int64_t id = whole(value);
  if (id <= 0 || id > kMostId) refuse(value);
  return id;
}
std::string text(const json& value, std::size_t most) {
  std::string text = value.get<std::string>();
  if (text.size() > most) refuse(value);
  return text;
}
const json& list(const json& value) {
  if (!value.is_array() || value.size() > kMostEntries) refuse(value);
  return value;
}

Student studentFrom(const json& object) {
  Student student{id(object.at("id")),
                  visibleLine(text(object.at("name"), kLongestName)),
                  text(object.at("instrument"), kLongestName),
                  {},
                  Experience::unsaid};
  const auto note = [&](const char* key) -> std::optional<int> {
    if (!object.contains(key)) return std::nullopt;
    return static_cast<int>(std::clamp<std::int64_t>(whole(object[key]), 0, 140));
  };
  student.range = {note("lowest"), note("highest")};
  if (object.contains("experience"))
    student.experience =
        valueIn(kExperiences, text(object["experience"], kLongestName)).value_or(Experience::unsaid);
  if (student.name.empty() || !findInstrument(student.instrument)) refuse(object);
  return student;
}

json jsonOf(const PackContents& contents) {
  json object{{"format", kFormat},
              {"version", kVersion},
              {"kind", nameIn(kKinds, contents.kind)},
              {"from", contents.from},
              {"student", jsonOf(contents.student)},
              {"order", contents.order},
              {"plan", json::parse(toText(contents.plan))},
              {"models", contents.models},
              {"cards", json::array()},
              {"practice", json::array()}};
  for (const Exercise& card : contents.cards) object["cards"].push_back(json::parse(toText(card)));
  for (const Practice& p : contents.practices)
    object["practice"].push_back(
        {{"id", p.id}, {"day", isoOf(p.day)}, {"minutes", p.minutes}, {"what", p.what}});
  if (contents.homework)
    object["homework"] = {{"due", isoOf(contents.homework->due)},
                          {"list", json::parse(contents.homework->list)}};
  return object;
}

PackContents contentsFrom(const json& object) {
  PackContents contents;
  const auto kind = std::ranges::find(kKinds, text(object.at("kind"), kLongestName), &Named<PackKind>::first);
  if (kind == std::end(kKinds)) refuse(object);
  contents.kind = kind->second;
  contents.from = text(object.at("from"), kLongestName);
  contents.student = studentFrom(object.at("student"));
  for (const json& step : list(object.at("order"))) contents.order.push_back(text(step, kLongestName));
  for (const auto& [exercise, take] : object.at("models").items())
    contents.models.emplace(exercise, id(take));
  contents.plan = planFrom(jsonText(object.at("plan")));
  for (const json& card : list(object.at("cards")))
    if (auto one = parseExercise(jsonText(card))) {
      one->title = visibleLine(one->title);
      contents.cards.push_back(std::move(*one));
    }
  for (const json& p : list(object.at("practice"))) {
    const auto day = dayFrom(text(p.at("day"), kLongestName));
    if (!day) refuse(p);
    const auto minutes =
        static_cast<int>(std::clamp<std::int64_t>(whole(p.at("minutes")), 0, kLongestDay_min));
    contents.practices.push_back(
        {id(p.at("id")), contents.student.id, *day, minutes, visibleLine(text(p.at("what"), kLongestText))});
  }
  if (const auto homework = object.find("homework"); homework != object.end())
    contents.homework = Homework{0, dayFrom(text(homework->at("due"), kLongestName)).value_or(Day()),
                                 jsonText(homework->at("list"))};
  return contents;
}

}  // namespace

std::string toText(const PackContents& contents) { return jsonText(jsonOf(contents), 1); }

tl::expected<PackContents, PackFault> packFrom(std::string_view bytes) {
  const auto read = parseBounded(bytes);
  if (!read) return tl::unexpected(PackFault::damaged);
  if (!read->is_object() || read->value("format", json()) != kFormat)
    return tl::unexpected(PackFault::noPack);
  const json version = read->value("version", json());
  if (!version.is_number_integer()) return tl::unexpected(PackFault::damaged);
  if (version.is_number_unsigned() && version.get<std::uint64_t>() > kVersion)
    return tl::unexpected(PackFault::newer);
  if (version.get<std::int64_t>() < 1) return tl::unexpected(PackFault::damaged);
  try {
    return contentsFrom(*read);
  } catch (const json::exception&) {
    return tl::unexpected(PackFault::damaged);
  }
}

}  // namespace calando
