#pragma once

#include <nlohmann/json_fwd.hpp>
#include <string>
#include <string_view>

namespace calando {

/// JSON as text, whatever is in its strings: what is no UTF-8 there becomes U+FFFD. `indent` spaces a level;
/// below 0: all of it in one line.
std::string jsonText(const nlohmann::json& value, int indent = -1);
std::string jsonText(const nlohmann::ordered_json& value, int indent = -1);

/// A text as it stands in there: valid UTF-8, whatever came in.
std::string validUtf8(std::string_view text);

}  // namespace calando
