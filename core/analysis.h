#pragma once

#include <optional>
#include <span>
#include <string>
#include <vector>

#include "core/signal/tracks.h"
#include "core/theory/instrument.h"
#include "core/theory/pitch.h"

/// The front door: what a take was asked to be goes in with its samples, what it was comes out.
/// Every figure is defined in docs/measures.md. Times are seconds from the take's start, cents are taken in
/// the log domain, an empty optional is a figure that could not be measured.
namespace calando {

struct Exercise;  // exercise/exercise.h
struct Level;     // exercise/judging.h

/// What of one take's tone another is held against: the teacher's, or the student's best so far.
struct Rival {
  double held_s = 0.0;
  std::optional<double> wander_cents;
};

/// The written notes that a player has, both ends included; an end left empty: as far as the instrument goes.
struct NoteRange {
  std::optional<int> lowest;
  std::optional<int> highest;
  bool holds(int written) const {
    return (!lowest || written >= *lowest) && (!highest || written <= *highest);
  }
};

/// What was asked for, and what it is held against.
struct Context {
  Reference reference;
  const Instrument* instrument = nullptr;    ///< nullptr: concert pitch, full range
  NoteRange range;                           ///< the player's own, within the instrument's
  std::vector<int> asked;                    ///< written semitones, in order; empty: nearest note
  std::optional<double> target_hz;           ///< instead of `asked`
  std::optional<int> fundamental;            ///< written partial 1 of the fingering in use
  std::shared_ptr<const Exercise> exercise;  ///< nullptr: not judged
  const Level* level = nullptr;              ///< needed with an exercise
  std::optional<double> askedSeconds;        ///< held time asked for, instead of the level's
  std::optional<double> tempo_bpm;           ///< instead of the exercise's own
  std::optional<double> start_s;   ///< where the first cue begins in the take; else found by alignment
  std::optional<double> drone_hz;  ///< what sounded with the take, and may be heard in it
  bool click = false;              ///< so did the count's clicks
  std::optional<double> fork_hz;   ///< and a fork before them
  std::optional<Rival> against;    ///< another take's tone that this one is held against
};

enum class SegmentKind { silence, air, tone };
struct Segment {
  SegmentKind kind;
  double start_s;
  double end_s;
};

struct Vibrato {
  double rate_hz;
  double extent_cents;  ///< half the peak-to-peak
};

/// A regular wave of the level.
struct LevelWave {
  double rate_hz;
  double depth_db;  ///< from its top to its bottom
};

struct Note {
  double start_s;
  double end_s;
  double coreStart_s;  ///< the part that the figures are of
  double coreEnd_s;
  std::optional<int> asked;  ///< written
  int written;
  int concert;
  std::optional<int> partial;
  double f0_hz;
  double target_hz;
  std::optional<double> offset_cents;  ///< empty: another note than the one asked for
  std::optional<double> wander_cents;
  std::optional<double> shake_cents;
  std::optional<double> drift_cents_per_s;
  std::optional<Vibrato> vibrato;
  std::optional<double> level_dbfs;
  std::optional<double> level_sd_db;
  std::optional<double> level_slope_db_per_s;
  std::optional<LevelWave> level_wave;
  std::optional<double> hnr_db;
  std::optional<double> brightness;
  std::optional<double> tilt_db_per_octave;
  std::optional<double> odd_even_db;
  std::optional<double> jitter_percent;
  std::optional<double> shimmer_db;
  std::optional<double> subharmonic_db;
  std::vector<std::optional<double>> harmonics_db;
  std::optional<double> colour_repeat_db;  ///< colour distance of its own two halves: what is no difference
};

struct Glide {
  double start_s;
  double end_s;
  double from_hz;
  double to_hz;
  double semitones() const { return centsBetween(from_hz, to_hz) / 100.0; }
};

struct Dropout {
  double at_s;
  double length_s;
};

struct Slip {
  double at_s;
  int from;  ///< written
  int to;
  double length_s;
};

struct Onset {
  std::optional<double> air_before_ms;
  std::optional<double> rise_ms;
  std::optional<double> scoop_cents;
  std::optional<double> settle_ms;
};

struct Release {
  std::optional<double> sag_cents;
  std::optional<double> fade_db;
  double rings_on_s = 0.0;  ///< how long a pitch is heard after the end: the room
};

struct Tone {
  double start_s;
  double end_s;
  double held_s;
  std::vector<Note> notes;
  std::vector<Glide> glides;
  std::vector<Dropout> dropouts;
  std::vector<Slip> slips;
  Onset onset;
  Release release;

