#pragma once

#include <QPainter>

#include "app/ribbon/ribbon_scale.h"

namespace calando {

/// The cues on their count, under the ribbon: name and verdict of each, rests as rests.
void paintCueStrip(QPainter& painter, const Snapshot& snapshot, const RibbonScale& scale, const QRectF& area,
                   std::optional<std::size_t> chosen);
/// "B♭4", or what the cue is where it has no note.
QString cueName(const Snapshot& snapshot, std::size_t cue);
/// "partial 6, sounds C4": more of a cue whose note is a partial of a tube; else empty.
QString cueDetail(const Snapshot& snapshot, std::size_t cue);

}  // namespace calando
