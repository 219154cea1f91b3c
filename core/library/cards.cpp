#include "core/library/cards.h"

#include <functional>
#include <nlohmann/json.hpp>
#include <set>

#include "core/base/bounded_json.h"
#include "core/base/catalogue.h"
#include "core/care/ticks.h"
#include "core/figures/figure.h"
#include "core/judging/level.h"
#include "core/library/card_names.h"
#include "core/maths/sliding_signal.h"
#include "data/catalogue_text.h"

namespace calando {

PartPlayed partFrom(const nlohmann::json& text) {
  if (const auto part = partNamed(text.is_string() ? text.get<std::string>() : std::string())) return *part;
  refuse(Fault::unknownValue, "part", shortened(text), listOf(partsPlayed(), &PartRow::name));
}

namespace {

constexpr std::size_t kMostCues = 2000;    // when unrolled
constexpr double kLongest_s = 6 * 3600.0;  // when unrolled

CueNote noteFrom(const nlohmann::json& value) {
  if (value == "any") return {};
  if (value == "home") return {CueNote::Kind::interval, 0};
  if (value == "each") return {CueNote::Kind::each, 0};
  if (value.is_string()) {
    const auto written = parseNote(value.get<std::string>());
    if (!written) refuse(Fault::noSuchNote, shortened(value));
    return {CueNote::Kind::written, *written};
  }
  if (!value.is_object() || value.empty()) refuse(Fault::noteForm);
  nlohmann::json rest = value;
  rest.erase(kDown);
  const bool lowers = value.contains(kDown);
  if (rest.size() != 1) refuse(Fault::noteForm);
  const std::string key = rest.begin().key();
  const auto kind = valueNamed(nlohmann::json(key), "note", kNotes);
  const bool partial = kind == CueNote::Kind::partial;
  if (lowers && !partial) refuse(Fault::noteForm);
  return {
      kind,
      whole(rest.begin().value(), key.c_str(), kind == CueNote::Kind::interval ? -48 : 1, partial ? 20 : 48),
      lowers ? whole(value.at(kDown), kDown, 0, 24) : 0};
}

/// Values from `low` to `high`.
Shape shapeFrom(const nlohmann::json& list, const char* key, double low, double high) {
  Shape shape;
  if (!list.is_array()) refuse(Fault::shapeForm, key);
  for (const auto& point : list) {
    if (!point.is_array() || point.size() != 2) refuse(Fault::shapeForm, key);
    shape.push_back({within(point[0], "a share", 0, 1), within(point[1], key, low, high)});
    if (shape.size() > 1 && shape.back().share <= shape[shape.size() - 2].share)
      refuse(Fault::shapeOrder, key);
  }
  if (shape.size() == 1) refuse(Fault::shapeTooShort, key);
  return shape;
}

CueKind kindFrom(const nlohmann::json& text) {
  if (const auto kind = cueKindNamed(text.is_string() ? text.get<std::string>() : std::string()))
    return *kind;
  refuse(Fault::unknownValue, "kind", shortened(text), listOf(cueKinds(), &CueKindRow::name));
}

Cue cueFrom(const nlohmann::json& entry) {
  refuseUnknown(entry, {"kind", "beats", "seconds", "note", "loudness", "pitch", "onset", "pulses", "model",
                        "who", "says"});
  Cue cue;
  cue.kind = kindFrom(entry.at("kind"));
  if (entry.contains("beats") && entry.contains("seconds")) refuse(Fault::beatsAndSeconds);
  if (entry.contains("beats"))
    cue.length = {CueLength::Unit::beats, within(entry["beats"], "beats", 0.25, 256)};
  if (entry.contains("seconds"))
    cue.length = {CueLength::Unit::seconds, within(entry["seconds"], "seconds", 0.2, 600)};
  const CueKindRow& kind = rowOf(cue.kind);
  if (kind.needsLength && cue.length.unit == CueLength::Unit::open) refuse(Fault::needsLength, kind.name);
  if (entry.contains("note")) cue.note = noteFrom(entry["note"]);
  if (entry.contains("loudness")) cue.loudness = shapeFrom(entry["loudness"], "loudness", -60, 0);
  if (entry.contains("pitch")) cue.pitch = shapeFrom(entry["pitch"], "pitch", -2400, 2400);
  if (entry.contains("onset")) cue.onset = valueNamed(entry["onset"], "onset", kOnsets);
  if (entry.contains("pulses")) cue.pulses = whole(entry["pulses"], "pulses", 2, 64);
  if (kind.pulses && cue.pulses == 0) refuse(Fault::needsPulses, kind.name);
  cue.model = entry.value("model", false);
  if (entry.contains("who")) cue.who = valueNamed(entry["who"], "who", kWho);
  cue.says = entry.value("says", "");
  return cue;
}

Generator generatorFrom(const nlohmann::json& entry) {
  refuseUnknown(entry, {"kind", "count", "rest_beats", "says"});
  Generator g;
  g.kind = valueNamed(entry.at("kind"), "generator", kGenerators);
  g.count = whole(entry.at("count"), "count", -36, 36);
  g.rest_beats = within(entry.value("rest_beats", nlohmann::json(0)), "rest_beats", 0, 64);
  g.says = entry.value("says", "");
  if (g.count == 0) refuse(Fault::countOfNothing);
  if (g.count < 0 && g.kind != Generator::Kind::scale && g.kind != Generator::Kind::chromatic)
    refuse(Fault::countsUpward);
  return g;
}

PairCard pairFrom(const nlohmann::json& entry) {
  refuseUnknown(entry, {"semitones", "off_cents", "drift_cents", "fades", "surprises", "manner"});
  PairCard pair;
  pair.semitones = within(entry.at("semitones"), "semitones", -36, 36);
  if (entry.contains("off_cents")) pair.off_cents = within(entry["off_cents"], "off_cents", -100, 100);
  if (entry.contains("drift_cents"))
    pair.drift_cents = within(entry["drift_cents"], "drift_cents", -100, 100);
  pair.fades = entry.value("fades", false);
  pair.surprises = entry.value("surprises", false);
  if (entry.contains("manner")) pair.manner = valueNamed(entry["manner"], "manner", kManners);
  return pair;
}

Grows growsFrom(const nlohmann::json& entry) {
  refuseUnknown(entry, {"what", "steps"});
  Grows grows{valueNamed(entry.at("what"), "what", kGrows), {}};
  for (const nlohmann::json& step : entry.at("steps")) {
    grows.steps.push_back(within(step, "steps", 1, 400));
    if (grows.steps.size() > 1 && grows.steps.back() <= grows.steps[grows.steps.size() - 2])
      refuse(Fault::stepsOrder);
  }
  if (grows.steps.empty()) refuse(Fault::stepsOrder);
  return grows;
}

void refuseTooLong(const Exercise& e) {
  const int rounds = std::max(1, std::abs(e.generator.count));
  double once_s = 0.0;
  for (const Cue& cue : e.cues)
    once_s += (cue.length.value + (e.climbs() ? rounds : 0)) *
              (cue.length.unit == CueLength::Unit::beats ? 60.0 / e.tempo_bpm : 1.0);
  if (e.cues.size() * static_cast<std::size_t>(rounds) > kMostCues) refuse(Fault::tooManyCues, kMostCues);
  if (once_s * rounds > kLongest_s) refuse(Fault::lastsTooLong, kLongest_s / 3600.0);
}

/// The parts of a card, each with the place in it that an error names.
class CardReader {
 public:
  explicit CardReader(const nlohmann::json& entry) : entry_(entry) {}

