#pragma once

#include <filesystem>
#include <optional>

#include "records/values/take.h"

namespace calando {

/// A sound in the studio's folder that the list of takes does not know: a recording that a crash or a full
/// disk left behind, or a take's file whose list was lost or is older. Nothing of it is ever removed unasked.
struct Stray {
  std::filesystem::path file;
  bool recording = false;         ///< it never became a take
  bool noted = false;             ///< what lies beside the sound could be read
  SoundNote note;                 ///< what is known of it
  bool known = false;             ///< its student is one of this studio
  std::optional<double> seconds;  ///< nullopt: the sound cannot be read
};

}  // namespace calando
