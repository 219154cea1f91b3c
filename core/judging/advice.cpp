#include "core/judging/advice.h"

#include <algorithm>
#include <cmath>

#include "core/catalogue.h"
#include "core/judging/figure.h"
#include "data/catalogue_text.h"

namespace calando {

namespace {

using nlohmann::json;

std::optional<double> optionalNumber(const json& entry, const char* key) {
  if (!entry.contains(key)) return std::nullopt;
  return entry.at(key).get<double>();
}

/// Puts the figures into a text: {id} is the size of a reading, {id:low} and {id:high} that of its bounds.
std::string filled(std::string text, const std::vector<Reading>& readings) {
  for (const Reading& r : readings) {
    const auto put = [&](const std::string& key, const std::optional<double>& value) {
      for (std::size_t at; (at = text.find(key)) != std::string::npos;)
        text.replace(at, key.size(), value ? printed(std::abs(*value), {r.figure->print.decimals}) : "–");
    };
    std::string id{"{"};
    id += r.id();
    put(id + "}", r.value);
    put(id + ":low}", r.low);
    put(id + ":high}", r.high);
  }
  return text;
}

bool fits(const AdviceCard& card, const Reading* worst, const std::vector<Reading>& all) {
  if (!worst) {
    if (!card.reading.empty()) return false;
  } else {
    if (card.reading != worst->id()) return false;
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
      if (!worst || r.figure->area < worst->figure->area) worst = &r;
    }
  }
  std::vector<Reading> all = readings;
  all.insert(all.end(), known.begin(), known.end());
  const auto card =
      std::ranges::find_if(adviceCards(), [&](const AdviceCard& c) { return fits(c, worst, all); });
  if (card == adviceCards().end()) return std::nullopt;
  Advice advice{card->id, filled(card->says + " " + card->tries, all), filled(card->why, all), {}, &*card,
                {}};
  advice.figures = all;
  if (worst) advice.because.emplace_back(worst->id());
  for (const auto& condition : card->conditions) advice.because.push_back(condition.reading);
  if (!worst)
    for (const Reading& r : readings)
      if (r.verdict == Verdict::inside) advice.because.emplace_back(r.id());
  return advice;
}

}  // namespace calando
