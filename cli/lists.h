#pragma once

#include <string>

#include "core/theory/instrument.h"

/// What there is to choose from, printed as lines or as JSON.
namespace calando {

void listInstruments(bool asJson);
void listExercises(bool asJson);
void listPlayers(bool asJson);
/// The natural series of a fingering; of none, of all settings of the instrument. Throws Failure for one that
/// is none.
void printSeries(const Instrument* instrument, const std::string& fingering, double a4_hz, bool asJson);

}  // namespace calando