  Exercise read() {
    refuseUnknown(entry_, {"id",          "title",     "family",          "purpose",      "cautions",
                           "schools",     "tempo",     "count_in",        "display",      "reference",
                           "cues",        "generator", "against",         "scored",       "targets",
                           "opens_after", "dose",      "faster",          "timed_by_key", "ticks",
                           "readings",    "part",      "logs_fingerings", "pair",         "drone",
                           "grows",       "then",      "families",        "starts_low"});
    try {
      readWords();
      readCount();
      readCues();
      readTargets();
      readDose();
      readWays();
      readReadings();
      atKey("cues");
      refuseTooLong(e_);
    } catch (const nlohmann::json::exception& e) {
      throw Refused(here_(problemOf(e)));
    } catch (const Refused& e) {
      throw Refused(here_(e.problem));
    }
    return std::move(e_);
  }

 private:
  /// Whether the card has the key; what goes wrong from here on is in its place.
  bool at(const char* key) {
    atKey(key);
    return entry_.contains(key);
  }
  void atKey(const char* key) {
    here_ = [key](const Problem& what) { return Problem(Fault::at, key, what); };
  }

  void readWords() {
    for (const auto& [key, text] :
         {std::pair{"id", &e_.id}, {"title", &e_.title}, {"family", &e_.family}, {"purpose", &e_.purpose}}) {
      atKey(key);
      *text = entry_.at(key).get<std::string>();
      if (text->empty()) refuse(Fault::empty);
    }
    if (at("families")) e_.whom = forWhomFrom(entry_);
    if (at("cautions")) e_.cautions = entry_["cautions"].get<std::vector<std::string>>();
    if (at("schools")) e_.schools = entry_["schools"].get<std::map<std::string, std::string>>();
  }

