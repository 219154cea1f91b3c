#include "core/judging/discipline.h"

#include <array>

#include "core/exercise/context.h"

namespace calando {

namespace {

using enum AccompanimentKind;
using enum WeekFigure::Of;

constexpr AccompanimentKind kForBreath[] = {flash, click, swell},
                            kForTwo[] = {partner, earlier, flash, click},
                            kForTones[] = {flash, click, fork, drone};
constexpr WeekColumnRow kBreath[] = {{{"air_lasts_s"}, "longest, s", 1, Ink::air},
                                     {{"highest_even"}, "even up to, counts", 0, Ink::pitch},
                                     {{"evenness_db", middle}, "uneven, dB", 1, Ink::loudness}},
                        kBuzz[] = {{{"span_semitones"}, "span, half steps", 1, Ink::pitch},
                                   {{"held_s"}, "longest, s", 1, Ink::air},
                                   {{"hnr_db", middle}, "over air noise, dB", 1, Ink::colour}},
                        kTwo[] = {{{"lock_s", middle}, "in tune after, s", 1, Ink::pitch},
                                  {{"residual_cents", middle}, "apart once in tune, cents", 1, Ink::air},
                                  {{"noticed_cents", least}, "least noticed, cents", 1, Ink::loudness}};
constexpr std::string_view kNoTwo = "No two together in the last eight weeks yet.";

constexpr std::array kRows{
    Discipline{.id = "breath",
               .is = [](const Exercise& card) { return card.drillsBreath(); },
               .picture = "tide",
               .accompaniments = kForBreath,
               .cue = "breath",
               .cues = "Breaths",
               .byRange = false,
               .ofAir = true,
               .withCare = true,
               .weeks = kBreath,
               .noWeeks = "No breathing in the last eight weeks yet."},
    Discipline{.id = "still",
               .is = [](const Exercise& card) { return !card.cues.empty() && !card.asksForSound(); },
               .picture = "tide",
               .accompaniments = kForTones},
    Discipline{.id = "surprise",
               .is = [](const Exercise& card) { return card.surprises(); },
               .askedBy = AskedBy::ear,
               .picture = "braid",
               .accompaniments = kForTwo,
               .weeks = kTwo,
               .noWeeks = kNoTwo},
    Discipline{.id = "two",
               .is = [](const Exercise& card) { return card.hasPartner(); },
               .picture = "braid",
               .accompaniments = kForTwo,
               .weeks = kTwo,
               .noWeeks = kNoTwo},
    // The player's own voice is the second.
    Discipline{.id = "voice",
               .is = [](const Exercise& card) { return card.pair.has_value(); },
               .picture = "braid",
               .accompaniments = kForTones,
               .weeks = kTwo,
               .noWeeks = kNoTwo},
    Discipline{.id = "buzz",
               .is = [](const Exercise& card) { return card.part != PartPlayed::whole; },
               .accompaniments = kForTones,
               .byRange = false,
               .reaches = false,
               .roams = true,
               .weeks = kBuzz,
               .noWeeks = "Nothing on the small part in the last eight weeks yet."},
    Discipline{.id = "tubes",
               .is = [](const Exercise& card) { return card.asksForPartials() && card.changesTubes(); },
               .askedBy = AskedBy::tube,
               .accompaniments = kForTones,
               .changesTubes = true},
    Discipline{.id = "partials",
               .is = [](const Exercise& card) { return card.asksForPartials(); },
               .askedBy = AskedBy::tube,
               .picture = "ladder",
               .accompaniments = kForTones},
    Discipline{.id = "tones", .is = [](const Exercise&) { return true; }, .accompaniments = kForTones}};

const Discipline& rowNamed(std::string_view id) { return *std::ranges::find(kRows, id, &Discipline::id); }

}  // namespace

std::span<const Discipline> disciplines() { return kRows; }

const Discipline& disciplineOf(const Exercise& card) {
  return *std::ranges::find_if(kRows, [&](const Discipline& row) { return row.is(card); });
}

const Discipline& disciplineOf(const Context& context) {
  const Discipline& of = context.exercise ? disciplineOf(*context.exercise) : kRows.back();
  return context.partPlayed() != PartPlayed::whole && !of.ofAir ? rowNamed("buzz") : of;
}

std::optional<AccompanimentKind> accompanimentOf(const Exercise& card) {
  if (card.drone) return drone;
  if (card.hasPartner()) return partner;
  return std::nullopt;
}

}  // namespace calando
