#pragma once

#include <span>

#include "core/base/problem.h"

namespace calando {

/// Why a pack or a backup was not made, or not taken in; in whole sentences.
enum class PackFault {
  unreadable,
  noPack,
  damaged,
  tooLarge,
  newer,
  madeHere,
  somebodyElse,
  noRoom,
  notWritten,
  notWhole,
  noBackup
};

std::string_view wordingOf(PackFault fault);
/// In the order of the codes.
std::span<const Wording<PackFault>> packFaults();

}  // namespace calando
