#include "core/exercise/kept.h"

#include "core/bounded_json.h"
#include "core/exercise/judging.h"

namespace calando {

namespace {
constexpr std::size_t kLongestAdvice = 4000;  // bytes
}

Kept keptOf(const Analysis& analysis) {
  Kept kept{overallVerdict(analysis.readings), {}, {}};
  for (const Reading& r : analysis.readings)
    if (r.value) kept.values[r.id] = *r.value;
  if (!analysis.advice.empty()) kept.advice = analysis.advice.front().text;
  return kept;
}

std::string toText(const Kept& kept) {
  nlohmann::json text{{"values", kept.values}, {"verdict", static_cast<int>(kept.verdict)}};
  if (!kept.advice.empty()) text["advice"] = kept.advice;
  return text.dump();
}

std::optional<Kept> keptFrom(std::string_view text) {
  const auto json = parseBounded(text);
  if (!json || !json->is_object()) return std::nullopt;
  Fields fields(*json);
  Kept kept;
  if (const auto verdict = fields.whole("verdict", 0, static_cast<int>(Verdict::unmeasured)))
    kept.verdict = static_cast<Verdict>(*verdict);
  kept.advice = fields.text("advice", kLongestAdvice).value_or("");
  const nlohmann::json values = fields.object("values");
  for (const auto& [id, value] : values.items())
    if (value.is_number()) kept.values[id] = value.get<double>();
  return kept;
}

std::optional<Rival> rivalOf(const Kept& kept) {
  const auto held = kept.values.find("held_s");
  if (held == kept.values.end()) return std::nullopt;
  const auto wander = kept.values.find("wander_cents");
  return Rival{held->second, wander == kept.values.end() ? std::nullopt : std::optional(wander->second)};
}

}  // namespace calando
