#include "core/measure/air/open_breath.h"

#include <algorithm>
#include <cmath>

namespace calando {

namespace {
constexpr double kRepeats_db = 2.0, kLeastRepeats_db = 1.0;
}

double distanceOf(const AirProfile& a, const AirProfile& b) {
  double squares = 0.0;
  for (std::size_t band = 0; band < kAirBands; ++band) squares += std::pow(a[band] - b[band], 2.0);
  return std::sqrt(squares / kAirBands);
}

std::optional<OpenBreath> openBreathOf(std::span<const OpenMark> marks) {
  if (marks.empty()) return std::nullopt;
  OpenBreath open{{}, 0.0, kRepeats_db};
  const auto share = 1.0 / static_cast<double>(marks.size());
  for (const OpenMark& mark : marks) {
    for (std::size_t band = 0; band < kAirBands; ++band) open.profile[band] += share * mark.profile[band];
    open.level_dbfs += share * mark.level_dbfs;
  }
  if (marks.size() < 2) return open;
  double squares = 0.0;
  for (const OpenMark& mark : marks) squares += std::pow(distanceOf(mark.profile, open.profile), 2.0);
  // A new one is that far from the mean of n: n + 1 over n - 1 more than these are.
  const auto n = static_cast<double>(marks.size());
  open.repeat_db = std::max(kLeastRepeats_db, std::sqrt(squares / n * (n + 1.0) / (n - 1.0)));
  return open;
}

}  // namespace calando
