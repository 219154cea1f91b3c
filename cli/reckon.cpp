#include "cli/reckon.h"

#include <nlohmann/json.hpp>
#include <sstream>

#include "audio/sound_file.h"
#include "cli/failure.h"
#include "cli/output.h"
#include "core/base/json_text.h"

namespace calando {

namespace {

using nlohmann::ordered_json;

std::string withUnit(const Quantity& quantity, double value, Spelling spelling) {
  std::string text = writtenQuantity(quantity, value, spelling);
  if (quantity.kind == Kind::number)
    text.append(" ").append(quantity.unit.empty() ? quantity.label : quantity.unit);
  return text;
}

void listLines(bool asJson) {
  ordered_json list = ordered_json::array();
  std::ostringstream text;
  for (const Reckoning& line : reckonings()) {
    list.push_back({{"id", line.id},
                    {"label", line.label},
                    {"left", line.left.label},
                    {"right", line.right.label},
                    {"formula", line.formula}});
    text << line.id << std::string(10 - line.id.size(), ' ') << line.left.label << " <-> " << line.right.label
         << "\n";
  }
  print(asJson ? jsonText(list, 2) + "\n" : text.str());
}

ordered_json side(const Quantity& quantity, double value, Spelling spelling) {
  return {{"label", quantity.label},
          {"unit", quantity.unit},
          {"value", value},
          {"text", writtenQuantity(quantity, value, spelling)}};
}

std::string wrongValue(const Quantity& quantity, const std::string& value) {
  std::ostringstream text;
  text << '"' << printable(value, 40) << "\" is no " << quantity.label;
  if (quantity.kind == Kind::number)
    text << " from " << writtenQuantity(quantity, quantity.low, Spelling::flats) << " to "
         << writtenQuantity(quantity, quantity.high, Spelling::flats);
  else
    text << "; write it like " << (quantity.kind == Kind::pitch ? "Bb4 or Bb4+12" : "Bb4");
  return text.str();
}

}  // namespace

void reckon(const ReckonOptions& o, const Givens& givens) {
  if (o.line.empty()) return listLines(o.asJson);
  const Reckoning* line = findReckoning(o.line);
  if (!line) refuse("line \"" + printable(o.line) + "\" is unknown; calando-cli reckon lists them");
  const Quantity& from = o.back ? line->right : line->left;
  const Quantity& to = o.back ? line->left : line->right;
  if (o.value.empty()) refuse("reckon " + o.line + " needs a value: " + std::string(from.label));
  const auto given = readQuantity(from, o.value);
  if (!given) refuse(wrongValue(from, o.value));
  const auto result = (o.back ? line->back : line->forth)(givens, *given);
  if (!result || !std::isfinite(*result))
    refuse("that cannot be reckoned; calando-cli reckon --help says what is needed");
  const Spelling spelling = givens.instrument ? givens.instrument->spelling : Spelling::flats;
  if (!o.asJson)
    return print(withUnit(from, *given, spelling) + " = " + withUnit(to, *result, spelling) + "\n");
  const double left = o.back ? *result : *given, right = o.back ? *given : *result;
  const ordered_json reckoned{{"schema", "calando.reckoning/1"},
                              {"line", line->id},
                              {"left", side(line->left, left, spelling)},
                              {"right", side(line->right, right, spelling)},
                              {"formula", line->formula}};
  print(jsonText(reckoned, 2) + "\n");
}

}  // namespace calando
