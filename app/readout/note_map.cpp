#include "app/readout/note_map.h"

#include "app/readout/chart_scale.h"
#include "app/ribbon/ribbon_painter.h"
#include "app/style/style.h"
#include "app/words/note_names.h"
#include "app/words/words.h"
#include "core/engine/snapshot.h"
#include "core/exercise/cue_sheet.h"
#include "core/figures/figure.h"
#include "core/figures/findings.h"
#include "core/figures/reading.h"

namespace calando {

namespace {

constexpr double kTitle = 15.0;  // height of a chart's title

struct Point {
  double semitone;
  double value;
};

/// By height of the note, as along a keyboard.
std::vector<Point> pointsOf(const Snapshot& snapshot, const Figure& figure) {
  std::vector<Point> points;
  for (const CueResult& cue : snapshot.analysis.cues)
    if (const auto value = figure.ofCue(cue, snapshot.analysis); cue.asked && value)
      points.push_back({static_cast<double>(*cue.asked), *value});
  std::ranges::stable_sort(points, {}, &Point::semitone);
  return points;
}

/// One figure over the notes.
void paintChart(QPainter& painter, const Snapshot& snapshot, const Figure& figure, const QRectF& area) {
  const QColor ink = style::inkOf(figure.chart.ink);
  const auto points = pointsOf(snapshot, figure);
  const double bottomNote = points.front().semitone;
  const double span = std::max(1.0, points.back().semitone - bottomNote);
  const auto& readings = snapshot.analysis.readings;
  const auto target = std::ranges::find(readings, figure.id, &Reading::id);
  const bool banded = target != readings.end() && target->hasTarget;
  std::vector<double> values;
  for (const Point& p : points) values.push_back(p.value);
  const auto [lowest, highest] = chartRange(values, banded ? target->low : std::nullopt,
                                            banded ? target->high : std::nullopt, figure.chart.leastSpan);
  const double room = 0.1 * (highest - lowest);
  const double low = lowest - room, high = highest + room;
  const auto x = [&](double semitone) {
    return area.left() + 8 + (semitone - bottomNote) / span * (area.width() - 16);
  };
  const auto y = [&](double v) { return area.bottom() - (v - low) / (high - low) * area.height(); };
  painter.fillRect(area, style::sheet);
  if (banded) {
    const double top = target->high ? y(*target->high) : area.top();
    const double bottom = target->low ? y(*target->low) : area.bottom();
    painter.fillRect(QRectF(area.left(), top, area.width(), bottom - top), style::band);
  }
  painter.setFont(style::work(style::kSmallType));
  painter.setPen(style::quietInk);
  for (const double mark : {lowest, highest})
    painter.drawText(QRectF(0, y(mark) - 6, area.left() - 4, 12), Qt::AlignRight | Qt::AlignVCenter,
                     words::number(mark, 0, false));
  painter.setRenderHint(QPainter::Antialiasing);
  QPolygonF line;
  for (const Point& p : points) line << QPointF(x(p.semitone), y(p.value));
  QColor thin = ink;
  thin.setAlpha(110);
  painter.setPen(QPen(thin, 1.2));
  painter.drawPolyline(line);
  painter.setPen(Qt::NoPen);
  painter.setBrush(ink);
  for (const QPointF& p : line) painter.drawEllipse(p, 3.2, 3.2);
  painter.setBrush(Qt::NoBrush);
  painter.setRenderHint(QPainter::Antialiasing, false);
  painter.setPen(ink);
  painter.setFont(style::work(style::kSmallType, true));
  painter.drawText(QRectF(area.left(), area.top() - kTitle, area.width(), kTitle),
                   Qt::AlignVCenter | Qt::AlignLeft, words::titled(figure));
}

}  // namespace

NoteMap::NoteMap(QWidget* parent) : QWidget(parent) {
  setAccessibleName(tr("Tuning, wander, loudness and colour of the notes along the range"));
}

void NoteMap::setSnapshot(SnapshotPtr snapshot) {
  snapshot_ = std::move(snapshot);
  update();
}

void NoteMap::paintEvent(QPaintEvent*) {
  if (!snapshot_) return;
  QPainter painter(this);
  std::vector<const Figure*> shown;
  for (const Figure& figure : figures())
    if (figure.chart.leastSpan > 0.0 && pointsOf(*snapshot_, figure).size() > 1) shown.push_back(&figure);
  if (shown.empty()) return;
  const double each = (height() - 16.0) / static_cast<double>(shown.size());
  const double left = 34.0;
  QRectF area(left, kTitle, width() - left - 8, each - kTitle - 4);
  for (const Figure* figure : shown) {
    paintChart(painter, *snapshot_, *figure, area);
    area.translate(0, each);
  }
  const auto points = pointsOf(*snapshot_, *shown.front());
  painter.setPen(style::quietInk);
  painter.setFont(style::work(style::kSmallType));
  const Spelling spelling = spellingFor(snapshot_->context);
  const auto name = [&](double semitone) { return shownNote(static_cast<int>(semitone), spelling); };
  painter.drawText(QRectF(left, height() - 15, 60, 14), Qt::AlignLeft, name(points.front().semitone));
  painter.drawText(QRectF(width() - 68, height() - 15, 60, 14), Qt::AlignRight, name(points.back().semitone));
}

}  // namespace calando
