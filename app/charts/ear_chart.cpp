#include "app/charts/ear_chart.h"

#include <QLocale>
#include <QPainter>
#include <cmath>

#include "app/style/style.h"
#include "app/words/days.h"
#include "app/words/ear_words.h"
#include "app/words/words.h"

namespace calando {

namespace {
constexpr double kEarLeft = 52.0, kEarRight = 12.0, kEarTop = 12.0, kEarFoot = 30.0, kEarDot = 4.0;
constexpr double kLines[] = {0.2, 0.5, 1, 2, 5, 10, 20, 50, 100, 200, 400};
}  // namespace

EarChart::EarChart() { setObjectName("earChart"); }

void EarChart::setCourse(Change change, std::vector<EarWeek> weeks) {
  change_ = change;
  weeks_ = std::move(weeks);
  setAccessibleName(EarChart::tr("Smallest difference heard by week: %1").arg(words::name(change)));
  QStringList spoken;
  for (const EarWeek& week : weeks_) spoken << words::heard(change, week.heard);
  setAccessibleDescription(spoken.join(", "));
  update();
}

void EarChart::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  painter.fillRect(rect(), style::sheet);
  painter.setFont(style::work(style::kType));
  painter.setPen(style::quietInk);
  if (weeks_.empty()) {
    painter.drawText(rect().adjusted(12, 12, -12, -12), Qt::AlignCenter | Qt::TextWordWrap,
                     tr("After eight answers a week its smallest difference heard is drawn here."));
    return;
  }
  const QRectF area = QRectF(rect()).adjusted(kEarLeft, kEarTop, -kEarRight, -kEarFoot);
  double low = 1e9, high = 0.0;
  for (const EarWeek& week : weeks_) {
    low = std::min(low, week.heard.low);
    high = std::max(high, week.heard.high);
  }
  low *= 0.8;
  high *= 1.25;
  const auto y = [&](double value) {
    return area.bottom() - area.height() * std::log(value / low) / std::log(high / low);
  };
  for (const double line : kLines) {
    if (line < low || line > high) continue;
    painter.setPen(QPen(style::rule, 1.0));
    painter.drawLine(QPointF(area.left(), y(line)), QPointF(area.right(), y(line)));
    painter.setPen(style::quietInk);
    painter.drawText(
        QRectF(0, y(line) - 10, kEarLeft - 6, 20), Qt::AlignRight | Qt::AlignVCenter,
        words::number(change_ == Change::crackle ? kNoCrackle_db + line : line, line < 1.0 ? 1 : 0, false));
  }
  const auto count = static_cast<double>(weeks_.size());
  const auto x = [&](std::size_t i) {
    return area.left() + area.width() * (static_cast<double>(i) + 0.5) / count;
  };
  double free = 0.0;
  for (std::size_t i = 0; i < weeks_.size(); ++i) {
    const HeardDifference& heard = weeks_[i].heard;
    painter.setPen(QPen(style::band.darker(115), 6.0));
    painter.drawLine(QPointF(x(i), y(heard.low)), QPointF(x(i), y(heard.high)));
    painter.setPen(QPen(style::pitch, 2.2));
    if (i > 0)
      painter.drawLine(QPointF(x(i - 1), y(weeks_[i - 1].heard.amount)), QPointF(x(i), y(heard.amount)));
    painter.setPen(style::quietInk);
    const double name = painter.fontMetrics().horizontalAdvance("88 Mmm") + 8.0;
    if (x(i) - 0.5 * name > free) {
      painter.drawText(QRectF(x(i) - 0.5 * name, area.bottom() + 6, name, 20), Qt::AlignCenter,
                       QLocale().toString(dateOf(weeks_[i].monday), tr("d MMM", "the first day of a week")));
      free = x(i) + 0.5 * name;
    }
  }
  painter.setPen(Qt::NoPen);
  painter.setBrush(style::pitch);
  for (std::size_t i = 0; i < weeks_.size(); ++i)
    painter.drawEllipse(QPointF(x(i), y(weeks_[i].heard.amount)), kEarDot, kEarDot);
}

}  // namespace calando
