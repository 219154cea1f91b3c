#pragma once

#include "records/values/studio_fault.h"

namespace calando {

struct StudioFolder;

/// One of the tables of a studio's list. It is a part of its Studio and lives as long. What it cannot do is
/// said in whole sentences; a studio that is only looked at refuses every change. Threads: those of its
/// studio.
class Table {
 public:
  explicit Table(StudioFolder& folder) : data_(&folder) {}

 protected:
  StudioFolder* data_;
};

}  // namespace calando