  void readCount() {
    if (at("tempo")) e_.tempo_bpm = within(entry_["tempo"], "tempo", 20, 400);
    if (at("count_in")) e_.countIn = whole(entry_["count_in"], "count_in", 0, 16);
    if (at("part")) e_.part = partFrom(entry_["part"]);
    if (at("display")) e_.display = valueNamed(entry_["display"], "display", kDisplays);
    if (at("reference")) e_.reference = valueNamed(entry_["reference"], "reference", kReferences);
    if (at("starts_low")) e_.startsLow = entry_["starts_low"].get<bool>();
    if (at("against")) e_.against = valueNamed(entry_["against"], "against", kAgainst);
    if (at("pair")) e_.pair = pairFrom(entry_["pair"]);
    if (at("drone")) e_.drone = entry_["drone"].get<bool>();
  }

  void readCues() {
    atKey("cues");
    for (std::size_t i = 0; i < entry_.at("cues").size(); ++i) {
      here_ = [i](const Problem& what) { return Problem(Fault::atCue, i + 1, what); };
      e_.cues.push_back(cueFrom(entry_["cues"][i]));
      if (e_.cues.back().length.unit == CueLength::Unit::beats && !e_.counted())
        refuse(Fault::beatsWithoutTempo);
    }
    atKey("cues");
    if (e_.cues.empty()) refuse(Fault::noCues);
    if (at("generator")) e_.generator = generatorFrom(entry_["generator"]);
    const bool each =
        std::ranges::any_of(e_.cues, [](const Cue& c) { return c.note.kind == CueNote::Kind::each; });
    const bool makesNotes = e_.generator.kind != Generator::Kind::none && !e_.climbs();
    if (each != makesNotes) refuse(Fault::eachWithoutGenerator);
  }

  void readTargets() {
    if (at("scored")) e_.scored = entry_["scored"].get<bool>();
    if (!at("targets")) return;
    for (const auto& [level, targets] : entry_["targets"].items()) {
      here_ = [name = shortened(level, 60)](const Problem& what) {
        return Problem(Fault::atTargets, name, what);
      };
      e_.targets.emplace(level, targetsFrom(targets));
    }
  }

  void readDose() {
    if (at("opens_after")) {
      e_.good = whole(entry_["opens_after"].at("good"), "good", 1, 20);
      e_.of = whole(entry_["opens_after"].at("of"), "of", e_.good, 20);
    }
    if (at("then")) e_.then = entry_["then"].get<std::string>();
    if (at("grows")) e_.grows = growsFrom(entry_["grows"]);
    if (!grows()) refuse(Fault::growsOtherwise);
    if (!at("dose")) return;
    const nlohmann::json& dose = entry_["dose"];
    e_.sets = whole(dose.value("sets", nlohmann::json(1)), "sets", 1, 20);
    e_.restsAsPlayed = dose.value("rest_as_played", false);
    e_.rest_s = within(dose.value("rest_s", nlohmann::json(0)), "rest_s", 0, 1800);
    e_.mostPerDay = whole(dose.value("most_per_day", nlohmann::json(0)), "most_per_day", 0, 50);
  }

