#include <nlohmann/json.hpp>

#include "core/base/json_text.h"
#include "core/library/card_names.h"
#include "core/library/cards.h"

namespace calando {

namespace {

using json = nlohmann::ordered_json;

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
      nlohmann::json entry{{std::string(nameIn(kNotes, note.kind)), note.value}};
      if (note.down > 0) entry[kDown] = note.down;
      return entry;
  }
}

json cueTo(const Cue& cue) {
  json entry{{"kind", nameOf(cue.kind)}};
  if (cue.length.unit == CueLength::Unit::beats) entry["beats"] = cue.length.value;
  if (cue.length.unit == CueLength::Unit::seconds) entry["seconds"] = cue.length.value;
  if (cue.note.kind != CueNote::Kind::any) entry["note"] = noteTo(cue.note);
  for (const ShapePoint& p : cue.loudness) entry["loudness"].push_back({p.share, p.value});
  for (const ShapePoint& p : cue.pitch) entry["pitch"].push_back({p.share, p.value});
  if (cue.onset != OnsetWanted::any) entry["onset"] = nameIn(kOnsets, cue.onset);
  if (cue.pulses > 0) entry["pulses"] = cue.pulses;
  if (cue.model) entry["model"] = true;
  if (cue.who != Who::both) entry["who"] = nameIn(kWho, cue.who);
  if (!cue.says.empty()) entry["says"] = cue.says;
  return entry;
}

json pairTo(const PairCard& pair) {
  json entry{{"semitones", pair.semitones}};
  if (pair.off_cents != 0.0) entry["off_cents"] = pair.off_cents;
  if (pair.drift_cents != 0.0) entry["drift_cents"] = pair.drift_cents;
  if (pair.fades) entry["fades"] = true;
  if (pair.surprises) entry["surprises"] = true;
  if (pair.manner != PartnerVoice::Manner::holds) entry["manner"] = nameIn(kManners, pair.manner);
  return entry;
}

}  // namespace

std::string nameOf(const CueNote& note) {
  const nlohmann::json json = noteTo(note);
  if (json.is_string()) return json.get<std::string>();
  const std::string key(nameIn(kNotes, note.kind));
  std::string name = key + " " + std::to_string(note.value);
  if (note.down > 0) name += std::string(" ") + kDown + " " + std::to_string(note.down);
  return name;
}

std::string toText(const Exercise& e) {
  json card{{"id", e.id}, {"title", e.title}, {"family", e.family}, {"purpose", e.purpose}};
  if (!e.whom.everybody()) card["families"] = namesOf(e.whom);
  if (!e.cautions.empty()) card["cautions"] = e.cautions;
  if (!e.schools.empty()) card["schools"] = e.schools;
  if (e.counted()) card["tempo"] = e.tempo_bpm;
  if (e.countIn > 0) card["count_in"] = e.countIn;
  if (e.part != PartPlayed::whole) card["part"] = nameOf(e.part);
  card["display"] = nameIn(kDisplays, e.display);
  if (e.reference != PitchReference::asked) card["reference"] = nameIn(kReferences, e.reference);
  if (e.startsLow) card["starts_low"] = true;
  for (const Cue& cue : e.cues) card["cues"].push_back(cueTo(cue));
  if (e.generator.kind != Generator::Kind::none)
    card["generator"] = {{"kind", nameIn(kGenerators, e.generator.kind)}, {"count", e.generator.count}};
  if (e.generator.rest_beats > 0.0) card["generator"]["rest_beats"] = e.generator.rest_beats;
  if (!e.generator.says.empty()) card["generator"]["says"] = e.generator.says;
  if (e.pair) card["pair"] = pairTo(*e.pair);
  if (e.drone) card["drone"] = true;
  if (e.against != Against::nobody) card["against"] = nameIn(kAgainst, e.against);
  if (!e.scored) card["scored"] = false;
  if (e.faster_bpm > 0.0) card["faster"] = e.faster_bpm;
  if (e.timedByKey) card["timed_by_key"] = true;
  if (e.logsFingerings) card["logs_fingerings"] = true;
  if (!e.ticks.empty()) card["ticks"] = e.ticks;
  for (const auto& [level, targets] : e.targets)
    for (const auto& [id, several] : targets)
      for (const Target& target : several) {
        json entry{{"width", target.width}};
        if (target.low) entry["low"] = *target.low;
        if (target.high) entry["high"] = *target.high;
        if (!target.whom.everybody()) entry["families"] = namesOf(target.whom);
        card["targets"][level][id].push_back(entry);
      }
  card["opens_after"] = {{"good", e.good}, {"of", e.of}};
  card["dose"] = {{"sets", e.sets}, {"rest_s", e.rest_s}, {"most_per_day", e.mostPerDay}};
  if (e.restsAsPlayed) card["dose"]["rest_as_played"] = true;
  if (e.grows.what != Grows::What::nothing)
    card["grows"] = {{"what", nameIn(kGrows, e.grows.what)}, {"steps", e.grows.steps}};
  if (!e.then.empty()) card["then"] = e.then;
  if (!e.readings.empty()) card["readings"] = e.readings;
  return jsonText(card, 2) + "\n";
}

}  // namespace calando
