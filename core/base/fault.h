#pragma once

#include <span>

#include "core/base/problem.h"

namespace calando {

/// What core can find wrong with texts that it reads.
enum class Fault {
  // JSON, said after a file's name
  tooLarge,
  tooDeep,
  noJson,
  numberTooLarge,
  keyMissing,
  otherKind,
  notAnObject,
  unknownKey,
  unknownValue,
  unknownReading,
  notANumber,
  notWhole,
  empty,
  // Where in a text
  inEntry,
  inNamedEntry,
  inCard,
  inCardFile,
  at,
  atCue,
  atTargets,
  // Cards
  cardsAlike,
  noSuchNote,
  noNoteName,
  noteForm,
  noteWithoutNumber,
  shapeForm,
  shapeOrder,
  shapeTooShort,
  beatsAndSeconds,
  needsLength,
  needsPulses,
  beatsWithoutTempo,
  noCues,
  tooManyCues,
  tooManyItems,
  lastsTooLong,
  countOfNothing,
  countsUpward,
  eachWithoutGenerator,
  stepsOrder,
  growsOtherwise,
  noReadings,
  // Targets
  noBound,
  noWidth,
  // Other catalogues
  noExercises,
  unknownExercise,
  lowestAboveHighest,
  unknownTube,
  // Fingerings
  fingeringNeedsInstrument,
  unknownSlide,
  unknownValves,
  fingeringEmpty,
};

std::string_view wordingOf(Fault fault);
/// In the order of the codes.
std::span<const Wording<Fault>> faults();

}  // namespace calando
