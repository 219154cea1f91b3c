#include "app/readout/breath_weeks.h"

#include <QDateTime>
#include <QLocale>
#include <QPainter>

#include "app/style/style.h"
#include "app/words/words.h"

namespace calando {

namespace {

constexpr double kDay = 58.0, kHead = 34.0, kRow = 30.0, kGap = 10.0, kBar = 9.0;

struct Column {
  QString title;
  std::optional<double> BreathWeek::*value;
  int decimals;
  QColor ink;
};

}  // namespace

BreathWeeks::BreathWeeks(QWidget* parent) : QWidget(parent) {
  setAccessibleName(tr("Weeks of breathing: longest breath, even counts, evenness"));
}

void BreathWeeks::setWeeks(std::vector<BreathWeek> weeks) {
  weeks_ = std::move(weeks);
  QStringList spoken;
  for (const BreathWeek& week : weeks_)
    if (week.longest_s) spoken << tr("%1 s").arg(words::number(*week.longest_s, 1, false));
  setAccessibleDescription(spoken.join(", "));
  update();
}

void BreathWeeks::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  if (std::ranges::none_of(weeks_, [](const BreathWeek& w) { return w.sets > 0; })) {
    painter.setPen(style::quietInk);
    painter.setFont(style::work(style::kType));
    painter.drawText(rect(), Qt::AlignHCenter | Qt::AlignTop | Qt::TextWordWrap,
                     tr("No breathing in the last eight weeks yet."));
    return;
  }
  const Column columns[] = {{tr("longest, s"), &BreathWeek::longest_s, 1, style::air},
                            {tr("even up to, counts"), &BreathWeek::highest_even, 0, style::pitch},
                            {tr("uneven, dB"), &BreathWeek::evenness_db, 1, style::loudness}};
  const double each = (width() - kDay - 2.0 * kGap) / 3.0;
  const double row = std::min(kRow, (height() - kHead) / static_cast<double>(weeks_.size()));
  painter.setFont(style::work(style::kSmallType));
  for (std::size_t c = 0; c < std::size(columns); ++c) {
    const Column& column = columns[c];
    const double left = kDay + static_cast<double>(c) * (each + kGap);
    painter.setFont(style::work(style::kSmallType, true));
    painter.setPen(column.ink == style::air ? style::ink : column.ink);
    painter.drawText(QRectF(left, 0, each, kHead - 4), Qt::AlignLeft | Qt::AlignBottom | Qt::TextWordWrap,
                     column.title);
    double most = 0.0;
    for (const BreathWeek& week : weeks_) most = std::max(most, (week.*column.value).value_or(0.0));
    painter.setFont(style::work(style::kType));
    for (std::size_t w = 0; w < weeks_.size(); ++w) {
      const QRectF box(left, kHead + row * static_cast<double>(w), each, row);
      const auto& value = weeks_[w].*column.value;
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
