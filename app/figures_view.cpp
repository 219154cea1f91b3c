#include "app/figures_view.h"

#include <QHelpEvent>
#include <QToolTip>

#include "app/ribbon_painter.h"
#include "app/style.h"
#include "core/exercise/judging.h"

namespace calando {

namespace {

constexpr double kTallestRow = 30.0;
constexpr double kLeastRow = 18.0;
constexpr double kHeading = 18.0;

/// The stretch of values that a row's band shows: the target with as much again on either side, and the
/// value.
std::pair<double, double> bandRange(const Reading& r, const std::vector<double>& earlier) {
  double low = r.low.value_or(r.high.value_or(0.0));
  double high = r.high.value_or(r.low.value_or(0.0));
  const double width = high > low ? high - low : std::max(1.0, std::abs(high));
  low -= width * (r.low && r.high ? 0.75 : 1.0);
  high += width * (r.low && r.high ? 0.75 : 1.0);
  // One far value may widen the picture, but not flatten it.
  const auto include = [&](double v) {
    low = std::min(low, std::max(v, low - 2.0 * width));
    high = std::max(high, std::min(v, high + 2.0 * width));
  };
  if (r.value) include(*r.value);
  for (const double v : earlier) include(v);
  return {low, high};
}

/// Every tone has one try: that is no news.
bool saysNothing(const Reading& r) {
  return (r.id == "attempts" || r.id == "spoke_at") && r.value.value_or(1.0) <= 1.0;
}

}  // namespace

QString figureText(const Reading& r, bool withUnit) {
  if (!r.value) return QStringLiteral("–");
  const bool counts = r.unit.empty();
  const bool perDecibel = r.unit.ends_with("/dB");
  const bool fine = r.unit != "ms";
  const bool plus = r.id == "offset_cents" || r.id == "scoop_cents" || r.id == "sag_cents" ||
                    r.id == "drift_cents_per_s" || r.id == "fade_db" || r.id == "length_error_beats" ||
                    r.id == "peak_error_beats" || r.id == "home_return_cents" || r.id == "cents_per_db" ||
                    r.id == "core_gain_db";
  QString text = signedFigure(*r.value, counts ? 0 : perDecibel ? 2 : fine ? 1 : 0, plus);
  if (withUnit && !counts) text += QStringLiteral(" ") + QString::fromStdString(r.unit);
  return text;
}

FiguresView::FiguresView(QWidget* parent) : QWidget(parent) {
  setMouseTracking(true);
  setAccessibleName(tr("Figures of the take"));
}

void FiguresView::setReadings(std::vector<Reading> readings,
                              std::map<std::string, std::vector<double>> earlier) {
  readings_ = std::move(readings);
  earlier_ = std::move(earlier);
  QStringList spoken;
  for (const Reading& r : readings_)
    spoken << QString::fromStdString(r.label) + " " + figureText(r) + ", " + style::verdictWord(r.verdict);
  setAccessibleDescription(spoken.join(". "));
  updateGeometry();
  update();
}

QSize FiguresView::sizeHint() const {
  return {320,
          static_cast<int>(kTallestRow * std::max<double>(6, static_cast<double>(readings_.size()))) + 20};
}

std::vector<const Reading*> FiguresView::rows() const {
  const auto room = static_cast<std::size_t>(std::max(4.0, (height() - kHeading) / kLeastRow));
  std::vector<const Reading*> all;
  for (const Reading& r : readings_)
    if (!saysNothing(r)) all.push_back(&r);
  // A small window drops what needs no attention, from the bottom up.
  for (std::size_t i = all.size(); i-- > 0 && all.size() > room;)
    if (all[i]->verdict == Verdict::inside || all[i]->verdict == Verdict::unmeasured)
      all.erase(all.begin() + static_cast<std::ptrdiff_t>(i));
  return all;
}

double FiguresView::rowHeight() const {
  return std::min(kTallestRow,
                  (height() - kHeading) / static_cast<double>(std::max<std::size_t>(1, rows().size())));
}

void FiguresView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  if (readings_.empty()) {
    painter.setPen(style::quietInk);
    painter.setFont(style::work(10));
    painter.drawText(rect().adjusted(8, 8, -8, -8), Qt::AlignTop | Qt::TextWordWrap,
                     tr("The figures appear here after the take, each with its target."));
    return;
  }
  painter.setFont(style::work(8.5));
  painter.setPen(style::quietInk);
  painter.drawText(QRectF(width() - 106, 0, 102, 16), Qt::AlignCenter, tr("target · last five"));
  const auto shown = rows();
  const auto worth = std::ranges::count_if(readings_, std::not_fn(saysNothing));
  if (std::ssize(shown) < worth)
    painter.drawText(QRectF(4, 0, 200, 16), Qt::AlignVCenter,
                     tr("%n more in a taller window", nullptr, static_cast<int>(worth - std::ssize(shown))));
  QRectF row(0, kHeading, width(), rowHeight());
  for (const Reading* r : shown) {
    paintRow(painter, row, *r);
    row.translate(0, row.height());
  }
}

