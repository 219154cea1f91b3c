#include "core/library/cards.h"

#include <nlohmann/json.hpp>
#include <set>

#include "core/bounded_json.h"
#include "core/catalogue.h"
#include "core/judging/figure.h"
#include "core/judging/level.h"
#include "data/catalogue_text.h"

namespace calando {

namespace {

using json = nlohmann::ordered_json;

constexpr std::size_t kMostCues = 2000;     // when unrolled
constexpr double kLongest_s = 6 * 3600.0;   // when unrolled
constexpr std::size_t kLongestError = 240;  // bytes; a file's name stands before it

/// What the JSON library says, in our words.
std::string plainly(const nlohmann::json::exception& e) {
  const std::string_view what = e.what();
  constexpr int kNoSuchKey = 403;
  const auto from = what.find('\''), to = what.rfind('\'');
  if (e.id == kNoSuchKey && from < to)
    return "\"" + std::string(what.substr(from + 1, to - from - 1)) + "\" is missing";
  return "is of another kind than it should be: a text, a number, a list or an object in braces";
}

template <class T>
struct Named {
  T value;
  std::string_view name;
};

constexpr Named<OnsetWanted> kOnsets[] = {
    {OnsetWanted::any, "any"}, {OnsetWanted::tongued, "tongued"}, {OnsetWanted::breath, "breath"}};
constexpr Named<Display> kDisplays[] = {
    {Display::shown, "shown"}, {Display::after, "after"}, {Display::hidden, "hidden"}};
constexpr Named<PitchReference> kReferences[] = {
    {PitchReference::equal, "equal"}, {PitchReference::just, "just"}, {PitchReference::home, "home"}};
constexpr Named<Against> kAgainst[] = {{Against::best, "best"}, {Against::teacher, "teacher"}};
constexpr Named<Generator::Kind> kGenerators[] = {{Generator::Kind::scale, "scale"},
                                                  {Generator::Kind::chromatic, "chromatic"},
                                                  {Generator::Kind::series, "series"},
                                                  {Generator::Kind::outward, "outward"}};
constexpr Named<CueNote::Kind> kNotes[] = {{CueNote::Kind::degree, "degree"},
                                           {CueNote::Kind::interval, "interval"},
                                           {CueNote::Kind::partial, "partial"}};

template <class T, std::size_t N>
std::string_view nameIn(const Named<T> (&list)[N], T value) {
  for (const auto& entry : list)
    if (entry.value == value) return entry.name;
  return "";
}

template <class T, std::size_t N>
T valueIn(const Named<T> (&list)[N], const nlohmann::json& text, const char* what) {
  std::string known;
  for (const auto& entry : list) {
    if (text == entry.name) return entry.value;
    known += (known.empty() ? "" : ", ") + std::string(entry.name);
  }
  throw std::invalid_argument(std::string(what) + " " + shortened(text) + " is unknown; it is one of " +
                              known);
}

void refuseUnknown(const nlohmann::json& object, std::initializer_list<std::string_view> known) {
  if (!object.is_object()) throw std::invalid_argument(shortened(object) + " should be an object in braces");
  for (const auto& [key, value] : object.items())
    if (std::ranges::find(known, key) == known.end())
      throw std::invalid_argument(shortened(nlohmann::json(key)) +
                                  " is no key here; remove it or correct its spelling");
}

double within(const nlohmann::json& value, const char* what, double low, double high) {
  if (!value.is_number() || value.get<double>() < low || value.get<double>() > high) {
    char range[64];
    std::snprintf(range, sizeof range, "%g to %g", low, high);
    throw std::invalid_argument(std::string(what) + " must be a number from " + range + ", not " +
                                shortened(value));
  }
  return value.get<double>();
}

int whole(const nlohmann::json& value, const char* what, int low, int high) {
  if (!value.is_number_integer()) throw std::invalid_argument(std::string(what) + " must be a whole number");
  return static_cast<int>(within(value, what, low, high));
}

CueNote noteFrom(const nlohmann::json& value) {
  if (value == "any") return {};
  if (value == "home") return {CueNote::Kind::interval, 0};
  if (value == "each") return {CueNote::Kind::each, 0};
  if (value.is_string()) {
    const auto written = parseNote(value.get<std::string>());
    if (!written)
      throw std::invalid_argument("note " + shortened(value) +
                                  " is none; write it like \"Bb4\", or any, home, each");
    return {CueNote::Kind::written, *written};
  }
  if (!value.is_object() || value.size() != 1)
    throw std::invalid_argument("a note is a name such as \"Bb4\", any, home, each, or {\"degree\": 3}");
  const std::string key = value.begin().key();
  const nlohmann::json number = value.begin().value();
  const auto kind = valueIn(kNotes, nlohmann::json(key), "note by");
  return {kind, whole(number, key.c_str(), kind == CueNote::Kind::interval ? -48 : 1,
                      kind == CueNote::Kind::partial ? 20 : 48)};
}

nlohmann::json noteTo(const CueNote& note) {
  switch (note.kind) {
    case CueNote::Kind::any:
      return "any";
    case CueNote::Kind::each:
      return "each";
    case CueNote::Kind::written:
      return noteName(note.value, Spelling::flats);
    default:
      if (note.kind == CueNote::Kind::interval && note.value == 0) return "home";
      return {{std::string(nameIn(kNotes, note.kind)), note.value}};
  }
}

std::vector<LevelPoint> loudnessFrom(const nlohmann::json& list) {
  std::vector<LevelPoint> points;
  for (const auto& point : list) {
    if (!point.is_array() || point.size() != 2)
      throw std::invalid_argument(
          "loudness is a list of [share, decibels], such as [[0, -12], [0.5, 0], [1, -12]]");
    points.push_back(
        {within(point[0], "a share of the cue", 0, 1), within(point[1], "a level in dB", -60, 0)});
    if (points.size() > 1 && points.back().share <= points[points.size() - 2].share)
      throw std::invalid_argument("the shares of loudness must grow from point to point");
  }
  if (points.size() == 1) throw std::invalid_argument("loudness needs two points or more");
  return points;
}

CueKind kindFrom(const nlohmann::json& text) {
  if (const auto kind = cueKindNamed(text.is_string() ? text.get<std::string>() : std::string()))
    return *kind;
  std::string known;
  for (const CueKindRow& row : cueKinds()) known += (known.empty() ? "" : ", ") + std::string(row.name);
  throw std::invalid_argument("kind " + shortened(text) + " is unknown; it is one of " + known);
}

Cue cueFrom(const nlohmann::json& entry) {
  refuseUnknown(entry, {"kind", "beats", "seconds", "note", "loudness", "onset", "pulses", "model"});
  Cue cue;
  cue.kind = kindFrom(entry.at("kind"));
  if (entry.contains("beats") && entry.contains("seconds"))
    throw std::invalid_argument("give a cue's beats or its seconds, not both");
  if (entry.contains("beats"))
    cue.length = {CueLength::Unit::beats, within(entry["beats"], "beats", 0.25, 256)};
  if (entry.contains("seconds"))
    cue.length = {CueLength::Unit::seconds, within(entry["seconds"], "seconds", 0.2, 600)};
  const CueKindRow& kind = rowOf(cue.kind);
  if (kind.needsLength && cue.length.unit == CueLength::Unit::open)
    throw std::invalid_argument("a " + std::string(kind.name) + " needs beats or seconds");
  if (entry.contains("note")) cue.note = noteFrom(entry["note"]);
  if (entry.contains("loudness")) cue.loudness = loudnessFrom(entry["loudness"]);
  if (entry.contains("onset")) cue.onset = valueIn(kOnsets, entry["onset"], "onset");
  if (entry.contains("pulses")) cue.pulses = whole(entry["pulses"], "pulses", 2, 64);
  if (kind.needsPulses && cue.pulses == 0)
    throw std::invalid_argument("a " + std::string(kind.name) + " cue needs its number of pulses");
  cue.model = entry.value("model", false);
  return cue;
}

json cueTo(const Cue& cue) {
  json entry{{"kind", nameOf(cue.kind)}};
  if (cue.length.unit == CueLength::Unit::beats) entry["beats"] = cue.length.value;
  if (cue.length.unit == CueLength::Unit::seconds) entry["seconds"] = cue.length.value;
  if (cue.note.kind != CueNote::Kind::any) entry["note"] = noteTo(cue.note);
  for (const LevelPoint& p : cue.loudness) entry["loudness"].push_back({p.share, p.level_db});
  if (cue.onset != OnsetWanted::any) entry["onset"] = nameIn(kOnsets, cue.onset);
  if (cue.pulses > 0) entry["pulses"] = cue.pulses;
  if (cue.model) entry["model"] = true;
  return entry;
}

Generator generatorFrom(const nlohmann::json& entry) {
  refuseUnknown(entry, {"kind", "count"});
  Generator g;
  g.kind = valueIn(kGenerators, entry.at("kind"), "generator");
  g.count = whole(entry.at("count"), "count", -36, 36);
  if (g.count == 0) throw std::invalid_argument("a generator's count may not be 0; below 0 goes downwards");
  if (g.count < 0 && (g.kind == Generator::Kind::series || g.kind == Generator::Kind::outward))
    throw std::invalid_argument("a series and an outward generator count from 1 up");
  return g;
}

void refuseTooLong(const Exercise& e) {
  const int rounds = std::max(1, std::abs(e.generator.count));
  double once_s = 0.0;
  for (const Cue& cue : e.cues)
    once_s += cue.length.value * (cue.length.unit == CueLength::Unit::beats ? 60.0 / e.tempo_bpm : 1.0);
  if (e.cues.size() * static_cast<std::size_t>(rounds) > kMostCues)
    throw std::invalid_argument("there are more than " + std::to_string(kMostCues) +
                                " of them; leave some out");
  if (once_s * rounds > kLongest_s)
    throw std::invalid_argument("they last longer than 6 hours; shorten them");
}

/// The parts of a card, each with the place in it that an error names.
class CardReader {
 public:
  explicit CardReader(const nlohmann::json& entry) : entry_(entry) {}

