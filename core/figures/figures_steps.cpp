#include <algorithm>
#include <array>
#include <cmath>

#include "core/figures/cue_figures.h"
#include "core/figures/figure_input.h"
#include "core/figures/figures.h"

namespace calando {

namespace {

constexpr std::size_t kFewestSteps = 3;

/// Something of all ways between notes, or of those over a register break.
enum class Ways { all, overBreak };
template <auto Member, Ways Which>
std::vector<double> transitions(const FigureInput& heard) {
  std::vector<double> values;
  for (const Tone* tone : heard.tones)
    for (const Transition& transition : tone->transitions)
      if (Which == Ways::all || transition.over_break == true) values.push_back(transition.*Member);
  return values;
}
template <auto Member, Ways Which = Ways::all>
std::optional<double> usual(const FigureInput& heard) {
  return medianOf(transitions<Member, Which>(heard));
}
template <auto Member, Ways Which = Ways::all>
std::optional<double> most(const FigureInput& heard) {
  const auto values = transitions<Member, Which>(heard);
  return values.empty() ? std::nullopt : std::optional(std::ranges::max(values));
}
template <auto Member, Ways Which = Ways::all>
std::optional<double> least(const FigureInput& heard) {
  const auto values = transitions<Member, Which>(heard);
  return values.empty() ? std::nullopt : std::optional(std::ranges::min(values));
}

/// Of neighbouring rows: how long the count has from the one to the next, and by how much what was played
/// differs from it.
struct Steps {
  std::vector<double> asked, off;
};
Steps stepsOf(const FigureInput& heard) {
  Steps steps;
  for (std::size_t i = 1; i < heard.asked.size(); ++i) {
    const auto before = cameAt(*heard.asked[i - 1], heard.analysis),
               here = cameAt(*heard.asked[i], heard.analysis);
    if (!before || !here) continue;
    steps.asked.push_back(heard.asked[i]->start_s - heard.asked[i - 1]->start_s);
    steps.off.push_back(*here - *before - steps.asked.back());
  }
  return steps;
}

std::optional<double> spread_s(const Steps& steps) {
  if (steps.off.size() < kFewestSteps) return std::nullopt;
  double squares = 0.0;
  for (const double off : steps.off) squares += off * off;
  return std::sqrt(squares / static_cast<double>(steps.off.size()));
}
std::optional<double> stepSpread(const FigureInput& heard) {
  const auto spread = spread_s(stepsOf(heard));
  return spread ? std::optional(1000.0 * *spread) : std::nullopt;
}
std::optional<double> stepSpreadPercent(const FigureInput& heard) {
  const Steps steps = stepsOf(heard);
  const auto spread = spread_s(steps);
  return spread ? std::optional(100.0 * *spread / mean(steps.asked)) : std::nullopt;
}

/// How far the notes are from their partials, whichever way.
std::optional<double> offPartials(const FigureInput& heard) {
  return medianOf(of::valuesOf(heard.notes, [](const Note& n) {
    return n.series_cents ? std::optional(std::abs(*n.series_cents)) : std::nullopt;
  }));
}

std::optional<double> underneath(const FigureInput& heard) {
  return medianOf(of::valuesOf(
      heard.notes, [](const Note& n) { return n.under ? std::optional(n.under->hz) : std::nullopt; }));
}

/// Beside a half step that was fingered in the same take: how much less the bend goes.
std::optional<double> shortOfReal(const FigureInput& heard) {
  const CueResult* home = nullptr;
  for (const CueResult* row : heard.played) {
    const Note* note = soundOf(*row, heard.analysis).note;
    if (row->kind != CueKind::tone || !note || !row->asked) continue;
    if (!home) {
      home = row;
      continue;
    }
    if (*row->asked != *home->asked - 1) continue;
    const double real = centsBetween(soundOf(*home, heard.analysis).note->f0_hz, note->f0_hz);
    const auto bend = of::cue<of_cue::some<&CueResult::bend, &Bend::depth_cents>>(heard);
    return bend ? std::optional(*bend - real) : std::nullopt;
  }
  return std::nullopt;
}

constexpr std::array kFigures{
    Figure{.id = "transition_ms",
           .label = "Way between notes",
           .unit = "ms",
           .print = {0},
           .area = Area::startsAndLasts,
           .help = "How long slurred notes are under way from one pitch to the next.",
           .ofTake = usual<&Transition::length_ms>},
    Figure{.id = "gap_ms",
           .label = "Gap between notes",
           .unit = "ms",
           .print = {0},
           .area = Area::startsAndLasts,
           .help = "The longest silence between two slurred notes.",
           .ofTake = most<&Transition::gap_ms>},
    Figure{.id = "dip_db",
           .label = "Dip between notes",
           .unit = "dB",
           .print = {1, true},
           .words = {"dips", "smooth", "smooth"},
           .area = Area::steady,
           .help = "How far the loudness falls between two slurred notes, where it falls most.",
           .ofTake = least<&Transition::dip_db>},
    Figure{.id = "bump_db",
           .label = "Bump between notes",
           .unit = "dB",
           .print = {1, true},
           .words = {"smooth", "smooth", "bumps"},
           .area = Area::steady,
           .help = "How far the loudness rises between two slurred notes, where it rises most.",
           .ofTake = most<&Transition::bump_db>},
    Figure{.id = "break_dip_db",
           .label = "Dip over the break",
           .unit = "dB",
           .print = {1, true},
           .words = {"dips", "smooth", "smooth"},
           .area = Area::steady,
           .help = "The deepest dip between two slurred notes of different registers.",
           .ofTake = least<&Transition::dip_db, Ways::overBreak>},
    Figure{.id = "break_way_ms",
           .label = "Way over the break",
           .unit = "ms",
           .print = {0},
           .area = Area::startsAndLasts,
           .help = "How long slurred notes are under way from one register to another.",
           .ofTake = usual<&Transition::length_ms, Ways::overBreak>},
    Figure{.id = "step_spread_ms",
           .label = "Steps uneven",
           .unit = "ms",
           .print = {0},
           .area = Area::startsAndLasts,
           .help = "How far the time from note to note is from the count’s (standard deviation).",
           .ofTake = stepSpread},
    Figure{.id = "step_spread_percent",
           .label = "Steps uneven, of a step",
           .unit = "%",
           .print = {1},
           .area = Area::startsAndLasts,
           .help = "The same as a share of a step, so that tempos can be compared.",
           .ofTake = stepSpreadPercent},
    Figure{.id = "off_partial_cents",
           .label = "Off its partial",
           .unit = "cents",
           .print = {1},
           .area = Area::inTune,
           .help = "How far the notes are from the partials of the tube in use, which lie where nature has "
                   "them, high or low.",
           .ofTake = offPartials},
    Figure{.id = "under_db",
           .label = "Sounds underneath",
           .unit = "dB",
           .print = {1, true},
           .words = {"gone", "gone", "sounds on"},
           .area = Area::full,
           .help = "How strong a lower partial sounds on under an overtone, to the overtone’s own.",
           .ofTake = of::note<&Note::under_db>},
    Figure{.id = "under_hz",
           .label = "Underneath at",
           .unit = "Hz",
           .print = {0},
           .area = Area::full,
           .help = "The pitch of what sounds on under the note.",
           .ofTake = underneath},
    Figure{.id = "short_of_real_cents",
           .label = "Bend against the fingered half step",
           .unit = "cents",
           .print = {1, true},
           .sides = {"past it", "short of it"},
           .area = Area::inTune,
           .help = "How much less the bend goes than the fingered half step in the same take.",
           .ofTake = shortOfReal},
};

}  // namespace

std::span<const Figure> stepFigures() { return kFigures; }

}  // namespace calando
