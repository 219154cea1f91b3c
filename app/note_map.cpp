#include "app/note_map.h"

#include "app/note_names.h"
#include "app/ribbon_painter.h"
#include "app/style.h"

namespace calando {

namespace {

constexpr double kTitle = 13.0;  // height of a chart's title

struct Chart {
  const char* title;
  const char* reading;  // whose target is the band
  std::optional<double> CueResult::*value;
  const QColor& colour;
  double leastSpan;  // smaller differences are not blown up
};
const Chart kCharts[] = {
    {QT_TRANSLATE_NOOP("NoteMap", "offset, cents"), "offset_cents", &CueResult::offset_cents, style::pitch,
     10.0},
    {QT_TRANSLATE_NOOP("NoteMap", "wander, cents"), "wander_cents", &CueResult::wander_cents, style::pitch,
     4.0},
    {QT_TRANSLATE_NOOP("NoteMap", "level, dBFS"), "", &CueResult::level_dbfs, style::loudness, 6.0},
    {QT_TRANSLATE_NOOP("NoteMap", "colour from the model, dB"), "colour_distance_db",
     &CueResult::colour_distance_db, style::colour, 3.0},
};

struct Point {
  double semitone;
  double value;
};

/// By height of the note, as along a keyboard.
std::vector<Point> pointsOf(const TakePicture& picture, const Chart& chart) {
  std::vector<Point> points;
  for (const CueResult& cue : picture.analysis.cues)
    if (cue.asked && cue.*chart.value)
      points.push_back({static_cast<double>(*cue.asked), *(cue.*chart.value)});
  std::ranges::stable_sort(points, {}, &Point::semitone);
  return points;
}

}  // namespace

NoteMap::NoteMap(QWidget* parent) : QWidget(parent) {
  setAccessibleName(tr("Offset, wander, level and colour of the notes along the range"));
}

void NoteMap::setPicture(TakePicturePtr picture) {
  picture_ = std::move(picture);
  update();
}

void NoteMap::paintEvent(QPaintEvent*) {
  if (!picture_) return;
  QPainter painter(this);
  std::vector<const Chart*> shown;
  for (const Chart& chart : kCharts)
    if (pointsOf(*picture_, chart).size() > 1) shown.push_back(&chart);
  if (shown.empty()) return;
  const double each = (height() - 16.0) / static_cast<double>(shown.size());
  const double left = 34.0;
  QRectF area(left, kTitle, width() - left - 8, each - kTitle - 4);
  for (const Chart* chart : shown) {
    const auto points = pointsOf(*picture_, *chart);
    const double bottomNote = points.front().semitone;
    const double span = std::max(1.0, points.back().semitone - bottomNote);
    const auto& readings = picture_->analysis.readings;
    const auto target = std::ranges::find(readings, chart->reading, &Reading::id);
    double low = points.front().value, high = low;
    const auto include = [&](double v) {
      low = std::min(low, v);
      high = std::max(high, v);
    };
    for (const Point& p : points) include(p.value);
    const bool banded = target != readings.end() && target->hasTarget;
    if (banded) {
      include(target->low.value_or(0.0));
      include(target->high.value_or(0.0));
    }
    if (const double wanting = chart->leastSpan - (high - low); wanting > 0.0) {
      // What cannot be below nothing keeps its axis there.
      const double below = low >= 0.0 ? std::min(low, wanting / 2.0) : wanting / 2.0;
      low -= below;
      high += wanting - below;
    }
    // What is written at the axis: whole numbers that hold all of it.
    const double lowest = std::floor(low), highest = std::ceil(high);
    const double room = 0.1 * (highest - lowest);
    low = lowest - room;
    high = highest + room;
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
    painter.setFont(style::work(8));
    painter.setPen(style::quietInk);
    for (const double mark : {lowest, highest})
      painter.drawText(QRectF(0, y(mark) - 6, left - 4, 12), Qt::AlignRight | Qt::AlignVCenter,
                       signedFigure(mark, 0, false));
    painter.setRenderHint(QPainter::Antialiasing);
    QPolygonF line;
    for (const Point& p : points) line << QPointF(x(p.semitone), y(p.value));
    QColor thin = chart->colour;
    thin.setAlpha(110);
    painter.setPen(QPen(thin, 1.2));
    painter.drawPolyline(line);
    painter.setPen(Qt::NoPen);
    painter.setBrush(chart->colour);
    for (const QPointF& p : line) painter.drawEllipse(p, 3.2, 3.2);
    painter.setBrush(Qt::NoBrush);
    painter.setRenderHint(QPainter::Antialiasing, false);
    painter.setPen(chart->colour);
    painter.setFont(style::work(8, true));
    painter.drawText(QRectF(area.left(), area.top() - kTitle, area.width(), kTitle),
                     Qt::AlignVCenter | Qt::AlignLeft, tr(chart->title));
    area.translate(0, each);
  }
  const auto points = pointsOf(*picture_, *shown.front());
  painter.setPen(style::quietInk);
  painter.setFont(style::work(8));
  const Spelling spelling = spellingFor(picture_->context);
  const auto name = [&](double semitone) { return shownNote(static_cast<int>(semitone), spelling); };
  painter.drawText(QRectF(left, height() - 15, 60, 14), Qt::AlignLeft, name(points.front().semitone));
  painter.drawText(QRectF(width() - 68, height() - 15, 60, 14), Qt::AlignRight, name(points.back().semitone));
}

}  // namespace calando
