#include "core/exercise/fit.h"

#include <algorithm>
#include <set>

#include "core/theory/tube.h"

namespace calando {

namespace {

constexpr int kHighestOdd = 9;
constexpr std::size_t kFewestTubes = 3;
constexpr std::size_t kFewestPartials = 3;

std::set<int> partialsOf(const Exercise& card) {
  std::set<int> partials;
  for (const Cue& cue : card.cues)
    if (cue.note.kind == CueNote::Kind::partial) partials.insert(cue.note.value);
  return partials;
}

bool isOn(const Instrument& instrument, int written) {
  const int sounding = instrument.soundingOf(written);
  return sounding >= instrument.lowest && sounding <= instrument.highest;
}

/// All of them where one is slurred to the next; else three are enough, or as many as there are.
std::optional<Misfit> misfitOfPartials(const Exercise& card, const Instrument& instrument) {
  if (!instrument.tubing && instrument.bellNotes.empty()) return Misfit::noOvertones;
  const TubeSetting tube = openSetting(instrument);
  const std::set<int> partials = partialsOf(card);
  std::size_t within = 0;
  for (const int partial : partials) {
    const auto rung = partialOn(card, partial, tube.step);
    if (!rung) return Misfit::noOvertones;
    within += isOn(instrument, tube.written + TubeSetting::interval(*rung)) ? 1 : 0;
  }
  const bool slurs =
      std::ranges::any_of(card.cues, [](const Cue& cue) { return cue.onset == OnsetWanted::slurred; });
  return within < (slurs ? partials.size() : std::min(partials.size(), kFewestPartials))
             ? std::optional(Misfit::outOfReach)
             : std::nullopt;
}

}  // namespace

std::optional<Misfit> misfitOf(const Exercise& card, const Instrument& instrument) {
  if (!card.whom.holds(instrument)) return Misfit::anotherInstrument;
  if (!card.asksForPartials()) return std::nullopt;
  if (card.changesTubes() && settingsOf(instrument).size() < kFewestTubes) return Misfit::noTubes;
  return misfitOfPartials(card, instrument);
}

std::optional<Misfit> misfitOf(const Exercise& card, const Instrument* instrument) {
  return instrument ? misfitOf(card, *instrument) : std::nullopt;
}

std::optional<int> partialOn(const Exercise& card, int partial, int step) {
  if (step == 1) return partial;
  const std::set<int> partials = partialsOf(card);
  const int place = static_cast<int>(std::distance(partials.begin(), partials.find(partial)));
  const int odd = (*partials.begin() == 1 ? 1 : 3) + step * place;
  return odd > kHighestOdd ? std::nullopt : std::optional(odd);
}

}  // namespace calando
