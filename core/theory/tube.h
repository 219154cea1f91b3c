#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <tl/expected.hpp>
#include <vector>

#include "core/base/fault.h"
#include "core/theory/pitch.h"

namespace calando {

struct Instrument;

/// How a brass player makes a tube longer (data/tubes.json). A part that lowers the open tube by s semitones
/// adds 2^(s/12) - 1 of the open tube's length; parts in use together add their lengths, and the frequency
/// goes as 1 over the length. So two valves together lower by less than the sum of what each lowers by: 1 and
/// 3 lie 30 cents high, 1, 2 and 3 lie 53 cents high.
struct Tubing {
  std::string id;
  std::vector<int> valves;  ///< semitones by which each lowers the open tube alone, the first valve first
  int positions = 0;        ///< of a slide, the first with nothing drawn, each a semitone lower than the last
  int trigger = 0;          ///< semitones by which a thumb's trigger lowers the open tube; 0: there is none
  bool compensating = false;  ///< the last valve leads through the others once more, in its own length
  int side = 0;  ///< semitones by which a second open tube, with valves of its own, lies higher; 0: none
};
/// The error is one line that names the entry, the key and the remedy.
tl::expected<std::vector<Tubing>, Problem> parseTubings(std::string_view json);
/// Of those that ship; nullptr when there is none of that id.
const Tubing* findTubing(std::string_view id);

/// A tube in use: the fundamental of a fingering.
struct TubeSetting {
  std::string name;    ///< "0", "12", "13+" (its slides drawn till it is in tune), "T1", "slide3", or a note
  int written;         ///< semitone of partial 1
  double cents = 0.0;  ///< of partial 1 off `written` in equal temperament
  int step = 1;        ///< 2: a tube with odd partials alone

  /// Of partial 1, sounding, Hz; `instrument` nullptr: concert pitch.
  double hz(const Instrument* instrument, double a4_hz) const;
  /// Tempered semitones from its partial 1 to another.
  static int interval(int partial);
};

/// What the name of a setting of valves or slide says.
struct SettingParts {
  bool thumb = false;       ///< the second tube, or the trigger
  bool drawn = false;       ///< slides
  int position = 0;         ///< of the slide, from 1; 0: valves
  std::vector<int> valves;  ///< from 1, growing; none: open
};
/// Nullopt for what is none, such as a note.
std::optional<SettingParts> partsOf(std::string_view name);

/// A fingering by its name: a written fundamental (`Bb3`), valves (`0`, `12`, `123`, `T12` on a second tube,
/// `13+` with slides drawn) or a slide position (`slide3`, `Tslide1` with a trigger). The error says what is
/// wrong and what is possible.
tl::expected<TubeSetting, Problem> settingNamed(std::string_view name, const Instrument* instrument);
/// All settings of an instrument, the shortest tube first: valves, positions, or the low notes of reeds and
/// flutes on which overtones are sought.
std::vector<TubeSetting> settingsOf(const Instrument& instrument);
/// The one so many half steps lower: of several on the same tube the one nearest to tempered, no slides
/// drawn, the third valve not alone. Nullopt where there is none.
std::optional<TubeSetting> loweredBy(const TubeSetting& from, int halfSteps, const Instrument* instrument);
/// What partials are counted from where nobody says: the open tube, or the lowest of those low notes.
TubeSetting openSetting(const Instrument& instrument);

/// One rung of the natural series of a tube.
struct SeriesRung {
  int partial;  ///< from 1
  double hz;
  int sounding;  ///< the nearest semitone
  int written;
  double cents;          ///< off the equal-tempered `sounding`
  double natural_cents;  ///< the same without the tube's own cents: 0 for partial 2, -14 for 5, -31 for 7
};
/// Up to a partial; of a tube with odd partials those.
std::vector<SeriesRung> naturalSeries(const TubeSetting& setting, const Instrument* instrument, double a4_hz,
                                      int upTo = 16);

/// Where a pitch lies on a tube.
struct OnTube {
  int partial;
  double cents;  ///< off it
};
/// The nearest partial; nullopt when it is over 100 cents away, or another is less than twice as far, or over
/// 20.
std::optional<OnTube> placeOn(double hz, const TubeSetting& setting, const Instrument* instrument,
                              double a4_hz);

}  // namespace calando
