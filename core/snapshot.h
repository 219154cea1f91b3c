#pragma once

#include <memory>
#include <optional>

#include "core/analysis.h"
#include "core/exercise/cue_sheet.h"
#include "core/library/asked.h"

namespace calando {

/// A stretch of time in a take.
struct Span {
  double start_s;
  double end_s;
};

/// Everything that is to be seen of a take at one moment, whether it still sounds or is over. Immutable once
/// made, shared between threads.
struct Snapshot {
  Tracks tracks;
  Analysis analysis;  ///< empty while the take sounds
  Context context;
  CueSheet sheet;
  double sheetStart_s = 0.0;  ///< where its first cue lies while the take sounds
  bool live = false;          ///< still sounding
  double asked_s = 0.0;       ///< how long an open tone should last

  /// There are cues to be seen one by one.
  bool hasCues() const { return sheet.cues.size() > 1 || sheet.counted(); }
  /// Where the count has a cue of the sheet.
  Span placeOf(std::size_t cue) const;
  /// Where a cue was played; what did not come is where the count has it.
  Span spanOf(std::size_t cue) const;
  /// The cue that the count has at a moment; nullopt in a rest and outside of the count.
  std::optional<std::size_t> cueAt(double t) const;
};
using SnapshotPtr = std::shared_ptr<const Snapshot>;

/// Everything that there is to see of a take, measured now.
std::shared_ptr<Snapshot> snapshotOf(Tracks tracks, const AskedFor& asked);

/// Whether a take that sounds has come to its end by itself: a second after its last cue, up to three where a
/// breath goes on; without cues a second after a tone of half a second has ended, where one breath is asked
/// for 2.5 s after it. `held_s`, `silent_s`: of latestSound().
bool isOver(const Snapshot& live, double held_s, double silent_s);

/// A climbing card goes up round by round for as long as it holds: how many rounds of a running take have
/// been played, and whether the breaths of one of them are outside of their targets or did not come.
std::size_t roundsPlayed(const Snapshot& live);
bool roundFailed(const Snapshot& live, std::size_t round);

}  // namespace calando
