#pragma once

#include <optional>
#include <vector>

#include "core/theory/instrument.h"
#include "core/theory/pitch.h"
#include "core/theory/tube.h"

namespace calando {

/// All that naming a note needs, and nothing of exercises.
struct PitchFrame {
  Reference reference;
  const Instrument* instrument = nullptr;  ///< nullptr: concert pitch, full range
  std::vector<int> asked;                  ///< written semitones, in order; empty: nearest note
  std::optional<double> target_hz;         ///< instead of `asked`
  std::optional<TubeSetting> fingering;    ///< the tube in use

  int soundingOf(int written) const { return instrument ? instrument->soundingOf(written) : written; }
  int writtenOf(int sounding) const { return instrument ? instrument->writtenOf(sounding) : sounding; }
  /// Of a written note.
  double hzOf(int written) const { return frequencyOf(soundingOf(written), reference); }
};

}  // namespace calando
