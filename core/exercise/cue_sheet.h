#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/exercise/exercise.h"
#include "core/theory/instrument.h"
#include "core/theory/pitch_frame.h"
#include "core/theory/tube.h"

/// An exercise unrolled at a tempo for an instrument: what is to happen when.
namespace calando {

struct Context;

/// How far a climbing card goes with a player of whom nobody has said how many counts are the most.
inline constexpr int kUsualMostCounts = 8;

struct SheetCue {
  CueKind kind;
  double start_s;   ///< from the first cue's start; the count-in is before 0
  double length_s;  ///< of an open cue: the seconds asked for
  bool open;
  std::optional<int> note;  ///< written
  Shape loudness;
  Shape pitch;
  OnsetWanted onset;
  int pulses;
  bool model;
  std::string says = {};
  std::optional<int> partial = {};  ///< of its tube
  std::optional<TubeSetting> tube = {};
  Who who = Who::both;
  bool freeWay = false;  ///< how far and where it goes is the player's: the path says only which way

  double end_s() const { return start_s + length_s; }
  /// Where its pitch is asked to be, off its note; empty: on that note, or wherever it goes.
  const Shape& pathAsked() const {
    static const Shape none;
    return freeWay ? none : pitch;
  }
  /// Its pitch is meant to move: one sound, however many notes that is.
  bool moves() const { return movesOf(kind) != Moves::none || !pitch.empty(); }
  /// It goes on from the cue before without a new start.
  bool slurred() const { return onset == OnsetWanted::slurred; }
};

struct CueSheet {
  double beat_s = 0.0;  ///< 0: not counted
  int countIn = 0;      ///< beats
  int home = 0;         ///< written
  std::vector<SheetCue> cues;

  double length_s() const { return cues.empty() ? 0.0 : cues.back().end_s(); }
  bool counted() const { return beat_s > 0.0; }
  /// How many counts a cue has, rounded; 0 without a count.
  int countsOf(const SheetCue& cue) const;
  /// All that is asked for is one sound with a pitch.
  bool oneSound() const;
  /// All that is asked for is one breath.
  bool oneBreath() const;
  /// Seconds before the first cue at which the count begins.
  double countIn_s() const { return countIn * beat_s; }
};

/// The written note that a slide to a cue comes from: that of the cue before with one, else the home note.
int glideOrigin(const CueSheet& sheet, std::size_t cue);

/// Unrolls the context's exercise for its instrument. The home note is the first note asked for, else a
/// comfortable one; several asked for make one cue of each where the card has a single sounding cue. Notes
/// that the instrument does not have are left out. Where the first of two sounds alone and is a made one, the
/// player rests. The exercise must be set.
CueSheet unroll(const Context& context);

/// In the sheet of a climbing card, where a time round begins, counted from 0: between some of them there is
/// normal breath.
std::size_t firstCueOf(const Exercise& climbing, std::size_t round);

/// What the pitch is held against before anything is heard: the context's reference as its card tunes it.
Reference referenceFor(const Context& context);

/// The tube in use: the one said; where a card asks for partials and nobody says of which, the open one, or
/// the lowest note of a reed's or flute's long tubes; without an instrument the note asked for.
std::optional<TubeSetting> fingeringFor(const Context& context);

/// What a moment of a running sheet means to the player.
struct SheetMoment {
  int countInLeft = 0;                 ///< beats until the first cue, counted 4 3 2 1; 0 afterwards
  std::optional<std::size_t> current;  ///< the cue that runs
  std::optional<std::size_t> next;     ///< the next one that is to be played
  double toNext_s = 0.0;
  double toNext_beats = 0.0;  ///< 0 without a count
  double sinceBeat_s = 0.0;   ///< since the latest beat; meaningless without a count
  bool over = false;
};
/// `t`: from the first cue's start, below 0 in the count-in.
SheetMoment momentOf(const CueSheet& sheet, double t);

/// How the written notes are spelled: by the key of the home note where the exercise moves in its major
/// scale, else as the instrument prefers.
Spelling spellingFor(const Context& context);

/// The written notes of a sheet, each once, in order.
std::vector<int> notesOf(const CueSheet& sheet);

/// What a shape asks for at a share of the cue; 0 for an empty one.
double valueAt(const Shape& shape, double share);

}  // namespace calando
