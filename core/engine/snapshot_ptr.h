#pragma once

#include <memory>

namespace calando {

struct Snapshot;
using SnapshotPtr = std::shared_ptr<const Snapshot>;

}  // namespace calando
