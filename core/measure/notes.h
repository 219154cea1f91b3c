#pragma once

#include <vector>

#include "core/analysis.h"

/// Plateaus, slips and glides of one tone.
namespace calando {

/// The pitch of a tone, gaps and breaks left out.
struct PitchLine {
  std::vector<double> time_s;
  std::vector<double> cents;  ///< over 440 Hz
};
/// Voiced frames within [from_s, to_s] that are at least 25 ms clear of the dropouts.
PitchLine pitchLine(const Tracks& tracks, double from_s, double to_s, const std::vector<Dropout>& dropouts);

/// A stretch within ±60 cents of its median and with a slope under 200 cents/s, at least 120 ms long.
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
NoteLayout layOutNotes(const PitchLine& line, double start_s, double end_s);

/// Whether a dropout of the tone is a pause of the tongue between two different notes: no break in either.
bool isBetweenNotes(const Dropout& dropout, const Tone& tone);

}  // namespace calando
