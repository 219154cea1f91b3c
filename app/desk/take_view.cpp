#include "app/desk/take_view.h"

#include "app/desk/live_words.h"
#include "app/picture/gallery.h"
#include "app/style/style.h"
#include "app/words/note_names.h"
#include "app/words/words.h"
#include "core/engine/snapshot.h"
#include "core/exercise/cue_sheet.h"

namespace calando {

namespace {
constexpr double kShortestWindow_s = 0.2;
constexpr double kFoot = 22.0;   // the axis under the lanes
constexpr int kSilent_ms = 300;  // what is measured by then needs no word
}  // namespace

TakeView::TakeView(QWidget* parent)
    : QWidget(parent), emptyAction_(new QPushButton(this)), otherAction_(new QPushButton(this)) {
  emptyAction_->setObjectName("emptyAction");
  otherAction_->setObjectName("otherAction");
  for (QPushButton* action : {emptyAction_, otherAction_}) action->hide();
  connect(emptyAction_, &QPushButton::clicked, this, &TakeView::emptyActed);
  connect(otherAction_, &QPushButton::clicked, this, &TakeView::otherActed);
  setMouseTracking(true);
  setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
  setFocusPolicy(Qt::StrongFocus);
  setAccessibleName(tr("Ribbon of the take"));
  setAccessibleDescription(
      tr("Pitch, loudness and tone colour over time. Arrow keys move, plus and minus zoom."));
}

void TakeView::setSnapshot(SnapshotPtr snapshot) {
  const bool grows = snapshot && snapshot_ && snapshot->live && snapshot_->live;
  snapshot_ = std::move(snapshot);
  waiting_.reset();
  if (!snapshot_ || !snapshot_->live) {
    held_ = -1.0;
    keyed_s_.reset();
  }
  if (!grows) {
    selectedFrom_ = selectedTo_ = 0.0;
    chosenCue_.reset();
  }
  showAll();
  placeEmptyAction();
  update();
}

void TakeView::showAll() {
  from_ = 0.0;
  to_ = 10.0;
  if (!snapshot_) return;
  std::tie(from_, to_) = pictureFor(*snapshot_).wholeOf(*snapshot_);
}

void TakeView::setHidden(bool hidden) {
  hidden_ = hidden;
  update();
}
void TakeView::setEmptyText(const QString& title, const QString& text, const QString& action,
                            const QString& other) {
  emptyTitle_ = title;
  emptyText_ = text;
  emptyAction_->setText(action);
  otherAction_->setText(other);
  placeEmptyAction();
  update();
}

void TakeView::placeEmptyAction() {
  int top = height() / 2 + height() / 8 + 8 * style::kStep;
  for (QPushButton* action : {emptyAction_, otherAction_}) {
    action->setVisible(!snapshot_ && !action->text().isEmpty());
    action->adjustSize();
    action->move((width() - action->width()) / 2, top);
    top += action->height() + 3 * style::kStep;
  }
}

void TakeView::resizeEvent(QResizeEvent* event) {
  placeEmptyAction();
  QWidget::resizeEvent(event);
}
void TakeView::setWaiting(bool waiting) {
  waiting_.reset();
  if (waiting) {
    waiting_.emplace().start();
    QTimer::singleShot(kSilent_ms, this, qOverload<>(&QWidget::update));
  }
  update();
}

void TakeView::setCursor(std::optional<double> seconds) {
  cursor_ = seconds;
  update();
}
void TakeView::setPrompt(const QString& text) {
  prompt_ = text;
  update();
}
void TakeView::setHeld(double seconds) {
  held_ = seconds;
  update();
}

std::pair<double, double> TakeView::selection() const {
  if (hasSelection()) return {selectedFrom_, selectedTo_};
  return {0.0, snapshot_ ? snapshot_->tracks.duration_s : 0.0};
}

void TakeView::zoom(double factor, double around_s) {
  if (!snapshot_ || snapshot_->live) return;
  const double longest = std::max(snapshot_->tracks.duration_s, kShortestWindow_s);
  const double length = std::clamp((to_ - from_) * factor, kShortestWindow_s, longest);
  const double share = (around_s - from_) / (to_ - from_);
  from_ = std::clamp(around_s - share * length, 0.0, longest - length);
  to_ = from_ + length;
  update();
}

void TakeView::pan(double share) {
  if (!snapshot_ || snapshot_->live) return;
  const double length = to_ - from_;
  from_ = std::clamp(from_ + share * length, 0.0, std::max(0.0, snapshot_->tracks.duration_s - length));
  to_ = from_ + length;
  update();
}

QRectF TakeView::timeArea() const { return pictureFor(*snapshot_).timeArea(*snapshot_, rect()); }
double TakeView::xOf(double t) const {
  const QRectF area = timeArea();
  return area.left() + (t - from_) / (to_ - from_) * area.width();
}
double TakeView::timeAt(double x) const {
  const QRectF area = timeArea();
  return from_ + (x - area.left()) / area.width() * (to_ - from_);
}

void TakeView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  if (!snapshot_) return paintEmpty(painter);
  const QRectF area = timeArea();
  if (hidden_) {
    painter.fillRect(rect(), style::paper);
    painter.fillRect(area, style::sheet);
    painter.setPen(style::quietInk);
    painter.setFont(style::serif(style::kFigureType));
    painter.drawText(area, Qt::AlignCenter | Qt::TextWordWrap,
                     snapshot_->live ? tr("Ears first: the picture comes after the take.")
                                     : tr("Ears first: what did you hear? Show the trace with E."));
  } else {
    pictureFor(*snapshot_).paint(painter, *snapshot_, frame());
    paintMarks(painter);
  }
  const bool guided = snapshot_->live && snapshot_->hasCues() &&
                      pictureFor(*snapshot_).paintGuide(painter, *snapshot_, rect());
  paintLive(painter, *snapshot_, {held_, keyed_s_, prompt_, guided, hidden_}, area, rect());
  if (hasFocus() && byKeys_) {
    painter.setPen(QPen(style::pitch, 1.4));
    painter.drawRect(area);
  }
}

