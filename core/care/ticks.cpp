#include "core/care/ticks.h"

#include <algorithm>
#include <array>

#include "core/care/stop.h"

namespace calando {

namespace {

constexpr std::array kTicks{
    Tick{"belly", "belly"},     Tick{"ribs", "ribs"}, Tick{"shoulders", "shoulders"},
    Tick{"posture", "upright"}, Tick{"arms", "arms"}, Tick{"corners", "corners"},
    Tick{"cheeks", "cheeks"},   Tick{"chin", "chin"}, Tick{"jaw", "jaw"},
    Tick{"tongue", "tongue"},
};

/// What moves in a card, for who looks: the small part, a pitch that is bent, steps from note to note, or
/// tones.
enum class Motion { smallPart, bends, steps, tones };

Motion motionOf(const Exercise& card) {
  if (workOf(card) == Work::smallPart) return Motion::smallPart;
  const auto any = [&](auto is) { return std::ranges::any_of(card.cues, is); };
  if (any([](const Cue& cue) {
        return movesOf(cue.kind) == Moves::bend || movesOf(cue.kind) == Moves::drop || !cue.pitch.empty();
      }))
    return Motion::bends;
  return any([](const Cue& cue) { return cue.onset == OnsetWanted::slurred; }) || card.asksForPartials()
             ? Motion::steps
             : Motion::tones;
}

using Looked = std::array<std::string_view, 4>;  // ids, in their order; empty ones at the end

/// By family of instruments, then by what moves.
struct FamilyRow {
  Family family;
  Looked smallPart, bends, steps, tones;
};
constexpr FamilyRow kFamilyRows[] = {
    {Family::brass,
     {"corners", "cheeks", "chin", "shoulders"},
     {"jaw", "corners", "chin", "tongue"},
     {"corners", "jaw", "tongue", "shoulders"},
     {"corners", "cheeks", "shoulders", "posture"}},
    {Family::singleReed,
     {"corners", "chin", "jaw", "cheeks"},
     {"jaw", "tongue", "corners", "chin"},
     {"jaw", "corners", "tongue", "shoulders"},
     {"corners", "chin", "shoulders", "posture"}},
    {Family::doubleReed,
     {"corners", "jaw", "cheeks", "shoulders"},
     {"jaw", "tongue", "corners", {}},
     {"jaw", "corners", "tongue", "shoulders"},
     {"corners", "jaw", "shoulders", "posture"}},
    {Family::flute,
     {"corners", "jaw", "shoulders", "posture"},
     {"jaw", "corners", "shoulders", {}},
     {"jaw", "corners", "tongue", "shoulders"},
     {"corners", "jaw", "shoulders", "posture"}},
    {Family::recorder,
     {"cheeks", "tongue", "shoulders", "posture"},
     {"cheeks", "shoulders", "posture", {}},
     {"tongue", "shoulders", "posture", {}},
     {"cheeks", "shoulders", "posture", {}}},
};
constexpr Looked kAnybody{"shoulders", "posture"};

const Looked& lookedAt(const Exercise& card, const Instrument* instrument) {
  if (!instrument) return kAnybody;
  const FamilyRow& row = *std::ranges::find(kFamilyRows, instrument->family, &FamilyRow::family);
  switch (motionOf(card)) {
    case Motion::smallPart:
      return row.smallPart;
    case Motion::bends:
      return row.bends;
    case Motion::steps:
      return row.steps;
    case Motion::tones:
      break;
  }
  return row.tones;
}

}  // namespace

std::span<const Tick> ticks() { return kTicks; }

const Tick* findTick(std::string_view id) {
  const auto* tick = std::ranges::find(kTicks, id, &Tick::id);
  return tick == kTicks.end() ? nullptr : tick;
}

std::vector<const Tick*> ticksOf(const Exercise& card, const Instrument* instrument) {
  constexpr std::size_t most = 4;
  std::vector<const Tick*> list;
  const auto add = [&](std::string_view id) {
    if (const Tick* tick = findTick(id); tick && list.size() < most) list.push_back(tick);
  };
  if (!card.ticks.empty())
    for (const std::string& id : card.ticks) add(id);
  else if (card.asksForSound())
    for (const std::string_view id : lookedAt(card, instrument)) add(id);
  return list;
}

}  // namespace calando
