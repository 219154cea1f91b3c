#include "core/theory/pitch.h"

#include <charconv>
#include <limits>
#include <span>

#include "core/theory/interval.h"

namespace calando {

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

/// Takes `sign` off the front of `text`, its ASCII letters in either case.
bool take(std::string_view& text, std::string_view sign) {
  if (text.size() < sign.size()) return false;
  const auto lower = [](char c) { return c >= 'A' && c <= 'Z' ? static_cast<char>(c | 0x20) : c; };
  for (std::size_t i = 0; i < sign.size(); ++i)
    if (lower(text[i]) != sign[i]) return false;
  text.remove_prefix(sign.size());
  return true;
}

struct Sign {
  std::string_view text;
  int semitones;
};

/// The note without accidentals; of two signs that begin alike the longer comes first.
std::span<const Sign> naturalsOf(NoteLanguage language) {
  static constexpr std::array<Sign, 7> english = {
      {{"c", 0}, {"d", 2}, {"e", 4}, {"f", 5}, {"g", 7}, {"a", 9}, {"b", 11}}};
  // Who writes "Bb" in German means "B".
  static constexpr std::array<Sign, 10> german = {{{"c", 0},
                                                   {"d", 2},
                                                   {"e", 4},
                                                   {"f", 5},
                                                   {"g", 7},
                                                   {"a", 9},
                                                   {"h", 11},
                                                   {"bb", 10},
                                                   {"b♭", 10},
                                                   {"b", 10}}};
  static constexpr std::array<Sign, 9> fixedDo = {
      {{"do", 0}, {"ré", 2}, {"rÉ", 2}, {"re", 2}, {"mi", 4}, {"fa", 5}, {"sol", 7}, {"la", 9}, {"si", 11}}};
  switch (language) {
    case NoteLanguage::german:
      return german;
    case NoteLanguage::fixedDo:
      return fixedDo;
    case NoteLanguage::english:
      break;
  }
  return english;
}

/// Reads a note and its accidentals off the front of `text`.
std::optional<int> takePitchClass(std::string_view& text, NoteLanguage language) {
  static constexpr std::array<Sign, 4> signs = {{{"b", -1}, {"#", 1}, {"♭", -1}, {"♯", 1}}};
  static constexpr std::array<Sign, 3> germanSigns = {{{"is", 1}, {"es", -1}, {"s", -1}}};
  std::optional<int> pc;
  for (const Sign& natural : naturalsOf(language))
    if (take(text, natural.text)) {
      pc = natural.semitones;
      break;
    }
  if (!pc) return std::nullopt;
  const bool vowel = pc == 4 || pc == 9;  // E and A: Es, As
  for (int accidentals = 0; accidentals < 2; ++accidentals)
    for (const Sign& sign : signs)
      if (take(text, sign.text)) {
        pc = *pc + sign.semitones;
        break;
      }
  if (language == NoteLanguage::german)
    for (const Sign& sign : germanSigns)
      if ((sign.text != "s" || vowel) && take(text, sign.text)) return *pc + sign.semitones;
  return pc;
}

}  // namespace

double frequencyOf(int semitone, const Reference& reference) {
  const auto equal = [&](int s) { return reference.a4_hz * std::exp2((s - 69) / double(kOctave)); };
  if (!reference.just) return equal(semitone);
  const int degree = floorMod(semitone - reference.tonic, kOctave);
  return equal(semitone - degree) * kJust[static_cast<std::size_t>(degree)].value();
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
  const auto pc = takePitchClass(name, NoteLanguage::english);
  if (!pc || !name.empty()) return std::nullopt;
  return floorMod(*pc, kOctave);
}

std::optional<int> parseNote(std::string_view name, NoteLanguage language) {
  const auto pc = takePitchClass(name, language);
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

std::string displayPitchClass(int semitone, Spelling spelling, NoteLanguage language) {
  static constexpr std::array<std::string_view, 7> english = {"C", "D", "E", "F", "G", "A", "B"};
  static constexpr std::array<std::string_view, 7> german = {"C", "D", "E", "F", "G", "A", "H"};
  static constexpr std::array<std::string_view, 7> fixedDo = {"Do", "Ré", "Mi", "Fa", "Sol", "La", "Si"};
  const Letter letter = letterOf(floorMod(semitone, kOctave), spelling);
  const auto step = static_cast<std::size_t>(letter.step);
  if (language == NoteLanguage::german) {
    const std::string name(german[step]);
    if (letter.alteration == 0) return name;
    if (letter.alteration > 0) return name + "is";
    if (name == "H") return "B";
    return name + (name == "E" || name == "A" ? "s" : "es");
  }
  std::string name(language == NoteLanguage::english ? english[step] : fixedDo[step]);
  if (letter.alteration != 0) name += letter.alteration < 0 ? "♭" : "♯";
  return name;
}

std::string displayName(int semitone, Spelling spelling, NoteLanguage language) {
  const int octave = (semitone - floorMod(semitone, kOctave)) / kOctave - 1;
  return displayPitchClass(semitone, spelling, language) + std::to_string(octave);
}

StaffPlace staffPlace(int semitone, Spelling spelling) {
  const int pc = floorMod(semitone, kOctave);
  const Letter letter = letterOf(pc, spelling);
  return {(semitone - pc) / kOctave * 7 + letter.step, letter.alteration};
}

}  // namespace calando
