#pragma once

#include <cstdint>
#include <vector>

#include "core/exercise/cue_sheet.h"
#include "core/figures/findings.h"
#include "core/standin/player.h"

/// What the stand-in plays.
namespace calando {

/// What is to be played.
struct Part {
  const Instrument* instrument = nullptr;
  int sounding = 60;  ///< concert semitone
  double seconds = 8.0;
  Reference reference;
  double under_hz = 0.0;  ///< of what sounds on underneath; 0: nothing
  PartPlayed part = PartPlayed::whole;
};

struct Performance {
  double rate_hz;
  std::vector<float> samples;  ///< mono, with some room before and after
  Analysis truth;              ///< what is known of it by construction; the rest is empty
};

/// The same seed gives the same performance, sample by sample.
Performance perform(const Player& player, const Part& part, std::uint32_t seed, double rate_hz = 48000.0);
/// A whole exercise, its count-in as silence before it: tones as asked for in place, length and loudness,
/// with the player's faults in each. The truth has the sheet's cues. Of `context` the instrument and the
/// reference are used.
Performance perform(const Player& player, const CueSheet& sheet, const Context& context, std::uint32_t seed,
                    double rate_hz = 48000.0);

/// What the first of two plays of the same sheet, from the start of the count-in where it is counted: a made
/// partner's notes. The card must be for two.
Performance performFirst(const Player& player, const CueSheet& sheet, const Context& context,
                         std::uint32_t seed, double rate_hz = 48000.0);

}  // namespace calando
