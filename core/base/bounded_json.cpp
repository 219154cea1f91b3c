#include "core/base/bounded_json.h"

#include <algorithm>
#include <cmath>

#include "core/base/json_text.h"

namespace calando {

using nlohmann::json;

tl::expected<json, Problem> parseBounded(std::string_view text) {
  if (text.size() > kLargestJson) return tl::unexpected(Problem(Fault::tooLarge));
  bool tooDeep = false;
  // A value that is not kept is not built: nothing deep is ever there.
  const json::parser_callback_t shallow = [&](int depth, json::parse_event_t, json&) {
    tooDeep = tooDeep || depth > kDeepestJson;
    return depth <= kDeepestJson;
  };
  try {
    json parsed = json::parse(text, shallow);
    if (tooDeep) return tl::unexpected(Problem(Fault::tooDeep, kDeepestJson));
    return parsed;
  } catch (const json::parse_error& e) {
    return tl::unexpected(Problem(Fault::noJson, e.byte));
  } catch (const json::exception&) {
    return tl::unexpected(Problem(Fault::numberTooLarge));
  }
}

std::string shortened(std::string_view text, std::size_t most) {
  if (text.size() <= most) return std::string(text);
  std::size_t end = most > 3 ? most - 3 : 0;
  while (end > 0 && (static_cast<unsigned char>(text[end]) & 0xC0) == 0x80) --end;
  return std::string(text.substr(0, end)) + "…";
}

std::string shortened(const json& value) { return shortened(jsonText(value), 60); }

const json* Fields::find(const char* key) const {
  if (!object_.is_object()) return nullptr;
  const auto found = object_.find(key);
  return found == object_.end() || found->is_null() ? nullptr : &*found;
}

template <class T>
std::optional<T> Fields::known(bool good, const json& value) {
  sound_ = sound_ && good;
  return good ? std::optional<T>(value.get<T>()) : std::nullopt;
}

std::optional<double> Fields::number(const char* key, double low, double high) {
  const json* value = find(key);
  if (!value) return std::nullopt;
  return known<double>(value->is_number() && value->get<double>() >= low && value->get<double>() <= high,
                       *value);
}

std::optional<std::int64_t> Fields::whole(const char* key, std::int64_t low, std::int64_t high) {
  const json* value = find(key);
  if (!value) return std::nullopt;
  // As floating point first: an integer of 64 bits without a sign has no place in one with it.
  const bool inRange = value->is_number_integer() && value->get<double>() >= static_cast<double>(low) &&
                       value->get<double>() <= static_cast<double>(high);
  return known<std::int64_t>(inRange, *value);
}

std::optional<std::string> Fields::text(const char* key, std::size_t most) {
  const json* value = find(key);
  if (!value) return std::nullopt;
  return known<std::string>(value->is_string() && value->get_ref<const std::string&>().size() <= most,
                            *value);
}

std::optional<bool> Fields::flag(const char* key) {
  const json* value = find(key);
  if (!value) return std::nullopt;
  return known<bool>(value->is_boolean(), *value);
}

std::optional<std::vector<double>> Fields::numbers(const char* key, std::size_t fewest, std::size_t most,
                                                   double low, double high) {
  const json* value = find(key);
  if (!value) return std::nullopt;
  const bool good = value->is_array() && value->size() >= fewest && value->size() <= most &&
                    std::ranges::all_of(*value, [&](const json& x) {
                      return x.is_number() && x.get<double>() >= low && x.get<double>() <= high;
                    });
  return known<std::vector<double>>(good, *value);
}

json Fields::object(const char* key) {
  const json* value = find(key);
  if (!value) return json::object();
  sound_ = sound_ && value->is_object();
  return value->is_object() ? *value : json::object();
}

}  // namespace calando
