#include "cli/lists.h"

#include <array>
#include <cstdio>
#include <iomanip>
#include <nlohmann/json.hpp>
#include <sstream>

#include "audio/sound_file.h"
#include "cli/failure.h"
#include "cli/output.h"
#include "core/bounded_json.h"
#include "core/library/cards.h"
#include "core/standin/player.h"

namespace calando {

namespace {

void printList(const nlohmann::ordered_json& list, bool asJson) {
  if (asJson) return print(list.dump(2) + "\n");
  std::ostringstream lines;
  for (const auto& entry : list)
    lines << std::left << std::setw(18) << entry.at("id").get<std::string>() << " "
          << entry.at("label").get<std::string>() << "\n";
  print(lines.str());
}

}  // namespace

void listInstruments(bool asJson) {
  auto list = nlohmann::ordered_json::array();
  for (const Instrument& i : instruments())
    list.push_back({{"id", i.id},
                    {"label", i.name},
                    {"transposition_semitones", i.transposition},
                    {"clef", i.clef == Clef::bass    ? "bass"
                             : i.clef == Clef::tenor ? "tenor"
                                                     : "treble"},
                    {"lowest_concert", noteName(i.lowest, i.spelling)},
                    {"highest_concert", noteName(i.highest, i.spelling)},
                    {"lowest_written", noteName(i.writtenOf(i.lowest), i.spelling)},
                    {"highest_written", noteName(i.writtenOf(i.highest), i.spelling)}});
  printList(list, asJson);
}

void listExercises(bool asJson) {
  auto list = nlohmann::ordered_json::array();
  for (const Exercise& e : exercises())
    list.push_back({{"id", e.id}, {"label", e.title}, {"family", e.family}, {"purpose", e.purpose}});
  printList(list, asJson);
}

void listPlayers(bool asJson) {
  auto list = nlohmann::ordered_json::array();
  for (const Player& p : players()) list.push_back({{"id", p.id}, {"label", p.name}, {"plays", p.text}});
  printList(list, asJson);
}

void printSeries(const Instrument* instrument, const std::string& fingering, double a4_hz, bool asJson) {
  const auto fundamental = writtenFundamental(fingering, instrument);
  if (!fundamental) refuse(printable(english(fundamental.error())));
  const Spelling spelling = instrument ? instrument->spelling : Spelling::flats;
  auto list = nlohmann::ordered_json::array();
  std::string lines;
  for (const SeriesRung& rung : naturalSeries(*fundamental, instrument, {a4_hz, false, 0})) {
    list.push_back({{"partial", rung.partial},
                    {"written", noteName(rung.written, spelling)},
                    {"concert", noteName(rung.sounding, spelling)},
                    {"hz", rung.hz},
                    {"cents", rung.cents}});
    std::array<char, 96> line;
    std::snprintf(line.data(), line.size(), "%2d  %-4s  %-4s  %9.3f Hz  %+6.1f cents\n", rung.partial,
                  noteName(rung.written, spelling).c_str(), noteName(rung.sounding, spelling).c_str(),
                  rung.hz, rung.cents);
    lines += line.data();
  }
  print(asJson ? list.dump(2) + "\n" : lines);
}

}  // namespace calando
