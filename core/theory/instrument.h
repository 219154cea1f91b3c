#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <tl/expected.hpp>
#include <vector>

#include "core/base/fault.h"
#include "core/base/names.h"
#include "core/theory/pitch.h"

namespace calando {

enum class Family { flute, doubleReed, singleReed, brass };
inline constexpr Named<Family> kFamilies[] = {{"flute", Family::flute},
                                              {"double-reed", Family::doubleReed},
                                              {"single-reed", Family::singleReed},
                                              {"brass", Family::brass}};
enum class Clef { treble, bass, tenor };

struct Tubing;  // theory/tube.h

/// One entry of the instrument catalogue (data/instruments.json).
struct Instrument {
  std::string id;
  std::string name;
  Family family;
  Clef clef;
  Spelling spelling;
  int transposition;  ///< sounding less written, semitones (B♭ trumpet -2)
  int lowest;         ///< sounding range, MIDI semitones
  int highest;
  const Tubing* tubing = nullptr;      ///< of brass: how the tube is made longer
  std::optional<int> openFundamental;  ///< of brass: written partial 1 of the open tube
  std::vector<int> bellNotes;          ///< written low notes of long tubes, on which overtones are sought
  std::vector<int> registers;          ///< of reeds and flutes: written notes from which the next one goes up
  bool oddSeries = false;              ///< its tube has odd partials alone, as a stopped cylinder has

  int writtenOf(int sounding) const { return sounding - transposition; }
  int soundingOf(int written) const { return written + transposition; }
};

/// Reads a catalogue. The error is one line that names the entry, the key and the remedy.
tl::expected<std::vector<Instrument>, Problem> parseInstruments(std::string_view json);

/// The catalogue that ships with the program, in its order; parsed once, thread-safe.
const std::vector<Instrument>& instruments();
/// Nullptr when no instrument has that id.
const Instrument* findInstrument(std::string_view id);

/// A comfortable sounding note of an instrument: somewhat below the middle of its range.
int comfortableNote(const Instrument& instrument);

}  // namespace calando
