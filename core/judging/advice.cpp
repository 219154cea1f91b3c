#include "core/judging/advice.h"

#include <algorithm>
#include <cmath>

#include "core/base/catalogue.h"
#include "core/figures/figure.h"
#include "core/figures/reading.h"
#include "core/figures/verdict.h"
#include "core/measure/edges/sounds.h"
#include "data/catalogue_text.h"

namespace calando {

namespace {

using nlohmann::json;

std::optional<double> optionalNumber(const json& entry, const char* key) {
  if (!entry.contains(key)) return std::nullopt;
  return entry.at(key).get<double>();
}

/// Puts the figures into a text, as sizes, and what the instrument is tuned with.
std::string filled(std::string text, const std::vector<Reading>& readings, const Instrument* instrument,
                   const Reading* worst) {
  if (const auto at = text.find(kFigurePlace); at != std::string::npos && worst)
    text.replace(at, kFigurePlace.size(), worst->figure->label);
  if (const auto at = text.find(kTunerPlace); at != std::string::npos && instrument)
    text.replace(at, kTunerPlace.size(), labelOf(instrument->tuner));
  for (const Reading& r : readings) {
    const Print& print = r.figure->print;
    for (const auto& [place, value] : placesIn(r))
      for (std::size_t at; (at = text.find(place)) != std::string::npos;)
        text.replace(at, place.size(),
                     value ? printed(std::abs(*value), {print.decimals, false, print.times}) : "–");
  }
  return text;
}

bool conditionsHold(const AdviceCard& card, const std::vector<Reading>& all) {
  return std::ranges::all_of(card.conditions, [&](const AdviceCard::Condition& c) {
    const auto r = std::ranges::find(all, c.reading, &Reading::id);
    if (r == all.end() || !r->value) return false;
    const auto bound = [&](const std::optional<double>& own, const std::optional<double>& asked) {
      return own && c.orTarget && asked ? asked : own;
    };
    const auto above = bound(c.above, r->high), below = bound(c.below, r->low);
    return (!above || *r->value > *above) && (!below || *r->value < *below);
  });
}

bool fits(const AdviceCard& card, const Reading* worst, const Instrument* instrument,
          const std::vector<Reading>& all) {
  if (card.from != AdviceCard::From::figures || !card.whom.holds(instrument)) return false;
  if (!worst) {
    if (!card.reading.empty()) return false;
  } else {
    if (card.reading != worst->id()) return false;
    const bool below = worst->low && *worst->value < *worst->low;
    if ((card.low || card.high) && (below ? !card.low : !card.high)) return false;
    if (card.leaning != 0 && card.leaning * worst->leaning.value_or(0.0) <= 0.0) return false;
  }
  return conditionsHold(card, all);
}

template <class T>
bool isAmong(const std::optional<T>& value, const std::vector<T>& list) {
  return list.empty() || (value && std::ranges::find(list, *value) != list.end());
}

bool fitsObserved(const AdviceCard& card, const Observed& observed, const Instrument* instrument,
                  const std::vector<Reading>& all) {
  // Of the small part the family is known where the instrument is not.
  const bool byFamily = !instrument && observed.from == AdviceCard::From::smallPart;
  const bool theirs = byFamily ? card.whom.holds(observed.family) : card.whom.holds(instrument);
  return card.from == observed.from && theirs && isAmong(observed.start, card.starts) &&
         isAmong(observed.quality, card.qualities) && (!card.lowPitch || observed.low) &&
         conditionsHold(card, all);
}

constexpr Named<AdviceCard::From> kFrom[] = {{"figures", AdviceCard::From::figures},
                                             {"outside", AdviceCard::From::outside},
                                             {"small-part", AdviceCard::From::smallPart},
                                             {"silence", AdviceCard::From::silence}};

/// A text, or one with its school or that it is an image.
AdviceCard::Try tryFrom(const json& entry) {
  if (entry.is_string()) return {entry.get<std::string>()};
  return {entry.at("says").get<std::string>(), forWhomFrom(entry), entry.value("school", ""),
          entry.value("image", false)};
}

}  // namespace

std::array<std::pair<std::string, std::optional<double>>, 4> placesIn(const Reading& r) {
  const std::string open = "{" + std::string(r.id());
  return {{{open + "}", r.value},
           {open + ":low}", r.low},
           {open + ":high}", r.high},
           {open + ":unsure}", r.unsure}}};
}

tl::expected<std::vector<AdviceCard>, Problem> parseAdvice(std::string_view text) {
  return parseEntries<AdviceCard>("advice", text, [](const json& entry) {
    AdviceCard card;
    card.id = entry.at("id").get<std::string>();
    card.reading = entry.value("reading", "");
    if (!card.reading.empty() && !isReading(card.reading)) refuse(Fault::unknownReading, card.reading);
    const std::string side = entry.value("side", "");
    card.low = side == "low";
    card.high = side == "high";
    if (entry.contains("if"))
      for (const auto& [id, bounds] : entry.at("if").items())
        card.conditions.push_back({id, optionalNumber(bounds, "above"), optionalNumber(bounds, "below"),
                                   bounds.value("or_target", false)});
    card.says = entry.at("says").get<std::string>();
    card.leaning = side == "early" ? -1 : side == "late" ? 1 : 0;
    if (entry.contains("try") || !card.reading.empty())
      for (const json& one : entry.at("try")) card.tries.push_back(tryFrom(one));
    card.instead = entry.value("instead", std::vector<std::string>());
    if (entry.contains("from")) card.from = valueNamed(entry.at("from"), "from", kFrom);
    card.whom = forWhomFrom(entry);
    card.starts = listNamed(entry, "start", kStarts);
    card.qualities = listNamed(entry, "quality", kQualities);
    card.lowPitch = entry.value("low_pitch", false);
    card.figure = entry.value("figure", card.reading);
    card.why = entry.at("why").get<std::string>();
    return card;
  });
}

const std::vector<AdviceCard>& adviceCards() {
  static const auto list = shipped(parseAdvice(data::advice));
  return list;
}

namespace {

Advice written(const AdviceCard& card, const std::map<std::string, std::size_t>& nextTries,
               const std::vector<Reading>& all, const Reading* worst, const Instrument* instrument) {
  const auto asked = nextTries.find(card.id);
  const auto theirs =
      std::ranges::find_if(card.tries, [&](const AdviceCard::Try& t) { return t.whom.holds(instrument); });
  const std::size_t next = asked != nextTries.end() ? asked->second
                           : theirs != card.tries.end()
                               ? static_cast<std::size_t>(theirs - card.tries.begin())
                               : 0;
  Advice advice{card.id,
                filled(card.tries.empty() ? card.says : card.says + " " + card.tryAt(next).says, all,
                       instrument, worst),
                filled(card.why, all, instrument, worst),
                {},
                &card,
                next,
                all,
                instrument};
  if (worst) advice.because.emplace_back(worst->id());
  for (const auto& condition : card.conditions) advice.because.push_back(condition.reading);
  return advice;
}

const AdviceCard* cardFor(const Reading* worst, const Instrument* instrument,
                          const std::vector<Reading>& all) {
  const auto card = std::ranges::find_if(
      adviceCards(), [&](const AdviceCard& c) { return fits(c, worst, instrument, all); });
  return card == adviceCards().end() ? nullptr : &*card;
}

/// What is outside, what is to be mended first before the rest: of those about as far out as the furthest by
/// area, then by how far they are.
std::vector<const Reading*> inOrder(const std::vector<Reading>& readings, double furthest) {
  constexpr double alike = 0.9;
  std::vector<const Reading*> outside;
  for (const Reading& r : readings)
    if (r.excess > 0.0) outside.push_back(&r);
  const auto isFurthest = [&](const Reading* r) { return r->excess >= alike * furthest; };
  const auto rest = std::ranges::stable_partition(outside, isFurthest);
  std::stable_sort(outside.begin(), rest.begin(),
                   [](const Reading* a, const Reading* b) { return a->figure->area < b->figure->area; });
  std::ranges::stable_sort(rest, std::greater(), &Reading::excess);
  return outside;
}

}  // namespace

std::optional<Advice> chooseAdvice(const std::vector<Reading>& readings, const std::vector<Reading>& known,
                                   const Instrument* instrument, const Observed* observed,
                                   const std::map<std::string, std::size_t>& nextTries) {
  double furthest = 0.0;
  bool judged = false;
  for (const Reading& r : readings) {
    furthest = std::max(furthest, r.excess);
    judged = judged || r.verdict == Verdict::inside || r.excess > 0.0;
  }
  std::vector<Reading> all = readings;
  all.insert(all.end(), known.begin(), known.end());
  if (observed) {
    const auto card = std::ranges::find_if(
        adviceCards(), [&](const AdviceCard& c) { return fitsObserved(c, *observed, instrument, all); });
    if (card != adviceCards().end()) return written(*card, nextTries, all, nullptr, instrument);
  }
  if (!judged) return std::nullopt;
  const Reading* worst = nullptr;
  const AdviceCard* card = nullptr;
  const std::vector<const Reading*> outside = inOrder(readings, furthest);
  for (const Reading* reading : outside) {
    worst = reading;
    card = cardFor(reading, instrument, all);
    if (card) break;
  }
  if (!card && worst) {
    worst = outside.front();
    card = &*std::ranges::find(adviceCards(), AdviceCard::From::outside, &AdviceCard::from);
  }
  if (!worst) card = cardFor(nullptr, instrument, all);
  if (!card) return std::nullopt;
  Advice advice = written(*card, nextTries, all, worst, instrument);
  if (!worst)
    for (const Reading& r : readings)
      if (r.verdict == Verdict::inside) advice.because.emplace_back(r.id());
  return advice;
}

}  // namespace calando
