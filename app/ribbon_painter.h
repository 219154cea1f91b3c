#pragma once

#include <QPainter>

#include "app/ribbon_scale.h"

namespace calando {

/// The ribbon's own drawing, for the big view, the shelf's thumbnails and the exported pictures alike.

/// The band of pitch itself: thickness is loudness, density of the ink is how far the tone stands over its
/// noise.
void paintRibbon(QPainter& painter, const TakePicture& picture, const RibbonScale& scale);
/// Target band, cents axis, seconds.
void paintRibbonGround(QPainter& painter, const TakePicture& picture, const RibbonScale& scale);
/// The target band's limits in figures, over the ribbon.
void paintTargetLimits(QPainter& painter, const TakePicture& picture, const RibbonScale& scale);
/// What happened where: scoop, breaks, slips, vibrato, sag.
void paintRibbonEvents(QPainter& painter, const TakePicture& picture, const RibbonScale& scale);
/// A lane for level or tone colour under the ribbon.
enum class Lane { level, colour };
void paintLane(QPainter& painter, const TakePicture& picture, const RibbonScale& scale, const QRectF& area,
               Lane lane);

/// The part of `area` that the strip gets in paintTake(); empty without cues.
QRectF stripArea(const TakePicture& picture, const QRectF& area);

/// Ground, ribbon, events and both lanes in one picture of a given size.
void paintTake(QPainter& painter, const TakePicture& picture, const QRectF& area, double from_s, double to_s,
               std::optional<std::size_t> chosenCue = {});
/// The part of `area` that the ribbon itself gets in paintTake().
QRectF ribbonArea(const TakePicture& picture, const QRectF& area);

inline constexpr QSize kThumbnail(168, 56);  // of a take in the shelf
QImage thumbnail(const TakePicture& picture, const QSize& size, double ratio);

/// "+14", "−3.2": a figure with a true minus sign.
QString signedFigure(double value, int decimals = 0, bool plus = true);

}  // namespace calando
