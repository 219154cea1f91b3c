#pragma once

#include <functional>

#include "records/studio.h"

namespace calando {

/// Fills an empty studio with the evening class: invented students with a handful of takes each, played by
/// the stand-in, the same at every run. `progress` is told the share that is done, 0 to 1.
Studio::Result<void> fillDemoStudio(Studio& studio, const std::function<void(double)>& progress);

}  // namespace calando
