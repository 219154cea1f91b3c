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

enum class Family { flute, recorder, doubleReed, singleReed, brass };
inline constexpr Named<Family> kFamilies[] = {{"flute", Family::flute},
                                              {"recorder", Family::recorder},
                                              {"double-reed", Family::doubleReed},
                                              {"single-reed", Family::singleReed},
                                              {"brass", Family::brass}};
enum class Clef { treble, bass, tenor, alto };
inline constexpr Named<Clef> kClefs[] = {
    {"treble", Clef::treble}, {"bass", Clef::bass}, {"tenor", Clef::tenor}, {"alto", Clef::alto}};
/// What is moved to tune the whole instrument.
enum class Tuner { slide, barrel, headJoint, mouthpiece, reed, crook };

/// For people, in English, with its article.
std::string_view labelOf(Tuner tuner);

struct Tubing;  // theory/tube.h

/// One entry of the instrument catalogue (data/instruments.json).
struct Instrument {
  std::string id;
  std::string name;
  Family family;
  Clef clef;
  std::optional<Clef> highClef;  ///< of notes high over the staff, where players read another
  Spelling spelling;
  int transposition;  ///< sounding less written, semitones (B♭ trumpet -2)
  int lowest;         ///< sounding range, MIDI semitones
  int highest;
  int firstNote;          ///< written: a beginner's, that speaks easily
  int comfortableLowest;  ///< written: the range of the first years
  int comfortableHighest;
  std::optional<int> smallNote;  ///< sounding: what its small part alone gives
  Tuner tuner;
  bool wooden = false;                 ///< it may crack when it is warmed too fast
  const Tubing* tubing = nullptr;      ///< of brass: how the tube is made longer
  std::optional<int> openFundamental;  ///< of brass: written partial 1 of the open tube
  std::vector<std::string> bellNames;  ///< as players call them
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

}  // namespace calando