  Exercise read() {
    refuseUnknown(entry_, {"id", "title", "family", "purpose", "cautions", "schools", "tempo", "count_in",
                           "display", "reference", "cues", "generator", "against", "scored", "targets",
                           "opens_after", "dose", "readings"});
    try {
      readWords();
      readCount();
      readCues();
      readTargets();
      readDose();
      readReadings();
      place_ = "cues";
      refuseTooLong(e_);
    } catch (const nlohmann::json::exception& what) {
      throw std::invalid_argument(place_ + ": " + plainly(what));
    } catch (const std::exception& what) {
      throw std::invalid_argument(place_ + ": " + what.what());
    }
    return std::move(e_);
  }

 private:
  /// Whether the card has the key; what goes wrong from here on is in its place.
  bool at(const char* key) {
    place_ = key;
    return entry_.contains(key);
  }

  void readWords() {
    for (const auto& [key, text] :
         {std::pair{"id", &e_.id}, {"title", &e_.title}, {"family", &e_.family}, {"purpose", &e_.purpose}}) {
      place_ = key;
      *text = entry_.at(key).get<std::string>();
      if (text->empty()) throw std::invalid_argument("may not be empty");
    }
    if (at("cautions")) e_.cautions = entry_["cautions"].get<std::vector<std::string>>();
    if (at("schools")) e_.schools = entry_["schools"].get<std::map<std::string, std::string>>();
  }