  /// It has what it is to have more of.
  bool grows() const {
    using enum Grows::What;
    const bool open =
        std::ranges::any_of(e_.cues, [](const Cue& c) { return c.length.unit == CueLength::Unit::open; });
    return e_.grows.what == nothing || (e_.grows.what == seconds && open && e_.asksForTones()) ||
           (e_.grows.what == tempo && e_.counted()) || (e_.grows.what == counts && e_.climbs());
  }

  void readWays() {
    if (at("faster")) e_.faster_bpm = within(entry_["faster"], "faster", 0, 60);
    if (at("timed_by_key")) e_.timedByKey = entry_["timed_by_key"].get<bool>();
    if (at("logs_fingerings")) e_.logsFingerings = entry_["logs_fingerings"].get<bool>();
    if (at("ticks")) e_.ticks = entry_["ticks"].get<std::vector<std::string>>();
    for (const std::string& id : e_.ticks)
      if (!findTick(id))
        refuse(Fault::unknownValue, "ticks", shortened(nlohmann::json(id)), listOf(ticks(), &Tick::id));
  }

  void readReadings() {
    atKey("readings");
    // Where nothing is to be heard nothing is measured.
    if (e_.asksForSound() || entry_.contains("readings"))
      e_.readings = entry_.at("readings").get<std::vector<std::string>>();
    for (const std::string& id : e_.readings)
      if (!isReading(id)) refuse(Fault::unknownReading, shortened(nlohmann::json(id)));
    if (e_.readings.empty() && e_.asksForSound()) refuse(Fault::noReadings);
  }

  const nlohmann::json& entry_;
  Exercise e_;
  std::function<Problem(const Problem&)> here_;  ///< puts the place before what is wrong
};

Exercise exerciseFrom(const nlohmann::json& entry) { return CardReader(entry).read(); }

}  // namespace

tl::expected<CueNote, Problem> parseCueNote(std::string_view text) {
  try {
    if (text.find(' ') == std::string_view::npos) return noteFrom(nlohmann::json(text));
    // "partial 3 down 2": names, each with its number.
    nlohmann::json entry = nlohmann::json::object();
    for (std::string_view rest = text; !rest.empty();) {
      const auto space = std::min(rest.find(' '), rest.size() - 1);
      const auto end = std::min(rest.find(' ', space + 1), rest.size());
      const auto number = parseBounded(rest.substr(space + 1, end - space - 1));
      if (!number) return tl::unexpected(Problem(Fault::noteWithoutNumber, shortened(text, 60)));
      entry[std::string(rest.substr(0, space))] = *number;
      rest.remove_prefix(std::min(end + 1, rest.size()));
    }
    return noteFrom(entry);
  } catch (const Refused& e) {
    return tl::unexpected(e.problem);
  }
}

tl::expected<std::vector<Exercise>, Problem> parseExercises(std::string_view text) {
  auto list = parseEntries<Exercise>("exercises", text, exerciseFrom);
  std::set<std::string> ids;
  if (list)
    for (const Exercise& e : *list)
      if (!ids.insert(e.id).second) return tl::unexpected(Problem(Fault::cardsAlike, e.id));
  return list;
}

tl::expected<Exercise, Problem> parseExercise(std::string_view text) {
  const auto entry = parseBounded(text);
  if (!entry) return tl::unexpected(Problem(Fault::inCardFile, entry.error()));
  try {
    return exerciseFrom(*entry);
  } catch (const Refused& e) {
    return tl::unexpected(Problem(Fault::inCard, e.problem));
  }
}

const std::vector<Exercise>& exercises() {
  static const auto list = shipped(parseExercises(data::exercises));
  return list;
}

ExercisePtr findExercise(std::string_view id) {
  return {ExercisePtr(), findById(exercises(), id)};  // lives as long as the program
}

}  // namespace calando
