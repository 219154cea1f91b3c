#include "core/theory/instrument.h"

#include <algorithm>

#include "core/base/bounded_json.h"
#include "core/base/catalogue.h"
#include "core/theory/tube.h"
#include "data/catalogue_text.h"

namespace calando {

namespace {

using nlohmann::json;

constexpr Named<Tuner> kTuners[] = {
    {"slide", Tuner::slide},           {"barrel", Tuner::barrel}, {"head-joint", Tuner::headJoint},
    {"mouthpiece", Tuner::mouthpiece}, {"reed", Tuner::reed},     {"crook", Tuner::crook}};
constexpr Named<Spelling> kSpellings[] = {{"flats", Spelling::flats}, {"sharps", Spelling::sharps}};

int noteFrom(const json& value) {
  const auto note = parseNote(value.get<std::string>());
  if (!note) refuse(Fault::noNoteName, shortened(value));
  return *note;
}

Instrument instrumentFrom(const json& entry) {
  Instrument i;
  i.id = entry.at("id").get<std::string>();
  i.name = entry.at("name").get<std::string>();
  i.family = valueNamed(entry.at("family"), "family", kFamilies);
  i.clef = valueNamed(entry.at("clef"), "clef", kClefs);
  if (entry.contains("high_clef")) i.highClef = valueNamed(entry.at("high_clef"), "high_clef", kClefs);
  i.spelling = valueNamed(entry.at("spelling"), "spelling", kSpellings);
  i.transposition = entry.at("transposition").get<int>();
  i.lowest = noteFrom(entry.at("lowest"));
  i.highest = noteFrom(entry.at("highest"));
  i.firstNote = noteFrom(entry.at("first_note"));
  i.comfortableLowest = noteFrom(entry.at("comfortable").at(0));
  i.comfortableHighest = noteFrom(entry.at("comfortable").at(1));
  if (entry.contains("small_note")) i.smallNote = noteFrom(entry.at("small_note"));
  i.tuner = valueNamed(entry.at("tuner"), "tuner", kTuners);
  i.wooden = entry.value("wood", false);
  if (entry.contains("tube")) {
    const auto tube = entry.at("tube").get<std::string>();
    i.tubing = findTubing(tube);
    if (!i.tubing) refuse(Fault::unknownTube, tube);
    i.openFundamental = noteFrom(entry.at("open_fundamental"));
  }
  if (entry.contains("bell_notes"))
    for (const json& note : entry.at("bell_notes")) {
      i.bellNotes.push_back(noteFrom(note));
      i.bellNames.push_back(note.get<std::string>());
    }
  if (entry.contains("registers"))
    for (const json& note : entry.at("registers")) i.registers.push_back(noteFrom(note));
  i.oddSeries = entry.value("odd_series", false);
  if (i.lowest >= i.highest || i.comfortableLowest >= i.comfortableHighest) refuse(Fault::lowestAboveHighest);
  return i;
}

}  // namespace

std::string_view labelOf(Tuner tuner) {
  switch (tuner) {
    case Tuner::slide:
      return "the tuning slide";
    case Tuner::barrel:
      return "the barrel";
    case Tuner::headJoint:
      return "the head joint";
    case Tuner::mouthpiece:
      return "the mouthpiece on its cork";
    case Tuner::reed:
      return "the reed";
    case Tuner::crook:
      return "the crook";
  }
  return {};
}

tl::expected<std::vector<Instrument>, Problem> parseInstruments(std::string_view text) {
  return parseEntries<Instrument>("instruments", text, instrumentFrom);
}

const std::vector<Instrument>& instruments() {
  static const auto list = shipped(parseInstruments(data::instruments));
  return list;
}

const Instrument* findInstrument(std::string_view id) { return findById(instruments(), id); }
}  // namespace calando
