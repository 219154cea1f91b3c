#pragma once

#include <array>
#include <cstddef>
#include <optional>
#include <vector>

#include "core/base/names.h"
#include "core/signal/frames.h"
#include "core/theory/pitch.h"

/// What measuring finds in a take. Every figure is defined in docs/measures.md. Times are seconds from the
/// take's start, cents are taken in the log domain, an empty optional is a figure that could not be measured.
namespace calando {

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

/// What sounds on under a note.
struct Under {
  double hz;
  double db;  ///< to the note's strongest harmonic
};

struct Note {
  double start_s;
  double end_s;
  double coreStart_s;  ///< the part that the figures are of
  double coreEnd_s;
  std::optional<int> asked;  ///< written
  int written;
  int concert;
  std::optional<int> partial;          ///< of the fingering
  std::optional<double> series_cents;  ///< off that partial
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
  std::optional<Under> under;      ///< looked for where overtones are played
  std::optional<double> under_db;  ///< the strongest lower partial of the fingering, to its own strongest
  std::optional<double> colour_repeat_db;  ///< colour distance of its own two halves: what is no difference
  /// One standard deviation of a figure, by how it strays within the note; empty: too short to tell.
  struct Unsure {
    std::optional<double> pitch_cents;  ///< of its middle: of f0_hz, offset_cents and what is made of them
    std::optional<double> level_dbfs;
    std::optional<double> hnr_db;
    std::optional<double> brightness;
  };
  Unsure unsure;
};

struct Glide {
  double start_s;
  double end_s;
  double from_hz;
  double to_hz;
  std::optional<double> uneven_cents = {};  ///< about a straight line
  int breaks = 0;                           ///< on the way
  double semitones() const { return centsBetween(from_hz, to_hz) / 100.0; }
};

struct Dropout {
  double at_s;
  double length_s;
  std::optional<bool> air_went_on = {};  ///< empty: cannot be told
  double end_s() const { return at_s + length_s; }
};

/// How low and how high a tone goes, and where it stays for half a second.
struct PitchRange {
  double lowest_hz;
  double highest_hz;
  std::optional<double> lowestSteady_hz;
  std::optional<double> highestSteady_hz;
  double semitones() const { return centsBetween(lowest_hz, highest_hz) / 100.0; }
};

struct Slip {
  double at_s;
  int from;  ///< written
  int to;
  double length_s;
  std::optional<int> from_partial = {};  ///< of the fingering
  std::optional<int> to_partial = {};
};

/// From one note to the next of a slur.
struct Transition {
  int from;  ///< written
  int to;
  std::size_t note;  ///< index of the note that it leads to, in its tone
  double at_s;       ///< its middle
  double length_ms;  ///< from leaving the old note's ±30 cents to entering the new one's; of a gap the gap
  double gap_ms = 0.0;  ///< nothing is heard, or 20 dB less
  double dip_db = 0.0;  ///< lowest RMS over 50 ms in between less the mean of both sides, at most 0
  std::optional<bool> over_break = {};  ///< of reeds and flutes: into another register
  double bump_db = 0.0;                 ///< highest, at least 0
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

/// What a buzz on the small part is like; unsure: too near a border to tell.
enum class BuzzQuality { clean, weak, spread, crackling, weakCrackling, unsure };
inline constexpr Named<BuzzQuality> kQualities[] = {{"clean", BuzzQuality::clean},
                                                    {"weak", BuzzQuality::weak},
                                                    {"spread", BuzzQuality::spread},
                                                    {"crackling", BuzzQuality::crackling},
                                                    {"weak-crackling", BuzzQuality::weakCrackling},
                                                    {"unsure", BuzzQuality::unsure}};

struct Tone {
  double start_s;
  double end_s;
  double held_s;
  /// One standard deviation: how far an end may lie where the level strays and does not fall at once.
  std::optional<double> held_unsure_s;
  std::vector<Note> notes;
  std::vector<Glide> glides;
  std::vector<Dropout> dropouts;
  std::vector<Slip> slips;
  std::vector<Transition> transitions;  ///< also that from a tone less than 150 ms before
  Onset onset;
  Release release;
  std::optional<PitchRange> range = {};
  std::optional<double> level_dbfs = {};    ///< of all of it, breaks left out, whatever its pitch does
  std::optional<double> hnr_db = {};        ///< the same
  std::optional<BuzzQuality> quality = {};  ///< on the small part
  /// How far it is from the nearest border that decides, in what such sounds are apart; under 1 is unsure.
  std::optional<double> quality_margin = {};

  /// The longest note, or nullptr.
  const Note* mainNote() const;
  /// Of a tone that goes both ways: where its last way ends, from where its first began.
  std::optional<double> wayBack_semitones() const;
};

enum class AirPhase { inhale, exhale, unknown };
/// How air sounds: low and wide; high, a hiss of throat or lips; hardly there beside the others; too near the
/// room to tell; none of these, or no breath at all.
enum class AirSound { open, tight, thin, faint, unclear };
/// The spectrum of a breath: the level of each band over that of all, dB, from -30 up.
using AirProfile = std::array<double, kAirBands>;
/// A breath that a teacher calls open.
struct OpenMark {
  AirProfile profile;
  double level_dbfs;
};
/// A player's own open breath, and how far one of them is from another.
struct OpenBreath {
  AirProfile profile;
  double level_dbfs;
  double repeat_db;
};
/// Air that does not sound. Figures are of 150 Hz to 8 kHz, the room's power taken off.
struct Air {
  double start_s;
  double end_s;
  AirPhase phase = AirPhase::unknown;
  AirSound sound = AirSound::unclear;
  std::optional<double> level_dbfs = {};
  std::optional<double> sound_margin_db = {};  ///< its power, the room's in it, over the room's
  std::optional<double> centroid_hz = {};
  std::optional<double> bandwidth_hz = {};  ///< between the points that 15 % and 85 % of the power lie below
  std::optional<double> evenness_db = {};
  std::optional<double> front_load =
      {};                               ///< share of the summed amplitude in the first quarter; 0.25 is even
  std::optional<double> end_load = {};  ///< in the last
  std::optional<double> full_at = {};   ///< share of its time after which 90 % of it is past; 0.9 is even
  std::optional<double> easy_s = {};    ///< how long it goes as it began; of one of three seconds and more
  std::optional<AirProfile> profile = {};
  std::optional<double> open_distance_db = {};  ///< from the player's own open breath
};

}  // namespace calando
