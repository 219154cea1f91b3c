#pragma once

#include <memory>
#include <span>
#include <vector>

#include "core/maths/filters.h"
#include "core/maths/sliding_signal.h"
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
  double spread_hz;       ///< standard deviation of what it may be off
  bool resolved;          ///< false: slower than can be seen, or only one sounds
  double window_s = 0.0;  ///< it was seen through
};

struct PairTrack {
  std::vector<PairFrame> frames;  ///< every kPairHop_s where anything sounds
  std::vector<BeatFrame> beats;   ///< every kBeatHop_s
  /// How much of the sound was not there some periods before: 0 all of it was, 2 it is quite another; every
  /// kChangeHop_s, not while it sounds. 0 where there is no pitch.
  std::vector<float> change;
};
inline constexpr double kPairHop_s = 0.05;
inline constexpr double kBeatHop_s = 0.25;
inline constexpr double kChangeHop_s = 0.005;

/// Level that two frames of a hundred are over, dBFS: what "so far under the loudest" is counted from.
double loudest_dbfs(const Tracks& tracks);

/// Keeps a take to look for two tones in it. Memory: about 100 kB a second.
class PairListener {
 public:
  /// `first_hz`: where the first one may be expected, for what is told while it sounds.
  PairListener(double rate_hz, double semitones, std::vector<double> first_hz = {});
  ~PairListener();
  PairListener(PairListener&&) noexcept;
  void push(std::span<const float> block);
  /// No more will come. `tracks`: of the same.
  PairTrack finish(const Tracks& tracks);
  /// While it sounds: every moment until now, each from what was heard until then. Told apart within 0.2 s;
  /// beats that a third of a second cannot show are those of the last 0.7 or 1.4 s.
  const PairTrack& latest(const Tracks& tracks);

 private:
  class Follower;
  FirStage decimation_;
  SlidingSignal signal_;
  std::vector<float> sound_;
  double semitones_;
  std::vector<double> first_hz_;
  std::unique_ptr<Follower> live_;
};

}  // namespace calando
