#include "app/session/demo.h"

namespace calando {

namespace {
constexpr std::int64_t kEvening_ms = 1795627800'000;  // Wednesday 25 November 2026, 17:30 UTC
}

std::shared_ptr<const Clock> demoClock() { return std::make_shared<const SetClock>(kEvening_ms); }

std::filesystem::path demoBeside(const std::filesystem::path& program) {
  return program / ".." / "share" / "calando" / "demo";
}

std::error_code copyDemo(const std::filesystem::path& from, const std::filesystem::path& to) {
  std::error_code error;
  std::filesystem::copy(from, to, std::filesystem::copy_options::recursive, error);
  return error;
}

}  // namespace calando
