#pragma once

#include <optional>
#include <span>
#include <string>
#include <string_view>

#include "core/theory/pitch_frame.h"

/// The arithmetic of the trade: lines of two quantities, each of which gives the other.
namespace calando {

/// What the lines of one page share.
struct Givens : PitchFrame {
  double tempo_bpm = 60.0;
  double bar_beats =
      4.0;              ///< of the metre, in the tempo's beats: of six eighths counted in dotted quarters 2
  int note = 69;        ///< sounding semitone, where a line needs a pitch
  double air_c = 20.0;  ///< of the air in the tube, °C

  double note_hz() const { return frequencyOf(note, reference); }
  /// The tube in use; of brass the open one where none is said.
  std::optional<TubeSetting> tube() const;
};

/// How a quantity is written: a number; a written or sounding note; a sounding pitch, "A4 +3.2".
enum class Kind { number, note, pitch };

struct Quantity {
  std::string_view label;  ///< for people, in English; so is the unit
  std::string_view unit;
  Kind kind;
  int decimals;
  double low, high;  ///< both included; of notes semitones
};

/// What lines stand together for.
enum class Topic { time, notes, tuning, tube };
inline constexpr Topic kTopics[] = {Topic::time, Topic::notes, Topic::tuning, Topic::tube};
std::string_view labelOf(Topic topic);

/// One line. Left gives right by `forth`, right gives left by `back`; both empty where it cannot be reckoned
/// (no instrument, a length that no tube has).
struct Reckoning {
  Topic topic;  ///< lines of one stand together
  std::string_view id;
  std::string_view label;
  Quantity left, right;
  std::optional<double> (*forth)(const Givens&, double left);
  std::optional<double> (*back)(const Givens&, double right);
  std::string_view formula;    ///< what is done, in one line
  double start;                ///< of its left side on a page that opens
  std::string_view says = {};  ///< the same as one would tell a student; empty: the formula says it
};

std::span<const Reckoning> reckonings();
/// nullptr for none.
const Reckoning* findReckoning(std::string_view id);

/// "12.5", "Bb4", "A4 +3.2": in the contract's spelling. Nullopt for what is none, or out of range.
std::optional<double> readQuantity(const Quantity& quantity, std::string_view text,
                                   NoteLanguage language = NoteLanguage::english);
/// The note and the cents of a pitch.
struct NotedPitch {
  int semitone;
  double cents;
};
NotedPitch notedPitch(double semitones);
std::string writtenQuantity(const Quantity& quantity, double value, Spelling spelling);

/// Speed of sound in air, m/s (331.3·√(1 + T/273.15), dry air).
double speedOfSound(double celsius);

/// One degree over a tonic, for a table: where equal temperament, just intonation and the natural series put
/// it.
struct Degree {
  int halfSteps;
  double just_cents;                    ///< of the just one off the equal one
  std::optional<int> partial;           ///< of the natural series, octaves taken off; up to 15
  std::optional<double> natural_cents;  ///< of that partial off the equal one
  double beats_hz;                      ///< of the equal one against the just one, at the upper note
};
/// From 0 to 12 half steps over a tonic at that frequency.
std::vector<Degree> degreesOver(double tonic_hz);

}  // namespace calando
