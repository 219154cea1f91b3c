#pragma once

#include "core/measure/edges/sounds.h"
#include "core/measure/pitch/notes.h"
#include "core/signal/tracks.h"
#include "core/theory/pitch_frame.h"

/// The figures of one note, of its onset and of its release.
namespace calando {

/// The note's own line: where its pitch lies and leans once it has settled.
struct CoreLine {
  double middle_s;
  double cents;  ///< over 440 Hz at middle_s
  double slope_cents_per_s;
  double at(double t) const { return cents + slope_cents_per_s * (t - middle_s); }
};
CoreLine coreLine(const PitchLine& line, const Plateau& plateau);

/// Time from the note's start until its pitch stays within 10 cents of its line, ms; nullopt if it never
/// does.
std::optional<double> settleTime(const PitchLine& line, const Plateau& plateau, const CoreLine& core);
/// Largest departure, with its sign, of the first 200 ms from the line, cents.
std::optional<double> scoop(const PitchLine& line, const Plateau& plateau, const CoreLine& core);

/// A note with its core laid out and every figure that its frames allow; breaks are left out of its level.
/// `centre`: the line without its waves, whose median the pitch is.
Note describeNote(const Tracks& tracks, const PitchLine& line, const PitchLine& centre,
                  const Plateau& plateau, std::optional<double> settle_ms,
                  const std::vector<Dropout>& dropouts, const PitchFrame& frame);

/// Its partial of a tube, how far it is off that, and how strong a lower partial sounds on underneath.
void nameOnTube(Note& note, const TubeSetting& tube, const PitchFrame& frame);

/// Level, harmonics over noise, lines between the harmonics and jitter of a tone from end to end, whatever
/// its pitch does; breaks are left out of its level.
Note describeSounding(const Tracks& tracks, const Tone& tone, double hz);

Release describeRelease(const Tracks& tracks, const PitchLine& line, const Note& note);

}  // namespace calando
