#include <array>
#include <cmath>
#include <numeric>

#include "core/figures/figure_input.h"
#include "core/figures/figures.h"
#include "core/theory/interval.h"

namespace calando {

namespace {

constexpr double kApart_cents = 3.0;

/// Something of the pair.
template <class Get>
std::optional<double> ofPair(const FigureInput& heard, Get get) {
  return heard.analysis.pair ? get(*heard.analysis.pair) : std::nullopt;
}

/// Of several notes the median over them, else of the pair.
template <auto OfRow, class Get>
std::optional<double> ofNotes(const FigureInput& heard, Get get) {
  const auto rows = of::valuesOf(heard.played, [&](const CueResult& c) { return OfRow(c, heard.analysis); });
  return rows.size() > 1 ? medianOf(rows) : ofPair(heard, get);
}

/// Of several notes how often in all.
template <auto OfRow, class Get>
std::optional<double> sumOfNotes(const FigureInput& heard, Get get) {
  const auto rows = of::valuesOf(heard.played, [&](const CueResult& c) { return OfRow(c, heard.analysis); });
  return rows.size() > 1 ? std::optional(std::accumulate(rows.begin(), rows.end(), 0.0)) : ofPair(heard, get);
}

std::optional<double> turnUnsure(const CueResult& cue, const Analysis&) {
  const auto& spread = cue.another.turn_spread_cents;
  return spread ? std::optional(*spread / kOf90) : std::nullopt;
}

std::optional<double> apartOf(const Together& both) {
  return both.cents_at_end ? std::optional(std::abs(*both.cents_at_end)) : std::nullopt;
}

/// A distance that there was, and that the player did something about.
std::optional<double> noticed(const Pair& pair) {
  const bool moved = pair.moved == Moved::second || pair.moved == Moved::both;
  if (!pair.lock_s || !pair.cents_at_start || !moved) return std::nullopt;
  const double apart = std::abs(*pair.cents_at_start);
  return apart >= kApart_cents ? std::optional(apart) : std::nullopt;
}

// The same of one cue's note.
template <class Get>
std::optional<double> ofTogether(const CueResult& cue, Get get) {
  return cue.another.together ? get(*cue.another.together) : std::nullopt;
}
std::optional<double> lockOfCue(const CueResult& cue, const Analysis&) {
  return ofTogether(cue, [](const Together& both) { return both.lock_s; });
}
std::optional<double> beatsOfCue(const CueResult& cue, const Analysis&) {
  return ofTogether(cue, [](const Together& both) { return both.beat_left_hz; });
}
std::optional<double> apartOfCue(const CueResult& cue, const Analysis&) { return ofTogether(cue, apartOf); }
/// A beat a second is 29 cents at B♭1 and 2 at B5: targets are written in beats of a unison at A4, and ask
/// for the same cents everywhere, by the frequency at which the partials of the two meet.
std::optional<double> beatsAgainstA4(const Analysis& analysis) {
  const auto& pair = analysis.pair;
  if (!pair || !pair->first_hz) return std::nullopt;
  return beatingRatio(pair->interval_semitones).over * *pair->first_hz / 440.0;
}
std::optional<double> wrongWayOfCue(const CueResult& cue, const Analysis&) {
  return ofTogether(cue, [](const Together& both) {
    return std::optional(both.wrong_way_first.value_or(false) ? 1.0 : 0.0);
  });
}
std::optional<double> leftAgainOfCue(const CueResult& cue, const Analysis&) {
  return ofTogether(cue, [](const Together& both) {
    return both.lock_s ? std::optional<double>(both.left_again) : std::nullopt;
  });
}
std::optional<double> pureOfCue(const CueResult& cue, const Analysis&) {
  const auto& tunings = cue.another.tunings;
  return tunings ? std::optional(tunings->from_pure_cents) : std::nullopt;
}
std::optional<double> equalOfCue(const CueResult& cue, const Analysis&) {
  const auto& tunings = cue.another.tunings;
  return tunings ? std::optional(tunings->from_equal_cents) : std::nullopt;
}

/// Notes that were one as soon as they sounded.
std::optional<double> atOnce(const FigureInput& heard) {
  const auto of = [&](auto figure) {
    return of::valuesOf(heard.played, [&](const CueResult& c) { return figure(c, heard.analysis); });
  };
  if (of(apartOfCue).size() < 2) return std::nullopt;
  return static_cast<double>(
      std::ranges::count_if(of(lockOfCue), [](double lock_s) { return lock_s <= kAtOnce_s; }));
}

const std::array kFigures{
    Figure{.id = "lock_s",
           .label = "In tune after",
           .unit = "s",
           .print = {1},
           .area = Area::inTune,
           .help = "From when both sound to when they are in tune: a second and more within 5 cents and "
                   "under a beat a second.",
           .ofTake =
               [](const FigureInput& h) {
                 return ofNotes<lockOfCue>(h, [](const Pair& p) { return p.lock_s; });
               },
           .ofCue = lockOfCue,
           .column = "in tune after"},
    Figure{.id = "found_s",
           .label = "Found after",
           .unit = "s",
           .print = {1},
           .area = Area::inTune,
           .help = "From when the partner begins to when the two are in tune.",
           .ofTake = [](const FigureInput& h) { return ofPair(h, [](const Pair& p) { return p.found_s; }); }},
    Figure{.id = "at_once",
           .label = "In tune at once",
           .unit = "notes",
           .print = {0},
           .area = Area::inTune,
           .help = "How many of the notes were in tune within 0.3 s, before anything could be mended by ear.",
           .ofTake = atOnce},
    Figure{
        .id = "beat_left_hz",
        .label = "Beats left",
        .unit = "a second",
        .print = {2},
        .area = Area::inTune,
        .help = "How fast the two beat in their last second; judged as the cents that it is at this pitch.",
        .ofTake =
            [](const FigureInput& h) {
              return ofNotes<beatsOfCue>(h, [](const Pair& p) { return p.beat_left_hz; });
            },
        .ofCue = beatsOfCue,
        .column = "beats",
        .widening = beatsAgainstA4},
    Figure{.id = "apart_cents",
           .label = "Apart at the end",
           .unit = "cents",
           .print = {1},
           .area = Area::inTune,
           .help = "How far the two are from the interval asked for in their last half second.",
           .ofTake = [](const FigureInput& h) { return ofNotes<apartOfCue>(h, apartOf); },
           .ofCue = apartOfCue,
           .column = "apart",
           .chart = {Ink::pitch, 6.0}},
    Figure{
        .id = "residual_cents",
        .label = "Still apart once in tune",
        .unit = "cents",
        .print = {1},
        .area = Area::inTune,
        .help = "How far apart the two usually are once they are in tune.",
        .ofTake =
            [](const FigureInput& h) { return ofPair(h, [](const Pair& p) { return p.residual_cents; }); }},
    Figure{.id = "wrong_way",
           .label = "The wrong way first",
           .unit = "",
           .print = {0},
           .area = Area::inTune,
           .help = "How often the two first went at least 3 cents further apart; of one note 1 or 0.",
           .ofTake =
               [](const FigureInput& h) {
                 return sumOfNotes<wrongWayOfCue>(h, [](const Pair& p) {
                   return p.wrong_way_first ? std::optional(*p.wrong_way_first ? 1.0 : 0.0) : std::nullopt;
                 });
               },
           .ofCue = wrongWayOfCue},
    Figure{.id = "left_again",
           .label = "Left again",
           .unit = "",
           .print = {0},
           .area = Area::inTune,
           .help = "How often the two, having been in tune, were over 8 cents apart again.",
           .ofTake =
               [](const FigureInput& h) {
                 return sumOfNotes<leftAgainOfCue>(h, [](const Pair& p) {
                   return p.lock_s ? std::optional(static_cast<double>(p.left_again)) : std::nullopt;
                 });
               },
           .ofCue = leftAgainOfCue},
    Figure{.id = "noticed_cents",
           .label = "Difference heard and mended",
           .unit = "cents",
           .print = {1},
           .area = Area::inTune,
           .help = "How far apart the two began where the player then went and was in tune: a distance that "
                   "was heard.",
           .ofTake = [](const FigureInput& h) { return ofPair(h, noticed); }},
    Figure{.id = "pure_cents",
           .label = "From the pure one",
           .unit = "cents",
           .print = {1, true},
           .sides = {"narrow", "wide"},
           .area = Area::inTune,
           .help = "How far the two were at the end from the interval in whole numbers, which does not beat.",
           .ofTake =
               [](const FigureInput& h) {
                 return ofPair(h, [](const Pair& p) {
                   return p.tunings ? std::optional(p.tunings->from_pure_cents) : std::nullopt;
                 });
               },
           .ofCue = pureOfCue,
           .column = "off pure"},
    Figure{.id = "equal_cents",
           .label = "From the equal one",
           .unit = "cents",
           .print = {1, true},
           .sides = {"narrow", "wide"},
           .area = Area::inTune,
           .help = "How far the two were at the end from the interval in equal half steps.",
           .ofTake =
               [](const FigureInput& h) {
                 return ofPair(h, [](const Pair& p) {
                   return p.tunings ? std::optional(p.tunings->from_equal_cents) : std::nullopt;
                 });
               },
           .ofCue = equalOfCue,
           .column = "off equal"},
    Figure{.id = "equal_beats_hz",
           .label = "The equal one beats",
           .unit = "a second",
           .print = {1},
           .area = Area::inTune,
           .help = "How fast the interval in equal half steps beats at this pitch; the pure one does not.",
           .ofTake =
               [](const FigureInput& h) {
                 return ofPair(h, [](const Pair& p) {
                   return p.tunings ? std::optional(p.tunings->equal_beats_hz) : std::nullopt;
                 });
               }},
    Figure{.id = "turn_cents",
           .label = "Against the one before",
           .unit = "cents",
           .print = {1, true},
           .sides = {"flat", "sharp"},
           .area = Area::inTune,
           .help =
               "How much higher than asked the tone is than the one before it, another player’s or one’s own "
               "voice, octaves aside where it was sung. Under 10 cents few ears tell the two apart so.",
           .ofTake = of::cue<of_cue::part<&CueResult::another, &CueResult::WithAnother::turn_cents>>,
           .unsure = of::unsureCue<turnUnsure>,
           .unsureOfCue = turnUnsure,
           .ofCue = of_cue::part<&CueResult::another, &CueResult::WithAnother::turn_cents>},
    Figure{.id = "turn_spread_cents",
           .label = "Against the one before, give or take",
           .unit = "cents",
           .print = {1},
           .area = Area::inTune,
           .help =
               "How far nine of ten such differences are from the true one at most, by how much both tones "
               "wander.",
           .ofTake = of::cue<of_cue::part<&CueResult::another, &CueResult::WithAnother::turn_spread_cents>>,
           .ofCue = of_cue::part<&CueResult::another, &CueResult::WithAnother::turn_spread_cents>,
           .forFiles = true},
};

}  // namespace

std::span<const Figure> pairFigures() { return kFigures; }

}  // namespace calando
