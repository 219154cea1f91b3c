#pragma once

#include <memory>
#include <optional>
#include <vector>

#include "core/exercise/cue_kind.h"
#include "core/exercise/key_times.h"
#include "core/figures/reading.h"
#include "core/figures/start.h"
#include "core/figures/verdict.h"
#include "core/measure/air/processing.h"
#include "core/measure/edges/sounds.h"
#include "core/measure/pair/pair.h"
#include "core/measure/pitch/bend.h"
#include "core/measure/pitch/reached.h"
#include "core/theory/part_played.h"

/// What is found of a take once it is held against its exercise.
namespace calando {

/// One cue of the exercise and what was played for it. What the sound itself is stands with the sound
/// (soundOf()); here is what only the cue makes of it.
struct CueResult {
  CueKind kind = CueKind::tone;
  double start_s = 0.0;  ///< where the count has it, in the take
  double end_s = 0.0;
  std::optional<int> asked;  ///< written
  /// Index of the tone, where the kind asks for air that of the air; empty: it did not come.
  std::optional<std::size_t> matched;
  std::optional<std::size_t> note;  ///< index of the note in that tone
  std::optional<Start> start;       ///< of a cue that asks for a pitch

  struct OnCount {
    std::optional<double> place_ms;            ///< onset less the count's; late is positive
    std::optional<double> length_beats;        ///< from onset to end; null without a count
    std::optional<double> length_error_beats;  ///< less what was asked for
  } count;
  struct Pitch {
    std::optional<double> offset_cents;        ///< off the note asked for
    std::optional<double> series_cents;        ///< off its partial of the fingering
    std::optional<double> path_error_cents;    ///< RMS about the asked-for path, its mean taken off
    std::optional<double> glide_error_cents;   ///< its way less that from the note before to its own
    std::optional<double> glide_uneven_cents;  ///< RMS of a glide about a straight line
  } pitch;
  struct Dynamics {
    std::optional<double> shape_error_db;  ///< RMS of the level less the asked-for shape, its mean taken off
    std::optional<double> peak_error_beats;  ///< of a swell; late is positive
    std::optional<double> cents_per_db;      ///< how the pitch goes with the level
    std::optional<double> partials_per_db;   ///< how the brightness goes with the level
    std::optional<double> core_gain_db;      ///< how far the tone opens while it sounds
    std::optional<double> pulse_depth_db;    ///< from trough to crest, mean
    std::optional<double> pulse_spread_db;   ///< standard deviation of the crests
  } dynamics;
  std::optional<double> colour_distance_db;  ///< from the model note
  std::shared_ptr<const Bend> bend;          ///< nullptr where there is none to be seen
  std::optional<Drop> drop;                  ///< of a note let fall into its centre
  struct WithAnother {
    std::optional<Together> together;         ///< of a note of two
    std::optional<Tunings> tunings;           ///< over a drone or partner
    std::optional<double> turn_cents;         ///< after another's: less that and the interval
    std::optional<double> turn_spread_cents;  ///< nine of ten such differences are off by less
  } another;
  std::optional<double> leak_s;           ///< of a hold: how long something is heard in it
  Verdict verdict = Verdict::unmeasured;  ///< the worst of its own figures

  bool asksForSound() const { return isSounding(kind); }
  /// Something is to be heard for it.
  bool isAudible() const { return calando::isAudible(kind); }
};

struct Analysis {
  double duration_s = 0.0;
  long clippedSamples = 0;
  long badSamples = 0;
  std::optional<double> noiseFloor_dbfs;
  std::optional<double> airFloor_dbfs;  ///< the same of 150 Hz to 8 kHz
  /// Of the drone or partner that was played to it, where the microphone heard it.
  std::optional<double> drone_dbfs;
  std::optional<double> swell_dbfs;     ///< of the swell that was played, where the microphone heard it
  std::optional<double> clicks_dbfs;    ///< of the count's clicks that were heard and taken out
  PartPlayed part = PartPlayed::whole;  ///< what of the instrument was played
  Reference reference;                  ///< what the pitches were held against
  Processing processing;                ///< what the computer did to the microphone
  std::optional<KeyTimes> key;          ///< of a take that was timed by key
  std::optional<double> room_c;         ///< how warm the room was, °C
  bool letGoTooEarly = false;           ///< timed by key: before any air came; the try counts for nothing
  std::vector<Segment> segments;
  std::vector<Tone> tones;
  std::vector<Air> airs;
  std::vector<Reached> reach;  ///< of the whole instrument
  std::optional<Pair> pair;    ///< of two that sound together
  std::vector<CueResult> cues;
  std::vector<Reading> readings;
  std::vector<Reading> aside;  ///< figures that the card does not show and its advice may need
  std::vector<Advice> advice;

  /// Air was not heard as it was: by what the computer did, or under the swell that was played to it.
  bool airSpoilt() const { return processing.any() || swell_dbfs > noiseFloor_dbfs; }
  /// The tone that is judged: the one held longest, or nullptr.
  const Tone* mainTone() const;
  /// Its longest note, or nullptr.
  const Note* mainNote() const;
};

/// What was heard for a row: all nullptr when it did not come.
struct CueSound {
  const Tone* tone = nullptr;
  const Note* note = nullptr;
  const Air* air = nullptr;  ///< where its kind asks for air
};
CueSound soundOf(const CueResult& cue, const Analysis& analysis);

}  // namespace calando
