#include "core/homework/listening.h"

#include <algorithm>
#include <cmath>

#include "core/measure/pitch/notes.h"

namespace calando {

namespace {

constexpr double kNothing = 100.0, kMissing = 30.0, kBreaks = 12.0, kIncomplete = 20.0, kOutside = 4.0;
constexpr double kFarOutside = 2.0;  // widths of the target
constexpr int kManyBreaks = 2;       // one may happen

int breaksIn(const MarkedAttempt& best) {
  for (const Reading& reading : best.analysis.readings)
    if (reading.id() == "dropouts" && reading.value) return static_cast<int>(std::lround(*reading.value));
  std::ptrdiff_t breaks = 0;
  for (const Tone& tone : best.analysis.tones)
    breaks +=
        std::ranges::count_if(tone.dropouts, [&](const Dropout& d) { return !isBetweenNotes(d, tone); });
  return static_cast<int>(breaks);
}

}  // namespace

std::optional<WantsEar> reasonToListen(const Marking& marking) {
  using Why = WantsEar::Why;
  std::vector<WantsEar> reasons;
  int missing = 0;
  for (std::size_t i = 0; i < marking.items.size(); ++i) {
    const MarkedAttempt* best = marking.items[i].bestTry();
    missing += !best;
    if (!best) continue;
    if (const int breaks = breaksIn(*best); breaks >= kManyBreaks)
      reasons.push_back({Why::breaks, kBreaks * breaks, i, breaks});
    const auto asked = marking.items[i].cuesAsked;
    if (const int wanting = static_cast<int>(asked - std::min(asked, best->cuesFound)); wanting > 0)
      reasons.push_back({Why::incomplete, kIncomplete * wanting / static_cast<double>(asked), i, wanting});
    const auto outside = std::ranges::count_if(best->analysis.readings,
                                               [](const Reading& r) { return r.excess > kFarOutside; });
    if (outside > 0)
      reasons.push_back(
          {Why::outside, kOutside * static_cast<double>(outside), i, static_cast<int>(outside)});
  }
  const auto all = static_cast<int>(marking.items.size());
  const bool sounds =
      std::ranges::any_of(marking.sounds, [](const std::vector<SentSound>& file) { return !file.empty(); });
  if (missing == all && sounds)
    reasons.push_back({Why::nothingFound, kNothing, 0, missing});
  else if (missing > 0)
    reasons.push_back({Why::missing, kMissing * missing / static_cast<double>(all), 0, missing});
  const auto heaviest = std::ranges::max_element(reasons, {}, &WantsEar::weight);
  return heaviest == reasons.end() ? std::nullopt : std::optional(*heaviest);
}

std::vector<std::size_t> listenFirst(std::span<const Marking* const> markings, std::size_t most) {
  std::vector<std::pair<double, std::size_t>> weights;
  for (std::size_t i = 0; i < markings.size(); ++i)
    if (markings[i])
      if (const auto reason = reasonToListen(*markings[i])) weights.emplace_back(-reason->weight, i);
  std::ranges::sort(weights);
  std::vector<std::size_t> first;
  for (const auto& [weight, i] : weights)
    if (first.size() < most) first.push_back(i);
  return first;
}

}  // namespace calando
