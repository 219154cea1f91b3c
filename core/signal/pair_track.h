#pragma once

#include <span>
#include <vector>

#include "core/signal/filters.h"
#include "core/signal/sliding_signal.h"
#include "core/signal/two_tones.h"

namespace calando {

struct Tracks;  // core/signal/tracks.h

/// Two tones in one signal, seen through 0.35 s.
struct PairFrame {
  double at_s;
  TwoTones::Fit fit;  ///< of a unison the lower one first
  bool two;           ///< they are told apart
};

/// Their slowest beat, through as long a window as they are steady for.
struct BeatFrame {
  double at_s;
  double rate_hz;
  double spread_hz;  ///< standard deviation of what it may be off
  bool resolved;     ///< false: slower than can be seen, or only one sounds
};

struct PairTrack {
  std::vector<PairFrame> frames;  ///< every kPairHop_s where anything sounds
  std::vector<BeatFrame> beats;   ///< every kBeatHop_s
};
inline constexpr double kPairHop_s = 0.05;
inline constexpr double kBeatHop_s = 0.25;

/// Level that two frames of a hundred are over, dBFS: what "so far under the loudest" is counted from.
double loudest_dbfs(const Tracks& tracks);

/// Keeps a take to look for two tones in it. Memory: about 100 kB a second.
class PairListener {
 public:
  PairListener(double rate_hz, double semitones);
  void push(std::span<const float> block);
  /// No more will come. `tracks`: of the same.
  PairTrack finish(const Tracks& tracks);

 private:
  FirStage decimation_;
  SlidingSignal signal_;
  std::vector<float> sound_;
  double semitones_;
};

}  // namespace calando