/// Whoever came by the keyboard sees where they are.
void TakeView::focusInEvent(QFocusEvent* event) {
  byKeys_ = event->reason() == Qt::TabFocusReason || event->reason() == Qt::BacktabFocusReason;
  QWidget::focusInEvent(event);
}

void TakeView::paintMarks(QPainter& painter) {
  const QRectF area = timeArea();
  if (hasSelection()) {
    QColor veil = style::pitch;
    veil.setAlpha(26);
    painter.fillRect(
        QRectF(QPointF(xOf(selectedFrom_), area.top()), QPointF(xOf(selectedTo_), area.bottom())), veil);
  }
  if (cursor_) {
    painter.setPen(QPen(style::ink, 1.6));
    painter.drawLine(QPointF(xOf(*cursor_), area.top()), QPointF(xOf(*cursor_), height() - kFoot));
  }
  if (hover_ && !snapshot_->live) paintHover(painter);
}

void TakeView::chooseCue(std::optional<std::size_t> cue) {
  chosenCue_ = cue;
  selectedFrom_ = selectedTo_ = 0.0;
  if (cue && snapshot_ && *cue < snapshot_->analysis.cues.size()) {
    const Span place = snapshot_->placeOf(*cue);
    selectedFrom_ = place.start_s;
    selectedTo_ = place.end_s;
  }
  update();
}

void TakeView::paintEmpty(QPainter& painter) {
  painter.fillRect(rect(), style::sheet);
  painter.setPen(style::ink);
  painter.setFont(style::serif(style::kFigureType));
  if (waiting_) {
    if (waiting_->hasExpired(kSilent_ms - 50))
      painter.drawText(rect(), Qt::AlignCenter, tr("Being measured…"));
    return;
  }
  // The text begins at half the height; a long one higher, so that all of it is to be seen.
  const QFont font = style::work(style::kStrongType);
  const QRectF column = QRectF(rect()).adjusted(40, 0, -40, -8);
  constexpr int flags = Qt::AlignHCenter | Qt::AlignTop | Qt::TextWordWrap;
  const double needed = QFontMetricsF(font).boundingRect(column, flags, emptyText_).height();
  const double top = std::min(height() / 2.0 + 8, column.bottom() - needed);
  painter.drawText(QRectF(column.left(), 0, column.width(), top - 12),
                   Qt::AlignHCenter | Qt::AlignBottom | Qt::TextWordWrap, emptyTitle_);
  painter.setFont(font);
  painter.setPen(style::quietInk);
  painter.drawText(QRectF(column.left(), top, column.width(), column.bottom() - top), flags, emptyText_);
}

