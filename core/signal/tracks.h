#pragma once

#include <array>
#include <cstdint>
#include <memory>
#include <optional>
#include <vector>

#include "core/pitch/period_chain.h"
#include "core/pitch/quick_pitch.h"
#include "core/signal/energy_track.h"
#include "core/signal/frames.h"
#include "core/signal/pair_frames.h"

namespace calando {

inline constexpr double kHop_s = 0.01;  ///< time between frames; frame i is centred at i · kHop_s

/// One moment of a take. Frequencies and levels are of the sound, nothing is judged here.
struct TrackFrame {
  float f0_hz = 0.0f;         ///< 0 where no pitch was found
  float confidence = 0.0f;    ///< height of the normalised autocorrelation, 0 to 1
  float level_dbfs = 0.0f;    ///< RMS over 50 ms; a full-scale sine is -3.01
  std::int32_t colour = -1;   ///< index into Tracks::colours, -1: not measured
  std::int32_t periods = -1;  ///< index into Tracks::periods, -1: not measured
};

/// What the signal stages make of a take.
struct Tracks {
  std::vector<TrackFrame> frames;
  std::vector<ColourFrame> colours;          ///< every third voiced frame or so has one, fewer on low notes
  std::vector<PeriodFrame> periods;          ///< of five periods and 20 ms, then as much left out
  std::vector<UnderTone> under;              ///< of some frames that have a pitch, where overtones are played
  std::vector<QuickPitch> quick;             ///< every kQuickHop_s where the pitch moves fast
  std::vector<AirFrame> air;                 ///< one for each frame
  std::shared_ptr<const Tracks> first = {};  ///< of the first of two players who have a channel each
  PairTrack pair;                            ///< where two are looked for in the one signal
  EnergyTrack energy{48000.0};               ///< of the input, without its offset
  EnergyTrack airEnergy{48000.0};            ///< of kAirBottom_hz to kAirTop_hz
  double duration_s = 0.0;
  double rate_hz = 48000.0;
  long clippedSamples = 0;
  long badSamples = 0;
  std::optional<double> swell_dbfs;   ///< of a swell that was played to breathe with; see heardOf()
  std::optional<double> clicks_dbfs;  ///< of a count's clicks that were taken out; see ClickRemover
};

}  // namespace calando