  /// The longest note, or nullptr.
  const Note* mainNote() const;
};

enum class AirPhase { inhale, exhale, unknown };
struct Air {
  double start_s;
  double end_s;
  AirPhase phase;
  std::optional<double> level_dbfs;
  std::optional<double> centroid_hz;
  std::optional<double> evenness_db;
  std::optional<double> front_load;
};

enum class Verdict { inside, near, outside, notYet, unmeasured };

/// One cue of the exercise and what was played for it.
struct CueResult {
  std::string kind;
  double start_s = 0.0;  ///< where the count has it, in the take
  double end_s = 0.0;
  bool asksForSound = true;  ///< not for air or a rest
  std::optional<int> asked;  ///< written
  std::optional<std::size_t>
      matched;  ///< index of the tone, of an air cue that of the air; empty: it did not come
  std::optional<std::size_t> note;           ///< index of the note in that tone
  std::optional<double> place_ms;            ///< onset less the count's; late is positive
  std::optional<double> length_beats;        ///< from onset to end; null without a count
  std::optional<double> length_error_beats;  ///< less what was asked for
  std::optional<double> offset_cents;
  std::optional<double> wander_cents;
  std::optional<double> level_dbfs;
  std::optional<double> level_slope_db_per_s;
  std::optional<double> brightness;
  std::optional<double> hnr_db;
  std::optional<double> shape_error_db;    ///< RMS of the level less the asked-for shape, its mean taken off
  std::optional<double> peak_error_beats;  ///< of a swell; late is positive
  std::optional<double> cents_per_db;      ///< how the pitch goes with the level
  std::optional<double> partials_per_db;   ///< how the brightness goes with the level
  std::optional<double> core_gain_db;      ///< how far the tone opens while it sounds
  std::optional<double> pulse_depth_db;    ///< from trough to crest, mean
  std::optional<double> pulse_spread_db;   ///< standard deviation of the crests
  std::optional<double> colour_distance_db;  ///< from the model note
  std::optional<double> bend_cents;          ///< of a bend: the farthest that the pitch goes from its start
  std::optional<double> bend_return_cents;   ///< of a bend: its last pitch less its first
  std::optional<double> glide_error_cents;  ///< of a glide: its way less that from the note before to its own
  std::optional<double> glide_uneven_cents;  ///< of a glide: RMS about a straight line
  Verdict verdict = Verdict::unmeasured;     ///< the worst of its own figures
};

struct Reading {
  std::string id;
  std::string label;
  std::optional<double> value;
  std::string unit;
  std::optional<double> low;
  std::optional<double> high;
  bool hasTarget = false;
  Verdict verdict = Verdict::unmeasured;
  double excess = 0.0;  ///< distance outside the target, in widths of the target; 0 inside
};

struct Advice {
  std::string id;
  std::string text;  ///< the observation with its figure, then one thing to try
  std::string why;
  std::vector<std::string> because;  ///< reading ids
};

struct Analysis {
  double duration_s = 0.0;
  long clippedSamples = 0;
  long badSamples = 0;
  std::optional<double> noiseFloor_dbfs;
  std::optional<double> drone_dbfs;   ///< of the drone that was played to it, where the microphone heard it
  std::optional<double> clicks_dbfs;  ///< of the count's clicks that were heard and taken out
  Reference reference;                ///< what the pitches were held against
  std::vector<Segment> segments;
  std::vector<Tone> tones;
  std::vector<Air> airs;
  std::vector<CueResult> cues;
  std::vector<Reading> readings;
  std::vector<Advice> advice;

  /// The tone that is judged: the one held longest, or nullptr.
  const Tone* mainTone() const;
};

/// Pure. `samples` mono at `rate_hz` (8 000 to 384 000), full scale ±1.
Analysis analyse(std::span<const float> samples, double rate_hz, const Context& context);
/// The same from tracks, which may still be growing.
Analysis analyse(const Tracks& tracks, const Context& context);
/// What the analysis of samples goes through first, block by block: the count's clicks taken out where the
/// context has them, and tracked. Memory: that of a Tracker, and the count-in until its clicks are learnt.
class TakeTracker {
 public:
  TakeTracker(double rate_hz, const Context& context);
  ~TakeTracker();
  void push(std::span<const float> block);
  /// No more will come.
  Tracks finish();

 private:
  struct Stages;
  std::unique_ptr<Stages> stages_;
};
/// All of it at once.
Tracks trackTake(std::span<const float> samples, double rate_hz, const Context& context);

/// The engine's version: analyses kept from another one are made anew.
std::string engineVersion();

}  // namespace calando
