#include "app/readout/figure_groups.h"

#include "app/style/style.h"
#include "app/words/words.h"
#include "core/figures/reading.h"

namespace calando {

namespace {

constexpr int kRow = 26;
constexpr Area kAreas[] = {Area::startsAndLasts, Area::steady, Area::inTune, Area::full};

QString nameOf(Area area) {
  switch (area) {
    case Area::startsAndLasts:
      return FigureGroups::tr("starts and lasts");
    case Area::steady:
      return FigureGroups::tr("steady");
    case Area::inTune:
      return FigureGroups::tr("in tune");
    case Area::full:
      return FigureGroups::tr("full");
  }
  return {};
}

}  // namespace

FigureGroups::FigureGroups(QWidget* parent) : QWidget(parent) {
  setFocusPolicy(Qt::StrongFocus);
  setAccessibleName(tr("All figures, in groups"));
}

void FigureGroups::setReadings(const std::vector<Reading>& readings) {
  readings_ = readings;
  updateGeometry();
  update();
}

std::vector<FigureGroups::Row> FigureGroups::rows() const {
  std::vector<Row> list;
  for (const Area area : kAreas) {
    std::vector<Row> group;
    for (const Reading& r : readings_)
      if (r.figure->area == area && !saysNothing(r)) group.push_back({area, &r});
    if (group.empty()) continue;
    list.push_back({area, nullptr});
    if (open_.contains(area)) list.insert(list.end(), group.begin(), group.end());
  }
  return list;
}

QSize FigureGroups::sizeHint() const { return {300, static_cast<int>(kRow * rows().size())}; }

QString FigureGroups::standing(Area area) const {
  int inside = 0, not_ = 0;
  for (const Reading& r : readings_) {
    if (r.figure->area != area || !r.hasTarget || saysNothing(r)) continue;
    (r.verdict == Verdict::inside ? inside : not_) += 1;
  }
  if (inside + not_ == 0) return tr("no target");
  return not_ == 0 ? tr("%n inside", nullptr, inside) : tr("%1 of %2 inside").arg(inside).arg(inside + not_);
}

void FigureGroups::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  QRectF row(0, 0, width(), kRow);
  for (const Row& r : rows()) {
    painter.setPen(QPen(style::rule, 1));
    painter.drawLine(row.bottomLeft(), row.bottomRight());
    painter.setFont(style::work(style::kType));
    if (!r.reading) {
      style::paintTriangle(painter, QRectF(2, row.center().y() - 5, 10, 10), open_.contains(r.area));
      painter.setPen(style::ink);
      painter.drawText(row.adjusted(20, 0, 0, 0), Qt::AlignVCenter, nameOf(r.area));
      painter.setPen(style::quietInk);
      painter.drawText(row.adjusted(0, 0, -4, 0), Qt::AlignVCenter | Qt::AlignRight, standing(r.area));
      if (hasFocus() && r.area == current_) {
        painter.setPen(QPen(style::pitch, 1.4));
        painter.drawRect(row.adjusted(1, 1, -1, -2));
      }
    } else {
      style::paintVerdict(painter, QRectF(20, row.center().y() - 5, 10, 10), r.reading->verdict);
      painter.setPen(style::ink);
      painter.drawText(row.adjusted(38, 0, 0, 0), Qt::AlignVCenter, words::label(*r.reading->figure));
      painter.drawText(row.adjusted(0, 0, -84, 0), Qt::AlignVCenter | Qt::AlignRight,
                       words::value(*r.reading));
      painter.setFont(style::work(style::kSmallType));
      painter.setPen(style::quietInk);
      painter.drawText(row.adjusted(0, 0, -4, 0), Qt::AlignVCenter | Qt::AlignRight, targetText(*r.reading));
    }
    row.translate(0, kRow);
  }
}

void FigureGroups::toggle(Area area) {
  if (!open_.erase(area)) open_.insert(area);
  current_ = area;
  updateGeometry();
  update();
}

void FigureGroups::mousePressEvent(QMouseEvent* event) {
  const auto list = rows();
  const auto row = static_cast<std::size_t>(std::max(0.0, event->position().y() / kRow));
  if (row < list.size() && !list[row].reading) toggle(list[row].area);
}

void FigureGroups::keyPressEvent(QKeyEvent* event) {
  const int by = event->key() == Qt::Key_Down ? 1 : event->key() == Qt::Key_Up ? -1 : 0;
  if (event->key() == Qt::Key_Return) return toggle(current_);
  if (by == 0) return QWidget::keyPressEvent(event);
  current_ = static_cast<Area>(
      std::clamp(static_cast<int>(current_) + by, 0, static_cast<int>(std::size(kAreas)) - 1));
  update();
}

bool FigureGroups::event(QEvent* event) {
  if (event->type() != QEvent::ToolTip) return QWidget::event(event);
  const auto* help = static_cast<QHelpEvent*>(event);
  const auto list = rows();
  const auto row = static_cast<std::size_t>(std::max(0, help->pos().y() / kRow));
  if (row < list.size() && list[row].reading)
    QToolTip::showText(help->globalPos(), words::help(*list[row].reading->figure), this);
  return true;
}

}  // namespace calando
