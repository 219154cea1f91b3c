#pragma once

#include <span>

#include "core/signal/tracks.h"

/// What can be said of a sound while it comes in.
namespace calando {

struct InputState {
  enum class Remark { none, silent, soft, clipping, gated, lost };
  double level_dbfs = -140.0;  ///< RMS of the latest block
  double peak_dbfs = -140.0;   ///< falls by about 20 dB a second
  Remark remark = Remark::none;
  long droppedBlocks = 0;
};

/// Watches the level, and the marks of a source that is silent, too soft, clipped or gated.
class InputMeter {
 public:
  explicit InputMeter(double rate_hz) : rate_(rate_hz) {}
  void push(std::span<const float> block);
  InputState state(long droppedBlocks) const;

 private:
  double rate_;
  double peak_ = 0.0, level_ = -140.0, quiet_s_ = 0.0, sinceClip_s_ = 1e9, loudest_ = -140.0;
  long zeroRun_ = 0;
  int gates_ = 0;
  bool heard_ = false;
};

/// The latest stretch of sound with a pitch, gaps of up to 150 ms bridged, frame by frame: for the clock
/// while a tone sounds. The analysis afterwards has its exact ends.
struct LatestSound {
  double held_s;
  double sinceEnd_s;
};
LatestSound latestSound(const Tracks& tracks);

}  // namespace calando
