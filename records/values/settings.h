#pragma once

#include <cstdint>
#include <optional>
#include <string>

/// What is set once for a studio, each with its type and what holds where nothing is set or what is there
/// cannot be read. Studio::get() and Studio::keep() take them.
namespace calando {

template <class T>
struct Setting {
  std::string key;
  T fallback;
};

namespace settings {
inline const Setting<std::string> source{"source", ""};    ///< id of the input; empty: none chosen yet
inline const Setting<std::string> output{"output", ""};    ///< id of the output; empty: the system's
inline const Setting<double> output_db{"output_db", 0.0};  ///< of what is heard with a take
/// What a partner sounds as: an instrument's id, kOwnInstrument, or empty for a plain tone.
inline const Setting<std::string> partner{"partner", ""};
inline constexpr const char* kOwnInstrument = "own";
inline const Setting<std::string> school{"school", ""};     ///< in whose words cards speak; empty: of all
inline const Setting<double> place{"place", 1.0};           ///< where the microphone stands, by number
inline const Setting<double> noteNames{"note_names", 0.0};  ///< a NoteLanguage
inline const Setting<double> accidentals{"accidentals",
                                         0.0};  ///< 0: as is usual; else one more than a Spelling
inline const Setting<double> guessFirst{"guess_first", 0.0};    ///< 1: a figure is guessed before it is seen
inline const Setting<double> soundMonths{"sound_months", 0.0};  ///< how long sound is kept; 0: for good
inline const Setting<double> backedUp{"backed_up", 0.0};        ///< when, Unix seconds; 0: never
inline const Setting<std::string> watched{"watched", ""};  ///< folder that homework comes into; empty: none
/// The folder that a pack or a backup is being written into; empty: none is.
inline const Setting<std::string> writingTo{"writing_to", ""};
inline const Setting<std::string> language{"language", ""};  ///< of the window; empty: the desktop's
/// Who reads the answers to a student's homework, a words::Reader.
inline Setting<double> readerOf(std::int64_t student) { return {"reader:" + std::to_string(student), 0.0}; }
}  // namespace settings

/// The measured delay from a click to its recording, seconds; nullopt: not measured.
inline Setting<std::optional<double>> delayOf(const std::string& source, const std::string& output) {
  return {"way:" + source + "|" + output, std::nullopt};
}

}  // namespace calando
