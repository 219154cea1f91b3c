#include "core/pitch/crackle.h"

#include <algorithm>
#include <cmath>
#include <vector>

namespace calando {

namespace {
constexpr double kMainLobes = 2.4;  // Hann's reach, in reciprocal windows, with a little room
constexpr double kReach_db = 40.0;
constexpr double kWeakReach_db = 60.0;
constexpr double kStandsOut_db = 10.0, kClear_db = 5.0;
constexpr double kDecibels = 8.69;        // of an amplitude that is off by its own size
constexpr double kStrongestIsOut = 1.54;  // of ten normal values, in standard deviations
constexpr int kMostPartials = 11;
constexpr int kFewestPlaces = 3;
constexpr double kHighest_hz = 9500.0;
}  // namespace

CrackleMeter::CrackleMeter(double rate_hz, double window_s)
    : window_s_(window_s), spectrum_(rate_hz, window_s) {}

double CrackleMeter::strongestOther_db(const SlidingSignal& signal, double centre_s, double f0_hz,
                                       int multiple) {
  spectrum_.look(signal, centre_s);
  double own = -200.0, other = -200.0;
  for (int line = 1; line <= kMostPartials * multiple && line * f0_hz / multiple < kHighest_hz; ++line) {
    double& kind = line % multiple == 0 ? own : other;
    kind = std::max(kind, spectrum_.level_db(spectrum_.binOf(line * f0_hz / multiple)));
  }
  return other - own;
}

std::optional<double> CrackleMeter::strongestLine_db(const SlidingSignal& signal, double centre_s,
                                                     double f0_hz, int multiple) {
  if (f0_hz / multiple < kMainLobes / window_s_) return std::nullopt;
  spectrum_.look(signal, centre_s);
  const auto level_db = [&](double hz) { return spectrum_.level_db(spectrum_.binOf(hz)); };
  std::vector<double> partials;
  for (int k = 1; k <= kMostPartials && k * f0_hz < kHighest_hz; ++k) partials.push_back(level_db(k * f0_hz));
  if (partials.empty()) return std::nullopt;
  const double loudest = *std::ranges::max_element(partials);
  int places = 0;
  double strongest = -200.0;
  for (int part = 1; part < multiple; ++part)
    strongest = std::max(strongest, level_db(f0_hz * part / multiple) - partials.front());
  for (std::size_t k = 0; k + 1 < partials.size(); ++k) {
    const double weaker = std::min(partials[k], partials[k + 1]);
    const double number = static_cast<double>(k + 1), step = 1.0 / multiple;
    // Between a line and the partials there is the noise; of weak partials only what stands out of it tells.
    const double floor =
        std::max(level_db((number + step / 2.0) * f0_hz), level_db((number + 1.0 - step / 2.0) * f0_hz));
    const bool told = step / 2.0 * f0_hz >= kMainLobes / window_s_;  // the floor is the noise's alone
    const bool strong = weaker >= loudest - kReach_db && (!told || weaker >= floor + kClear_db);
    places += strong;
    for (int part = 1; part < multiple; ++part) {
      const double line = level_db((number + part * step) * f0_hz);
      if (told && line < floor + kClear_db) continue;
      // As far as the noise may have lifted the strongest of them it is not the line's.
      const double over = std::pow(10.0, (line - floor) / 10.0);
      const double lifted_db = told ? kStrongestIsOut * kDecibels / std::sqrt(2.0 * over) : 0.0;
      if (strong || (weaker >= loudest - kWeakReach_db && line >= floor + kStandsOut_db))
        strongest = std::max(strongest, line - lifted_db - (partials[k] + partials[k + 1]) / 2.0);
    }
  }
  return places >= kFewestPlaces ? std::optional(strongest) : std::nullopt;
}

}  // namespace calando
