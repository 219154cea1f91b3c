#include <array>
#include <cmath>

#include "core/judging/figures.h"
#include "core/judging/heard.h"

namespace calando {

namespace {

/// Something of the pair.
template <class Get>
std::optional<double> ofPair(const Heard& heard, Get get) {
  return heard.analysis.pair ? get(*heard.analysis.pair) : std::nullopt;
}

const std::array kFigures{
    Figure{.id = "lock_s",
           .label = "One after",
           .unit = "s",
           .print = {1},
           .area = Area::inTune,
           .help = "From when both sound to when they begin to be one: a second and more within 5 cents and "
                   "under a beat a second.",
           .ofTake = [](const Heard& h) { return ofPair(h, [](const Pair& p) { return p.lock_s; }); }},
    Figure{.id = "beat_left_hz",
           .label = "Beats left",
           .unit = "a second",
           .print = {2},
           .area = Area::inTune,
           .help = "How fast the two beat in their last second.",
           .ofTake = [](const Heard& h) { return ofPair(h, [](const Pair& p) { return p.beat_left_hz; }); }},
    Figure{.id = "apart_cents",
           .label = "Apart at the end",
           .unit = "cents",
           .print = {1},
           .area = Area::inTune,
           .help = "How far the two are from the interval asked for in their last half second.",
           .ofTake =
               [](const Heard& h) {
                 return ofPair(h, [](const Pair& p) {
                   return p.cents_at_end ? std::optional(std::abs(*p.cents_at_end)) : std::nullopt;
                 });
               }},
    Figure{
        .id = "residual_cents",
        .label = "Off when one",
        .unit = "cents",
        .print = {1},
        .area = Area::inTune,
        .help = "How far apart the two usually are once they are one.",
        .ofTake = [](const Heard& h) { return ofPair(h, [](const Pair& p) { return p.residual_cents; }); }},
    Figure{.id = "wrong_way",
           .label = "The wrong way first",
           .unit = "",
           .print = {0},
           .area = Area::inTune,
           .help = "1 where the two first went at least 3 cents further apart.",
           .ofTake =
               [](const Heard& h) {
                 return ofPair(h, [](const Pair& p) {
                   return p.wrong_way_first ? std::optional(*p.wrong_way_first ? 1.0 : 0.0) : std::nullopt;
                 });
               }},
    Figure{.id = "left_again",
           .label = "Left again",
           .unit = "",
           .print = {0},
           .area = Area::inTune,
           .help = "How often the two, having been one, were over 8 cents apart again.",
           .ofTake =
               [](const Heard& h) {
                 return ofPair(h, [](const Pair& p) {
                   return p.lock_s ? std::optional(static_cast<double>(p.left_again)) : std::nullopt;
                 });
               }},
};

}  // namespace

std::span<const Figure> pairFigures() { return kFigures; }

}  // namespace calando
