#include "core/figures/figure_input.h"

#include <algorithm>

#include "core/figures/cue_figures.h"

namespace calando {

FigureInput heardIn(const Analysis& analysis, const std::optional<ComparisonTake>& against) {
  FigureInput heard{analysis, {}, {}, {}, {}, {}, against};
  for (const CueResult& cue : analysis.cues) {
    if (!cue.isAudible()) continue;
    heard.asked.push_back(&cue);
    if (!cue.matched) continue;
    heard.played.push_back(&cue);
    const CueSound sound = soundOf(cue, analysis);
    if (sound.tone && std::ranges::find(heard.tones, sound.tone) == heard.tones.end())
      heard.tones.push_back(sound.tone);
    if (sound.note) heard.notes.push_back(sound.note);
    if (sound.air) heard.airs.push_back(sound.air);
  }
  return heard;
}

}  // namespace calando
