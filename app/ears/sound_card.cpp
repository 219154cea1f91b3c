#include "app/ears/sound_card.h"

#include <QPainter>
#include <QPainterPath>

#include "app/style/style.h"
#include "core/figures/verdict.h"
#include "core/signal/tracks.h"

namespace calando {

namespace {

constexpr double kNumber = 56.0, kThick = 9.0, kFull_cents = 60.0, kEdge = 8.0;
constexpr double kNumberRoom = 44.0, kMark = 20.0, kMarkRoom = 30.0;
constexpr double kThin_db = 24.0, kThickest = 1.5;

}  // namespace

SoundCard::SoundCard() { setCursor(Qt::PointingHandCursor); }

void SoundCard::setRow(int number) {
  row_ = number;
  updateGeometry();
}

void SoundCard::setHeard(bool now) {
  if (std::exchange(heard_, now) != now) update();
}

void SoundCard::setMarks(bool chosen, bool right) {
  chosen_ = chosen;
  right_ = right;
  update();
}

void SoundCard::tell(Change asked, HeardCourse course) {
  asked_ = asked;
  course_ = std::move(course);
  update();
}

void SoundCard::forget() {
  chosen_ = right_ = false;
  course_.clear();
  update();
}

void SoundCard::paintRibbon(QPainter& painter, const QRectF& area) const {
  const double middle = area.center().y();
  painter.setPen(QPen(style::rule, 1.0, Qt::DotLine));
  painter.drawLine(QPointF(area.left(), middle), QPointF(area.right(), middle));
  painter.setPen(Qt::NoPen);
  const bool ofColour = asked_ == Change::fuzz || asked_ == Change::crackle || asked_ == Change::dull;
  painter.setBrush(ofColour ? style::colour : style::pitch);
  const double step = area.width() * kHop_s / kMade_s;
  QPolygonF over, under;
  for (std::size_t i = 0; i < course_.size(); ++i) {
    const double cents = isOfTwo(asked_) ? 0.0 : course_[i].cents.value_or(0.0);
    const double y = middle - std::clamp(cents / kFull_cents, -1.0, 1.0) * 0.5 * area.height();
    const double thick = kThick * std::clamp(1.0 + course_[i].level_db / kThin_db, 0.0, kThickest);
    const double x = area.left() + step * (static_cast<double>(i) + 0.5);
    over << QPointF(x, y - 0.5 * thick);
    under.prepend(QPointF(x, y + 0.5 * thick));
  }
  painter.drawPolygon(over + under);
}

void SoundCard::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  const QRectF box = QRectF(rect()).adjusted(2, 2, -2, -2);
  painter.setBrush(heard_ ? style::band : style::sheet);
  painter.setPen(QPen(chosen_                ? style::attention
                      : heard_ || hasFocus() ? style::pitch
                                             : style::rule,
                      chosen_ || heard_ ? 3.0 : 1.4));
  painter.drawRoundedRect(box, 4, 4);
  painter.setPen(isEnabled() ? style::ink : style::quietInk);
  if (row_ > 0)
    paintRow(painter, box);
  else
    paintSound(painter, box);
  if (!right_ && !chosen_) return;
  const double top = row_ > 0 ? box.center().y() - 0.5 * kMark : box.top() + 0.5 * kMark;
  style::paintVerdict(painter, QRectF(box.right() - kMarkRoom, top, kMark, kMark),
                      right_ ? Verdict::inside : Verdict::outside);
}

void SoundCard::paintRow(QPainter& painter, const QRectF& box) const {
  painter.setFont(style::work(style::kTitleType));
  painter.drawText(QRectF(box.left(), box.top(), kNumberRoom, box.height()), Qt::AlignCenter,
                   QString::number(row_));
  painter.setFont(style::serif(style::kTitleType));
  const QRectF words = box.adjusted(kNumberRoom, 0, -kMarkRoom - kEdge, 0);
  const int flags = Qt::AlignVCenter | Qt::AlignLeft | Qt::TextWordWrap;
  if (painter.boundingRect(words, flags, text()).height() > words.height())
    painter.setFont(style::work(style::kSmallType));
  painter.drawText(words, flags, text());
}

void SoundCard::paintSound(QPainter& painter, const QRectF& box) const {
  painter.setFont(text().size() < 3 ? style::work(kNumber) : style::serif(style::kTitleType));
  const bool drawn = !course_.empty();
  const QRectF words = drawn ? box.adjusted(kEdge, kEdge, -kEdge, -0.45 * box.height())
                             : box.adjusted(kEdge, kEdge, -kEdge, -kEdge);
  painter.drawText(words, Qt::AlignCenter | Qt::TextWordWrap, text());
  if (drawn)
    paintRibbon(painter, QRectF(box.left() + 2 * kEdge, box.bottom() - 0.42 * box.height(),
                                box.width() - 4 * kEdge, 0.34 * box.height()));
}

}  // namespace calando
