#include "app/review/compare_picture.h"

#include <QPainter>

#include "app/picture/gallery.h"
#include "app/ribbon/cue_strip.h"
#include "app/ribbon/picture.h"
#include "app/style/style.h"
#include "app/words/words.h"
#include "core/engine/comparison.h"
#include "core/engine/snapshot.h"
#include "core/figures/figure_input.h"
#include "core/measure/edges/sounds.h"
#include "core/signal/frames.h"

namespace calando {

namespace {

constexpr double kStripHeight = 120.0;
constexpr int kNumber = 96;

/// The takes' lines in the strip: apart by colour and by dash.
QPen penOf(std::size_t i) {
  static const QColor colours[] = {style::pitch,     style::loudness, style::colour,
                                   style::attention, style::air,      style::quietInk};
  static constexpr Qt::PenStyle dashes[] = {Qt::SolidLine,   Qt::DashLine,       Qt::DotLine,
                                            Qt::DashDotLine, Qt::DashDotDotLine, Qt::SolidLine};
  return QPen(colours[i % 6], 2.0, dashes[i % 6]);
}

void paintName(QPainter& painter, const QRectF& area, const QString& name) {
  painter.setFont(style::work(style::kSmallType, true));
  const QRectF box(area.left() + 2, area.top() + 2, painter.fontMetrics().horizontalAdvance(name) + 8, 16);
  painter.fillRect(box, style::cleared);
  painter.setPen(style::ink);
  painter.drawText(box, Qt::AlignCenter, name);
}

/// The stretches' left edges and the notes they are for.
void paintNotes(QPainter& painter, const QRectF& area, const Snapshot& take,
                const std::vector<Span>& stretches) {
  double all = 0.0;
  for (const Span& stretch : stretches) all += stretch.end_s - stretch.start_s;
  painter.setFont(style::serif(style::kStrongType));
  double left = area.left();
  const std::vector<std::size_t> cues = heardCues(take);
  for (std::size_t s = 0; s < stretches.size(); ++s) {
    const double width = area.width() * (stretches[s].end_s - stretches[s].start_s) / all;
    if (s > 0) painter.fillRect(QRectF(left, area.top(), 1, area.height()), style::rule);
    painter.setPen(style::ink);
    painter.drawText(QRectF(left, area.top(), width, area.height() - 2), Qt::AlignBottom | Qt::AlignHCenter,
                     cueName(take, cues[s]));
    left += width;
  }
}

}  // namespace

ComparePicture::ComparePicture(std::vector<Row> rows, Shown shown) : rows_(std::move(rows)), shown_(shown) {
  setMinimumSize(480, 420);
  setAccessibleName(tr("Pictures of the takes, and their harmonics"));
}

void ComparePicture::setShown(Shown shown) {
  shown_ = shown;
  update();
}

void ComparePicture::setByCue(bool on) {
  byCue_ = on;
  update();
}

void ComparePicture::setHeard(std::optional<std::size_t> row) {
  heard_ = row;
  update();
}

void ComparePicture::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.fillRect(rect(), style::paper);
  if (shown_ == Shown::nothing) return paintVeiled(painter);
  std::vector<SnapshotPtr> pictures;
  for (const Row& row : rows_) pictures.push_back(row.snapshot);
  const auto stretches = alignedStretches(pictures, byCue_);
  const double each = (height() - kStripHeight - 24.0) / static_cast<double>(pictures.size());
  const double width = this->width() - kRowCaptions.left() - kRowCaptions.right();
  for (std::size_t i = 0; i < pictures.size(); ++i) {
    const QRectF area(kRowCaptions.left(), kRowCaptions.top() + static_cast<double>(i) * each, width,
                      each - kRowCaptions.top() - kRowCaptions.bottom());
    pictureFor(*pictures[i]).paintRow(painter, *pictures[i], area, stretches[i]);
    if (byCue_) paintNotes(painter, area, *pictures[i], stretches[i]);
    paintName(painter, area,
              rows_[i].letter + (shown_ == Shown::named ? QStringLiteral("   ") + rows_[i].name : QString()));
  }
  paintColours(painter, QRectF(kRowCaptions.left(), height() - kStripHeight, width, kStripHeight - 22));
}

/// The number of the one that is heard, large.
void ComparePicture::paintVeiled(QPainter& painter) const {
  const QRectF words(0, 0.62 * height(), width(), 0.3 * height());
  painter.setPen(style::quietInk);
  painter.setFont(style::serif(style::kFigureType));
  painter.drawText(words, Qt::AlignHCenter | Qt::TextWordWrap,
                   tr("Listen first. Choose the one that you would keep;\nthen the pictures come."));
  if (!heard_) return;
  painter.setPen(style::pitch);
  painter.setFont(style::work(kNumber));
  painter.drawText(QRectF(0, 0, width(), words.top()), Qt::AlignCenter, rows_[*heard_].letter);
}

/// Levels of the partials of each main note, the strongest at the top.
void ComparePicture::paintColours(QPainter& painter, const QRectF& area) const {
  painter.fillRect(area, style::sheet);
  painter.setFont(style::work(style::kSmallType));
  const auto x = [&](std::size_t k) {
    return area.left() + (static_cast<double>(k) + 0.5) / kMostPartials * area.width();
  };
  const auto y = [&](double db) { return area.top() + 6 - std::max(-60.0, db) / 60.0 * (area.height() - 8); };
  painter.setPen(style::quietInk);
  for (const double mark : {-20.0, -40.0}) {
    painter.drawText(QRectF(0, y(mark) - 8, kRowCaptions.left() - 6, 16), Qt::AlignRight | Qt::AlignVCenter,
                     words::number(mark));
    painter.fillRect(QRectF(area.left(), y(mark), area.width(), 1), style::rule);
  }
  for (std::size_t k = 0; k < kMostPartials; k += k == 0 ? 4 : 5)
    painter.drawText(QRectF(x(k) - 20, area.bottom() + 2, 40, 14), Qt::AlignCenter, QString::number(k + 1));
  painter.drawText(QRectF(area.right() - 330, area.top() + 1, 326, 14), Qt::AlignRight,
                   tr("partials, dB under the strongest"));
  painter.setRenderHint(QPainter::Antialiasing);
  for (std::size_t i = 0; i < rows_.size(); ++i) {
    const Note* note = rows_[i].snapshot->analysis.mainNote();
    if (!note) continue;
    QPolygonF line;
    for (std::size_t k = 0; k < note->harmonics_db.size(); ++k)
      if (note->harmonics_db[k]) line << QPointF(x(k), y(*note->harmonics_db[k]));
    painter.setPen(penOf(i));
    painter.drawPolyline(line);
    paintKey(painter, area, i);
  }
  painter.setRenderHint(QPainter::Antialiasing, false);
}

/// Which line is whose, where the lines are not: they fall to the right.
void ComparePicture::paintKey(QPainter& painter, const QRectF& area, std::size_t i) const {
  constexpr double each = 44.0;
  const double left = area.right() - each * static_cast<double>(rows_.size() - i);
  const double y = area.top() + 24;
  painter.drawLine(QPointF(left, y), QPointF(left + 22, y));
  painter.setFont(style::work(style::kSmallType, true));
  painter.drawText(QRectF(left + 26, y - 8, 16, 16), Qt::AlignVCenter | Qt::AlignLeft, rows_[i].letter);
}

}  // namespace calando
