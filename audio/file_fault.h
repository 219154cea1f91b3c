#pragma once

#include <span>

#include "core/base/problem.h"

namespace calando {

/// Why a file cannot be read or written: clauses with the remedy.
enum class FileFault {
  // Reading, said after a file's name
  mayNotBeRead,
  leadsNowhere,
  notOrdinary,
  noSuchFile,
  isFolder,
  diskFails,
  tooLarge,
  noSound,
  sampleRate,
  noSuchChannel,
  soundless,
  // Writing
  placeIsLink,
  placeIsFolder,
  placeNotOrdinary,
  diskFull,
  noPermission,
  noSuchFolder,
  nameTaken,
  system,
  originalUnreadable,
  nothingToWrite,
};

std::string_view wordingOf(FileFault fault);
/// In the order of the codes.
std::span<const Wording<FileFault>> fileFaults();

}  // namespace calando
