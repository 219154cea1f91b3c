#include "app/charts/weeks_chart.h"

#include <QDateTime>
#include <QLocale>
#include <QPainter>

#include "app/style/style.h"
#include "app/words/words.h"

namespace calando {

namespace {

constexpr double kDay = 58.0, kHead = 34.0, kRow = 30.0, kGap = 10.0, kBar = 9.0;

}  // namespace

WeeksChart::WeeksChart(QWidget* parent) : QWidget(parent) {}

void WeeksChart::setWeeks(std::vector<Week> weeks, std::vector<WeekColumn> columns, const QString& none) {
  weeks_ = std::move(weeks);
  columns_ = std::move(columns);
  none_ = none;
  QStringList titles, spoken;
  for (const WeekColumn& column : columns_) titles << column.title;
  setAccessibleName(tr("By week: %1").arg(titles.join(", ")));
  for (const Week& week : weeks_)
    if (week.values.front()) spoken << words::number(*week.values.front(), columns_.front().decimals, false);
  setAccessibleDescription(spoken.join(", "));
  update();
}

void WeeksChart::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  if (std::ranges::none_of(weeks_, [](const Week& w) { return w.sets > 0; })) {
    painter.setPen(style::quietInk);
    painter.setFont(style::work(style::kType));
    painter.drawText(rect(), Qt::AlignHCenter | Qt::AlignTop | Qt::TextWordWrap, none_);
    return;
  }
  const double each = (width() - kDay - static_cast<double>(columns_.size() - 1) * kGap) /
                      static_cast<double>(columns_.size());
  const double row = std::min(kRow, (height() - kHead) / static_cast<double>(weeks_.size()));
  painter.setFont(style::work(style::kSmallType));
  for (std::size_t c = 0; c < columns_.size(); ++c) {
    const WeekColumn& column = columns_[c];
    const double left = kDay + static_cast<double>(c) * (each + kGap);
    painter.setFont(style::work(style::kSmallType, true));
    painter.setPen(column.ink == style::air ? style::ink : column.ink);
    painter.drawText(QRectF(left, 0, each, kHead - 4), Qt::AlignLeft | Qt::AlignBottom | Qt::TextWordWrap,
                     column.title);
    double most = 0.0;
    for (const Week& week : weeks_) most = std::max(most, week.values[c].value_or(0.0));
    painter.setFont(style::work(style::kType));
    for (std::size_t w = 0; w < weeks_.size(); ++w) {
      const QRectF box(left, kHead + row * static_cast<double>(w), each, row);
      const auto& value = weeks_[w].values[c];
      painter.setPen(value ? style::ink : style::quietInk);
      painter.drawText(box, Qt::AlignLeft | Qt::AlignTop,
                       value ? words::number(*value, column.decimals, false) : QStringLiteral("–"));
      if (value && most > 0.0)
        painter.fillRect(QRectF(left, box.bottom() - kBar - 3, each * *value / most, kBar - 4), column.ink);
    }
  }
  painter.setFont(style::work(style::kSmallType));
  painter.setPen(style::quietInk);
  for (std::size_t w = 0; w < weeks_.size(); ++w)
    painter.drawText(QRectF(0, kHead + row * static_cast<double>(w) + 1, kDay, row),
                     Qt::AlignLeft | Qt::AlignTop,
                     QLocale().toString(QDateTime::fromSecsSinceEpoch(weeks_[w].from_unix_s + 86400).date(),
                                        tr("d MMM", "the first day of a week")));
}

}  // namespace calando
