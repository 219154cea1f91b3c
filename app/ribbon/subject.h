#pragma once

#include <QPainter>

#include "app/ribbon/ribbon_scale.h"

/// Large lanes of what an exercise is about, where that is not the pitch. Time goes as in `scale`, whose area
/// they fill.
namespace calando {

/// The level under the loudest moment, over what is asked for with the target's room; where a swell turns,
/// and breaks.
void paintLoudness(QPainter& painter, const Snapshot& take, const RibbonScale& scale);
/// How early (below) and late each note began, over the room that the target leaves.
void paintEvenness(QPainter& painter, const Snapshot& take, const RibbonScale& scale);

}  // namespace calando