void FiguresView::paintRow(QPainter& painter, const QRectF& row, const Reading& r) {
  painter.setPen(QPen(style::rule, 0.8));
  painter.drawLine(row.topLeft(), row.topRight());
  const double mid = row.center().y();
  style::paintVerdict(painter, QRectF(row.left() + 4, mid - 6, 12, 12), r.verdict);
  painter.setFont(style::work(9));
  painter.setPen(r.value ? style::ink : style::quietInk);
  painter.drawText(QRectF(row.left() + 24, row.top(), 100, row.height()), Qt::AlignVCenter,
                   QString::fromStdString(r.label));
  const double bandLeft = row.right() - 106;
  const QString unit = r.unit == "dB/octave" ? QStringLiteral("dB/oct") : QString::fromStdString(r.unit);
  painter.setFont(style::work(8.5));
  painter.setPen(style::quietInk);
  painter.drawText(QRectF(bandLeft - 56, row.top(), 56, row.height()), Qt::AlignVCenter | Qt::AlignLeft,
                   r.value ? unit : QString());
  painter.setFont(style::work(11, true));
  painter.setPen(style::ink);
  painter.drawText(QRectF(row.left() + 100, row.top(), bandLeft - 60 - row.left() - 100, row.height()),
                   Qt::AlignVCenter | Qt::AlignRight, r.value ? figureText(r, false) : QStringLiteral("–"));
  if (r.hasTarget) paintBand(painter, QRectF(bandLeft + 4, row.top() + 5, 98, row.height() - 10), r);
}

void FiguresView::paintBand(QPainter& painter, const QRectF& area, const Reading& r) {
  const auto found = earlier_.find(r.id);
  const std::vector<double> earlier = found == earlier_.end() ? std::vector<double>() : found->second;
  const auto [low, high] = bandRange(r, earlier);
  const double least = low;
  const double span = high - low;
  const auto x = [&](double v) {
    return area.left() + (std::clamp(v, least, least + span) - least) / span * area.width();
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

bool FiguresView::event(QEvent* event) {
  if (event->type() != QEvent::ToolTip) return QWidget::event(event);
  auto* help = static_cast<QHelpEvent*>(event);
  const auto shown = rows();
  const auto row = static_cast<std::size_t>(std::max(0.0, (help->pos().y() - kHeading) / rowHeight()));
  if (row >= shown.size()) return true;
  const Reading& r = *shown[row];
  QString target;
  if (r.low) target += tr("at least %1 ").arg(*r.low);
  if (r.high) target += tr("at most %1").arg(*r.high);
  QToolTip::showText(
      help->globalPos(),
      QString("<b>%1</b>: %2 (%3)<br>%4<br>%5")
          .arg(QString::fromStdString(r.label), figureText(r), style::verdictWord(r.verdict),
               QString::fromStdString(readingMeaning(r.id)),
               target.isEmpty() ? tr("No target at this level.") : tr("Target: %1").arg(target)));
  return true;
}

}  // namespace calando
