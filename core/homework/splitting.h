#pragma once

#include <cstddef>
#include <optional>
#include <span>
#include <vector>

#include "core/exercise/context.h"
#include "core/exercise/cue_sheet.h"
#include "core/homework/recording.h"

/// Which stretches of long recordings are tries at what was asked for.
namespace calando {

/// One thing of a list, unrolled.
struct AskedItem {
  CueSheet sheet;
  double soundingLess = 0.0;  ///< semitones from a written note to what sounds
  bool anyHome = false;       ///< nobody said on which note: it may be moved as a whole
  bool breaths = false;       ///< no tone is asked for: breaths count
};

/// A stretch that is a try at an item.
struct Attempt {
  std::size_t item;
  std::size_t file;
  std::size_t first;  ///< of the file's sounds
  std::size_t last;
  double clock_s;  ///< where the first cue lies
  double stretch;  ///< seconds played for a second of the sheet
  bool hasTempo;   ///< two onsets or more say how fast
  int moved = 0;   ///< semitones, of an item on any home
};

/// The likeliest cut of the recordings, one after the other, into tries and what belongs to none.
///
/// A try is worth up to two for every cue that has its sound, less its distance in pitch, time and length;
/// what is missing, what is too much and every try itself cost. For every sound as the beginning, every early
/// cue as what it is for, and the tempos that the next sounds tell, all ends are weighed by one table of
/// dynamic programming; then the best chain of tries that do not overlap. What follows the list's order is
/// worth a little more: it decides between equals.
std::vector<Attempt> findTries(std::span<const AskedItem> items,
                               std::span<const std::vector<SentSound>> files);

}  // namespace calando
