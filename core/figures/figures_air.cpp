#include <algorithm>
#include <array>
#include <cmath>
#include <map>

#include "core/figures/cue_figures.h"
#include "core/figures/figure_input.h"
#include "core/figures/figures.h"
#include "core/measure/edges/settling.h"

namespace calando {

namespace {

constexpr double kSameNote_cents = 150.0;

/// The longest breath.
std::optional<double> lasts(const FigureInput& heard) {
  if (heard.airs.empty()) return std::nullopt;
  const auto length = [](const Air* air) { return air->end_s - air->start_s; };
  return length(*std::ranges::max_element(heard.airs, {}, length));
}

/// Of the longest breath out.
std::optional<double> easy(const FigureInput& heard) {
  const Air* longest = nullptr;
  for (const Air* air : heard.airs)
    if (air->phase != AirPhase::inhale &&
        (!longest || air->end_s - air->start_s > longest->end_s - longest->start_s))
      longest = air;
  return longest ? longest->easy_s : std::nullopt;
}

/// Inhales that hiss; empty where none could be told.
std::optional<double> tightInhales(const FigureInput& heard) {
  int tight = 0, told = 0;
  for (const Air* air : heard.airs) {
    if (air->phase != AirPhase::inhale) continue;
    tight += air->sound == AirSound::tight;
    told += air->sound == AirSound::tight || air->sound == AirSound::open || air->sound == AirSound::thin;
  }
  if (told == 0) return std::nullopt;
  return tight;
}

/// The longest silence that was not kept.
std::optional<double> leaks(const FigureInput& heard) {
  std::optional<double> worst;
  for (const CueResult& cue : heard.analysis.cues)
    if (cue.leak_s) worst = std::max(worst.value_or(0.0), *cue.leak_s);
  return worst;
}

/// The longest silence up to what was first heard in it.
std::optional<double> kept(const FigureInput& heard) {
  std::optional<double> longest;
  for (const CueResult& cue : heard.analysis.cues)
    if (cue.leak_s) longest = std::max(longest.value_or(0.0), cue.end_s - cue.start_s - *cue.leak_s);
  return longest;
}

/// A figure of the breaths one way alone: in and out have faults of their own.
template <AirPhase Phase, auto Member>
std::optional<double> way(const CueResult& cue, const Analysis& analysis) {
  const Air* air = soundOf(cue, analysis).air;
  return air && air->phase == Phase ? air->*Member : std::nullopt;
}

std::optional<double> askedBeats(const CueResult& cue) {
  if (!cue.count.length_beats || !cue.count.length_error_beats) return std::nullopt;
  return std::round(*cue.count.length_beats - *cue.count.length_error_beats);
}

/// The most counts up to which every breath is in its targets, or near.
std::optional<double> highestEven(const FigureInput& heard) {
  std::map<double, bool> good;
  for (const CueResult* cue : heard.played) {
    const auto beats =
        isAir(cue->kind) && cue->verdict != Verdict::unmeasured ? askedBeats(*cue) : std::nullopt;
    if (!beats) continue;
    const bool holds = cue->verdict == Verdict::inside || cue->verdict == Verdict::near;
    good.try_emplace(*beats, true).first->second &= holds;
  }
  std::optional<double> highest;
  for (const auto& [beats, holds] : good) {
    if (!holds) break;
    highest = beats;
  }
  return highest || good.empty() ? highest : std::optional(0.0);
}

std::optional<double> keyed(const FigureInput& heard) {
  const auto& key = heard.analysis.key;
  return key && !heard.analysis.letGoTooEarly ? std::optional(key->to_s - key->from_s) : std::nullopt;
}

std::optional<double> inhaleTakes(const FigureInput& heard) {
  return medianOf(of::valuesOf(heard.airs, [](const Air& air) {
    return air.phase == AirPhase::inhale ? std::optional(air.end_s - air.start_s) : std::nullopt;
  }));
}

/// From the end of a breath in to the tone that it was for.
std::optional<double> toneAfter(const FigureInput& heard) {
  std::vector<double> gaps;
  for (std::size_t i = 1; i < heard.asked.size(); ++i) {
    const Air* air = soundOf(*heard.asked[i - 1], heard.analysis).air;
    const Tone* tone = soundOf(*heard.asked[i], heard.analysis).tone;
    if (air && tone && air->phase == AirPhase::inhale) gaps.push_back(1000.0 * (tone->start_s - air->end_s));
  }
  return medianOf(gaps);
}

std::optional<double> openDistance(const FigureInput& heard) {
  return medianOf(of::valuesOf(heard.airs, [](const Air& air) {
    return air.phase == AirPhase::inhale ? air.open_distance_db : std::nullopt;
  }));
}

/// The same note again and again, with air through the tube between.
std::optional<Settling> warming(const FigureInput& heard) {
  if (heard.airs.empty() || heard.notes.size() < 3) return std::nullopt;
  std::vector<PitchThen> notes;
  for (const Note* note : heard.notes) {
    const double cents = centsBetween(heard.notes.front()->f0_hz, note->f0_hz);
    if (std::abs(cents) > kSameNote_cents) continue;
    notes.push_back({(note->coreStart_s + note->coreEnd_s) / 2.0, cents, note->wander_cents.value_or(1.0)});
  }
  return settlingOf(notes);
}

template <auto Member>
std::optional<double> ofWarming(const FigureInput& heard) {
  const auto settling = warming(heard);
  return settling ? std::optional((*settling).*Member) : std::nullopt;
}

std::optional<double> mostOfWarming(const FigureInput& heard) {
  const auto& room_c = heard.analysis.room_c;
  return room_c && warming(heard) ? std::optional(centsOfWarming(*room_c, kBreath_c)) : std::nullopt;
}

constexpr std::array kFigures{
    Figure{.id = "air_lasts_s",
           .label = "Air lasts",
           .unit = "s",
           .print = {1},
           .area = Area::startsAndLasts,
           .help = "How long the longest breath goes on.",
           .ofTake = lasts},
    Figure{.id = "easy_s",
           .label = "Easy for",
           .unit = "s",
           .print = {1},
           .area = Area::startsAndLasts,
           .help = "How long the longest breath out goes as it began, within 4 dB: what comes after is "
                   "squeezed out, "
                   "or runs dry.",
           .ofTake = easy},
    Figure{.id = "tight_inhales",
           .label = "Tight inhales",
           .unit = "",
           .print = {0},
           .area = Area::full,
           .help = "Breaths in that hiss, high and narrow, instead of being low and wide.",
           .ofTake = tightInhales},
    Figure{.id = "evenness_db",
           .label = "Air strays by",
           .unit = "dB",
           .print = {1},
           .words = {"even", "even", "uneven"},
           .area = Area::steady,
           .help = "How far the loudness of the air strays over the middle of a breath.",
           .ofTake = of::cue<of_cue::air<&Air::evenness_db>>,
           .ofCue = of_cue::air<&Air::evenness_db>,
           .column = "±dB"},
    Figure{.id = "front_load",
           .label = "Air in the first quarter",
           .unit = "of the air",
           .spoken = "% of the air",
           .print = {0, false, 100.0},
           .area = Area::steady,
           .help = "Which share of a breath’s air comes in the first quarter of its time: 25 % is even, more "
                   "is full too early.",
           .ofTake = of::cue<of_cue::air<&Air::front_load>>,
           .ofCue = of_cue::air<&Air::front_load>,
           .column = "first"},
    Figure{.id = "end_load",
           .label = "Air in the last quarter",
           .unit = "of the air",
           .spoken = "% of the air",
           .print = {0, false, 100.0},
           .area = Area::steady,
           .help = "Which share of a breath’s air comes in the last quarter of its time: 25 % is even, more "
                   "is a hurry at the end.",
           .ofTake = of::cue<of_cue::air<&Air::end_load>>,
           .ofCue = of_cue::air<&Air::end_load>,
           .column = "last"},
    Figure{.id = "in_first_quarter",
           .label = "Breath in, first quarter",
           .unit = "of the air",
           .spoken = "% of the air",
           .print = {0, false, 100.0},
           .area = Area::steady,
           .help = "Which share of a breath in comes in the first quarter of its time: 25 % is even, more is "
                   "full too early.",
           .ofTake = of::cue<way<AirPhase::inhale, &Air::front_load>>,
           .ofCue = way<AirPhase::inhale, &Air::front_load>},
    Figure{.id = "in_last_quarter",
           .label = "Breath in, last quarter",
           .unit = "of the air",
           .spoken = "% of the air",
           .print = {0, false, 100.0},
           .area = Area::steady,
           .help = "Which share of a breath in comes in the last quarter of its time: 25 % is even, more is "
                   "a hurry at the end.",
           .ofTake = of::cue<way<AirPhase::inhale, &Air::end_load>>,
           .ofCue = way<AirPhase::inhale, &Air::end_load>},
    Figure{.id = "out_first_quarter",
           .label = "Breath out, first quarter",
           .unit = "of the air",
           .spoken = "% of the air",
           .print = {0, false, 100.0},
           .area = Area::steady,
           .help = "Which share of a breath out goes in the first quarter of its time: 25 % is even, more is "
                   "spent too early.",
           .ofTake = of::cue<way<AirPhase::exhale, &Air::front_load>>,
           .ofCue = way<AirPhase::exhale, &Air::front_load>},
    Figure{.id = "out_last_quarter",
           .label = "Breath out, last quarter",
           .unit = "of the air",
           .spoken = "% of the air",
           .print = {0, false, 100.0},
           .area = Area::steady,
           .help = "Which share of a breath out goes in the last quarter of its time: 25 % is even, more is "
                   "pushed out at the end.",
           .ofTake = of::cue<way<AirPhase::exhale, &Air::end_load>>,
           .ofCue = way<AirPhase::exhale, &Air::end_load>},
    Figure{.id = "full_at",
           .label = "Nearly full at",
           .unit = "of the time",
           .spoken = "% of the time",
           .print = {0, false, 100.0},
           .area = Area::steady,
           .help = "After which share of a breath’s time nine tenths of its air are past: 90 % is even.",
           .ofTake = of::cue<of_cue::air<&Air::full_at>>,
           .ofCue = of_cue::air<&Air::full_at>},
    Figure{.id = "sound_margin_db",
           .label = "Air over the room",
           .unit = "dB",
           .print = {0},
           .words = {"too faint", "loud enough", "loud enough"},
           .area = Area::full,
           .help = "How far the air stands over the room’s noise: under 15 dB its sound cannot be told.",
           .ofTake = of::cue<of_cue::air<&Air::sound_margin_db>>,
           .ofCue = of_cue::air<&Air::sound_margin_db>},
    Figure{.id = "leak_s",
           .label = "Not kept",
           .unit = "s",
           .print = {1},
           .area = Area::steady,
           .help = "How long air or voice is heard where the breath was to be kept.",
           .ofTake = leaks,
           .ofCue = of_cue::own<&CueResult::leak_s>,
           .column = "leaks"},
    Figure{.id = "kept_s",
           .label = "Longest kept",
           .unit = "s",
           .print = {1},
           .area = Area::startsAndLasts,
           .help = "How long the breath was kept at most, without air or voice.",
           .ofTake = kept},
    Figure{.id = "highest_even",
           .label = "Even up to",
           .unit = "counts",
           .print = {0},
           .area = Area::startsAndLasts,
           .help = "The most counts up to which every breath came as it was asked for.",
           .ofTake = highestEven},
    Figure{.id = "sheet_held_s",
           .label = "Sheet held",
           .unit = "s",
           .print = {1},
           .area = Area::startsAndLasts,
           .help = "How long the air held the sheet to the wall, by the player’s key.",
           .ofTake = keyed,
           .byKey = true},
    Figure{.id = "inhale_s",
           .label = "Breath in takes",
           .unit = "s",
           .print = {2},
           .area = Area::startsAndLasts,
           .help = "How long a breath in goes on.",
           .ofTake = inhaleTakes},
    Figure{.id = "tone_after_ms",
           .label = "Tone after the breath",
           .unit = "ms",
           .print = {0},
           .area = Area::startsAndLasts,
           .help = "How long after the end of the breath in the tone begins.",
           .ofTake = toneAfter},
    Figure{.id = "open_distance_db",
           .label = "Away from the open breath",
           .unit = "dB",
           .print = {1},
           .words = {"open", "open", "narrower"},
           .area = Area::full,
           .help = "How unlike the player’s own open breath the breaths in sound, band by band.",
           .ofTake = openDistance},
    Figure{.id = "warming_cents",
           .label = "Warmed up by",
           .unit = "cents",
           .print = {1, true},
           .area = Area::inTune,
           .help =
               "How far the note has risen from the first time to the last, by the curve that fits them all.",
           .ofTake = ofWarming<&Settling::rise_cents>,
           .unsure = ofWarming<&Settling::unsure_cents>},
    Figure{.id = "warming_unsure_cents",
           .label = "Warmed up, give or take",
           .unit = "cents",
           .print = {1},
           .area = Area::inTune,
           .help = "One standard deviation of how far the note has risen.",
           .ofTake = ofWarming<&Settling::unsure_cents>,
           .forFiles = true},
    Figure{.id = "warming_left_cents",
           .label = "Still to come",
           .unit = "cents",
           .print = {1, true},
           .area = Area::inTune,
           .help = "How much further the note would rise if the warming went on.",
           .ofTake = ofWarming<&Settling::left_cents>},
    Figure{
        .id = "warming_most_cents",
        .label = "Warmth explains",
        .unit = "cents",
        .print = {1, true},
        .area = Area::inTune,
        .help = "How far the note would rise if the whole tube went from the room’s warmth to the breath’s.",
        .ofTake = mostOfWarming},
};

}  // namespace

std::span<const Figure> airFigures() { return kFigures; }

}  // namespace calando
