#include "cli/lists.h"

#include <iomanip>
#include <nlohmann/json.hpp>
#include <sstream>

#include "audio/sound_file.h"
#include "cli/failure.h"
#include "cli/output.h"
#include "core/base/bounded_json.h"
#include "core/base/json_text.h"
#include "core/base/plain_text.h"
#include "core/library/cards.h"
#include "core/standin/player.h"
#include "core/theory/tube.h"

namespace calando {

namespace {

using nlohmann::ordered_json;

void printList(const ordered_json& list, bool asJson) {
  if (asJson) return print(jsonText(list, 2) + "\n");
  std::ostringstream lines;
  for (const auto& entry : list)
    lines << std::left << std::setw(18) << entry.at("id").get<std::string>() << " "
          << entry.at("label").get<std::string>() << "\n";
  print(lines.str());
}

/// The natural series of settings, to print.
struct SeriesList {
  const Instrument* instrument;
  Spelling spelling;
  double a4_hz;

  ordered_json json(const TubeSetting& setting) const {
    auto list = ordered_json::array();
    for (const SeriesRung& rung : naturalSeries(setting, instrument, a4_hz))
      list.push_back({{"partial", rung.partial},
                      {"written", noteName(rung.written, spelling)},
                      {"concert", noteName(rung.sounding, spelling)},
                      {"hz", rung.hz},
                      {"cents", rung.cents},
                      {"natural_cents", rung.natural_cents}});
    return list;
  }
  std::string text(const TubeSetting& setting) const {
    std::ostringstream lines;
    for (const SeriesRung& rung : naturalSeries(setting, instrument, a4_hz)) {
      lines << std::right << std::setw(2) << rung.partial << "  " << std::left << std::setw(4)
            << noteName(rung.written, spelling) << "  " << std::setw(4) << noteName(rung.sounding, spelling)
            << "  " << std::right << std::setw(9) << fixed(rung.hz, 3) << " Hz  " << std::setw(6)
            << fixed(rung.cents, 1, true) << " cents, by nature " << std::setw(6)
            << fixed(rung.natural_cents, 1, true) << "\n";
    }
    return lines.str();
  }
};

}  // namespace

void listInstruments(bool asJson) {
  auto list = ordered_json::array();
  for (const Instrument& i : instruments())
    list.push_back({{"id", i.id},
                    {"label", i.name},
                    {"transposition_semitones", i.transposition},
                    {"family", nameIn(kFamilies, i.family)},
                    {"clef", nameIn(kClefs, i.clef)},
                    {"lowest_concert", noteName(i.lowest, i.spelling)},
                    {"highest_concert", noteName(i.highest, i.spelling)},
                    {"lowest_written", noteName(i.writtenOf(i.lowest), i.spelling)},
                    {"highest_written", noteName(i.writtenOf(i.highest), i.spelling)}});
  printList(list, asJson);
}

void listExercises(bool asJson) {
  auto list = ordered_json::array();
  for (const Exercise& e : exercises())
    list.push_back({{"id", e.id},
                    {"label", e.title},
                    {"family", e.family},
                    {"families", ordered_json(namesOf(e.whom))},
                    {"purpose", e.purpose}});
  printList(list, asJson);
}

void listPlayers(bool asJson) {
  auto list = ordered_json::array();
  for (const Player& p : players()) list.push_back({{"id", p.id}, {"label", p.name}, {"plays", p.text}});
  printList(list, asJson);
}

void printSeries(const Instrument* instrument, const std::string& fingering, double a4_hz, bool asJson) {
  const Spelling spelling = instrument ? instrument->spelling : Spelling::flats;
  const SeriesList list{instrument, spelling, a4_hz};
  if (!fingering.empty()) {
    const auto setting = settingNamed(fingering, instrument);
    if (!setting) refuse(printable(english(setting.error())));
    return print(asJson ? jsonText(list.json(*setting), 2) + "\n" : list.text(*setting));
  }
  if (!instrument) refuse("series needs --instrument, for all of its settings, or --fingering");
  auto all = ordered_json::array();
  std::string lines;
  for (const TubeSetting& setting : settingsOf(*instrument)) {
    all.push_back({{"fingering", setting.name},
                   {"written", noteName(setting.written, spelling)},
                   {"concert", noteName(instrument->soundingOf(setting.written), spelling)},
                   {"hz", setting.hz(instrument, a4_hz)},
                   {"cents", setting.cents},
                   {"series", list.json(setting)}});
    lines += setting.name + "\n" + list.text(setting);
  }
  print(asJson ? jsonText(all, 2) + "\n" : lines);
}

}  // namespace calando
