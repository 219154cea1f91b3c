#pragma once

#include <optional>

#include "records/studio.h"

namespace calando {

/// A take as its student's history has it. `summary` nullptr: it is not measured yet.
PastTake pastOf(const Take& take, const StoredSummary* summary);

}  // namespace calando
