#pragma once

#include <memory>
#include <optional>
#include <span>
#include <vector>

#include "core/maths/filters.h"
#include "core/maths/sliding_signal.h"
#include "core/signal/pair_frames.h"

namespace calando {

struct Tracks;  // core/signal/tracks.h

/// Level that two frames of a hundred are over, dBFS: what "so far under the loudest" is counted from.
double loudest_dbfs(const Tracks& tracks);

/// Keeps a take to look for two tones in it. Memory: about 100 kB a second.
class PairListener {
 public:
  /// `first_hz`: where the first one may be expected, for what is told while it sounds. `known_hz`: where it
  /// is.
  PairListener(double rate_hz, double semitones, std::vector<double> first_hz = {},
               std::optional<double> known_hz = {});
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
  std::optional<double> known_hz_;
  std::unique_ptr<Follower> live_;
};

}  // namespace calando
