#include <QCoreApplication>

#include "app/picture/cue_strip.h"
#include "app/picture/long_line.h"
#include "app/picture/ribbon_painter.h"
#include "app/style/style.h"
#include "app/words/note_names.h"
#include "app/words/words.h"
#include "core/exercise/cue_sheet.h"
#include "core/judging/cue_figures.h"
#include "core/judging/judging.h"
#include "core/measure/notes.h"

namespace calando {

namespace {

constexpr double kLeastPeak_dbfs = -25.0;  // before anything has sounded

QString say(const char* text) { return QCoreApplication::translate("Ribbon", text); }

/// The level that the cues ask for, as a broad quiet line whose top lies at the loudest moment.
template <class Y>
void paintAskedLevels(QPainter& painter, const Snapshot& picture, const RibbonScale& scale,
                      const QRectF& area, Y y) {
  painter.save();
  painter.setClipRect(area);
  painter.setPen(linePen(style::band, 9));
  const double top = std::max(scale.loudest_dbfs, kLeastPeak_dbfs);
  for (std::size_t i = 0; i < picture.sheet.cues.size(); ++i) {
    const SheetCue& cue = picture.sheet.cues[i];
    if (cue.loudness.empty()) continue;
    const bool done = !picture.live && i < picture.analysis.cues.size();
    const double from = done ? picture.analysis.cues[i].start_s : picture.sheetStart_s + cue.start_s;
    const double to = done ? picture.analysis.cues[i].end_s : picture.sheetStart_s + cue.end_s();
    QPolygonF line;
    for (const ShapePoint& p : cue.loudness)
      line << QPointF(scale.x(from + p.share * (to - from)), y(top + p.value));
    painter.drawPolyline(line);
  }
  painter.restore();
}

}  // namespace

void paintLane(QPainter& painter, const Snapshot& picture, const RibbonScale& scale, const QRectF& area,
               Lane lane) {
  painter.save();
  painter.fillRect(area, style::sheet);
  painter.setPen(QPen(style::rule, 1));
  painter.drawLine(area.topLeft(), area.topRight());
  const bool level = lane == Lane::level;
  const double top = level ? 0.0 : 45.0;
  const double bottom = level ? -60.0 : 0.0;
  const auto y = [&](double v) {
    return area.bottom() - 3 - (std::clamp(v, bottom, top) - bottom) / (top - bottom) * (area.height() - 8);
  };
  painter.setFont(style::work(style::kSmallType));
  for (const double mark : level ? std::vector<double>{-20, -40} : std::vector<double>{15, 30}) {
    painter.setPen(QPen(style::rule, 0.8));
    painter.drawLine(QPointF(area.left(), y(mark)), QPointF(area.right(), y(mark)));
    painter.setPen(style::quietInk);
    painter.drawText(QRectF(area.left() - kAxisWidth, y(mark) - 8, kAxisWidth - 6, 16),
                     Qt::AlignRight | Qt::AlignVCenter, words::number(mark, 0, false));
  }
  painter.setRenderHint(QPainter::Antialiasing);
  if (level) paintAskedLevels(painter, picture, scale, area, y);
  painter.setPen(linePen(level ? style::loudness : style::colour, 2.0));
  QPolygonF line;
  const auto& frames = picture.tracks.frames;
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
        x, y(level ? f.level_dbfs : picture.tracks.colours[static_cast<std::size_t>(f.colour)].hnr_db));
  }
  drawLong(painter, line);
  const QString name = level ? say("level, dBFS") : say("core over noise, dB");
  painter.setFont(style::work(style::kSmallType, true));
  painter.setPen(level ? style::loudness : style::colour);
  const double width = painter.fontMetrics().horizontalAdvance(name) + 4.0;
  const QRectF text(area.right() - width - 6, area.top() + 3, width, 15);
  painter.fillRect(text, style::sheet);
  painter.drawText(text, Qt::AlignRight, name);
  painter.restore();
}

void paintSeconds(QPainter& painter, const RibbonScale& scale, double top, double right) {
  painter.setFont(style::work(style::kSmallType));
  painter.setPen(style::quietInk);
  const double step = axisStep(scale.to_s - scale.from_s, 10);
  for (double t = std::ceil(scale.from_s / step) * step; t <= scale.to_s; t += step) {
    const QString text = words::number(t, step < 1.0 ? 1 : 0, false) + say(" s");
    const double width = painter.fontMetrics().horizontalAdvance(text) + 2.0;
    const double left = std::min(scale.x(t) - width / 2.0, right - width);
    painter.drawText(QRectF(left, top, width, 16), Qt::AlignCenter, text);
  }
}

}  // namespace calando
