#include "app/readout/figures_view.h"

#include <QHelpEvent>
#include <QToolTip>

#include "app/readout/chart_scale.h"
#include "app/style/style.h"
#include "app/words/words.h"
#include "core/figures/reading.h"

namespace calando {

namespace {

constexpr double kTallestRow = 58.0, kLeastRow = 46.0;
constexpr std::size_t kMost = 5, kFewest = 3;
constexpr double kShape = 14.0;
constexpr double kBandWidth = 108.0;
constexpr double kWord = 0.72;  // a word’s type, beside a number’s

int weightOf(Verdict verdict) {
  switch (verdict) {
    case Verdict::outside:
      return 0;
    case Verdict::near:
      return 1;
    case Verdict::inside:
      return 2;
    case Verdict::notYet:
      return 3;
    case Verdict::unmeasured:
      return 4;
  }
  return 5;
}

const std::vector<double>& earlierOf(const ShownFigures& shown, const Reading& reading) {
  static const std::vector<double> none;
  const auto found = shown.earlier.find(std::string(reading.id()));
  return found == shown.earlier.end() ? none : found->second;
}

}  // namespace

std::vector<const Reading*> byWeight(const std::vector<Reading>& readings) {
  std::vector<const Reading*> list;
  for (const Reading& r : readings)
    if (!saysNothing(r)) list.push_back(&r);
  std::ranges::stable_sort(list, {}, [](const Reading* r) { return weightOf(r->verdict); });
  return list;
}

void paintBand(QPainter& painter, const QRectF& area, const Reading& r, const std::vector<double>& earlier) {
  const auto range = bandRange(r, earlier);
  const auto x = [&](double v) {
    return area.left() + (std::clamp(v, range.first, range.second) - range.first) /
                             (range.second - range.first) * area.width();
  };
  painter.setPen(QPen(style::rule, 1));
  painter.drawLine(QPointF(area.left(), area.center().y()), QPointF(area.right(), area.center().y()));
  const double from = r.low ? x(*r.low) : area.left();
  const double to = r.high ? x(*r.high) : area.right();
  painter.fillRect(QRectF(from, area.top() + 2, std::max(3.0, to - from), area.height() - 4), style::band);
  painter.setRenderHint(QPainter::Antialiasing);
  painter.setPen(Qt::NoPen);
  QColor dot = style::quietInk;
  for (std::size_t i = 0; i < earlier.size(); ++i) {
    dot.setAlphaF(0.25f + 0.5f * static_cast<float>(i + 1) / static_cast<float>(earlier.size()));
    painter.setBrush(dot);
    painter.drawEllipse(QPointF(x(earlier[i]), area.center().y()), 2.4, 2.4);
  }
  if (r.value) {
    painter.setPen(QPen(style::pitch, 2.6));
    painter.drawLine(QPointF(x(*r.value), area.top()), QPointF(x(*r.value), area.bottom()));
  }
  painter.setRenderHint(QPainter::Antialiasing, false);
}

QString targetText(const Reading& r) {
  if (!r.hasTarget) return {};
  const auto bound = [&](double v) {
    // A round bound is written round.
    const Print& print = r.figure->print;
    return words::number(v, {v == std::round(v) ? 0 : print.decimals, false, print.times});
  };
  const Sides& sides = r.figure->sides;
  if (!sides.none() && r.low.has_value() != r.high.has_value() && (r.low ? *r.low <= 0.0 : *r.high >= 0.0))
    return FiguresView::tr("up to %1 %2", "3 cents: flat")
        .arg(bound(std::abs(r.low ? *r.low : *r.high)), words::said(r.low ? sides.below : sides.above));
  if (r.low && r.high && *r.low == -*r.high) return FiguresView::tr("within %1").arg(bound(*r.high));
  if (r.low && r.high) return FiguresView::tr("%1 to %2").arg(bound(*r.low), bound(*r.high));
  return r.low ? FiguresView::tr("%1 and more").arg(bound(*r.low))
               : FiguresView::tr("up to %1").arg(bound(r.high.value_or(0.0)));
}

FiguresView::FiguresView(QWidget* parent) : QWidget(parent) {
  setMouseTracking(true);
  setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
  setMaximumHeight(static_cast<int>(kTallestRow * kMost));
  setAccessibleName(tr("Figures of the take"));
}

void FiguresView::setReadings(std::vector<Reading> readings,
                              std::map<std::string, std::vector<double>> earlier) {
  shown_ = {std::move(readings), std::move(earlier)};
  QStringList spoken;
  for (const Reading* r : byWeight(shown_.readings))
    spoken << words::label(*r->figure) + " " + words::value(*r) + ", " + style::verdictWord(r->verdict);
  setAccessibleDescription(spoken.join(". "));
  updateGeometry();
  update();
}

std::vector<const Reading*> FiguresView::large() const {
  std::vector<const Reading*> list = byWeight(shown_.readings);
  const auto room = static_cast<std::size_t>(std::max(0.0, height() / kLeastRow));
  if (const std::size_t most = std::clamp(room, kFewest, kMost); list.size() > most) list.resize(most);
  return list;
}

QSize FiguresView::sizeHint() const { return {320, static_cast<int>(kLeastRow * kFewest)}; }

double FiguresView::rowHeight() const {
  const double rows = static_cast<double>(std::max<std::size_t>(1, large().size()));
  return std::min(kTallestRow, height() / rows);
}

void FiguresView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  if (shown_.readings.empty()) {
    painter.setPen(style::quietInk);
    painter.setFont(style::work(style::kType));
    painter.drawText(
        rect().adjusted(0, 8, -8, -8), Qt::AlignTop | Qt::TextWordWrap,
        tr("After the take: the figures that matter most, each with its target, and one thing to "
           "try."));
    return;
  }
  QRectF row(0, 0, width(), rowHeight());
  for (const Reading* r : large()) {
    paintRow(painter, row, *r);
    row.translate(0, row.height());
  }
}

