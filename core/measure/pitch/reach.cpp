#include "core/measure/pitch/reach.h"

#include <cmath>
#include <map>

#include "core/maths/statistics.h"

namespace calando {

namespace {
constexpr double kEdge_s = 0.1;
constexpr std::size_t kSteady = 50, kStep = 5;  // frames
constexpr double kSteady_cents = 25.0;
}  // namespace

std::vector<Reached> reachedIn(const Tracks& tracks, const std::vector<Tone>& tones,
                               const Reference& reference) {
  std::map<std::pair<int, int>, double> cells;
  std::vector<double> cents(kSteady), levels(kSteady);
  for (const Tone& tone : tones) {
    const auto first = static_cast<std::size_t>(std::ceil((tone.start_s + kEdge_s) / kHop_s));
    const auto end = std::min(tracks.frames.size(),
                              static_cast<std::size_t>(std::max(0.0, (tone.end_s - kEdge_s) / kHop_s)));
    std::pair<int, int> before{};
    std::size_t steadyBefore = 0;  // where the last steady window began
    for (std::size_t from = first; from + kSteady <= end; from += kStep) {
      bool sounds = true;
      for (std::size_t i = 0; i < kSteady && sounds; ++i) {
        const TrackFrame& frame = tracks.frames[from + i];
        sounds = frame.f0_hz > 0.0f;
        if (!sounds) break;
        cents[i] = centsBetween(440.0, frame.f0_hz);
        levels[i] = frame.level_dbfs;
      }
      if (!sounds) continue;
      const double middle = median(cents);
      const auto near = [middle](double c) { return std::abs(c - middle) <= kSteady_cents; };
      if (!std::ranges::all_of(cents, near)) continue;
      const std::pair here{nearestSemitone(shiftedBy(440.0, middle), reference),
                           kReachStep_db * static_cast<int>(std::floor(median(levels) / kReachStep_db))};
      // The first of a row of windows stands for all of its own time, each after it for what it adds.
      const bool goesOn = here == before && from == steadyBefore + kStep;
      cells[here] += static_cast<double>(goesOn ? kStep : kSteady) * kHop_s;
      before = here;
      steadyBefore = from;
    }
  }
  std::vector<Reached> reached;
  for (const auto& [cell, seconds] : cells) reached.push_back({cell.first, cell.second, seconds});
  return reached;
}

}  // namespace calando
