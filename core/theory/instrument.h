#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <tl/expected.hpp>
#include <vector>

#include "core/fault.h"
#include "core/names.h"
#include "core/theory/pitch.h"

namespace calando {

enum class Family { flute, doubleReed, singleReed, brass };
inline constexpr Named<Family> kFamilies[] = {{"flute", Family::flute},
                                              {"double-reed", Family::doubleReed},
                                              {"single-reed", Family::singleReed},
                                              {"brass", Family::brass}};
enum class Clef { treble, bass, tenor };
enum class Fingering { holes, valves, slide };

/// One entry of the instrument catalogue (data/instruments.json).
struct Instrument {
  std::string id;
  std::string name;
  Family family;
  Clef clef;
  Fingering fingering;
  Spelling spelling;
  int transposition;  ///< sounding less written, semitones (B♭ trumpet -2)
  int lowest;         ///< sounding range, MIDI semitones
  int highest;
  std::optional<int> openFundamental;  ///< written partial 1 of the open tube; brass only

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

/// The written fundamental (partial 1) of a fingering: a note name (`Bb3`), valves (`0`, `1`, `12`, `123`)
/// or a slide position (`slide3`). The error says what is wrong and what is possible.
tl::expected<int, Problem> writtenFundamental(std::string_view fingering, const Instrument* instrument);

/// One rung of the natural series of a tube.
struct SeriesRung {
  int partial;  ///< from 1
  double hz;    ///< partial × sounding fundamental, the fundamental in equal temperament
  int sounding;
  int written;
  double cents;  ///< off the equal-tempered `sounding`
};
std::vector<SeriesRung> naturalSeries(int writtenFundamental, const Instrument* instrument,
                                      const Reference& reference, int partials = 16);

/// The partial of the tube nearest to `hz`; nullopt when none is within 60 cents of it or it would be
/// over 20.
std::optional<int> partialOf(double hz, int writtenFundamental, const Instrument* instrument,
                             const Reference& reference);

}  // namespace calando
