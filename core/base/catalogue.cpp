#include "core/base/catalogue.h"

#include <cstdio>
#include <cstdlib>

namespace calando {

Problem problemOf(const nlohmann::json::exception& e) {
  const std::string_view what = e.what();
  constexpr int kNoSuchKey = 403;
  const auto from = what.find('\''), to = what.rfind('\'');
  if (e.id == kNoSuchKey && from < to)
    return Problem(Fault::keyMissing, std::string(what.substr(from + 1, to - from - 1)));
  return Problem(Fault::otherKind);
}

void refuseUnknown(const nlohmann::json& object, std::initializer_list<std::string_view> known) {
  if (!object.is_object()) refuse(Fault::notAnObject, shortened(object));
  for (const auto& [key, value] : object.items())
    if (std::ranges::find(known, key) == known.end())
      refuse(Fault::unknownKey, shortened(nlohmann::json(key)));
}

double within(const nlohmann::json& value, const char* what, double low, double high) {
  if (!value.is_number() || value.get<double>() < low || value.get<double>() > high)
    refuse(Fault::notANumber, what, low, high, shortened(value));
  return value.get<double>();
}

int whole(const nlohmann::json& value, const char* what, int low, int high) {
  if (!value.is_number_integer()) refuse(Fault::notWhole, what);
  return static_cast<int>(within(value, what, low, high));
}

void isBroken(const Problem& what) {
  std::fprintf(stderr, "calando: %s\n", english(what).c_str());
  std::abort();
}

}  // namespace calando
