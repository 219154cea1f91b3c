#include "app/charts/course_chart.h"

#include <QHelpEvent>
#include <QPainter>
#include <QPainterPath>
#include <QToolTip>

#include "app/ribbon/ribbon_scale.h"
#include "app/style/style.h"
#include "app/words/days.h"
#include "app/words/plan_words.h"
#include "app/words/words.h"

namespace calando {

namespace {

constexpr double kLeft = 46.0, kRight = 14.0, kTop = 12.0, kFoot = 40.0, kDot = 3.5, kNear = 8.0;
constexpr int kTicks = 4;
constexpr double kLeastUnits = 20.0;  // of what is written of a figure
constexpr std::chrono::days kWeek{7};

}  // namespace

CourseChart::CourseChart() {
  setObjectName("course");
  setMouseTracking(true);
}

void CourseChart::setCourse(const Figure& figure, Course course, std::vector<Asked> asked,
                            std::vector<Remark> remarks, std::set<Day> lessons) {
  figure_ = &figure;
  course_ = std::move(course);
  asked_ = std::move(asked);
  remarks_ = std::move(remarks);
  lessons_ = std::move(lessons);
  const auto [least, most] = range();
  step_ = axisStep(most - least, kTicks);
  low_ = std::floor(least / step_) * step_;
  high_ = std::max(std::ceil(most / step_) * step_, low_ + step_);
  setAccessibleName(tr("%1 by week").arg(words::titled(figure)));
  QStringList spoken;
  for (const CourseWeek& week : course_.weeks)
    if (week.middle) spoken << words::number(*week.middle, figure.print);
  setAccessibleDescription(spoken.join(", "));
  update();
}

/// Of all that is drawn.
std::pair<double, double> CourseChart::range() const {
  double least = std::numeric_limits<double>::max(), most = std::numeric_limits<double>::lowest();
  const auto cover = [&](double value) {
    least = std::min(least, value);
    most = std::max(most, value);
  };
  for (const CourseWeek& week : course_.weeks)
    if (week.middle)
      for (const double side : {-1.0, 1.0}) cover(*week.middle + side * course_.repeat.value_or(0.0));
  for (const Asked& asked : asked_)
    for (const auto& bound : {asked.low, asked.high})
      if (bound) cover(*bound);
  if (least > most) return {0.0, 1.0};
  // What hardly differs is not blown up.
  const double wanting =
      std::max(figure_->chart.leastSpan, kLeastUnits * figure_->print.step()) - (most - least);
  return wanting > 0.0 ? std::pair(least - 0.5 * wanting, most + 0.5 * wanting) : std::pair(least, most);
}

QRectF CourseChart::plot() const { return QRectF(rect()).adjusted(kLeft, kTop, -kRight, -kFoot); }

double CourseChart::x(Day day) const {
  const QRectF area = plot();
  if (course_.weeks.empty()) return area.left();
  const double all = 7.0 * static_cast<double>(course_.weeks.size());
  return area.left() + area.width() * static_cast<double>((day - course_.weeks.front().monday).count()) / all;
}

double CourseChart::y(double value) const {
  const QRectF area = plot();
  return area.bottom() - area.height() * (value - low_) / (high_ - low_);
}

void CourseChart::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  painter.fillRect(rect(), style::sheet);
  if (!figure_ || course_.takes == 0) {
    painter.setPen(style::quietInk);
    painter.setFont(style::work(style::kType));
    painter.drawText(rect().adjusted(12, 12, -12, -12), Qt::AlignCenter | Qt::TextWordWrap,
                     tr("No take has this figure yet. Choose another figure, or another exercise."));
    return;
  }
  paintAxes(painter);
  painter.setClipRect(plot().adjusted(-6, -6, 6, 6));
  paintLine(painter);
  paintAsked(painter);
  painter.setClipping(false);
  paintDays(painter);
}

void CourseChart::paintAxes(QPainter& painter) const {
  const QRectF area = plot();
  painter.setFont(style::work(style::kType));
  const double times = figure_->print.times;
  const int decimals = std::max(0, static_cast<int>(-std::floor(std::log10(step_ * times) + 1e-9)));
  for (double value = low_; value <= high_ + 1e-9 * step_; value += step_) {
    painter.setPen(QPen(style::rule, 1.0));
    painter.drawLine(QPointF(area.left(), y(value)), QPointF(area.right(), y(value)));
    painter.setPen(style::quietInk);
    painter.drawText(QRectF(0, y(value) - 10, kLeft - 6, 20), Qt::AlignRight | Qt::AlignVCenter,
                     words::number(value * times, decimals, figure_->print.sign));
  }
  const double names = painter.fontMetrics().horizontalAdvance("88 Mmm") + 10.0;
  double free = area.left() - 10.0;
  for (const CourseWeek& week : course_.weeks) {
    const double at = x(week.monday);
    if (at < free || at + names > width()) continue;
    painter.drawText(QRectF(at, area.bottom() + 18, names, 20), Qt::AlignLeft | Qt::AlignVCenter,
                     QLocale().toString(dateOf(week.monday), tr("d MMM", "the first day of a week")));
    free = at + names;
  }
}

