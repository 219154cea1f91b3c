#include <nlohmann/json.hpp>

#include "core/base/bounded_json.h"
#include "core/base/json_text.h"
#include "core/plan/plan.h"

// A plan as text, and back.

namespace calando {

namespace {

using nlohmann::json;

constexpr std::size_t kMostSteps = 500, kMostHolidays = 200;
constexpr double kLeastAsked = 1.0, kMostAsked = 400.0;
constexpr int kLeastMinutes = 5, kMostMinutes = 240;

void put(json& object, const char* key, const std::optional<Day>& day) {
  if (day) object[key] = isoOf(*day);
}
void put(json& object, const char* key, const std::optional<double>& value) {
  if (value) object[key] = *value;
}

json jsonOf(const PlanStep& step) {
  json object{{"exercise", step.exercise}};
  put(object, "asked", step.asked);
  put(object, "since", step.since);
  put(object, "not_before", step.notBefore);
  put(object, "no_more_before", step.noMoreBefore);
  put(object, "answered", step.answered);
  put(object, "failed", step.failed);
  if (step.raised) object["raised"] = true;
  if (step.left) object["left"] = true;
  if (step.backs > 0) object["backs"] = step.backs;
  if (step.rests > 0) object["rests"] = step.rests;
  return object;
}

std::optional<Day> dayAt(const json& object, const char* key) {
  const auto found = object.find(key);
  return found != object.end() && found->is_string() ? dayFrom(found->get_ref<const std::string&>())
                                                     : std::nullopt;
}
std::optional<double> numberAt(const json& object, const char* key) {
  const auto found = object.find(key);
  return found != object.end() && found->is_number() ? std::optional(found->get<double>()) : std::nullopt;
}
/// What a card can be asked for more of.
std::optional<double> askingAt(const json& object, const char* key) {
  const auto value = numberAt(object, key);
  return value && *value >= kLeastAsked && *value <= kMostAsked ? value : std::nullopt;
}
int wholeAt(const json& object, const char* key, int low, int high, int otherwise) {
  const auto value = numberAt(object, key);
  return value && *value >= low && *value <= high ? static_cast<int>(*value) : otherwise;
}
bool isSet(const json& object, const char* key) {
  const auto found = object.find(key);
  return found != object.end() && *found == true;
}

std::optional<PlanStep> stepFrom(const json& object) {
  if (!object.is_object()) return std::nullopt;
  const auto exercise = object.find("exercise");
  if (exercise == object.end() || !exercise->is_string()) return std::nullopt;
  PlanStep step{exercise->get<std::string>()};
  step.asked = askingAt(object, "asked");
  step.since = dayAt(object, "since");
  step.raised = isSet(object, "raised");
  step.notBefore = dayAt(object, "not_before");
  step.noMoreBefore = dayAt(object, "no_more_before");
  step.answered = dayAt(object, "answered");
  step.failed = askingAt(object, "failed");
  step.backs = wholeAt(object, "backs", 0, 1000, 0);
  step.rests = wholeAt(object, "rests", 0, 1000, 0);
  step.left = isSet(object, "left");
  return step;
}

std::optional<Gate> gateFrom(const json& object) {
  Gate gate;
  gate.of = wholeAt(object, "of", 1, 20, 0);
  gate.good = wholeAt(object, "good", 1, gate.of, 0);
  gate.days = wholeAt(object, "days", 1, 7, 0);
  return gate.good > 0 && gate.days > 0 ? std::optional(gate) : std::nullopt;
}

/// The entries of a list that an object may have, so many at most.
std::vector<json> listAt(const json& object, const char* key, std::size_t most) {
  const auto found = object.find(key);
  if (found == object.end() || !found->is_array()) return {};
  return {found->begin(), found->begin() + static_cast<std::ptrdiff_t>(std::min(most, found->size()))};
}

}  // namespace

std::string toText(const Plan& plan) {
  json object{{"minutes", plan.minutes}, {"weekdays", plan.weekdays}, {"steps", json::array()}};
  if (plan.gate)
    object["gate"] = {{"good", plan.gate->good}, {"of", plan.gate->of}, {"days", plan.gate->days}};
  for (const PlanStep& step : plan.steps) object["steps"].push_back(jsonOf(step));
  for (const Holiday& h : plan.holidays) object["holidays"].push_back({isoOf(h.from), isoOf(h.to)});
  return jsonText(object);
}

Plan planFrom(std::string_view text) {
  Plan plan;
  const auto read = parseBounded(text);
  if (!read || !read->is_object()) return plan;
  const json& object = *read;
  plan.minutes = wholeAt(object, "minutes", kLeastMinutes, kMostMinutes, plan.minutes);
  const auto weekdays = listAt(object, "weekdays", plan.weekdays.size());
  if (weekdays.size() == plan.weekdays.size())
    for (std::size_t i = 0; i < weekdays.size(); ++i) plan.weekdays[i] = weekdays[i] != false;
  if (const auto gate = object.find("gate"); gate != object.end() && gate->is_object())
    plan.gate = gateFrom(*gate);
  for (const json& entry : listAt(object, "steps", kMostSteps))
    if (auto step = stepFrom(entry); step && !plan.find(step->exercise)) plan.steps.push_back(*step);
  for (const json& entry : listAt(object, "holidays", kMostHolidays)) {
    if (!entry.is_array() || entry.size() != 2 || !entry[0].is_string() || !entry[1].is_string()) continue;
    const auto from = dayFrom(entry[0].get<std::string>()), to = dayFrom(entry[1].get<std::string>());
    if (from && to && *from <= *to) plan.holidays.push_back({*from, *to});
  }
  return plan;
}

}  // namespace calando
