#pragma once

#include <QString>
#include <vector>

#include "core/engine/snapshot_ptr.h"

namespace calando {

/// Writes a take to a file; its ending says as what: wav, flac, json, csv, png or svg. Returns a line for
/// people when that fails, and nothing when it worked.
QString exportTake(const QString& file, const Snapshot& snapshot, const std::vector<float>& samples,
                   double rate_hz);

}  // namespace calando