void CourseChart::paintAsked(QPainter& painter) const {
  painter.setPen(QPen(style::ink, 1.4));
  for (const auto bound : {&Asked::low, &Asked::high}) {
    QPainterPath path;
    const Asked* before = nullptr;
    for (const Asked& asked : asked_) {
      if (const auto& value = asked.*bound) {
        const QPointF from(x(asked.monday), y(*value));
        if (before)
          path.lineTo(from.x(), path.currentPosition().y()), path.lineTo(from);
        else
          path.moveTo(from);
        path.lineTo(x(asked.monday + kWeek), y(*value));
      }
      before = asked.*bound ? &asked : nullptr;
    }
    if (path.isEmpty()) continue;
    painter.setBrush(Qt::NoBrush);
    painter.drawPath(path);
    painter.setFont(style::work(style::kSmallType));
    const QPointF end = path.currentPosition();
    painter.drawText(QRectF(end.x() - 160, end.y() + (bound == &Asked::low ? 1 : -17), 158, 16),
                     Qt::AlignRight,
                     bound == &Asked::low ? tr("asked for, at least") : tr("asked for, at most"));
  }
}

void CourseChart::paintLine(QPainter& painter) const {
  const auto at = [&](const CourseWeek& week) {
    return QPointF(0.5 * (x(week.monday) + x(week.monday + kWeek)), y(*week.middle));
  };
  std::vector<const CourseWeek*> known;
  for (const CourseWeek& week : course_.weeks)
    if (week.middle) known.push_back(&week);
  if (course_.repeat) {
    QPolygonF band;
    const double half = std::abs(y(*course_.repeat) - y(0.0));
    for (const CourseWeek* week : known) band << at(*week) - QPointF(0, half);
    for (auto week = known.rbegin(); week != known.rend(); ++week) band << at(**week) + QPointF(0, half);
    painter.setPen(Qt::NoPen);
    painter.setBrush(style::band);
    painter.drawPolygon(band);
  }
  painter.setPen(QPen(style::pitch, 2.2));
  for (std::size_t i = 1; i < known.size(); ++i) painter.drawLine(at(*known[i - 1]), at(*known[i]));
  painter.setBrush(style::pitch);
  painter.setPen(Qt::NoPen);
  for (const CourseWeek* week : known) painter.drawEllipse(at(*week), kDot, kDot);
}

/// Where a day has its middle; nullopt: outside.
std::optional<double> CourseChart::middleOf(Day day) const {
  const double at = x(day) + 0.5 * plot().width() / (7.0 * static_cast<double>(course_.weeks.size()));
  return at < plot().left() || at > plot().right() ? std::nullopt : std::optional(at);
}

/// Lessons as strokes through the axis, days with a remark as wedges; their words are under the pointer.
void CourseChart::paintDays(QPainter& painter) const {
  painter.setPen(QPen(style::quietInk, 1.6));
  for (const Day lesson : lessons_)
    if (const auto at = middleOf(lesson))
      painter.drawLine(QPointF(*at, plot().bottom() - 4.0), QPointF(*at, plot().bottom() + 4.0));
  painter.setPen(Qt::NoPen);
  painter.setBrush(style::attention);
  for (const Remark& remark : remarks_) {
    const auto at = middleOf(remark.day);
    if (!at) continue;
    const double top = plot().bottom() + 5.0;
    painter.drawPolygon(QPolygonF{{*at, top}, {*at + 4.5, top + 8.0}, {*at - 4.5, top + 8.0}});
  }
}

bool CourseChart::event(QEvent* event) {
  if (event->type() != QEvent::ToolTip || course_.weeks.empty()) return QWidget::event(event);
  const auto* help = static_cast<QHelpEvent*>(event);
  const QPointF at = help->pos();
  QStringList text;
  for (const Day lesson : lessons_)
    if (at.y() > plot().bottom() - kNear && std::abs(x(lesson) - at.x()) < kNear)
      text << tr("%1: lesson", "day").arg(words::day(lesson));
  for (const Remark& remark : remarks_)
    if (at.y() > plot().bottom() && std::abs(x(remark.day) - at.x()) < kNear)
      text << QStringLiteral("%1: %2").arg(words::day(remark.day), remark.text);
  for (const CourseWeek& week : course_.weeks) {
    if (at.y() > plot().bottom() || at.x() < x(week.monday) || at.x() >= x(week.monday + kWeek) ||
        !week.middle)
      continue;
    text << tr("Week of %1: %2 in the middle, from %3 to %4; takes: %n", nullptr, week.takes)
                .arg(words::day(week.monday), words::number(*week.middle, figure_->print),
                     words::number(week.least, figure_->print), words::number(week.most, figure_->print));
  }
  QToolTip::showText(help->globalPos(), text.join('\n'), this);
  return true;
}

}  // namespace calando
