#pragma once

#include "core/judging/history.h"
#include "records/values/stored_summary.h"
#include "records/values/take.h"

namespace calando {

/// A take as its student's history has it. `summary` nullptr: it is not measured yet.
PastTake pastOf(const Take& take, const StoredSummary* summary);

}  // namespace calando
