#include "core/engine/asked_level.h"

#include <algorithm>

#include "core/engine/snapshot.h"
#include "core/exercise/cue_sheet.h"

namespace calando {

std::optional<double> overAsked_dbfs(const Snapshot& take, std::size_t cue) {
  const Span asked = take.placeOf(cue), sound = take.spanOf(cue);
  const auto& frames = take.tracks.frames;
  double sum = 0.0;
  int count = 0;
  for (auto i = static_cast<std::size_t>(std::max(0.0, sound.start_s / kHop_s)); i < frames.size(); ++i) {
    const double t = static_cast<double>(i) * kHop_s;
    if (t >= sound.end_s) break;
    if (frames[i].f0_hz <= 0.0f) continue;
    const double share = (t - asked.start_s) / (asked.end_s - asked.start_s);
    sum += frames[i].level_dbfs - valueAt(take.sheet.cues[cue].loudness, std::clamp(share, 0.0, 1.0));
    ++count;
  }
  return count > 0 ? std::optional(sum / count) : std::nullopt;
}

}  // namespace calando
