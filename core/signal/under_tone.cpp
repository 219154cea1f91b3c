#include "core/signal/under_tone.h"

#include <algorithm>
#include <vector>

namespace calando {

namespace {
constexpr double kLowest_hz = 40.0;
constexpr double kStandsOut_db = 12.0;
constexpr double kBeside_hz = 60.0;
constexpr double kWeakest_db = -45.0;
constexpr int kHarmonics = 8;
constexpr double kHighest_hz = 9500.0;
}  // namespace

std::optional<UnderTone> UnderToneMeter::measure(const SlidingSignal& signal, double centre_s, double f0_hz) {
  const std::size_t lobe = spectrum_.lobe(), first = spectrum_.binOf(kLowest_hz),
                    note = spectrum_.binOf(f0_hz);
  if (note < first + 2 * lobe) return std::nullopt;
  spectrum_.look(signal, centre_s);
  UnderTone found{static_cast<float>(centre_s), 0.0f, 0.0f};
  double strongest = -200.0;
  for (int k = 1; k <= kHarmonics && k * f0_hz < kHighest_hz; ++k) {
    std::size_t top = spectrum_.binOf(k * f0_hz) - lobe / 2;
    for (std::size_t bin = top; bin <= spectrum_.binOf(k * f0_hz) + lobe / 2; ++bin)
      if (spectrum_.level_db(bin) > spectrum_.level_db(top)) top = bin;
    strongest = std::max(strongest, spectrum_.vertex(top).level_db);
  }
  std::size_t best = 0;
  double most = strongest + kWeakest_db;
  for (std::size_t bin = first; bin < note - lobe; ++bin) {
    const double level = spectrum_.level_db(bin);
    if (level <= most || level < spectrum_.level_db(bin - 1) || level < spectrum_.level_db(bin + 1)) continue;
    best = bin;
    most = level;
  }
  if (best == 0) return found;
  // What is beside it: the median of what neither its own line nor the note's reaches.
  std::vector<double> beside;
  const std::size_t reach = spectrum_.binOf(kBeside_hz);
  for (std::size_t bin = best - std::min(best, reach); bin <= best + reach; ++bin)
    if ((bin + lobe < best || bin > best + lobe) && bin + lobe < note)
      beside.push_back(spectrum_.level_db(bin));
  if (beside.empty()) return found;
  const auto middle = beside.begin() + static_cast<std::ptrdiff_t>(beside.size() / 2);
  std::ranges::nth_element(beside, middle);
  const auto line = spectrum_.vertex(best);
  if (line.level_db - *middle < kStandsOut_db) return found;
  found.hz = static_cast<float>(line.hz);
  found.under_db = static_cast<float>(line.level_db - strongest);
  return found;
}

}  // namespace calando
