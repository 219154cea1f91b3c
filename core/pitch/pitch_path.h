#pragma once

#include <deque>
#include <optional>
#include <vector>

#include "core/pitch/coarse_pitch.h"

namespace calando {

/// The most plausible sequence of pitches through the candidates of successive frames (Viterbi), each frame
/// decided `lag` frames later. With a lag of a second or more, decisions equal those over the whole take.
///
/// Reeds and flutes often start with a little of the octave below, until the overblown note has locked in.
/// Such a start is not a note of its own: a path that leaps up an octave within 250 ms of its beginning is
/// read an octave up from there on, provided that the upper octave was in the sound from the start.
///
/// Neither is a crackle, or a period that is longer than its neighbours: where the path leaves a note for a
/// multiple of its period and is back within half a second, while the note's own period goes on fitting
/// nearly as well, it is read as the note.
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
  /// Best state of every undecided column, the oldest first.
  std::vector<std::size_t> trace() const;
  Decision decideFront(const std::vector<std::size_t>& states, std::size_t front);
  bool startsOctaveLow(const std::vector<std::size_t>& states, std::size_t front) const;
  bool goesOnAbove(const std::vector<std::size_t>& states, std::size_t front) const;

  std::size_t lag_;
  std::size_t sinceStart_ = 0;  // decided voiced frames in the run that goes on
  double last_hz_ = 0.0;        // of the last of them
  std::deque<Column> columns_;  // the undecided ones
};

}  // namespace calando
