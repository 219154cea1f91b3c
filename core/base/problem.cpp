#include "core/base/problem.h"

#include "core/base/plain_text.h"

namespace calando {

namespace {

std::string said(const Problem::Value& value) {
  if (const auto* text = std::get_if<std::string>(&value)) return *text;
  if (const auto* inner = std::get_if<Problem>(&value)) return english(*inner);
  return shortest(std::get<double>(value), 10);
}

}  // namespace

std::vector<WordingPart> partsOf(std::string_view wording, const Problem& problem) {
  std::vector<WordingPart> parts;
  std::size_t from = 0;
  for (std::size_t i = 0; i + 2 < wording.size(); ++i) {
    if (wording[i] != '{' || wording[i + 2] != '}') continue;
    const auto place = static_cast<std::size_t>(wording[i + 1] - '1');
    if (place >= problem.values.size()) continue;
    parts.emplace_back(wording.substr(from, i - from));
    parts.emplace_back(&problem.values[place]);
    from = i + 3;
  }
  parts.emplace_back(wording.substr(from));
  return parts;
}

std::string english(const Problem& problem) {
  std::string text;
  for (const WordingPart& part : partsOf(problem.wording, problem)) {
    if (const auto* words = std::get_if<std::string_view>(&part))
      text += *words;
    else
      text += said(*std::get<const Problem::Value*>(part));
  }
  return text;
}

}  // namespace calando
