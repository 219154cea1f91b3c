#include "core/exercise/judging.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdio>

#include "core/catalogue.h"
#include "data/catalogue_text.h"

namespace calando {

namespace {

using nlohmann::json;

/// In the order in which a teacher mends things.
enum class Area { startsAndLasts, steady, inTune, full };

struct ReadingKind {
  std::string_view id;
  std::string_view label;
  std::string_view unit;
  Area area;
  std::string_view meaning;
  std::optional<double> (*value)(const Tone&, const Note*);
};

template <auto Member>
std::optional<double> ofNote(const Tone&, const Note* note) {
  if (!note) return std::nullopt;
  return note->*Member;
}
template <auto Member>
std::optional<double> ofOnset(const Tone& tone, const Note*) {
  return tone.onset.*Member;
}
template <auto Member>
std::optional<double> ofRelease(const Tone& tone, const Note*) {
  return tone.release.*Member;
}

constexpr std::array kReadings{
    ReadingKind{"held_s", "Held", "s", Area::startsAndLasts,
                "How long the tone sounds, breaks taken off, from where it reaches half of its steady level "
                "to where it falls below that.",
                [](const Tone& t, const Note*) { return std::optional(t.held_s); }},
    ReadingKind{
        "dropouts", "Breaks", "", Area::startsAndLasts,
        "How often the sound stops for up to 150 ms and comes back.",
        [](const Tone& t, const Note*) { return std::optional(static_cast<double>(t.dropouts.size())); }},
    ReadingKind{
        "slips", "Slips", "", Area::startsAndLasts,
        "How often the note jumps to another partial, by 150 cents or more, and back.",
        [](const Tone& t, const Note*) { return std::optional(static_cast<double>(t.slips.size())); }},
    ReadingKind{"air_before_ms", "Air before", "ms", Area::startsAndLasts,
                "How long air is heard, without a break, before the tone speaks.",
                ofOnset<&Onset::air_before_ms>},
    ReadingKind{"fade_db", "Fade", "dB", Area::startsAndLasts,
                "Level of the last half second less the level before it.", ofRelease<&Release::fade_db>},
    ReadingKind{"scoop_cents", "Scoop", "cents", Area::steady,
                "The largest departure of the first 200 ms from the line that the tone then takes; below it "
                "is negative.",
                ofOnset<&Onset::scoop_cents>},
    ReadingKind{"sag_cents", "Sag", "cents", Area::steady,
                "Pitch of the last half second less the pitch before it.", ofRelease<&Release::sag_cents>},
    ReadingKind{"wander_cents", "Wander", "cents", Area::steady,
                "How far the pitch strays slowly, slower than three times a second, with drift and vibrato "
                "taken out.",
                ofNote<&Note::wander_cents>},
    ReadingKind{
        "shake_cents", "Shake", "cents", Area::steady,
        "How much the pitch trembles, three to twelve times a second, with drift and vibrato taken out.",
        ofNote<&Note::shake_cents>},
    ReadingKind{"drift_cents_per_s", "Drift", "cents/s", Area::steady,
                "The slope of the pitch over the whole tone; rising is positive.",
                ofNote<&Note::drift_cents_per_s>},
    ReadingKind{"level_sd_db", "Level spread", "dB", Area::steady,
                "How much the level varies over the tone, as a standard deviation.",
                ofNote<&Note::level_sd_db>},
    ReadingKind{"offset_cents", "Offset", "cents", Area::inTune,
                "The middle of the pitch less the note it is held against; sharp is positive.",
                [](const Tone&, const Note* n) { return n ? std::optional(n->offset_cents) : std::nullopt; }},
    ReadingKind{"hnr_db", "Core over noise", "dB", Area::full,
                "Power of the harmonics over the power of everything else, 60 Hz to 10 kHz "
                "(harmonic-to-noise ratio).",
                ofNote<&Note::hnr_db>},
    ReadingKind{"tilt_db_per_octave", "Tilt", "dB/octave", Area::full,
                "How fast the harmonics get weaker upwards; close to zero is bright and dense.",
                ofNote<&Note::tilt_db_per_octave>},
    ReadingKind{"subharmonic_db", "Crackle", "dB", Area::full,
                "The strongest line halfway or a third of the way between two harmonics, against the "
                "harmonics beside it.",
                ofNote<&Note::subharmonic_db>},
};

const ReadingKind* findReading(std::string_view id) {
  const auto* found = std::ranges::find(kReadings, id, &ReadingKind::id);
  return found == kReadings.end() ? nullptr : found;
}

std::optional<double> optionalNumber(const json& entry, const char* key) {
  if (!entry.contains(key)) return std::nullopt;
  return entry.at(key).get<double>();
}

Target targetFrom(const json& entry) {
  Target t;
  t.low = optionalNumber(entry, "low");
  t.high = optionalNumber(entry, "high");
  if (!t.low && !t.high) throw std::invalid_argument("a target needs \"low\" or \"high\"");
  const double size = t.low && t.high ? *t.high - *t.low : std::abs(t.low ? *t.low : *t.high);
  t.width = optionalNumber(entry, "width").value_or(size);
  if (!(t.width > 0.0)) throw std::invalid_argument("a bound of 0 needs a \"width\" above 0");
  static const std::map<std::string, Family> families = {{"flute", Family::flute},
                                                         {"double-reed", Family::doubleReed},
                                                         {"single-reed", Family::singleReed},
                                                         {"brass", Family::brass}};
  if (entry.contains("families"))
    for (const auto& name : entry.at("families")) t.families.push_back(families.at(name.get<std::string>()));
  return t;
}

/// The target that holds here: the level's, or the seconds asked for.
std::optional<Target> targetFor(const std::string& id, const Context& context) {
  if (id == "held_s" && context.askedSeconds)
    return Target{context.askedSeconds, {}, *context.askedSeconds, {}};
  const auto found = context.level->targets.find(id);
  if (found == context.level->targets.end()) return std::nullopt;
  const auto& families = found->second.families;
  if (!families.empty() &&
      (!context.instrument || std::ranges::find(families, context.instrument->family) == families.end()))
    return std::nullopt;
  return found->second;
}

bool askedNoteCame(const Note* note, const Context& context) {
  if (!note || context.asked.empty()) return note != nullptr;
  const int sounding =
      context.instrument ? context.instrument->soundingOf(context.asked.front()) : context.asked.front();
  return std::abs(centsBetween(frequencyOf(sounding, context.reference), note->f0_hz)) <= 150.0;
}

Reading read(const std::string& id, const Tone* tone, const Context& context) {
  const ReadingKind& kind = *findReading(id);
  Reading r{id, std::string(kind.label), {}, std::string(kind.unit), {}, {}, false, Verdict::unmeasured, 0.0};
  const Note* note = tone ? tone->mainNote() : nullptr;
  if (tone) r.value = kind.value(*tone, note);
  const auto target = targetFor(id, context);
  if (target) {
    r.low = target->low;
    r.high = target->high;
    r.hasTarget = true;
  }
  if (!tone || (id == "offset_cents" && !askedNoteCame(note, context))) {
    r.verdict = Verdict::notYet;
    return r;
  }
  if (!r.value || !target) return r;
  const double below = target->low ? *target->low - *r.value : 0.0;
  const double above = target->high ? *r.value - *target->high : 0.0;
  r.excess = std::max({0.0, below, above}) / target->width;
  r.verdict = r.excess <= 0.0 ? Verdict::inside : r.excess <= kNearWidths ? Verdict::near : Verdict::outside;
  return r;
}

std::string number(double value, std::string_view unit) {
  char text[32];
  const bool fine = unit == "s" || unit == "dB" || unit == "cents/s" || std::abs(value) < 1.0;
  std::snprintf(text, sizeof text, fine && unit != "" ? "%.1f" : "%.0f", std::abs(value));
  return text;
}

/// Puts the figures into a text: {id} is the size of a reading, {id:low} and {id:high} that of its bounds.
std::string filled(std::string text, const std::vector<Reading>& readings) {
  for (const Reading& r : readings) {
    const auto put = [&](const std::string& key, const std::optional<double>& value) {
      for (std::size_t at; (at = text.find(key)) != std::string::npos;)
        text.replace(at, key.size(), value ? number(*value, r.unit) : "–");
    };
    put("{" + r.id + "}", r.value);
    put("{" + r.id + ":low}", r.low);
    put("{" + r.id + ":high}", r.high);
  }
  return text;
}

bool fits(const AdviceCard& card, const Reading* worst, const std::vector<Reading>& readings) {
  if (!worst) {
    if (!card.reading.empty()) return false;
  } else {
    if (card.reading != worst->id) return false;
    const bool below = worst->low && *worst->value < *worst->low;
    if ((card.low || card.high) && (below ? !card.low : !card.high)) return false;
  }
  return std::ranges::all_of(card.conditions, [&](const AdviceCard::Condition& c) {
    const auto r = std::ranges::find(readings, c.reading, &Reading::id);
    if (r == readings.end() || !r->value) return false;
    return (!c.above || *r->value > *c.above) && (!c.below || *r->value < *c.below);
  });
}

}  // namespace

bool isReading(std::string_view id) { return findReading(id) != nullptr; }
std::string readingLabel(std::string_view id) {
  const auto* kind = findReading(id);
  return kind ? std::string(kind->label) : "";
}
std::string readingUnit(std::string_view id) {
  const auto* kind = findReading(id);
  return kind ? std::string(kind->unit) : "";
}
std::string readingMeaning(std::string_view id) {
  const auto* kind = findReading(id);
  return kind ? std::string(kind->meaning) : "";
}

tl::expected<std::vector<Level>, std::string> parseLevels(std::string_view text) {
  return parseEntries<Level>("levels", text, [](const json& entry) {
    Level level{entry.at("id").get<std::string>(), entry.at("label").get<std::string>(), {}};
    for (const auto& [id, target] : entry.at("targets").items()) {
      if (!isReading(id)) throw std::invalid_argument("reading \"" + id + "\" is unknown");
      level.targets.emplace(id, targetFrom(target));
    }
    return level;
  });
}

const std::vector<Level>& levels() {
  static const auto list = shipped(parseLevels(data::levels));
  return list;
}

const Level* findLevel(std::string_view id) { return findById(levels(), id); }

tl::expected<std::vector<AdviceCard>, std::string> parseAdvice(std::string_view text) {
  return parseEntries<AdviceCard>("advice", text, [](const json& entry) {
    AdviceCard card;
    card.id = entry.at("id").get<std::string>();
    card.reading = entry.value("reading", "");
    if (!card.reading.empty() && !isReading(card.reading))
      throw std::invalid_argument("reading \"" + card.reading + "\" is unknown");
    const std::string side = entry.value("side", "");
    card.low = side == "low";
    card.high = side == "high";
    if (entry.contains("if"))
      for (const auto& [id, bounds] : entry.at("if").items())
        card.conditions.push_back({id, optionalNumber(bounds, "above"), optionalNumber(bounds, "below")});
    card.says = entry.at("says").get<std::string>();
    card.tries = entry.at("try").get<std::string>();
    card.why = entry.at("why").get<std::string>();
    return card;
  });
}

const std::vector<AdviceCard>& adviceCards() {
  static const auto list = shipped(parseAdvice(data::advice));
  return list;
}

std::optional<Advice> chooseAdvice(const std::vector<Reading>& readings) {
  constexpr double alike = 0.9;
  double furthest = 0.0;
  bool judged = false;
  for (const Reading& r : readings) {
    furthest = std::max(furthest, r.excess);
    judged = judged || r.verdict == Verdict::inside || r.excess > 0.0;
  }
  if (!judged) return std::nullopt;
  const Reading* worst = nullptr;
  if (furthest > 0.0) {
    for (const Reading& r : readings) {
      if (r.excess < alike * furthest) continue;
      if (!worst || findReading(r.id)->area < findReading(worst->id)->area) worst = &r;
    }
  }
  const auto card =
      std::ranges::find_if(adviceCards(), [&](const AdviceCard& c) { return fits(c, worst, readings); });
  if (card == adviceCards().end()) return std::nullopt;
  Advice advice{card->id, filled(card->says + " " + card->tries, readings), filled(card->why, readings), {}};
  if (worst) advice.because.push_back(worst->id);
  for (const auto& condition : card->conditions) advice.because.push_back(condition.reading);
  if (!worst)
    for (const Reading& r : readings)
      if (r.verdict == Verdict::inside) advice.because.push_back(r.id);
  return advice;
}

void judge(Analysis& analysis, const Context& context) {
  const Tone* tone = analysis.mainTone();
  for (const Cue& cue : context.exercise->cues) {
    CueResult result{cue.kind, 0.0, 0.0, {}};
    if (tone) {
      const auto held = targetFor("held_s", context);
      result.start_s = tone->start_s;
      result.end_s = tone->start_s + (held && held->low ? *held->low : tone->held_s);
      result.matched = static_cast<std::size_t>(tone - analysis.tones.data());
    }
    analysis.cues.push_back(result);
  }
  for (const std::string& id : context.exercise->readings)
    analysis.readings.push_back(read(id, tone, context));
  if (auto advice = chooseAdvice(analysis.readings)) analysis.advice.push_back(std::move(*advice));
}

}  // namespace calando
