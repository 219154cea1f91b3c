#pragma once

#include <algorithm>
#include <map>
#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "core/exercise/cue_kind.h"
#include "core/exercise/exercise_ptr.h"
#include "core/exercise/partner.h"
#include "core/exercise/target.h"
#include "core/theory/part_played.h"

/// Exercise cards: data, in the form that docs/exercises.md describes.
namespace calando {

struct CueLength {
  enum class Unit { beats, seconds, open };
  Unit unit = Unit::open;  ///< open: as long as it lasts, or as long as is asked for
  double value = 0.0;
};

/// Which note a cue is for.
struct CueNote {
  enum class Kind {
    any,       ///< whichever comes
    written,   ///< `value` is a written semitone
    degree,    ///< `value` is a degree of the major scale on the home note, 1 is home, 8 the octave
    interval,  ///< `value` semitones above the home note
    partial,   ///< `value` is a partial of the fingering whose partial 1 is the home note
    each       ///< the generator's note
  };
  Kind kind = Kind::any;
  int value = 0;
  int down = 0;  ///< of a partial: on the tube so many half steps lower
};

/// An asked-for course over a cue: what is asked at shares (0 to 1) of it, growing. Straight lines in
/// between.
struct ShapePoint {
  double share;
  double value;
};
using Shape = std::vector<ShapePoint>;

enum class OnsetWanted { any, tongued, breath, slurred };

/// Who sounds in a cue of a card for two: both, the first alone, the second alone, or the second's own voice.
enum class Who { both, partner, player, voice };

/// One thing to do in an exercise.
struct Cue {
  CueKind kind = CueKind::tone;
  CueLength length;
  CueNote note;
  Shape loudness;  ///< dB, relative; empty: level
  Shape pitch;     ///< cents from the cue's own note; empty: that note all the way
  OnsetWanted onset = OnsetWanted::any;
  int pulses = 0;      ///< of a pulse cue
  bool model = false;  ///< the note that the others are held against in colour
  Who who = Who::both;
  std::string says;  ///< what to do with it, in a few words; empty: its kind says it
};

/// Repeats the cues once for every note that it makes, outward from the home note.
struct Generator {
  /// climb: no notes, each time round takes a beat more for every cue counted in beats.
  enum class Kind { none, scale, chromatic, series, outward, climb };
  Kind kind = Kind::none;
  int count = 0;            ///< notes, below 0 downwards; of a climb how often at most
  double rest_beats = 0.0;  ///< of a climb: normal breath after every second time
  std::string says = {};    ///< what to do then
};

/// When the trace is seen: while the take sounds, once it has ended, or not before it is asked for.
enum class Display { shown, after, hidden };

/// What of a card is asked for more of, step by step, once it is reliable.
struct Grows {
  enum class What { nothing, seconds, tempo, counts };
  What what = What::nothing;
  std::vector<double> steps;  ///< growing; none for nothing
};

/// What the pitch is held against: what is set for the take; equal steps; pure intervals over the home note;
/// the player's own home note as it first came, with equal steps or pure intervals as set.
enum class PitchReference { asked, equal, just, home };

/// Which take a card holds the take against.
enum class Against { nobody, best, teacher };

/// Of a card for two: what the second is to be to the first, and what a made first one does.
struct PairCard {
  double semitones = 0.0;    ///< second over first
  double off_cents = 0.0;    ///< how sharp the first is
  double drift_cents = 0.0;  ///< of the first, by the end
  bool fades = false;
  bool surprises = false;  ///< it comes when it likes, on a note that nobody says
  PartnerVoice::Manner manner = PartnerVoice::Manner::holds;
};

/// An exercise card.
struct Exercise {
  std::string id;
  std::string title;
  std::string family;
  std::string purpose;
  ForWhom whom;                                ///< it is for
  std::vector<std::string> cautions;           ///< ids of cautions(), or words of its own
  std::map<std::string, std::string> schools;  ///< what a school does otherwise, by its name
  double tempo_bpm = 0.0;                      ///< 0: not counted
  int countIn = 0;                             ///< beats
  PartPlayed part = PartPlayed::whole;
  Display display = Display::shown;
  PitchReference reference = PitchReference::asked;
  bool startsLow = false;  ///< its home note is a fifth over the player's lowest, where none is asked for
  std::vector<Cue> cues;
  Generator generator;
  std::optional<PairCard> pair;  ///< it is for two
  bool drone = false;            ///< it is for a drone on its home note
  Against against = Against::nobody;
  bool scored = true;                      ///< false: an exploring step, held against no target
  std::map<std::string, Targets> targets;  ///< by level id: what this card asks otherwise than the level
  int good = 3;                            ///< so many good takes of the last `of` open the next step
  int of = 5;
  int sets = 1;
  double rest_s = 0.0;         ///< owed between sets
  bool restsAsPlayed = false;  ///< as long as it sounded, at least
  int mostPerDay = 0;          ///< 0: as often as is liked
  Grows grows;
  std::string then;                   ///< the card that takes its place once it is reliable; empty: none
  double faster_bpm = 0.0;            ///< a good take makes the next one so much faster
  bool timedByKey = false;            ///< the player's key says when something began and ended
  bool logsFingerings = false;        ///< which fingering was used is said with each take
  std::vector<std::string> ticks;     ///< what is to be looked at, ids of ticks(): nobody can hear it
  std::vector<std::string> readings;  ///< ids, what matters first

  bool counted() const { return tempo_bpm > 0.0; }
  /// How long is the player's to say: a sounding cue is open, and the card does not say itself how long.
  bool asksForSeconds() const {
    const bool says =
        std::ranges::any_of(targets, [](const auto& level) { return level.second.contains("held_s"); });
    return !says && std::ranges::any_of(cues, [](const Cue& cue) {
      return cue.length.unit == CueLength::Unit::open && isSounding(cue.kind);
    });
  }
  /// It goes up by itself.
  bool climbs() const { return generator.kind == Generator::Kind::climb; }
  /// It is breath that is practised, with a tone at its end or without.
  bool breathes() const {
    return std::ranges::any_of(cues, [](const Cue& cue) { return isAir(cue.kind); });
  }
  /// A card of the small part that asks for level sounds, and for no way of the pitch.
  bool keepsLevel() const {
    return part != PartPlayed::whole && std::ranges::all_of(cues, [](const Cue& cue) {
             return !isSounding(cue.kind) || (cue.kind == CueKind::tone && cue.pitch.empty());
           });
  }
  /// It asks for partials of a fingering.
  bool asksForPartials() const {
    return std::ranges::any_of(cues, [](const Cue& cue) { return cue.note.kind == CueNote::Kind::partial; });
  }
  /// It goes from tube to tube.
  bool changesTubes() const {
    return std::ranges::any_of(cues, [](const Cue& cue) { return cue.note.down > 0; });
  }
  /// Nobody says which note it is.
  bool surprises() const { return pair && pair->surprises; }
  /// A made partner has something to play.
  bool hasPartner() const {
    return pair && std::ranges::any_of(
                       cues, [](const Cue& cue) { return cue.who == Who::both || cue.who == Who::partner; });
  }
  /// Breath alone is practised.
  bool drillsBreath() const { return breathes() && !asksForTones(); }
  /// Something is to be heard.
  bool asksForSound() const {
    return std::ranges::any_of(cues, [](const Cue& cue) { return isAudible(cue.kind); });
  }
  /// Something with a pitch is asked for, as against breaths alone.
  bool asksForTones() const {
    return std::ranges::any_of(cues, [](const Cue& cue) { return isSounding(cue.kind); });
  }
};

}  // namespace calando
