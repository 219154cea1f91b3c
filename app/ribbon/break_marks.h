#pragma once

#include "app/ribbon/labels.h"
#include "app/ribbon/ribbon_scale.h"
#include "core/engine/snapshot_ptr.h"

namespace calando {

/// Breaks and flips at their places. A few are named one by one; many have a tick each and one line of words
/// for all.
void nameBreaks(QPainter& painter, Labels& labels, const Snapshot& take, const RibbonScale& scale);
void nameFlips(QPainter& painter, Labels& labels, const Snapshot& take, const RibbonScale& scale);

}  // namespace calando
