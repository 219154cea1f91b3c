#include "core/catalogue.h"

namespace calando {

Problem problemOf(const nlohmann::json::exception& e) {
  const std::string_view what = e.what();
  constexpr int kNoSuchKey = 403;
  const auto from = what.find('\''), to = what.rfind('\'');
  if (e.id == kNoSuchKey && from < to)
    return Problem(Fault::keyMissing, std::string(what.substr(from + 1, to - from - 1)));
  return Problem(Fault::otherKind);
}

}  // namespace calando
