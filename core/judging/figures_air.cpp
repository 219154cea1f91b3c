#include <algorithm>
#include <array>

#include "core/judging/figures.h"
#include "core/judging/heard.h"

namespace calando {

namespace {

/// The longest breath.
std::optional<double> lasts(const Heard& heard) {
  if (heard.airs.empty()) return std::nullopt;
  const auto length = [](const Air* air) { return air->end_s - air->start_s; };
  return length(*std::ranges::max_element(heard.airs, {}, length));
}

/// Inhales that hiss; empty where none could be told.
std::optional<double> tightInhales(const Heard& heard) {
  int tight = 0, told = 0;
  for (const Air* air : heard.airs) {
    if (air->phase != AirPhase::inhale) continue;
    tight += air->sound == AirSound::tight;
    told += air->sound == AirSound::tight || air->sound == AirSound::open || air->sound == AirSound::thin;
  }
  if (told == 0) return std::nullopt;
  return tight;
}

constexpr std::array kFigures{
    Figure{.id = "air_lasts_s",
           .label = "Air lasts",
           .unit = "s",
           .print = {1},
           .area = Area::startsAndLasts,
           .help = "How long the longest breath goes on.",
           .ofTake = lasts},
    Figure{.id = "tight_inhales",
           .label = "Tight inhales",
           .unit = "",
           .print = {0},
           .area = Area::full,
           .help = "Breaths in that hiss, high and narrow, instead of being low and wide.",
           .ofTake = tightInhales},
    Figure{.id = "evenness_db",
           .label = "Air uneven",
           .unit = "dB",
           .print = {1},
           .area = Area::steady,
           .help = "How far the level of the air strays over the middle of a breath.",
           .ofTake = of::cue<&CueResult::evenness_db>,
           .ofCue = &CueResult::evenness_db,
           .column = "uneven"},
    Figure{.id = "front_load",
           .label = "First quarter",
           .unit = "of the air",
           .print = {2},
           .area = Area::steady,
           .help =
               "Which share of a breath’s air comes in the first quarter of its time: 0.25 is even, more is "
               "full too early.",
           .ofTake = of::cue<&CueResult::front_load>,
           .ofCue = &CueResult::front_load,
           .column = "first ¼"},
    Figure{.id = "end_load",
           .label = "Last quarter",
           .unit = "of the air",
           .print = {2},
           .area = Area::steady,
           .help =
               "Which share of a breath’s air comes in the last quarter of its time: 0.25 is even, more is a "
               "hurry at the end.",
           .ofTake = of::cue<&CueResult::end_load>,
           .ofCue = &CueResult::end_load,
           .column = "last ¼"},
    Figure{.id = "full_at",
           .label = "Nearly full at",
           .unit = "of the time",
           .print = {2},
           .area = Area::steady,
           .help = "After which share of a breath’s time nine tenths of its air are past: 0.9 is even.",
           .ofTake = of::cue<&CueResult::full_at>,
           .ofCue = &CueResult::full_at},
    Figure{.id = "sound_margin_db",
           .label = "Air over the room",
           .unit = "dB",
           .print = {0},
           .area = Area::full,
           .help = "How far the air stands over the room’s noise: under 15 dB its sound cannot be told.",
           .ofTake = of::cue<&CueResult::sound_margin_db>,
           .ofCue = &CueResult::sound_margin_db},
};

}  // namespace

std::span<const Figure> airFigures() { return kFigures; }

}  // namespace calando