void FiguresView::paintRow(QPainter& painter, const QRectF& row, const Reading& r) {
  const double mid = row.center().y();
  style::paintVerdict(painter, QRectF(0, mid - kShape / 2, kShape, kShape), r.verdict);
  const double left = kShape + 12.0;
  const double right = row.right() - kBandWidth - 8.0;
  painter.setFont(style::work(style::kType));
  painter.setPen(style::quietInk);
  painter.drawText(QRectF(left, row.top() + 2, right - left, 16), Qt::AlignVCenter, words::label(*r.figure));
  const QString word = words::inWords(r);
  // A word leaves room for its number.
  const double size = std::min(style::kFigureType, 0.42 * row.height()) * (word.isEmpty() ? 1.0 : kWord);
  painter.setFont(style::work(size, true));
  painter.setPen(r.value ? style::ink : style::quietInk);
  const QString value = word.isEmpty() ? words::bare(r) : word;
  const QRectF line(left, row.top() + 17, right - left, row.height() - 19);
  painter.drawText(line, Qt::AlignVCenter, value);
  const double after = painter.fontMetrics().horizontalAdvance(value) + 8.0;
  painter.setFont(style::work(style::kType));
  painter.setPen(style::quietInk);
  if (r.value) {
    QString beside = word.isEmpty() ? words::behind(r) : words::value(r);
    // Beside a long word there may be room for the number alone; its unit is in the folded rows.
    if (!word.isEmpty() && painter.fontMetrics().horizontalAdvance(beside) > line.width() - after)
      beside = words::bare(r);
    painter.drawText(line.adjusted(after, size * 0.35, 0, 0), Qt::AlignVCenter, beside);
  }
  if (!r.hasTarget) return;
  const QRectF band(row.right() - kBandWidth, row.top() + row.height() / 2.0 - 13.0, kBandWidth, 16);
  paintBand(painter, band, r, earlierOf(shown_, r));
  painter.setFont(style::work(style::kSmallType));
  painter.setPen(style::quietInk);
  painter.drawText(QRectF(band.left() - 40, band.bottom() + 1, kBandWidth + 40, 15),
                   Qt::AlignRight | Qt::AlignVCenter, targetText(r));
}

bool FiguresView::event(QEvent* event) {
  if (event->type() != QEvent::ToolTip) return QWidget::event(event);
  auto* help = static_cast<QHelpEvent*>(event);
  const auto rows = large();
  const auto row = static_cast<std::size_t>(std::max(0.0, help->pos().y() / rowHeight()));
  if (row >= rows.size()) return true;
  const Reading& r = *rows[row];
  const QString target = targetText(r);
  QToolTip::showText(
      help->globalPos(),
      QString("<b>%1</b>: %2 (%3)<br>%4<br>%5")
          .arg(words::label(*r.figure), words::value(r), style::verdictWord(r.verdict),
               words::help(*r.figure),
               target.isEmpty() ? tr("No target at this level.") : tr("Target: %1").arg(target)),
      this);
  return true;
}

}  // namespace calando