  void readCount() {
    if (at("tempo")) e_.tempo_bpm = within(entry_["tempo"], "tempo", 20, 400);
    if (at("count_in")) e_.countIn = whole(entry_["count_in"], "count_in", 0, 16);
    if (at("display")) e_.display = valueIn(kDisplays, entry_["display"], "display");
    if (at("reference")) e_.reference = valueIn(kReferences, entry_["reference"], "reference");
    if (at("against")) e_.against = valueIn(kAgainst, entry_["against"], "against");
  }

  void readCues() {
    place_ = "cues";
    for (std::size_t i = 0; i < entry_.at("cues").size(); ++i) {
      place_ = "cue " + std::to_string(i + 1);
      e_.cues.push_back(cueFrom(entry_["cues"][i]));
      if (e_.cues.back().length.unit == CueLength::Unit::beats && !e_.counted())
        throw std::invalid_argument("beats need a tempo; give the card one, or seconds to the cue");
    }
    place_ = "cues";
    if (e_.cues.empty()) throw std::invalid_argument("a card needs at least one cue");
    if (at("generator")) e_.generator = generatorFrom(entry_["generator"]);
    const bool each =
        std::ranges::any_of(e_.cues, [](const Cue& c) { return c.note.kind == CueNote::Kind::each; });
    if (each != (e_.generator.kind != Generator::Kind::none))
      throw std::invalid_argument("a generator and the note \"each\" need one another");
  }

  void readTargets() {
    if (at("scored")) e_.scored = entry_["scored"].get<bool>();
    if (!at("targets")) return;
    for (const auto& [level, targets] : entry_["targets"].items()) {
      place_ = "targets of " + level;
      e_.targets.emplace(level, targetsFrom(targets));
    }
  }

