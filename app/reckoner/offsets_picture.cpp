#include "app/reckoner/offsets_picture.h"

#include <QHeaderView>
#include <QPainter>
#include <QScrollBar>

#include "app/style/style.h"
#include "app/words/words.h"

namespace calando {

namespace {
constexpr int kWidth = 196;
constexpr double kEnds = 22.0, kMost_cents = 50.0, kSquare = 9.0, kRing = 5.0;
}  // namespace

OffsetsPicture::OffsetsPicture(const QTableWidget& table) : table_(table) {
  setFixedWidth(kWidth);
  setAccessibleName(tr("Cents off equal: just ones as squares, natural ones as rings"));
  setToolTip(accessibleName());
  connect(table.verticalScrollBar(), &QScrollBar::valueChanged, this, qOverload<>(&QWidget::update));
}

void OffsetsPicture::setMarks(std::vector<Marks> marks) {
  marks_ = std::move(marks);
  update();
}

void OffsetsPicture::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  const double head = table_.horizontalHeader()->height() + table_.frameWidth();
  const auto x = [this](double cents) {
    return 0.5 * width() + (0.5 * width() - kEnds) * std::clamp(cents / kMost_cents, -1.0, 1.0);
  };
  painter.setFont(style::work(style::kSmallType));
  for (const double cents : {-kMost_cents, 0.0, kMost_cents}) {
    painter.setPen(style::quietInk);
    painter.drawText(QRectF(x(cents) - 2 * kEnds, 0, 4 * kEnds, head), Qt::AlignCenter,
                     cents == 0.0 ? tr("equal") : words::number(cents, 0));
    painter.setPen(QPen(style::rule, cents == 0.0 ? 2.0 : 1.0));
    painter.drawLine(QPointF(x(cents), head), QPointF(x(cents), height()));
  }
  painter.setClipRect(QRectF(0, head, width(), height() - head));
  for (std::size_t row = 0; row < marks_.size(); ++row) {
    const int index = static_cast<int>(row);
    const double y = head + table_.rowViewportPosition(index) + 0.5 * table_.rowHeight(index);
    if (const auto just = marks_[row].just_cents) {
      painter.setPen(QPen(style::pitch, 2.0));
      painter.drawLine(QPointF(x(0.0), y), QPointF(x(*just), y));
      painter.fillRect(QRectF(x(*just) - 0.5 * kSquare, y - 0.5 * kSquare, kSquare, kSquare), style::pitch);
    }
    if (const auto natural = marks_[row].natural_cents) {
      painter.setPen(QPen(style::colour, 2.0));
      if (!marks_[row].just_cents) painter.drawLine(QPointF(x(0.0), y), QPointF(x(*natural), y));
      painter.setBrush(style::sheet);
      painter.drawEllipse(QPointF(x(*natural), y), kRing, kRing);
    }
  }
}

}  // namespace calando
