#pragma once

#include <optional>
#include <vector>

#include "core/exercise/context.h"
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
template <auto Member>
std::optional<double> cue(const FigureInput& heard) {
  return medianOf(valuesOf(heard.played, [](const CueResult& c) { return c.*Member; }));
}
/// Over the notes, as a standard deviation.
template <auto Member>
std::optional<double> spread(const FigureInput& heard) {
  const auto values = valuesOf(heard.notes, [](const Note& n) -> std::optional<double> { return n.*Member; });
  if (values.size() < 2) return std::nullopt;
  return standardDeviation(values);
}

}  // namespace of

}  // namespace calando
