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

std::optional<double> optionalNumber(const json& entry, const char* key) {
  if (!entry.contains(key)) return std::nullopt;
  return entry.at(key).get<double>();
}

/// The card asks for tones that begin with the breath alone, and says nothing else of the air before them.
bool asksForAirBefore(const Exercise& exercise) {
  const bool breath =
      std::ranges::any_of(exercise.cues, [](const Cue& c) { return c.onset == OnsetWanted::breath; });
  const auto own = [](const auto& level) { return level.second.contains("air_before_ms"); };
  return breath && std::ranges::none_of(exercise.targets, own);
}

/// The target that holds here: the seconds asked for, the card's own at this level, or the level's.
std::optional<Target> targetFor(const std::string& id, const Context& context) {
  if (!context.exercise->scored) return std::nullopt;
  if (id == "air_before_ms" && asksForAirBefore(*context.exercise)) return std::nullopt;
  if (id == "held_s" && context.askedSeconds)
    return Target{context.askedSeconds, {}, *context.askedSeconds, {}};
  const Instrument* instrument = context.instrument;
  const auto holds = [instrument](const Target& target) {
    return target.families.empty() ||
           (instrument && std::ranges::find(target.families, instrument->family) != target.families.end());
  };
  const Target* target = findTarget(id, *context.exercise, *context.level);
  if (target && holds(*target)) return *target;
  // A card's own target for other instruments leaves the level's to this one.
  const auto common = context.level->targets.find(id);
  if (common != context.level->targets.end() && holds(common->second)) return common->second;
  return std::nullopt;
}

/// Distance outside the target, in widths of it.
double excessOf(double value, const Target& target) {
  const double below = target.low ? *target.low - value : 0.0;
  const double above = target.high ? value - *target.high : 0.0;
  return std::max({0.0, below, above}) / target.width;
}

Verdict verdictOf(double excess) {
  return excess <= 0.0 ? Verdict::inside : excess <= kNearWidths ? Verdict::near : Verdict::outside;
}

Reading read(const std::string& id, const Analysis& analysis, const Context& context) {
  Reading r{id, readingLabel(id), {}, readingUnit(id), {}, {}, false, Verdict::unmeasured, 0.0};
  r.value = readingValue(id, analysis, context.against);
  const auto target = targetFor(id, context);
  if (target) {
    r.low = target->low;
    r.high = target->high;
    r.hasTarget = true;
  }
  const auto came = [](const CueResult& c) { return c.asksForSound && c.matched; };
  const bool played = std::ranges::any_of(analysis.cues, came);
  const bool anotherNote =
      id == "offset_cents" &&
      std::ranges::none_of(analysis.cues, [&](const CueResult& c) { return came(c) && c.offset_cents; });
  if (!played || anotherNote) {
    r.verdict = Verdict::notYet;
    return r;
  }
  if (!r.value || !target) return r;
  r.excess = excessOf(*r.value, *target);
  r.verdict = verdictOf(r.excess);
  return r;
}

/// The worst of the figures of a row that the exercise is judged by.
Verdict rowVerdict(const CueResult& cue, const Context& context) {
  if (!cue.asksForSound) return Verdict::unmeasured;
  if (!cue.matched) return Verdict::notYet;
  double worst = -1.0;
  for (const std::string& id : context.exercise->readings) {
    const auto value = cueValue(id, cue);
    const auto target = targetFor(id, context);
    if (value && target) worst = std::max(worst, excessOf(*value, *target));
  }
  return worst < 0.0 ? Verdict::unmeasured : verdictOf(worst);
}

std::string number(double value, std::string_view unit) {
  char text[32];
  const bool fine =
      unit == "s" || unit == "dB" || unit == "beats" || unit.find('/') != unit.npos || std::abs(value) < 1.0;
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

bool fits(const AdviceCard& card, const Reading* worst, const std::vector<Reading>& all) {
  if (!worst) {
    if (!card.reading.empty()) return false;
  } else {
    if (card.reading != worst->id) return false;
    const bool below = worst->low && *worst->value < *worst->low;
    if ((card.low || card.high) && (below ? !card.low : !card.high)) return false;
  }
  return std::ranges::all_of(card.conditions, [&](const AdviceCard::Condition& c) {
    const auto r = std::ranges::find(all, c.reading, &Reading::id);
    if (r == all.end() || !r->value) return false;
    return (!c.above || *r->value > *c.above) && (!c.below || *r->value < *c.below);
  });
}

}  // namespace

tl::expected<std::vector<Level>, std::string> parseLevels(std::string_view text) {
  return parseEntries<Level>("levels", text, [](const json& entry) {
    return Level{entry.at("id").get<std::string>(), entry.at("label").get<std::string>(),
                 targetsFrom(entry.at("targets"))};
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

std::optional<Advice> chooseAdvice(const std::vector<Reading>& readings, const std::vector<Reading>& known) {
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
      if (!worst || readingArea(r.id) < readingArea(worst->id)) worst = &r;
    }
  }
  std::vector<Reading> all = readings;
  all.insert(all.end(), known.begin(), known.end());
  const auto card =
      std::ranges::find_if(adviceCards(), [&](const AdviceCard& c) { return fits(c, worst, all); });
  if (card == adviceCards().end()) return std::nullopt;
  Advice advice{card->id, filled(card->says + " " + card->tries, all), filled(card->why, all), {}};
  if (worst) advice.because.push_back(worst->id);
  for (const auto& condition : card->conditions) advice.because.push_back(condition.reading);
  if (!worst)
    for (const Reading& r : readings)
      if (r.verdict == Verdict::inside) advice.because.push_back(r.id);
  return advice;
}

Verdict overallVerdict(const std::vector<Reading>& readings) {
  const auto has = [&](Verdict v) {
    return std::ranges::find(readings, v, &Reading::verdict) != readings.end();
  };
  for (const Verdict v : {Verdict::outside, Verdict::near, Verdict::inside, Verdict::notYet})
    if (has(v)) return v;
  return Verdict::unmeasured;
}

const Target* findTarget(const std::string& reading, const Exercise& card, const Level& level) {
  const auto in = [&](const Targets& targets) {
    const auto found = targets.find(reading);
    return found == targets.end() ? nullptr : &found->second;
  };
  const auto own = card.targets.find(level.id);
  const Target* target = own == card.targets.end() ? nullptr : in(own->second);
  return target ? target : in(level.targets);
}

void judge(Analysis& analysis, const Tracks& tracks, const CueSheet& sheet, const Context& context) {
  analysis.cues = describeCues(analysis, tracks, sheet, context);
  nameByCues(analysis, context);
  for (CueResult& cue : analysis.cues) cue.verdict = rowVerdict(cue, context);
  const auto has = [&](const std::string& id) {
    return std::ranges::find(analysis.readings, id, &Reading::id) != analysis.readings.end();
  };
  for (const std::string& id : context.exercise->readings)
    analysis.readings.push_back(read(id, analysis, context));
  if (sheet.oneSound())
    for (const char* id : {"attempts", "spoke_at"})
      if (!has(id)) analysis.readings.push_back(read(id, analysis, context));
  std::vector<Reading> known;
  for (const std::string& id : readingIds())
    if (isKnownAside(id) && !has(id)) known.push_back(read(id, analysis, context));
  if (auto advice = chooseAdvice(analysis.readings, known)) analysis.advice.push_back(std::move(*advice));
}

}  // namespace calando
