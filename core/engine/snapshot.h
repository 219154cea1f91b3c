#pragma once

#include <memory>
#include <optional>

#include "core/engine/snapshot_ptr.h"
#include "core/engine/span.h"
#include "core/exercise/context.h"
#include "core/exercise/cue_sheet.h"
#include "core/figures/findings.h"
#include "core/signal/tracks.h"

namespace calando {

struct TakeSpec;

/// Everything that is to be seen of a take at one moment, whether it still sounds or is over. Immutable once
/// made, shared between threads.
struct Snapshot {
  Tracks tracks;
  Analysis analysis;  ///< while the take sounds, empty but for livePair()
  Context context;
  CueSheet sheet;
  double sheetStart_s = 0.0;  ///< where its first cue lies while the take sounds
  bool live = false;          ///< still sounding
  double asked_s = 0.0;       ///< how long an open tone should last

  /// There are cues to be seen one by one.
  bool hasCues() const { return sheet.cues.size() > 1 || sheet.counted(); }
  /// The pitch of a frame as it is drawn: neighbouring periods of a buzz are unlike each other, and its line
  /// is that of medians over 50 ms. 0: none.
  double drawn_hz(std::size_t frame) const;
  /// A buzz that goes wherever it goes: held against no note.
  bool isFree() const;
  /// The semitone that sounds at the end of what has come so far, by its pitch over the last 0.15 s; nullopt:
  /// none does, or it goes from one to another.
  std::optional<int> soundsNow() const;
  /// Where the count has a cue of the sheet.
  Span placeOf(std::size_t cue) const;
  /// Where a cue was played; what did not come is where the count has it.
  Span spanOf(std::size_t cue) const;
  /// The cue that the count has at a moment; nullopt in a rest and outside of the count.
  std::optional<std::size_t> cueAt(double t) const;
};

/// Of a take that sounds: how two stand to one another so far.
std::optional<Pair> livePair(const Snapshot& take);

/// Everything that there is to see of a take, measured now.
std::shared_ptr<Snapshot> snapshotOf(Tracks tracks, const TakeSpec& asked);

}  // namespace calando
