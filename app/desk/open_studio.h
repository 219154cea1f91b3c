#pragma once

#include <QString>
#include <optional>

#include "records/values/clock.h"

namespace calando {

class Studio;

/// Opens the studio in a folder. Where that cannot be, it says why and asks: another folder, the list of
/// takes made anew from the sound files where there are some, or nothing, which is nullopt.
std::optional<Studio> openStudio(QString folder, const std::shared_ptr<const Clock>& clock = Clock::system());

}  // namespace calando
