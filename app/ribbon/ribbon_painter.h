#pragma once

#include <QPainter>

#include "app/ribbon/ribbon_scale.h"

namespace calando {

struct Reading;

/// The ribbon's own drawing, for the big view, the shelf's thumbnails and the exported pictures alike.

/// The band of pitch itself: thickness is loudness, density of the ink is how far the tone stands over its
/// noise.
void paintRibbon(QPainter& painter, const Snapshot& snapshot, const RibbonScale& scale);
/// Target band, cents axis, seconds.
void paintRibbonGround(QPainter& painter, const Snapshot& snapshot, const RibbonScale& scale);
/// The target band's limits in figures, over the ribbon.
void paintTargetLimits(QPainter& painter, const Snapshot& snapshot, const RibbonScale& scale);
/// What happened where: scoop, breaks, slips, vibrato, sag.
void paintRibbonEvents(QPainter& painter, const Snapshot& snapshot, const RibbonScale& scale);
/// A lane for level or tone colour under the ribbon.
enum class Lane { level, colour };
void paintLane(QPainter& painter, const Snapshot& snapshot, const RibbonScale& scale, const QRectF& area,
               Lane lane);

/// The seconds under the lanes, none of them beyond `right`.
void paintSeconds(QPainter& painter, const RibbonScale& scale, double top, double right);

/// The figure that the take is read for; nullptr: it is not.
const Reading* readingOf(const Snapshot& snapshot, const char* id);

inline constexpr double kAxisWidth = 46.0;  // left of the ribbon and its lanes

}  // namespace calando
