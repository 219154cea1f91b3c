#include "app/charts/reach_chart.h"

#include <QHelpEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>

#include "app/style/style.h"
#include "app/words/note_names.h"
#include "app/words/words.h"

namespace calando {

namespace {
constexpr double kReachLeft = 38.0, kReachTop = 20.0, kReachFoot = 78.0, kReachRight = 4.0;
constexpr double kDarkest_s = 8.0;
constexpr float kFaintest = 0.25f;
constexpr int kFewestNotes = 8, kFewestLevels_db = 24;
constexpr double kNoteWidth = 30.0;  // of a name under the axis
}  // namespace

ReachChart::ReachChart(QWidget* parent) : QWidget(parent) { setMouseTracking(true); }

void ReachChart::setReach(ReachCourse reach, const Instrument* instrument,
                          std::function<QString(std::int64_t)> dateOf) {
  reach_ = std::move(reach);
  instrument_ = instrument;
  dateOf_ = std::move(dateOf);
  lowest_db_ = 0;
  highest_db_ = -200;
  for (const auto& [place, cell] : reach_.now.cells()) {
    lowest_db_ = std::min(lowest_db_, place.second);
    highest_db_ = std::max(highest_db_, place.second + kReachStep_db);
  }
  highest_db_ = std::max(highest_db_, lowest_db_ + kFewestLevels_db);
  setAccessibleName(tr("Reach: notes held steadily, by pitch and loudness"));
  setAccessibleDescription(holeText());
  update();
}

QRectF ReachChart::plot() const {
  return QRectF(rect()).adjusted(kReachLeft, kReachTop, -kReachRight, -kReachFoot);
}

QRectF ReachChart::box(const ReachMap::Place& place) const {
  const QRectF area = plot();
  const int notes = std::max(kFewestNotes, reach_.now.highest() - reach_.now.lowest() + 1);
  const double width = area.width() / notes;
  const double height = area.height() * kReachStep_db / (highest_db_ - lowest_db_);
  const double bottom =
      area.bottom() - area.height() * (place.second - lowest_db_) / (highest_db_ - lowest_db_);
  return {area.left() + width * (place.first - reach_.now.lowest()), bottom - height, width, height};
}

QString ReachChart::noteOf(int sounding) const {
  return shownNote(instrument_ ? instrument_->writtenOf(sounding) : sounding,
                   instrument_ ? instrument_->spelling : Spelling::flats);
}

QString ReachChart::holeText() const {
  const auto hole = holeOf(reach_.now);
  if (!hole) return {};
  const QString by = words::number(hole->louder_db, 0, false);
  return hole->high
             ? tr("From %1 up only loud: %2 dB over the softest in the middle.").arg(noteOf(hole->from), by)
             : tr("From %1 down only loud: %2 dB over the softest in the middle.")
                   .arg(noteOf(hole->from), by);
}

QString ReachChart::footText() const {
  QStringList all;
  if (const QString hole = holeText(); !hole.isEmpty()) all << hole;
  all << tr("Lines: softest and loudest of each note; dotted a month ago.");
  if (reach_.elsewhere > 0)
    all << tr("%n takes are not in it: the microphone stood elsewhere.", nullptr,
              static_cast<int>(reach_.elsewhere));
  return all.join(' ');
}

void ReachChart::paintLine(QPainter& painter, const ReachMap& map, bool softest, Qt::PenStyle pen) const {
  painter.setPen(QPen(softest ? style::colour : style::loudness, 1.8, pen));
  QPolygonF line;
  for (int note = reach_.now.lowest(); note <= reach_.now.highest(); ++note) {
    const auto level = softest ? map.softest(note) : map.loudest(note);
    if (level) {
      const QRectF cell = box({note, *level});
      const double y = softest ? cell.bottom() : cell.top();
      line << QPointF(cell.left(), y) << QPointF(cell.right(), y);
      continue;
    }
    painter.drawPolyline(line);
    line.clear();
  }
  painter.drawPolyline(line);
}

void ReachChart::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setFont(style::work(style::kType));
  painter.setPen(style::quietInk);
  if (reach_.now.empty()) {
    painter.drawText(rect(), Qt::AlignHCenter | Qt::AlignTop | Qt::TextWordWrap,
                     tr("Nothing was held steadily for half a second yet."));
    return;
  }
  const QRectF area = plot();
  painter.fillRect(area, style::sheet);
  painter.setFont(style::work(style::kSmallType));
  painter.drawText(QRectF(0, 0, width(), kReachTop), Qt::AlignLeft,
                   tr("loudness, as this microphone hears it"));
  for (int level = lowest_db_ - lowest_db_ % 12; level <= highest_db_; level += 12) {
    if (level < lowest_db_) continue;
    const double y = area.bottom() - area.height() * (level - lowest_db_) / (highest_db_ - lowest_db_);
    painter.setPen(QPen(style::rule, 0.8));
    painter.drawLine(QPointF(area.left(), y), QPointF(area.right(), y));
    painter.setPen(style::quietInk);
    painter.drawText(QRectF(0, y - 8, kReachLeft - 5, 16), Qt::AlignRight | Qt::AlignVCenter,
                     words::number(level));
  }
  for (const auto& [place, cell] : reach_.now.cells()) {
    QColor ink = style::pitch;
    const double dark = std::min(1.0, cell.seconds / kDarkest_s);
    ink.setAlphaF(kFaintest + (1.0f - kFaintest) * static_cast<float>(dark));
    painter.fillRect(box(place).adjusted(0.5, 0.5, -0.5, -0.5), ink);
  }
  for (const bool softest : {true, false}) {
    paintLine(painter, reach_.then, softest, Qt::DotLine);
    paintLine(painter, reach_.now, softest, Qt::SolidLine);
  }
  painter.setPen(style::ink);
  double free = area.left();
  for (int note = reach_.now.lowest(); note <= reach_.now.highest(); ++note) {
    const QRectF cell = box({note, lowest_db_});
    if (!reach_.now.softest(note) || cell.left() < free) continue;
    painter.drawText(QRectF(cell.center().x() - kNoteWidth / 2, area.bottom() + 2, kNoteWidth, 15),
                     Qt::AlignCenter, noteOf(note));
    free = cell.left() + kNoteWidth;
  }
  painter.setPen(style::quietInk);
  painter.drawText(QRectF(0, area.bottom() + 18, width(), kReachFoot - 18), Qt::AlignLeft | Qt::TextWordWrap,
                   footText());
}

const ReachMap::Cell* ReachChart::cellAt(const QPointF& at, ReachMap::Place* found) const {
  for (const auto& [place, cell] : reach_.now.cells())
    if (box(place).contains(at)) {
      *found = place;
      return &cell;
    }
  return nullptr;
}

void ReachChart::mousePressEvent(QMouseEvent* event) {
  ReachMap::Place place;
  if (const auto* cell = cellAt(event->position(), &place)) emit takeChosen(cell->take);
}

bool ReachChart::event(QEvent* event) {
  if (event->type() != QEvent::ToolTip) return QWidget::event(event);
  const auto* help = static_cast<QHelpEvent*>(event);
  ReachMap::Place place;
  const auto* cell = cellAt(help->pos(), &place);
  if (!cell) {
    QToolTip::hideText();
    return true;
  }
  QToolTip::showText(
      help->globalPos(),
      tr("%1, from %2 dB: %3 s, longest %4. This note has %5 dB from soft to loud.")
          .arg(noteOf(place.first), words::number(place.second), words::number(cell->seconds, 1, false),
               dateOf_(cell->take), words::number(*reach_.now.span_db(place.first), 0, false)),
      this);
  return true;
}

}  // namespace calando
