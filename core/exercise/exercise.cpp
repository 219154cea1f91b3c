#include "core/exercise/exercise.h"

#include <nlohmann/json.hpp>
#include <set>

#include "core/bounded_json.h"
#include "core/catalogue.h"
#include "core/exercise/judging.h"
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

constexpr Named<CueKind> kKinds[] = {
    {CueKind::inhale, "inhale"}, {CueKind::hold, "hold"},   {CueKind::exhale, "exhale"},
    {CueKind::air, "air"},       {CueKind::tone, "tone"},   {CueKind::rest, "rest"},
    {CueKind::glide, "glide"},   {CueKind::bend, "bend"},   {CueKind::partial, "partial"},
    {CueKind::swell, "swell"},   {CueKind::pulse, "pulse"}, {CueKind::free, "free"}};
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

Cue cueFrom(const nlohmann::json& entry) {
  refuseUnknown(entry, {"kind", "beats", "seconds", "note", "loudness", "onset", "pulses", "model"});
  Cue cue;
  cue.kind = valueIn(kKinds, entry.at("kind"), "kind");
  if (entry.contains("beats") && entry.contains("seconds"))
    throw std::invalid_argument("give a cue's beats or its seconds, not both");
  if (entry.contains("beats"))
    cue.length = {CueLength::Unit::beats, within(entry["beats"], "beats", 0.25, 256)};
  if (entry.contains("seconds"))
    cue.length = {CueLength::Unit::seconds, within(entry["seconds"], "seconds", 0.2, 600)};
  if (cue.kind == CueKind::rest && cue.length.unit == CueLength::Unit::open)
    throw std::invalid_argument("a rest needs beats or seconds");
  if (entry.contains("note")) cue.note = noteFrom(entry["note"]);
  if (entry.contains("loudness")) cue.loudness = loudnessFrom(entry["loudness"]);
  if (entry.contains("onset")) cue.onset = valueIn(kOnsets, entry["onset"], "onset");
  if (entry.contains("pulses")) cue.pulses = whole(entry["pulses"], "pulses", 2, 64);
  if (cue.kind == CueKind::pulse && cue.pulses == 0)
    throw std::invalid_argument("a pulse cue needs its number of pulses");
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

Exercise exerciseFrom(const nlohmann::json& entry) {
  refuseUnknown(entry, {"id", "title", "family", "purpose", "cautions", "schools", "tempo", "count_in",
                        "display", "reference", "cues", "generator", "against", "scored", "targets",
                        "opens_after", "dose", "readings"});
  Exercise e;
  std::string place;
  try {
    for (const auto& [key, text] :
         {std::pair{"id", &e.id}, {"title", &e.title}, {"family", &e.family}, {"purpose", &e.purpose}}) {
      place = key;
      *text = entry.at(key).get<std::string>();
      if (text->empty()) throw std::invalid_argument("may not be empty");
    }
    place = "cautions";
    e.cautions = entry.value("cautions", e.cautions);
    place = "schools";
    e.schools = entry.value("schools", e.schools);
    place = "tempo";
    if (entry.contains("tempo")) e.tempo_bpm = within(entry["tempo"], "tempo", 20, 400);
    place = "count_in";
    if (entry.contains("count_in")) e.countIn = whole(entry["count_in"], "count_in", 0, 16);
    place = "display";
    if (entry.contains("display")) e.display = valueIn(kDisplays, entry["display"], "display");
    place = "reference";
    if (entry.contains("reference")) e.reference = valueIn(kReferences, entry["reference"], "reference");
    for (std::size_t i = 0; i < entry.at("cues").size(); ++i) {
      place = "cue " + std::to_string(i + 1);
      e.cues.push_back(cueFrom(entry["cues"][i]));
      if (e.cues.back().length.unit == CueLength::Unit::beats && !e.counted())
        throw std::invalid_argument("beats need a tempo; give the card one, or seconds to the cue");
    }
    place = "cues";
    if (e.cues.empty()) throw std::invalid_argument("a card needs at least one cue");
    place = "generator";
    if (entry.contains("generator")) e.generator = generatorFrom(entry["generator"]);
    const bool each =
        std::ranges::any_of(e.cues, [](const Cue& c) { return c.note.kind == CueNote::Kind::each; });
    if (each != (e.generator.kind != Generator::Kind::none))
      throw std::invalid_argument("a generator and the note \"each\" need one another");
    place = "against";
    if (entry.contains("against")) e.against = valueIn(kAgainst, entry["against"], "against");
    place = "scored";
    e.scored = entry.value("scored", true);
    if (entry.contains("targets"))
      for (const auto& [level, targets] : entry["targets"].items()) {
        place = "targets of " + level;
        e.targets.emplace(level, targetsFrom(targets));
      }
    if (entry.contains("opens_after")) {
      place = "opens_after";
      e.good = whole(entry["opens_after"].at("good"), "good", 1, 20);
      e.of = whole(entry["opens_after"].at("of"), "of", e.good, 20);
    }
    if (entry.contains("dose")) {
      place = "dose";
      e.sets = whole(entry["dose"].value("sets", nlohmann::json(1)), "sets", 1, 20);
      e.rest_s = within(entry["dose"].value("rest_s", nlohmann::json(0)), "rest_s", 0, 1800);
      e.mostPerDay = whole(entry["dose"].value("most_per_day", nlohmann::json(0)), "most_per_day", 0, 50);
    }
    place = "readings";
    e.readings = entry.at("readings").get<std::vector<std::string>>();
    for (const std::string& id : e.readings)
      if (!isReading(id))
        throw std::invalid_argument("reading " + shortened(nlohmann::json(id)) + " is unknown");
    if (e.readings.empty()) throw std::invalid_argument("name at least one reading");
    place = "cues";
    refuseTooLong(e);
  } catch (const nlohmann::json::exception& what) {
    throw std::invalid_argument(place + ": " + plainly(what));
  } catch (const std::exception& what) {
    throw std::invalid_argument(place + ": " + what.what());
  }
  return e;
}

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

std::string_view nameOf(CueKind kind) { return nameIn(kKinds, kind); }

bool isSounding(CueKind kind) {
  return kind == CueKind::tone || kind == CueKind::glide || kind == CueKind::bend ||
         kind == CueKind::partial || kind == CueKind::swell || kind == CueKind::pulse ||
         kind == CueKind::free;
}

bool isAir(CueKind kind) {
  return kind == CueKind::inhale || kind == CueKind::exhale || kind == CueKind::air;
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
  static const std::map<Family, const char*> families = {{Family::flute, "flute"},
                                                         {Family::doubleReed, "double-reed"},
                                                         {Family::singleReed, "single-reed"},
                                                         {Family::brass, "brass"}};
  for (const auto& [level, targets] : e.targets)
    for (const auto& [id, target] : targets) {
      json& entry = card["targets"][level][id];
      if (target.low) entry["low"] = *target.low;
      if (target.high) entry["high"] = *target.high;
      entry["width"] = target.width;
      for (const Family family : target.families) entry["families"].push_back(families.at(family));
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
