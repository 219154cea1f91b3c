#include "core/theory/tube.h"

#include <algorithm>
#include <cmath>
#include <numeric>

#include "core/base/catalogue.h"
#include "core/theory/instrument.h"
#include "data/catalogue_text.h"

namespace calando {

namespace {

using nlohmann::json;

constexpr int kHighestPartial = 20;
constexpr double kSamePartial_cents = 100.0;  // some combinations of valves are short by that much
constexpr double kTimesFarther = 2.0;         // the next one
constexpr double kOwnName_cents = 60.0;       // farther off, a setting is called after the nearest note
constexpr double kWorthDrawing_cents = 5.0;   // sharper, its slides are drawn
constexpr double kListedDrawn_cents = 20.0;

Tubing tubingFrom(const json& entry) {
  Tubing tubing;
  tubing.id = entry.at("id").get<std::string>();
  tubing.valves = entry.value("valves", std::vector<int>{});
  tubing.positions = entry.value("positions", 0);
  tubing.trigger = entry.value("trigger", 0);
  tubing.side = entry.value("side", 0);
  tubing.compensating = entry.value("compensating", false);
  return tubing;
}

const std::vector<Tubing>& tubings() {
  static const auto list = shipped(parseTubings(data::tubes));
  return list;
}

/// Parts that are in use, semitones each, on an open tube of which partial 1 is `open`. `through`: semitones
/// of a valve that leads through the others once more, as long as they have to be on its tube; 0: there is
/// none.
TubeSetting settingOf(std::string name, int open, std::vector<int> parts, int through) {
  double length = 1.0;
  for (const int semitones : parts) length += std::exp2(semitones / 12.0) - 1.0;
  length *= std::exp2(through / 12.0);
  if (through > 0) parts.push_back(through);
  const double lowered_cents = 1200.0 * std::log2(length);
  int semitones = std::accumulate(parts.begin(), parts.end(), 0);
  if (std::abs(100.0 * semitones - lowered_cents) > kOwnName_cents)
    semitones = static_cast<int>(std::lround(lowered_cents / 100.0));
  return {std::move(name), open - semitones, 100.0 * semitones - lowered_cents};
}

std::optional<TubeSetting> settingFrom(std::string_view name, const Tubing& tubing, int open) {
  const auto parts = partsOf(name);
  if (!parts || (parts->thumb && tubing.side == 0 && tubing.trigger == 0)) return std::nullopt;
  if (parts->position > tubing.positions || (parts->position == 0 && tubing.valves.empty()))
    return std::nullopt;
  std::vector<int> used;
  if (parts->thumb && tubing.trigger != 0) used.push_back(tubing.trigger);
  if (parts->position > 0) used.push_back(parts->position - 1);
  for (const int valve : parts->valves) {
    if (valve > static_cast<int>(tubing.valves.size())) return std::nullopt;
    used.push_back(tubing.valves[static_cast<std::size_t>(valve - 1)]);
  }
  const bool through = tubing.compensating && !parts->valves.empty() &&
                       parts->valves.back() == static_cast<int>(tubing.valves.size());
  if (through) used.pop_back();
  TubeSetting setting = settingOf(std::string(name), parts->thumb ? open + tubing.side : open, used,
                                  through ? tubing.valves.back() : 0);
  if (!parts->drawn) return setting;
  if (setting.cents < kWorthDrawing_cents) return std::nullopt;
  setting.cents = 0.0;
  return setting;
}

std::vector<std::string> namesOf(const Tubing& tubing) {
  std::vector<std::string> names;
  for (const std::string_view thumb : {"", "T"}) {
    if (!thumb.empty() && tubing.side == 0 && tubing.trigger == 0) continue;
    for (int position = 1; position <= tubing.positions; ++position)
      names.push_back(std::string(thumb) + "slide" + std::to_string(position));
    if (tubing.valves.empty()) continue;
    for (unsigned used = 0; used < 1u << tubing.valves.size(); ++used) {
      std::string valves;
      for (std::size_t v = 0; v < tubing.valves.size(); ++v)
        if (used >> v & 1u) valves += static_cast<char>('1' + v);
      names.push_back(std::string(thumb) + (valves.empty() ? "0" : valves));
    }
  }
  return names;
}

}  // namespace

tl::expected<std::vector<Tubing>, Problem> parseTubings(std::string_view text) {
  return parseEntries<Tubing>("tubes", text, tubingFrom);
}

const Tubing* findTubing(std::string_view id) { return findById(tubings(), id); }

std::optional<SettingParts> partsOf(std::string_view name) {
  SettingParts parts;
  parts.thumb = name.starts_with('T');
  if (parts.thumb) name.remove_prefix(1);
  constexpr std::string_view slide = "slide";
  if (name.starts_with(slide)) {
    if (name.size() != slide.size() + 1 || name.back() < '1' || name.back() > '9') return std::nullopt;
    parts.position = name.back() - '0';
    return parts;
  }
  parts.drawn = name.ends_with('+');
  if (parts.drawn) name.remove_suffix(1);
  if (name == "0") return parts;
  for (const char c : name) {
    const int valve = c - '0';
    if (valve < 1 || valve > 9 || (!parts.valves.empty() && valve <= parts.valves.back()))
      return std::nullopt;
    parts.valves.push_back(valve);
  }
  return name.empty() ? std::nullopt : std::optional(parts);
}

double TubeSetting::hz(const Instrument* instrument, double a4_hz) const {
  const int sounding = instrument ? instrument->soundingOf(written) : written;
  return shiftedBy(frequencyOf(sounding, {a4_hz, false, 0}), cents);
}

int TubeSetting::interval(int partial) { return static_cast<int>(std::lround(12.0 * std::log2(partial))); }

tl::expected<TubeSetting, Problem> settingNamed(std::string_view name, const Instrument* instrument) {
  if (name.empty()) return tl::unexpected(Problem(Fault::fingeringEmpty));
  if (const auto note = parseNote(name))
    return TubeSetting{std::string(name), *note, 0.0, instrument && instrument->oddSeries ? 2 : 1};
  if (!instrument || !instrument->tubing)
    return tl::unexpected(Problem(Fault::fingeringNeedsInstrument, name));
  const Tubing& tubing = *instrument->tubing;
  if (const auto setting = settingFrom(name, tubing, *instrument->openFundamental)) return *setting;
  return tl::unexpected(Problem(tubing.valves.empty() ? Fault::unknownSlide : Fault::unknownValves, name));
}

std::vector<TubeSetting> settingsOf(const Instrument& instrument) {
  std::vector<TubeSetting> settings;
  for (std::size_t i = 0; i < instrument.bellNotes.size(); ++i)
    settings.push_back({instrument.bellNames[i], instrument.bellNotes[i], 0.0, instrument.oddSeries ? 2 : 1});
  const std::vector<std::string> names =
      instrument.tubing ? namesOf(*instrument.tubing) : std::vector<std::string>{};
  for (const std::string& name : names) {
    settings.push_back(*settingNamed(name, &instrument));
    if (!instrument.tubing->valves.empty() && settings.back().cents > kListedDrawn_cents)
      settings.push_back(*settingNamed(name + "+", &instrument));
  }
  std::ranges::stable_sort(settings, std::greater{},
                           [](const TubeSetting& s) { return 100.0 * s.written + s.cents; });
  return settings;
}

std::optional<TubeSetting> loweredBy(const TubeSetting& from, int halfSteps, const Instrument* instrument) {
  if (halfSteps == 0) return from;
  if (!instrument) return TubeSetting{"", from.written - halfSteps, from.cents, from.step};
  const auto own = partsOf(from.name);
  std::optional<TubeSetting> best;
  for (TubeSetting& setting : settingsOf(*instrument)) {
    if (setting.written != from.written - halfSteps) continue;
    const auto parts = partsOf(setting.name);
    const bool usual =
        !parts || (own && parts->thumb == own->thumb && !parts->drawn && parts->valves != std::vector{3});
    if (usual && (!best || std::abs(setting.cents) < std::abs(best->cents))) best = std::move(setting);
  }
  return best;
}

TubeSetting openSetting(const Instrument& instrument) {
  if (instrument.tubing)
    return *settingNamed(instrument.tubing->valves.empty() ? "slide1" : "0", &instrument);
  const int lowest = instrument.bellNotes.empty() ? instrument.writtenOf(instrument.lowest)
                                                  : std::ranges::min(instrument.bellNotes);
  return *settingNamed(noteName(lowest, instrument.spelling), &instrument);
}

std::vector<SeriesRung> naturalSeries(const TubeSetting& setting, const Instrument* instrument, double a4_hz,
                                      int upTo) {
  const Reference equal{a4_hz, false, 0};
  const double fundamental = setting.hz(instrument, a4_hz);
  std::vector<SeriesRung> rungs;
  for (int n = 1; n <= upTo; n += setting.step) {
    const double hz = n * fundamental;
    const int sounding = nearestSemitone(hz, equal);
    rungs.push_back({n, hz, sounding, instrument ? instrument->writtenOf(sounding) : sounding,
                     centsBetween(frequencyOf(sounding, equal), hz),
                     1200.0 * std::log2(n) - 100.0 * TubeSetting::interval(n)});
  }
  return rungs;
}

std::optional<OnTube> placeOn(double hz, const TubeSetting& setting, const Instrument* instrument,
                              double a4_hz) {
  std::vector<OnTube> places;
  for (const SeriesRung& rung : naturalSeries(setting, instrument, a4_hz, kHighestPartial))
    places.push_back({rung.partial, centsBetween(rung.hz, hz)});
  const auto off = [](const OnTube& place) { return std::abs(place.cents); };
  std::ranges::partial_sort(places, places.begin() + 2, {}, off);
  const bool told = off(places[0]) <= kSamePartial_cents && off(places[1]) >= kTimesFarther * off(places[0]);
  return told ? std::optional(places[0]) : std::nullopt;
}

}  // namespace calando
