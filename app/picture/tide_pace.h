#pragma once

#include <QCoreApplication>
#include <QPainter>

#include "core/engine/snapshot_ptr.h"

namespace calando {

/// What the tide says, for a translator.
struct Tide {
  Q_DECLARE_TR_FUNCTIONS(Tide)
};

/// What to breathe with, for eyes three metres away: a basin that fills and empties with the count, the count
/// in it, and what to do; of movements, what to do and how long still. `place`: the room there is.
void paintPace(QPainter& painter, const Snapshot& take, const QRectF& place);

/// The movements of a take that is over: those that were come to, and the rest.
void paintMoves(QPainter& painter, const Snapshot& take, const QRectF& area, bool small);

}  // namespace calando