  void readDose() {
    if (at("opens_after")) {
      e_.good = whole(entry_["opens_after"].at("good"), "good", 1, 20);
      e_.of = whole(entry_["opens_after"].at("of"), "of", e_.good, 20);
    }
    if (!at("dose")) return;
    const nlohmann::json& dose = entry_["dose"];
    e_.sets = whole(dose.value("sets", nlohmann::json(1)), "sets", 1, 20);
    e_.rest_s = within(dose.value("rest_s", nlohmann::json(0)), "rest_s", 0, 1800);
    e_.mostPerDay = whole(dose.value("most_per_day", nlohmann::json(0)), "most_per_day", 0, 50);
  }

  void readReadings() {
    place_ = "readings";
    e_.readings = entry_.at("readings").get<std::vector<std::string>>();
    for (const std::string& id : e_.readings)
      if (!isReading(id))
        throw std::invalid_argument("reading " + shortened(nlohmann::json(id)) + " is unknown");
    if (e_.readings.empty()) throw std::invalid_argument("name at least one reading");
  }

  const nlohmann::json& entry_;
  Exercise e_;
  std::string place_;
};

Exercise exerciseFrom(const nlohmann::json& entry) { return CardReader(entry).read(); }

}  // namespace

std::string nameOf(const CueNote& note) {
  const nlohmann::json json = noteTo(note);
  if (json.is_string()) return json.get<std::string>();
  return json.begin().key() + " " + json.begin().value().dump();
}

tl::expected<CueNote, std::string> parseCueNote(std::string_view text) {
  const auto space = text.find(' ');
  try {
    if (space == std::string_view::npos) return noteFrom(nlohmann::json(text));
    const auto number = parseBounded(text.substr(space + 1));
    if (!number)
      return tl::unexpected("note \"" + shortened(text, 60) + "\" has no number; write it like degree 3");
    return noteFrom({{std::string(text.substr(0, space)), *number}});
  } catch (const std::exception& e) {
    return tl::unexpected(shortened(e.what(), kLongestError));
  }
}

tl::expected<std::vector<Exercise>, std::string> parseExercises(std::string_view text) {
  auto list = parseEntries<Exercise>("exercises", text, exerciseFrom);
  std::set<std::string> ids;
  if (list)
    for (const Exercise& e : *list)
      if (!ids.insert(e.id).second)
        return tl::unexpected("exercises: two cards have the id \"" + e.id + "\"; rename one");
  return list;
}

tl::expected<Exercise, std::string> parseExercise(std::string_view text) {
  const auto entry = parseBounded(text);
  if (!entry) return tl::unexpected(entry.error() + "; compare it with docs/exercises.md");
  try {
    return exerciseFrom(*entry);
  } catch (const std::exception& e) {
    return tl::unexpected(shortened(e.what(), kLongestError) + "; correct the card");
  }
}

std::string toText(const Exercise& e) {
  json card{{"id", e.id}, {"title", e.title}, {"family", e.family}, {"purpose", e.purpose}};
  if (!e.cautions.empty()) card["cautions"] = e.cautions;
  if (!e.schools.empty()) card["schools"] = e.schools;
  if (e.counted()) card["tempo"] = e.tempo_bpm;
  if (e.countIn > 0) card["count_in"] = e.countIn;
  card["display"] = nameIn(kDisplays, e.display);
  if (e.reference != PitchReference::asked) card["reference"] = nameIn(kReferences, e.reference);
  for (const Cue& cue : e.cues) card["cues"].push_back(cueTo(cue));
  if (e.generator.kind != Generator::Kind::none)
    card["generator"] = {{"kind", nameIn(kGenerators, e.generator.kind)}, {"count", e.generator.count}};
  if (e.against != Against::nobody) card["against"] = nameIn(kAgainst, e.against);
  if (!e.scored) card["scored"] = false;
  for (const auto& [level, targets] : e.targets)
    for (const auto& [id, target] : targets) {
      json& entry = card["targets"][level][id];
      if (target.low) entry["low"] = *target.low;
      if (target.high) entry["high"] = *target.high;
      entry["width"] = target.width;
      for (const Family family : target.families) entry["families"].push_back(nameOf(family));
    }
  card["opens_after"] = {{"good", e.good}, {"of", e.of}};
  card["dose"] = {{"sets", e.sets}, {"rest_s", e.rest_s}, {"most_per_day", e.mostPerDay}};
  card["readings"] = e.readings;
  return card.dump(2) + "\n";
}

const std::vector<Exercise>& exercises() {
  static const auto list = shipped(parseExercises(data::exercises));
  return list;
}

ExercisePtr findExercise(std::string_view id) {
  return {ExercisePtr(), findById(exercises(), id)};  // lives as long as the program
}

}  // namespace calando
