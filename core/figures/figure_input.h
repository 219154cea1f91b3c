#pragma once

#include <cmath>
#include <optional>
#include <vector>

#include "core/exercise/context.h"
#include "core/figures/figure.h"
#include "core/figures/findings.h"
#include "core/maths/statistics.h"

/// What figures are taken from, and the ways of taking them.
namespace calando {

/// The rows that ask for something to be heard, those of them that were played, and their sounds, each once.
struct FigureInput {
  const Analysis& analysis;
  std::vector<const CueResult*> asked;
  std::vector<const CueResult*> played;
  std::vector<const Tone*> tones;
  std::vector<const Note*> notes;
  std::vector<const Air*> airs;
  std::optional<ComparisonTake> against;
};
FigureInput heardIn(const Analysis& analysis, const std::optional<ComparisonTake>& against = {});

namespace of {

template <class List, class Get>
std::vector<double> valuesOf(const List& list, Get get) {
  std::vector<double> values;
  for (const auto* item : list)
    if (const std::optional<double> v = get(*item)) values.push_back(*v);
  return values;
}

/// The median over the notes.
template <auto Member>
std::optional<double> note(const FigureInput& heard) {
  return medianOf(valuesOf(heard.notes, [](const Note& n) -> std::optional<double> { return n.*Member; }));
}
/// One standard deviation of the middle over several, by that of each.
inline std::optional<double> unsureOf(const std::vector<double>& deviations) {
  if (deviations.empty()) return std::nullopt;
  double squares = 0.0;
  for (const double d : deviations) squares += d * d;
  return std::sqrt(squares) / static_cast<double>(deviations.size());
}
/// The same; nullopt where one of them has none.
template <class List, class Get>
std::optional<double> unsureOfAll(const List& list, Get get) {
  const std::vector<double> deviations = valuesOf(list, get);
  return deviations.size() == list.size() ? unsureOf(deviations) : std::nullopt;
}
template <auto Member>
std::optional<double> unsureNote(const FigureInput& heard) {
  return unsureOfAll(heard.notes, [](const Note& n) { return n.unsure.*Member; });
}
/// Of rows that have it where they have the figure.
template <CueFigure* Unsure>
std::optional<double> unsureCue(const FigureInput& heard) {
  return unsureOf(valuesOf(heard.played, [&](const CueResult& c) { return Unsure(c, heard.analysis); }));
}
template <auto Member>
std::optional<double> unsureTone(const FigureInput& heard) {
  return unsureOfAll(heard.tones, [](const Tone& t) { return t.*Member; });
}
/// Of a regular wave of the notes.
template <auto Part, auto Member>
std::optional<double> wave(const FigureInput& heard) {
  return medianOf(valuesOf(heard.notes, [](const Note& n) {
    return n.*Part ? std::optional((*(n.*Part)).*Member) : std::nullopt;
  }));
}
template <auto Member>
std::optional<double> tone(const FigureInput& heard) {
  return medianOf(valuesOf(heard.tones, [](const Tone& t) -> std::optional<double> { return t.*Member; }));
}
/// The same; of tones that hold no note, of all of them.
template <auto OfNote, auto OfTone>
std::optional<double> noteOrTone(const FigureInput& heard) {
  return heard.notes.empty() ? tone<OfTone>(heard) : note<OfNote>(heard);
}
/// Of a tone's onset or release.
template <auto Part, auto Member>
std::optional<double> end(const FigureInput& heard) {
  return medianOf(
      valuesOf(heard.tones, [](const Tone& t) -> std::optional<double> { return t.*Part.*Member; }));
}
/// The median over the rows.
template <CueFigure* Figure>
std::optional<double> cue(const FigureInput& heard) {
  return medianOf(valuesOf(heard.played, [&](const CueResult& c) { return Figure(c, heard.analysis); }));
}
/// Over the notes, as a standard deviation.
template <auto Member>
std::optional<double> spread(const FigureInput& heard) {
  const auto values = valuesOf(heard.notes, [](const Note& n) -> std::optional<double> { return n.*Member; });
  if (values.size() < 2) return std::nullopt;
  return standardDeviation(values);
}

}  // namespace of

/// Of one cue: what is its own, of what was heard for it, or of how it moved.
namespace of_cue {

template <auto Member>
std::optional<double> own(const CueResult& cue, const Analysis&) {
  return cue.*Member;
}
template <auto Part, auto Member>
std::optional<double> part(const CueResult& cue, const Analysis&) {
  return cue.*Part.*Member;
}
/// Of something that there need not be.
template <auto Part, auto Member>
std::optional<double> some(const CueResult& cue, const Analysis&) {
  return cue.*Part ? std::optional<double>((*(cue.*Part)).*Member) : std::nullopt;
}
template <auto Member>
std::optional<double> ring(const CueResult& cue, const Analysis&) {
  return cue.bend && cue.bend->ring ? std::optional<double>((*cue.bend->ring).*Member) : std::nullopt;
}
template <auto Member>
std::optional<double> note(const CueResult& cue, const Analysis& analysis) {
  const Note* note = soundOf(cue, analysis).note;
  return note ? std::optional<double>(note->*Member) : std::nullopt;
}
template <auto Member>
std::optional<double> unsure(const CueResult& cue, const Analysis& analysis) {
  const Note* note = soundOf(cue, analysis).note;
  return note ? note->unsure.*Member : std::nullopt;
}
template <auto Member>
std::optional<double> air(const CueResult& cue, const Analysis& analysis) {
  const Air* air = soundOf(cue, analysis).air;
  return air ? std::optional<double>(air->*Member) : std::nullopt;
}
template <auto OfNote, auto OfAir>
std::optional<double> noteOrAir(const CueResult& cue, const Analysis& analysis) {
  return soundOf(cue, analysis).air ? air<OfAir>(cue, analysis) : note<OfNote>(cue, analysis);
}

}  // namespace of_cue

}  // namespace calando
