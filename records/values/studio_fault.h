#pragma once

#include <span>
#include <tl/expected.hpp>

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

/// Why a studio cannot be opened.
struct OpenError {
  enum class Kind { place, notAStudio, full, damaged, missing, newer, other };
  Kind kind;
  Problem what;
  /// It can be made anew from the sound files that are there.
  bool canBeRebuilt() const { return kind == Kind::damaged || kind == Kind::missing; }
};

/// What a studio was asked for, or why not.
template <class T>
using StudioResult = tl::expected<T, Problem>;

std::string_view wordingOf(StudioFault fault);
/// In the order of the codes.
std::span<const Wording<StudioFault>> studioFaults();

}  // namespace calando
