#pragma once

#include <vector>

#include "core/measure/edges/sounds.h"
#include "core/measure/pitch/pitch_line.h"

/// Plateaus, slips and glides of one tone.
namespace calando {

inline constexpr double kShortestNote_s = 0.12;
/// A stretch about one centre, at least kShortestNote_s long.
struct Plateau {
  double start_s;
  double end_s;
  double cents;  ///< its median
};

struct NoteLayout {
  std::vector<Plateau> plateaus;
  std::vector<Glide> glides;
  /// Jumps of at least 150 cents that come back within 500 ms: from and to in cents over 440 Hz.
  struct Jump {
    double at_s;
    double from_cents;
    double to_cents;
    double length_s;
  };
  std::vector<Jump> jumps;
};
/// The line without what lies in the jumps: the note itself.
PitchLine withoutJumps(const PitchLine& line, const std::vector<NoteLayout::Jump>& jumps);
/// `line`: without waves. A note keeps within ±60 cents of its centre, or wanders slowly and comes back,
/// within ±150; a new one begins where the pitch steps by 80 cents or more within a tenth of a second.
/// What a tone may be taken for.
enum class Expected {
  anything,
  oneNote,  ///< a single note was asked for: all within ±150 cents of one centre is that note
  travels   ///< on the small part, where no note was asked for, a small siren is no wandering note
};
/// `inTurn`: notes as short as a slip may have been meant: what is held as long as what stands beside it is
/// one.
NoteLayout layOutNotes(const PitchLine& line, double start_s, double end_s, Expected expected, bool inTurn);

/// What a rough sound's jitter makes of a way by chance is taken out: a note so short that the pitch would
/// hardly have got on meanwhile (kShowsJitter), or that is the point of a turn. Ways that go on in one
/// direction with no note between them are one. `line`: what they are of, `jitter` that of its medians,
/// cents.
void joinWays(const PitchLine& line, double jitter, NoteLayout& layout);

/// Whether a dropout of the tone is a pause of the tongue between two different notes: no break in either.
bool isBetweenNotes(const Dropout& dropout, const Tone& tone);

}  // namespace calando
