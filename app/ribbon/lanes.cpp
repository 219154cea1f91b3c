
#include "app/ribbon/cue_strip.h"
#include "app/ribbon/lane.h"
#include "app/ribbon/long_line.h"
#include "app/ribbon/ribbon_painter.h"
#include "app/ribbon/ribbon_texts.h"
#include "app/style/style.h"
#include "app/words/note_names.h"
#include "app/words/words.h"
#include "core/engine/snapshot.h"
#include "core/exercise/cue_sheet.h"
#include "core/figures/cue_figures.h"
#include "core/figures/findings.h"
#include "core/judging/judging.h"
#include "core/measure/pitch/notes.h"

namespace calando {

namespace {

constexpr double kMarkWidth = 52.0;  // of the seconds under the lanes

/// The level that the cues ask for, as a broad quiet line whose top lies at the loudest moment.
template <class Y>
void paintAskedLevels(QPainter& painter, const Snapshot& snapshot, const RibbonScale& scale,
                      const QRectF& area, Y y) {
  painter.save();
  painter.setClipRect(area);
  painter.setPen(linePen(style::band, 9));
  const double top = std::max(scale.loudest_dbfs, kLeastPeak_dbfs);
  for (std::size_t i = 0; i < snapshot.sheet.cues.size(); ++i) {
    const SheetCue& cue = snapshot.sheet.cues[i];
    if (cue.loudness.empty()) continue;
    const bool done = !snapshot.live && i < snapshot.analysis.cues.size();
    const double from = done ? snapshot.analysis.cues[i].start_s : snapshot.sheetStart_s + cue.start_s;
    const double to = done ? snapshot.analysis.cues[i].end_s : snapshot.sheetStart_s + cue.end_s();
    QPolygonF line;
    for (const ShapePoint& p : cue.loudness)
      line << QPointF(scale.x(from + p.share * (to - from)), y(top + p.value));
    painter.drawPolyline(line);
  }
  painter.restore();
}

}  // namespace

double LaneRow::y(const QRectF& area, double value) const {
  return area.bottom() - 3 - (std::clamp(value, bottom, top) - bottom) / (top - bottom) * (area.height() - 8);
}

void paintLaneGround(QPainter& painter, const QRectF& area, const LaneRow& row) {
  painter.fillRect(area, style::sheet);
  painter.setPen(QPen(style::rule, 1));
  painter.drawLine(area.topLeft(), area.topRight());
  painter.setFont(style::work(style::kSmallType));
  for (const double mark : row.marks) {
    const double y = row.y(area, mark);
    painter.setPen(QPen(style::rule, 0.8));
    painter.drawLine(QPointF(area.left(), y), QPointF(area.right(), y));
    painter.setPen(style::quietInk);
    painter.drawText(QRectF(area.left() - kAxisWidth, y - 8, kAxisWidth - 6, 16),
                     Qt::AlignRight | Qt::AlignVCenter, words::number(mark, 0, false));
  }
}

void paintLaneUnit(QPainter& painter, const QRectF& area, const QString& unit) {
  painter.setFont(style::work(style::kSmallType));
  painter.setPen(style::quietInk);
  painter.drawText(QRectF(area.left() - kAxisWidth, area.top() - 18, area.width(), 14), Qt::AlignLeft, unit);
}

void paintLaneName(QPainter& painter, const QRectF& area, const LaneRow& row) {
  painter.setFont(style::work(style::kSmallType, true));
  painter.setPen(row.ink);
  const double width = painter.fontMetrics().horizontalAdvance(row.name) + 4.0;
  const QRectF text(area.right() - width - 6, area.top() + 3, width, 15);
  painter.fillRect(text, style::sheet);
  painter.drawText(text, Qt::AlignRight, row.name);
}

void paintLane(QPainter& painter, const Snapshot& snapshot, const RibbonScale& scale, const QRectF& area,
               Lane lane) {
  painter.save();
  const bool level = lane == Lane::level;
  const LaneRow row = level ? LaneRow{-60.0, 0.0, {-20, -40}, style::loudness, Ribbon::tr("loudness")}
                            : LaneRow{0.0, 45.0, {15, 30}, style::colour, Ribbon::tr("tone over air noise")};
  paintLaneGround(painter, area, row);
  const auto y = [&](double value) { return row.y(area, value); };
  painter.setRenderHint(QPainter::Antialiasing);
  if (level) paintAskedLevels(painter, snapshot, scale, area, y);
  painter.setPen(linePen(row.ink, 2.0));
  QPolygonF line;
  const auto& frames = snapshot.tracks.frames;
  painter.setClipRect(area);
  const auto first = static_cast<std::size_t>(std::max(0.0, scale.from_s / kHop_s));
  const std::size_t stride = strideFor(scale);
  double lastX = 0.0;
  for (std::size_t i = first; i < frames.size(); ++i) {
    const double t = static_cast<double>(i) * kHop_s;
    if (t > scale.to_s) break;
    const TrackFrame& f = frames[i];
    if (!level && f.colour < 0) {  // colour has frames of its own
      if (f.f0_hz > 0.0f) continue;
      drawLong(painter, line);
      line.clear();
      continue;
    }
    const double x = scale.x(t);
    if (level ? i % stride != 0 : !line.isEmpty() && x < lastX + 1.0) continue;
    lastX = x;
    line << QPointF(
        x, y(level ? f.level_dbfs : snapshot.tracks.colours[static_cast<std::size_t>(f.colour)].hnr_db));
  }
  drawLong(painter, line);
  paintLaneName(painter, area, row);
  painter.restore();
}

void paintSeconds(QPainter& painter, const RibbonScale& scale, double top, double right) {
  painter.setFont(style::work(style::kSmallType));
  painter.setPen(style::quietInk);
  const int marks = std::clamp(static_cast<int>(scale.area.width() / kMarkWidth), 2, 10);
  const double step = axisStep(scale.to_s - scale.from_s, marks);
  for (double t = std::ceil(scale.from_s / step) * step; t <= scale.to_s; t += step) {
    const QString text = words::number(t, step < 1.0 ? 1 : 0, false) + Ribbon::tr(" s");
    const double width = painter.fontMetrics().horizontalAdvance(text) + 2.0;
    const double left = std::min(scale.x(t) - width / 2.0, right - width);
    painter.drawText(QRectF(left, top, width, 16), Qt::AlignCenter, text);
  }
}

}  // namespace calando
