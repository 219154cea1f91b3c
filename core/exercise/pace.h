#pragma once

#include <vector>

#include "core/exercise/cue_sheet.h"

/// What breath is paced by: water that rises with the breath in and sinks with the breath out.
namespace calando {

/// How high the water stands at a moment of a sheet, 0 to 1; it is still where no breath is asked for.
double waterAt(const CueSheet& sheet, double t);

/// Which count of a cue a moment is: 3 of 4; zeros where nothing is counted.
struct CountWithin {
  int beat = 0;
  int of = 0;
};
CountWithin countWithin(const CueSheet& sheet, double t);

/// The same for the ear: soft noise from 300 Hz to 2.4 kHz as loud as the water is high, -32 dBFS at the
/// most. From the start of the count-in to the end of the sheet; the same samples every time.
std::vector<float> swellOf(const CueSheet& sheet, double rate_hz);

}  // namespace calando
