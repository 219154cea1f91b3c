#include "app/ears/sound_card.h"

#include <QPainter>
#include <QPainterPath>
#include <cmath>
#include <numbers>

#include "app/style/style.h"

namespace calando {

namespace {

constexpr double kNumber = 56.0, kThick = 9.0, kFull_cents = 60.0, kEdge = 8.0;
constexpr double kThin_db = 24.0, kThinnest = 0.1, kThickest = 1.4, kTwist_hz = 2.0;
constexpr int kSteps = 160;

}  // namespace

SoundCard::SoundCard() { setCursor(Qt::PointingHandCursor); }

void SoundCard::setHeard(bool now) {
  if (std::exchange(heard_, now) != now) update();
}

void SoundCard::setMarks(bool chosen, bool right) {
  chosen_ = chosen;
  right_ = right;
  update();
}

void SoundCard::tell(const std::optional<Changed>& what) {
  told_ = true;
  what_ = what;
  update();
}

void SoundCard::forget() {
  told_ = chosen_ = right_ = false;
  what_.reset();
  update();
}

void SoundCard::paintRibbon(QPainter& painter, const QRectF& area) const {
  const double middle = area.center().y();
  painter.setPen(QPen(style::rule, 1.0, Qt::DotLine));
  painter.drawLine(QPointF(area.left(), middle), QPointF(area.right(), middle));
  painter.setPen(Qt::NoPen);
  const bool two = what_ && isOfTwo(what_->change);
  const bool washed = what_ && (what_->change == Change::fuzz || what_->change == Change::crackle ||
                                what_->change == Change::dull);
  painter.setBrush(washed ? style::colour : style::pitch);
  const ChangeCourse course(what_.value_or(without(Change::offset)));
  for (int i = 0; i < kSteps; ++i) {
    const double t = kMade_s * (i + 0.5) / kSteps;
    const double y = -std::clamp(course.cents(t) / kFull_cents, -1.0, 1.0) * 0.5 * area.height();
    const double thick =
        kThick * course.there(t) * std::clamp(1.0 + course.decibels(t) / kThin_db, kThinnest, kThickest);
    const double x = area.left() + area.width() * i / kSteps;
    painter.drawRect(QRectF(x, middle + y - 0.5 * thick, area.width() / kSteps + 0.5, thick));
    if (two) {
      const double wave = 2.0 * kThick * std::cos(2.0 * std::numbers::pi * kTwist_hz * t);
      painter.drawRect(QRectF(x, middle + wave - 0.25 * thick, area.width() / kSteps + 0.5, 0.5 * thick));
    }
  }
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
  painter.setFont(style::serif(text().size() < 3 ? kNumber : style::kTitleType));
  const bool drawn = told_;
  const QRectF words = drawn ? box.adjusted(kEdge, kEdge, -kEdge, -0.45 * box.height())
                             : box.adjusted(kEdge, kEdge, -kEdge, -kEdge);
  painter.drawText(words, Qt::AlignCenter | Qt::TextWordWrap, text());
  if (drawn)
    paintRibbon(painter, QRectF(box.left() + 2 * kEdge, box.bottom() - 0.42 * box.height(),
                                box.width() - 4 * kEdge, 0.34 * box.height()));
  if (right_) {
    style::paintVerdict(painter, QRectF(box.right() - 30, box.top() + 10, 20, 20), Verdict::inside);
  } else if (chosen_) {
    style::paintVerdict(painter, QRectF(box.right() - 30, box.top() + 10, 20, 20), Verdict::outside);
  }
}

}  // namespace calando
