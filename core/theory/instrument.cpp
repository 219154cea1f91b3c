#include "core/theory/instrument.h"

#include <algorithm>

#include "core/bounded_json.h"
#include "core/catalogue.h"
#include "data/catalogue_text.h"

namespace calando {

namespace {

using nlohmann::json;

constexpr Named<Clef> kClefs[] = {{"treble", Clef::treble}, {"bass", Clef::bass}, {"tenor", Clef::tenor}};
constexpr Named<Fingering> kFingerings[] = {
    {"holes", Fingering::holes}, {"valves", Fingering::valves}, {"slide", Fingering::slide}};
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
  i.fingering = valueNamed(entry.at("fingering"), "fingering", kFingerings);
  i.spelling = valueNamed(entry.at("spelling"), "spelling", kSpellings);
  i.transposition = entry.at("transposition").get<int>();
  i.lowest = noteFrom(entry.at("lowest"));
  i.highest = noteFrom(entry.at("highest"));
  if (entry.contains("open_fundamental")) i.openFundamental = noteFrom(entry.at("open_fundamental"));
  if (i.lowest >= i.highest) refuse(Fault::lowestAboveHighest);
  return i;
}

}  // namespace

tl::expected<std::vector<Instrument>, Problem> parseInstruments(std::string_view text) {
  return parseEntries<Instrument>("instruments", text, instrumentFrom);
}

const std::vector<Instrument>& instruments() {
  static const auto list = shipped(parseInstruments(data::instruments));
  return list;
}

const Instrument* findInstrument(std::string_view id) { return findById(instruments(), id); }

int comfortableNote(const Instrument& instrument) {
  return instrument.lowest + (instrument.highest - instrument.lowest) * 2 / 5;
}

tl::expected<int, Problem> writtenFundamental(std::string_view fingering, const Instrument* instrument) {
  if (const auto note = parseNote(fingering)) return *note;
  if (!instrument || !instrument->openFundamental)
    return tl::unexpected(Problem(Fault::fingeringNeedsInstrument, fingering));
  const int open = *instrument->openFundamental;
  if (instrument->fingering == Fingering::slide) {
    if (fingering.starts_with("slide") && fingering.size() == 6 && fingering[5] >= '1' && fingering[5] <= '7')
      return open - (fingering[5] - '1');
    return tl::unexpected(Problem(Fault::unknownSlide, fingering));
  }
  int lowered = 0;
  int used = 0;
  for (const char c : fingering) {
    const int bit = c >= '0' && c <= '4' ? 1 << (c - '0') : 0;
    if (bit == 0 || (used & bit) || (c == '0' && fingering.size() > 1))
      return tl::unexpected(Problem(Fault::unknownValves, fingering));
    used |= bit;
    static constexpr int semitones[] = {0, 2, 1, 3, 5};
    lowered += semitones[c - '0'];
  }
  if (used == 0) return tl::unexpected(Problem(Fault::fingeringEmpty));
  return open - lowered;
}

std::vector<SeriesRung> naturalSeries(int writtenFundamental, const Instrument* instrument,
                                      const Reference& reference, int partials) {
  const int transposition = instrument ? instrument->transposition : 0;
  const Reference equal{reference.a4_hz, false, 0};
  const double fundamental = frequencyOf(writtenFundamental + transposition, equal);
  std::vector<SeriesRung> rungs;
  for (int n = 1; n <= partials; ++n) {
    const double hz = n * fundamental;
    const int sounding = nearestSemitone(hz, equal);
    rungs.push_back(
        {n, hz, sounding, sounding - transposition, centsBetween(frequencyOf(sounding, equal), hz)});
  }
  return rungs;
}

std::optional<int> partialOf(double hz, int writtenFundamental, const Instrument* instrument,
                             const Reference& reference) {
  const auto series = naturalSeries(writtenFundamental, instrument, reference, 20);
  for (const SeriesRung& rung : series)
    if (std::abs(centsBetween(rung.hz, hz)) <= 60.0) return rung.partial;
  return std::nullopt;
}

}  // namespace calando
