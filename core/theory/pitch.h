#pragma once

#include <array>
#include <cmath>
#include <optional>
#include <string>
#include <string_view>

/// Pitch arithmetic: cents, semitones, note names, temperaments.
/// Semitones are MIDI note numbers: 69 is A4, 60 is middle C (C4).
namespace calando {

/// Interval from `from_hz` up to `hz` in cents (1/1200 octave, Ellis 1885). Both must be > 0.
inline double centsBetween(double from_hz, double hz) { return 1200.0 * std::log2(hz / from_hz); }
/// The frequency `cents` above `hz`.
inline double shiftedBy(double hz, double cents) { return hz * std::exp2(cents / 1200.0); }

enum class Spelling { sharps, flats };
enum class NoteLanguage { english, german, fixedDo };

/// What a pitch is held against.
struct Reference {
  double a4_hz = 440.0;  ///< 380 to 500
  bool just = false;     ///< just intonation over `tonic` instead of equal temperament
  int tonic = 0;         ///< pitch class 0 (C) to 11 (B); sounds as in equal temperament
};

/// Frequency of a concert semitone in the reference, Hz.
double frequencyOf(int semitone, const Reference& reference);
/// The semitone of the reference nearest to `hz` (> 0).
int nearestSemitone(double hz, const Reference& reference);

/// "Bb4", "F#3", "C4", also with the signs ♭ ♯; octave from -1 to 9. German: "B4" (B♭), "H4", "Fis3", "Es4",
/// and with the same signs; fixed-do: "Si♭4", "Re4", "ré4". Nullopt when it is no note name.
std::optional<int> parseNote(std::string_view name, NoteLanguage language = NoteLanguage::english);
/// "Bb", "F#": pitch class 0 to 11.
std::optional<int> parsePitchClass(std::string_view name);
/// The contract's spelling: ASCII, English, "Bb4".
std::string noteName(int semitone, Spelling spelling);
std::string pitchClassName(int pitchClass, Spelling spelling);
/// For people: "B♭4", "F♯4", German "B4", "H4", "Fis4", fixed-do "Si♭4".
std::string displayName(int semitone, Spelling spelling, NoteLanguage language = NoteLanguage::english);
/// The same without the octave, of any semitone.
std::string displayPitchClass(int semitone, Spelling spelling, NoteLanguage language = NoteLanguage::english);

/// A note's place on a staff: diatonic step counted from C-1 (C4 is 35) and alteration (-1, 0, +1).
struct StaffPlace {
  int step;
  int alteration;
};
StaffPlace staffPlace(int semitone, Spelling spelling);

/// Beats a second between `hz` and a pitch `cents` away from it.
inline double beatsPerSecond(double hz, double cents) { return std::abs(shiftedBy(hz, cents) - hz); }

}  // namespace calando
