#include "core/base/json_text.h"

#include <nlohmann/json.hpp>

namespace calando {

namespace {
template <class Json>
std::string textOf(const Json& value, int indent) {
  return value.dump(indent, ' ', false, Json::error_handler_t::replace);
}
}  // namespace

std::string jsonText(const nlohmann::json& value, int indent) { return textOf(value, indent); }
std::string jsonText(const nlohmann::ordered_json& value, int indent) { return textOf(value, indent); }

std::string validUtf8(std::string_view text) {
  return nlohmann::json::parse(jsonText(nlohmann::json(text))).get<std::string>();
}

}  // namespace calando
