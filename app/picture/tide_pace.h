#pragma once

#include <QPainter>

#include "core/engine/snapshot_ptr.h"

namespace calando {

/// What to breathe with, for eyes three metres away: a basin that fills and empties with the count, the count
/// in it, and what to do; of movements, what to do and how long still. `place`: the room there is.
void paintPace(QPainter& painter, const Snapshot& take, const QRectF& place);

/// The movements of a take that is over: those that were come to, and the rest.
void paintMoves(QPainter& painter, const Snapshot& take, const QRectF& area, bool small);

}  // namespace calando
