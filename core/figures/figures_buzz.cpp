#include <array>

#include "core/figures/figure_input.h"
#include "core/figures/figures.h"

namespace calando {

namespace {

/// The median over the tones of something of their range.
template <class Get>
std::optional<double> ofRange(const FigureInput& heard, Get get) {
  return medianOf(of::valuesOf(heard.tones, [&](const Tone& t) -> std::optional<double> {
    return t.range ? get(*t.range) : std::nullopt;
  }));
}
std::optional<double> span(const FigureInput& heard) {
  return ofRange(heard, [](const PitchRange& r) { return std::optional(r.semitones()); });
}
std::optional<double> lowestSteady(const FigureInput& heard) {
  return ofRange(heard, [](const PitchRange& r) { return r.lowestSteady_hz; });
}
std::optional<double> highestSteady(const FigureInput& heard) {
  return ofRange(heard, [](const PitchRange& r) { return r.highestSteady_hz; });
}

/// Breaks in which the air went on, or did not.
template <bool WentOn>
std::optional<double> breaks(const FigureInput& heard) {
  if (heard.tones.empty()) return std::nullopt;
  double count = 0.0;
  for (const Tone* tone : heard.tones)
    for (const Dropout& d : tone->dropouts) count += d.air_went_on == WentOn ? 1.0 : 0.0;
  return count;
}

std::optional<double> breaksOnTheWayDown(const FigureInput& heard) {
  if (heard.tones.empty()) return std::nullopt;
  int count = 0;
  for (const Tone* tone : heard.tones)
    for (const Glide& glide : tone->glides) count += glide.semitones() < 0.0 ? glide.breaks : 0;
  return count;
}

std::optional<double> unevenWay(const FigureInput& heard) {
  std::vector<double> uneven;
  for (const Tone* tone : heard.tones)
    for (const Glide& glide : tone->glides)
      if (glide.uneven_cents) uneven.push_back(*glide.uneven_cents);
  return medianOf(uneven);
}

/// Where the way back ends, of tones that go both ways: their last pitch less their first.
std::optional<double> wayBack(const FigureInput& heard) {
  return medianOf(of::valuesOf(heard.tones, [](const Tone& t) { return t.wayBack_semitones(); }));
}

/// Between the sounds.
std::optional<double> rested(const FigureInput& heard) {
  double sum = 0.0;
  for (std::size_t i = 1; i < heard.tones.size(); ++i)
    sum += std::max(0.0, heard.tones[i]->start_s - heard.tones[i - 1]->end_s);
  return heard.tones.size() < 2 ? std::nullopt : std::optional(sum);
}

std::optional<double> sounding(const FigureInput& heard) {
  double sum = 0.0;
  for (const Tone* tone : heard.tones) sum += tone->held_s;
  return heard.tones.empty() ? std::nullopt : std::optional(sum);
}

constexpr std::array kFigures{
    Figure{.id = "span_semitones",
           .label = "Span",
           .unit = "semitones",
           .spoken = "half steps",
           .print = {1},
           .area = Area::inTune,
           .help = "How far it is from the lowest to the highest pitch of a tone.",
           .ofTake = span},
    Figure{.id = "lowest_steady_hz",
           .label = "Lowest held",
           .unit = "Hz",
           .print = {0},
           .area = Area::inTune,
           .help = "The lowest pitch that is kept within 50 cents for half a second.",
           .ofTake = lowestSteady},
    Figure{.id = "highest_steady_hz",
           .label = "Highest held",
           .unit = "Hz",
           .print = {0},
           .area = Area::inTune,
           .help = "The highest pitch that is kept within 50 cents for half a second.",
           .ofTake = highestSteady},
    Figure{.id = "way_uneven_cents",
           .label = "Way uneven",
           .unit = "cents",
           .print = {0},
           .area = Area::steady,
           .help = "How far the pitch strays from a straight way while it falls or rises.",
           .ofTake = unevenWay},
    Figure{.id = "breaks_air_on",
           .label = "Breaks, air on",
           .unit = "",
           .print = {0},
           .area = Area::startsAndLasts,
           .help = "How often the sound stops while the air goes on: lips or reed have parted.",
           .ofTake = breaks<true>,
           .aside = true},
    Figure{.id = "breaks_stopped",
           .label = "Breaks, all stopped",
           .unit = "",
           .print = {0},
           .area = Area::startsAndLasts,
           .help = "How often the sound stops and the air with it.",
           .ofTake = breaks<false>,
           .aside = true},
    Figure{.id = "fall_breaks",
           .label = "Breaks on the way down",
           .unit = "",
           .print = {0},
           .area = Area::startsAndLasts,
           .help = "How often the sound stops while its pitch falls.",
           .ofTake = breaksOnTheWayDown,
           .aside = true},
    Figure{.id = "sounding_s",
           .label = "Sounding",
           .unit = "s",
           .print = {0},
           .area = Area::startsAndLasts,
           .help = "How long it sounded in all, rests and breaks taken off.",
           .ofTake = sounding},
    Figure{.id = "rested_s",
           .label = "Rested",
           .unit = "s",
           .print = {0},
           .area = Area::startsAndLasts,
           .help = "How long it rested in all between the sounds.",
           .ofTake = rested},
    Figure{.id = "way_back_semitones",
           .label = "Way back ends",
           .unit = "semitones",
           .spoken = "half steps",
           .print = {1, true},
           .sides = {"lower", "higher"},
           .area = Area::inTune,
           .help = "Where a way there and back ends, against where it began; that it ends lower is expected, "
                   "and held against no target.",
           .ofTake = wayBack},
    Figure{.id = "jitter_percent",
           .label = "Jitter",
           .unit = "%",
           .print = {1},
           .area = Area::full,
           .help = "How unlike neighbouring periods are in their length; up to 5 % is usual in a buzz.",
           .ofTake = of::note<&Note::jitter_percent>,
           .aside = true},
};

}  // namespace

std::span<const Figure> buzzFigures() { return kFigures; }

}  // namespace calando
