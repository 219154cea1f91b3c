#pragma once

#include <deque>
#include <optional>
#include <vector>

#include "core/signal/coarse_pitch.h"

namespace calando {

/// The most plausible sequence of pitches through the candidates of successive frames (Viterbi), each frame
/// decided `lag` frames later. With a lag of a second or more, decisions equal those over the whole take.
class PitchPath {
 public:
  explicit PitchPath(std::size_t lagFrames) : lag_(lagFrames) {}

  /// One decided frame; nullopt is unvoiced.
  using Decision = std::optional<PitchCandidate>;

  /// Adds a frame's candidates; returns the decision for the frame `lag` frames ago, once there is one.
  std::optional<Decision> push(std::vector<PitchCandidate> candidates);
  /// Decisions for the frames still waiting, oldest first.
  std::vector<Decision> finish();

 private:
  struct Column {
    std::vector<PitchCandidate> candidates;
    std::vector<double> cost;           // accumulated; last entry is the unvoiced state
    std::vector<std::size_t> previous;  // state in the column before
  };
  std::size_t bestState() const;
  static Decision decision(const Column& column, std::size_t state);

  std::size_t lag_;
  std::deque<Column> columns_;  // the undecided ones
};

}  // namespace calando
