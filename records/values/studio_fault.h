#pragma once

#include <span>

#include "core/base/problem.h"

namespace calando {

/// What a studio cannot do, in whole sentences.
enum class StudioFault {
  // Opening
  damaged,
  full,
  notWritable,
  refused,
  newer,
  notMade,
  notAStudio,
  linkInside,
  someoneElses,
  openToOthers,
  halfRestored,
  listMissing,
  openElsewhere,
  onlyToLookAt,
  cardsSetAside,
  // Takes
  recordingCannotStart,
  studentErased,
  noSuchStudent,
  notKept,
  soundLetGo,
  soundNotRemoved,
  soundMissing,
  soundUnreadable,
  soundEmpty,
  notSound,
  modelOfAnother,
  insideStudio,
  // Erasing a student
  cannotErase,
  fileNotErased,
  rowsNotErased,
  erasingNotNoted,
  tracesStay,
};

std::string_view wordingOf(StudioFault fault);
/// In the order of the codes.
std::span<const Wording<StudioFault>> studioFaults();

}  // namespace calando
