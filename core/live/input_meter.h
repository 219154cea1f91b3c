#pragma once

#include <array>
#include <span>
#include <vector>

#include "core/maths/filters.h"
#include "core/maths/sliding_signal.h"
#include "core/pitch/coarse_pitch.h"
#include "core/signal/tracks.h"

/// What can be said of a sound while it comes in.
namespace calando {

struct InputState {
  enum class Remark { none, silent, soft, clipping, gated, levelled, lost };
  double level_dbfs = -140.0;  ///< RMS of the latest block
  double peak_dbfs = -140.0;   ///< falls by about 20 dB a second
  Remark remark = Remark::none;
  long droppedBlocks = 0;
  double sounds_hz = 0.0;  ///< pitch of a tone that goes on; 0: none does
};

/// Watches the level, and the marks of a source that is silent, too soft, clipped, gated or levelled.
///
/// A gate gives exact zeros after sound, again and again. An automatic gain turns itself up when a sound has
/// ended: the room is heard to rise by 6 dB or more within two seconds and a half after it, as no room does
/// by itself twice.
class InputMeter {
 public:
  explicit InputMeter(double rate_hz);
  void push(std::span<const float> block);
  /// To be asked some ten times a second: a tone goes on when it is found three times running.
  InputState state(long droppedBlocks);

 private:
  void watchGain(double level_dbfs);
  double soundsNow();

  double rate_;
  double stepPower_ = 0.0;
  long stepSamples_ = 0;
  std::array<double, 5> recent_{};  // levels of the latest tenths of a second
  std::vector<double> afterSound_;  // the same since a sound has ended; empty: none has
  double ended_ = 0.0;              // level of that sound
  int rises_ = 0;
  double peak_ = 0.0, level_ = -140.0, quiet_s_ = 0.0, sinceClip_s_ = 1e9, loudest_ = -140.0;
  long zeroRun_ = 0;
  int gates_ = 0;
  bool heard_ = false;
  FirStage decimation_;
  SlidingSignal sound_;
  CoarsePitch pitch_;
  std::array<double, 3> found_hz_{};  // at the latest times that were asked
};

/// The latest stretch of 120 ms or more of sound with a pitch (a click is none), gaps of up to 150 ms
/// bridged, frame by frame: for the clock while a tone sounds. The analysis afterwards has its exact ends.
struct LatestSound {
  double held_s;
  double sinceEnd_s;
};
LatestSound latestSound(const Tracks& tracks);

}  // namespace calando
