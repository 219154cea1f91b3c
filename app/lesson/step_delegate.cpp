#include "app/lesson/step_delegate.h"

#include <QPainter>

#include "app/style/style.h"
#include "core/figures/verdict.h"

namespace calando {

namespace {

constexpr double kLeftGap = 24.0, kRightGap = 6.0;
constexpr double kMark = 5.0, kMarkStep = 8.0;
constexpr int kRow = 28, kGroupRow = 22;

void paintGate(QPainter& painter, QPointF at, int of, int good, const QColor& ink) {
  painter.setPen(QPen(ink, 1.0));
  for (int mark = 0; mark < of; ++mark) {
    painter.setBrush(mark < good ? QBrush(ink) : QBrush(Qt::NoBrush));
    painter.drawEllipse(at + QPointF((mark + 0.5) * kMarkStep, 0.0), kMark / 2.0, kMark / 2.0);
  }
}

void paintStep(QPainter& painter, const QRectF& row, const QModelIndex& index, bool chosen) {
  if (chosen) {
    painter.setPen(QPen(style::pitch, 1.2));
    painter.setBrush(style::band);
    painter.drawRoundedRect(row.adjusted(0.6, 1, -0.6, -1), 4, 4);
  }
  if (const QVariant verdict = index.data(StepDelegate::verdictRole); verdict.isValid())
    style::paintVerdict(painter, QRectF(row.left() + 6, row.center().y() - 5.5, 11, 11),
                        static_cast<Verdict>(verdict.toInt()));
  const int of = index.data(StepDelegate::ofRole).toInt();
  const QColor& pen = index.data(StepDelegate::ajar).toBool() ? style::quietInk : style::ink;
  paintGate(painter, QPointF(row.right() - kRightGap - of * kMarkStep, row.center().y()), of,
            index.data(StepDelegate::goodRole).toInt(), pen);
  const QRectF line = row.adjusted(kLeftGap, 0, -2.0 * kRightGap - of * kMarkStep, 0);
  const QFont font = style::work(style::kType, chosen);
  painter.setFont(font);
  painter.setPen(pen);
  painter.drawText(line, Qt::AlignVCenter,
                   QFontMetricsF(font).elidedText(index.data().toString(), Qt::ElideRight, line.width()));
}

}  // namespace

QSize StepDelegate::sizeHint(const QStyleOptionViewItem&, const QModelIndex& index) const {
  return {0, index.data(StepDelegate::isGroup).toBool() ? kGroupRow : kRow};
}

void StepDelegate::paint(QPainter* painter, const QStyleOptionViewItem& option,
                         const QModelIndex& index) const {
  painter->save();
  painter->setRenderHint(QPainter::Antialiasing);
  const QRectF row(option.rect);
  if (index.data(StepDelegate::isGroup).toBool()) {
    painter->setFont(style::work(style::kSmallType));
    painter->setPen(style::quietInk);
    painter->drawText(row.adjusted(2, 4, 0, 0), Qt::AlignVCenter, index.data().toString());
  } else {
    paintStep(*painter, row, index, option.state.testFlag(QStyle::State_Selected));
  }
  painter->restore();
}

}  // namespace calando
