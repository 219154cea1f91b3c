#pragma once

#include <QPainter>

#include "app/ribbon_scale.h"

namespace calando {

/// The cues on their count, under the ribbon: name and verdict of each, rests as rests.
void paintCueStrip(QPainter& painter, const TakePicture& picture, const RibbonScale& scale,
                   const QRectF& area, std::optional<std::size_t> chosen);
/// The cue at a place of the strip.
std::optional<std::size_t> cueAt(const TakePicture& picture, double t);
/// "B♭4", or what the cue is where it has no note.
QString cueName(const TakePicture& picture, const CueResult& cue);
QString cueName(const TakePicture& picture, const SheetCue& cue);
}  // namespace calando
