#include "core/theory/pitch.h"

#include <charconv>
#include <limits>

namespace calando {

const std::array<double, 12> kJustRatios = {1.0,       16.0 / 15, 9.0 / 8, 6.0 / 5, 5.0 / 4, 4.0 / 3,
                                            45.0 / 32, 3.0 / 2,   8.0 / 5, 5.0 / 3, 9.0 / 5, 15.0 / 8};

namespace {

constexpr int kOctave = 12;

int floorMod(int a, int m) { return ((a % m) + m) % m; }

struct Letter {
  int step;        // diatonic step within the octave, C = 0
  int alteration;  // -1 flat, +1 sharp
};

Letter letterOf(int pitchClass, Spelling spelling) {
  static constexpr std::array<int, 12> sharpStep = {0, 0, 1, 1, 2, 3, 3, 4, 4, 5, 5, 6};
  static constexpr std::array<int, 12> flatStep = {0, 1, 1, 2, 2, 3, 4, 4, 5, 5, 6, 6};
  static constexpr std::array<bool, 12> black = {false, true,  false, true,  false, false,
                                                 true,  false, true,  false, true,  false};
  const auto pc = static_cast<std::size_t>(pitchClass);
  if (!black[pc]) return {sharpStep[pc], 0};
  return spelling == Spelling::sharps ? Letter{sharpStep[pc], 1} : Letter{flatStep[pc], -1};
}

int equalSemitone(double hz, double a4_hz) {
  return static_cast<int>(std::lround(69.0 + kOctave * std::log2(hz / a4_hz)));
}

/// Reads a letter and its accidentals off the front of `text`.
std::optional<int> takePitchClass(std::string_view& text) {
  static constexpr std::array<int, 7> fromA = {9, 11, 0, 2, 4, 5, 7};
  if (text.empty()) return std::nullopt;
  const char upper = static_cast<char>(text[0] & ~0x20);
  if (upper < 'A' || upper > 'G') return std::nullopt;
  int pc = fromA[static_cast<std::size_t>(upper - 'A')];
  text.remove_prefix(1);
  for (int accidentals = 0; accidentals < 2; ++accidentals) {
    if (text.starts_with("b")) {
      --pc;
      text.remove_prefix(1);
    } else if (text.starts_with("#")) {
      ++pc;
      text.remove_prefix(1);
    } else if (text.starts_with("♭")) {
      --pc;
      text.remove_prefix(std::string_view("♭").size());
    } else if (text.starts_with("♯")) {
      ++pc;
      text.remove_prefix(std::string_view("♯").size());
    }
  }
  return pc;
}

}  // namespace

double frequencyOf(int semitone, const Reference& reference) {
  const auto equal = [&](int s) { return reference.a4_hz * std::exp2((s - 69) / double(kOctave)); };
  if (!reference.just) return equal(semitone);
  const int degree = floorMod(semitone - reference.tonic, kOctave);
  return equal(semitone - degree) * kJustRatios[static_cast<std::size_t>(degree)];
}

int nearestSemitone(double hz, const Reference& reference) {
  const int guess = equalSemitone(hz, reference.a4_hz);
  if (!reference.just) return guess;
  int best = guess;
  double least = std::numeric_limits<double>::max();
  for (int s = guess - 1; s <= guess + 1; ++s) {
    const double distance = std::abs(centsBetween(frequencyOf(s, reference), hz));
    if (distance < least) {
      least = distance;
      best = s;
    }
  }
  return best;
}

std::optional<int> parsePitchClass(std::string_view name) {
  const auto pc = takePitchClass(name);
  if (!pc || !name.empty()) return std::nullopt;
  return floorMod(*pc, kOctave);
}

std::optional<int> parseNote(std::string_view name) {
  const auto pc = takePitchClass(name);
  if (!pc || name.empty()) return std::nullopt;
  int octave = 0;
  const auto [end, error] = std::from_chars(name.data(), name.data() + name.size(), octave);
  if (error != std::errc{} || end != name.data() + name.size() || octave < -1 || octave > 9)
    return std::nullopt;
  return kOctave * (octave + 1) + *pc;
}

std::string pitchClassName(int pitchClass, Spelling spelling) {
  static constexpr std::string_view letters = "CDEFGAB";
  const Letter letter = letterOf(floorMod(pitchClass, kOctave), spelling);
  std::string name(1, letters[static_cast<std::size_t>(letter.step)]);
  if (letter.alteration != 0) name += letter.alteration < 0 ? 'b' : '#';
  return name;
}

std::string noteName(int semitone, Spelling spelling) {
  const int octave = (semitone - floorMod(semitone, kOctave)) / kOctave - 1;
  return pitchClassName(semitone, spelling) + std::to_string(octave);
}

std::string displayName(int semitone, Spelling spelling, NoteLanguage language) {
  static constexpr std::array<std::string_view, 7> english = {"C", "D", "E", "F", "G", "A", "B"};
  static constexpr std::array<std::string_view, 7> german = {"C", "D", "E", "F", "G", "A", "H"};
  static constexpr std::array<std::string_view, 7> fixedDo = {"Do", "Ré", "Mi", "Fa", "Sol", "La", "Si"};
  const int pc = floorMod(semitone, kOctave);
  const Letter letter = letterOf(pc, spelling);
  const auto step = static_cast<std::size_t>(letter.step);
  const std::string octave = std::to_string((semitone - pc) / kOctave - 1);
  if (language == NoteLanguage::german && pc == 10 && letter.alteration < 0) return "B" + octave;
  std::string name(language == NoteLanguage::english  ? english[step]
                   : language == NoteLanguage::german ? german[step]
                                                      : fixedDo[step]);
  if (letter.alteration != 0) name += letter.alteration < 0 ? "♭" : "♯";
  return name + octave;
}

StaffPlace staffPlace(int semitone, Spelling spelling) {
  const int pc = floorMod(semitone, kOctave);
  const Letter letter = letterOf(pc, spelling);
  return {(semitone - pc) / kOctave * 7 + letter.step, letter.alteration};
}

}  // namespace calando
