#pragma once

#include <QPainter>

#include "app/ribbon/ribbon_scale.h"

/// What lines of many points need.
namespace calando {

inline constexpr qsizetype kPiece = 32;  ///< points of a shape that are drawn at once

/// Draws it in pieces: Qt's antialiasing takes a time that grows with the square of a shape's width.
void drawLong(QPainter& painter, const QPolygonF& line);
QPen linePen(const QColor& colour, double width);
/// Frames from one point to the next, so that there is at most one a pixel.
std::size_t strideFor(const RibbonScale& scale);

}  // namespace calando