void TakeView::paintHover(QPainter& painter) {
  const QRectF area = timeArea();
  const double x = xOf(*hover_);
  if (x < area.left() || x > area.right()) return;
  painter.setPen(QPen(style::quietInk, 0.8, Qt::DotLine));
  painter.drawLine(QPointF(x, area.top()), QPointF(x, height() - kFoot));
  painter.setFont(style::work(style::kSmallType, true));
  painter.setPen(style::ink);
  painter.drawText(QRectF(area.left(), 0, area.width(), 20), Qt::AlignRight | Qt::AlignVCenter,
                   pictureFor(*snapshot_).under(*snapshot_, frame(), *hover_));
}

void TakeView::wheelEvent(QWheelEvent* event) {
  if (!snapshot_) return;
  const QPoint turn = event->angleDelta();
  if (std::abs(turn.x()) > std::abs(turn.y()) || event->modifiers().testFlag(Qt::ShiftModifier))
    pan(-(turn.x() + turn.y()) / 1200.0);
  else
    zoom(std::pow(0.999, turn.y()), timeAt(event->position().x()));
  event->accept();
}

void TakeView::mousePressEvent(QMouseEvent* event) {
  const bool pans = event->button() == Qt::MiddleButton ||
                    (event->button() == Qt::LeftButton && event->modifiers().testFlag(Qt::ControlModifier));
  if (snapshot_ && !snapshot_->live && pans) {
    panned_ = event->position().x();
    return;
  }
  if (!snapshot_ || snapshot_->live || event->button() != Qt::LeftButton) return;
  if (pictureFor(*snapshot_).cueArea(*snapshot_, rect()).contains(event->position())) {
    if (const auto cue = snapshot_->cueAt(timeAt(event->position().x()))) {
      chooseCue(cue);
      emit cueChosen(*cue);
    }
    return;
  }
  pressed_ = std::clamp(timeAt(event->position().x()), 0.0, snapshot_->tracks.duration_s);
  selectedFrom_ = selectedTo_ = 0.0;
  update();
}

void TakeView::mouseMoveEvent(QMouseEvent* event) {
  if (!snapshot_) return;
  if (panned_) {
    pan((*panned_ - event->position().x()) / std::max(1.0, timeArea().width()));
    panned_ = event->position().x();
    return;
  }
  const double t = std::clamp(timeAt(event->position().x()), 0.0, snapshot_->tracks.duration_s);
  hover_ = t;
  if (pressed_ >= 0.0 && std::abs(t - pressed_) > 0.02) {
    selectedFrom_ = std::min(t, pressed_);
    selectedTo_ = std::max(t, pressed_);
  }
  update();
}

void TakeView::mouseReleaseEvent(QMouseEvent*) {
  if (panned_) {
    panned_.reset();
    return;
  }
  if (pressed_ >= 0.0 && !hasSelection()) emit placeChosen(pressed_);
  pressed_ = -1.0;
}

void TakeView::mouseDoubleClickEvent(QMouseEvent*) {
  showAll();
  update();
}

void TakeView::leaveEvent(QEvent*) {
  hover_.reset();
  update();
}

void TakeView::keyPressEvent(QKeyEvent* event) {
  const double middle = (from_ + to_) / 2.0;
  switch (event->key()) {
    case Qt::Key_Plus:
    case Qt::Key_Equal:
      zoom(0.7, middle);
      break;
    case Qt::Key_Minus:
      zoom(1.0 / 0.7, middle);
      break;
    case Qt::Key_Left:
      pan(-0.2);
      break;
    case Qt::Key_Right:
      pan(0.2);
      break;
    case Qt::Key_0:
      showAll();
      update();
      break;
    default:
      QWidget::keyPressEvent(event);
  }
}

}  // namespace calando
