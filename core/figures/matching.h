#pragma once

#include <optional>
#include <vector>

#include "core/exercise/cue_sheet.h"

/// Which sound was played for which cue.
namespace calando {

struct Analysis;
struct Context;

/// Something heard that a cue may be for.
struct DetectedSound {
  double start_s;
  double end_s;
  std::optional<double> semitone;   ///< written, with fractions; empty for air
  std::size_t index;                ///< of the tone, or of the air
  std::optional<std::size_t> note;  ///< of the note within the tone; empty for a glide and for air
};
/// Every note (a tone without one counts as a whole) and every air of an analysis, by start.
std::vector<DetectedSound> heardSounds(const Analysis& analysis, const Context& context);

struct SheetMatch {
  double start_s = 0.0;                            ///< where the first cue lies in the take
  double stretch = 1.0;                            ///< seconds played for a second of the sheet
  std::vector<std::optional<std::size_t>> sounds;  ///< of each cue, index into the heard sounds

  double timeOf(double sheet_s) const { return start_s + stretch * sheet_s; }
};

/// An onset, where the sheet has it and where it was heard.
struct OnsetPair {
  double planned_s;
  double heard_s;
};
/// Seconds played for a second of the sheet, and where its beginning lies then: medians over all pairs of
/// them and over all of them (Theil 1950, Sen 1968), which one late note does not move. Nullopt: too few
/// tell.
std::optional<double> stretchThrough(const std::vector<OnsetPair>& onsets);
std::optional<double> startThrough(const std::vector<OnsetPair>& onsets, double stretch);

/// The cheapest assignment that keeps the order, with cues that did not come and sounds that nobody asked
/// for.
///
/// A pair costs its distance in semitones (at most 3), and where there is a count its distance in time from
/// where that has the cue, in half beats; a missing cue costs 2, a sound too many up to 1.5 by its length.
/// When the take was counted in, `start_s` says where the count stands; else offset and tempo are searched:
/// every early pair of cue and sound is tried as the anchor, at the sheet's own tempo, at that of the spacing
/// heard and at that of the pitches heard, and the best is refined.
SheetMatch matchSheet(const CueSheet& sheet, const std::vector<DetectedSound>& sounds,
                      std::optional<double> start_s);

}  // namespace calando
