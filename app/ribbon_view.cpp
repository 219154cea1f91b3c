#include "app/ribbon_view.h"

#include "app/cue_strip.h"
#include "app/note_names.h"
#include "app/ribbon_painter.h"
#include "app/style.h"

namespace calando {

namespace {
constexpr double kShortestWindow_s = 0.2;
constexpr double kFlash_s = 0.12;
constexpr int kSilent_ms = 300;  // what is measured by then needs no word

/// As large as fits over the ribbon, points.
double largeText(const QRectF& area) { return std::clamp(area.height() / 7.0, 30.0, 54.0); }
}  // namespace

RibbonView::RibbonView(QWidget* parent) : QWidget(parent) {
  setMouseTracking(true);
  setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
  setFocusPolicy(Qt::StrongFocus);
  setAccessibleName(tr("Ribbon of the take"));
  setAccessibleDescription(
      tr("Pitch, level and tone colour over time. Arrow keys move, plus and minus zoom."));
}

void RibbonView::setPicture(TakePicturePtr picture) {
  const bool grows = picture && picture_ && picture->live && picture_->live;
  picture_ = std::move(picture);
  waiting_.reset();
  if (!picture_ || !picture_->live) held_ = -1.0;
  if (!grows) {
    selectedFrom_ = selectedTo_ = 0.0;
    chosenCue_.reset();
  }
  showAll();
  update();
}

void RibbonView::showAll() {
  from_ = 0.0;
  to_ = 10.0;
  if (!picture_) return;
  const double duration = picture_->tracks.duration_s;
  if (picture_->live) {
    const double planned = picture_->hasCues() ? picture_->sheetStart_s + picture_->sheet.length_s() + 1.0
                                               : picture_->asked_s * 1.25 + 1.0;
    to_ = std::max(planned, duration * 1.1);
  } else {
    to_ = std::max(0.5, duration);
    // What is far from any sound is cut off the first view; panning shows it.
    if (!picture_->analysis.tones.empty()) {
      from_ = std::max(0.0, picture_->analysis.tones.front().start_s - 1.2);
      to_ = std::min(to_, picture_->analysis.tones.back().end_s + 0.6);
    }
  }
}

void RibbonView::setHidden(bool hidden) {
  hidden_ = hidden;
  update();
}
void RibbonView::setEmptyText(const QString& title, const QString& text) {
  emptyTitle_ = title;
  emptyText_ = text;
  update();
}
void RibbonView::setWaiting(bool waiting) {
  waiting_.reset();
  if (waiting) {
    waiting_.emplace().start();
    QTimer::singleShot(kSilent_ms, this, qOverload<>(&QWidget::update));
  }
  update();
}

void RibbonView::setCursor(std::optional<double> seconds) {
  cursor_ = seconds;
  update();
}
void RibbonView::setHeld(double seconds) {
  held_ = seconds;
  update();
}

std::pair<double, double> RibbonView::selection() const {
  if (hasSelection()) return {selectedFrom_, selectedTo_};
  return {0.0, picture_ ? picture_->tracks.duration_s : 0.0};
}

void RibbonView::zoom(double factor, double around_s) {
  if (!picture_ || picture_->live) return;
  const double longest = std::max(picture_->tracks.duration_s, kShortestWindow_s);
  const double length = std::clamp((to_ - from_) * factor, kShortestWindow_s, longest);
  const double share = (around_s - from_) / (to_ - from_);
  from_ = std::clamp(around_s - share * length, 0.0, longest - length);
  to_ = from_ + length;
  update();
}

void RibbonView::pan(double share) {
  if (!picture_ || picture_->live) return;
  const double length = to_ - from_;
  from_ = std::clamp(from_ + share * length, 0.0, std::max(0.0, picture_->tracks.duration_s - length));
  to_ = from_ + length;
  update();
}

void RibbonView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  if (!picture_) {
    paintEmpty(painter);
    return;
  }
  const QRectF area = rect();
  const RibbonScale scale = fitScale(*picture_, ribbonArea(*picture_, area), from_, to_);
  if (hidden_) {
    painter.fillRect(area, style::paper);
    painter.fillRect(scale.area, style::sheet);
    painter.setPen(style::quietInk);
    painter.setFont(style::serif(20));
    painter.drawText(scale.area, Qt::AlignCenter,
                     picture_->live ? tr("Ears first: the picture comes after the take.")
                                    : tr("Ears first: what did you hear? Show the trace with E."));
  } else {
    paintTake(painter, *picture_, area, from_, to_, chosenCue_);
    if (hasSelection()) {
      QColor veil = style::pitch;
      veil.setAlpha(26);
      painter.fillRect(QRectF(QPointF(scale.x(selectedFrom_), scale.area.top()),
                              QPointF(scale.x(selectedTo_), scale.area.bottom())),
                       veil);
    }
    if (cursor_) {
      painter.setPen(QPen(style::ink, 1.6));
      painter.drawLine(QPointF(scale.x(*cursor_), scale.area.top()),
                       QPointF(scale.x(*cursor_), area.bottom() - 22));
    }
    if (hover_ && !picture_->live) paintHover(painter, scale);
  }
  if (picture_->live && picture_->hasCues()) paintCount(painter, scale);
  if (held_ > 0.0 || (held_ == 0.0 && !picture_->hasCues())) {
    painter.setFont(style::work(largeText(scale.area), true));
    painter.setPen(style::ink);
    painter.drawText(scale.area.adjusted(18, 6, -12, 0), Qt::AlignTop | Qt::AlignLeft,
                     tr("%1 s").arg(held_, 0, 'f', 1));
  }
  if (hasFocus()) {
    painter.setPen(QPen(style::pitch, 1.4));
    painter.drawRect(scale.area);
  }
}

/// The count-in large in the middle, afterwards what comes next, readable from two metres; a quiet flash on
/// each beat.
void RibbonView::paintCount(QPainter& painter, const RibbonScale& scale) {
  const SheetMoment moment = momentOf(picture_->sheet, picture_->tracks.duration_s - picture_->sheetStart_s);
  if (picture_->sheet.counted() && !moment.over && moment.sinceBeat_s < kFlash_s) {
    painter.setPen(QPen(style::loudness, 10));
    painter.drawRect(scale.area.adjusted(5, 5, -5, -5));
  }
  painter.setPen(style::ink);
  if (moment.countInLeft > 0) {
    painter.setFont(style::serif(110));
    painter.drawText(scale.area, Qt::AlignCenter, QString::number(moment.countInLeft));
  }
  if (!moment.next) return;
  painter.setFont(style::serif(0.8 * largeText(scale.area)));
  const SheetCue& next = picture_->sheet.cues[*moment.next];
  const QRectF corner = scale.area.adjusted(0, 12, -18, 0);
  painter.drawText(corner, Qt::AlignTop | Qt::AlignRight, cueName(*picture_, next));
  painter.setFont(style::work(13));
  painter.setPen(style::quietInk);
  const int beats = static_cast<int>(std::ceil(moment.toNext_beats - 1e-9));
  const QString when = beats > 1    ? tr("next, in %1 beats").arg(beats)
                       : beats == 1 ? tr("next beat")
                                    : tr("next");
  painter.drawText(corner.adjusted(0, 1.4 * largeText(scale.area), 0, 0), Qt::AlignTop | Qt::AlignRight,
                   when);
}

void RibbonView::chooseCue(std::optional<std::size_t> cue) {
  chosenCue_ = cue;
  selectedFrom_ = selectedTo_ = 0.0;
  if (cue && picture_ && *cue < picture_->analysis.cues.size()) {
    selectedFrom_ = picture_->analysis.cues[*cue].start_s;
    selectedTo_ = picture_->analysis.cues[*cue].end_s;
  }
  update();
}

void RibbonView::paintEmpty(QPainter& painter) {
  painter.fillRect(rect(), style::sheet);
  painter.setPen(style::ink);
  painter.setFont(style::serif(22));
  if (waiting_) {
    if (waiting_->hasExpired(kSilent_ms - 50))
      painter.drawText(rect(), Qt::AlignCenter, tr("Being measured…"));
    return;
  }
  const QRectF upper = QRectF(rect()).adjusted(40, 0, -40, -height() / 2.0 - 4);
  painter.drawText(upper, Qt::AlignHCenter | Qt::AlignBottom | Qt::TextWordWrap, emptyTitle_);
  painter.setFont(style::work(11));
  painter.setPen(style::quietInk);
  const QRectF lower = QRectF(rect()).adjusted(60, height() / 2.0 + 8, -60, 0);
  painter.drawText(lower, Qt::AlignHCenter | Qt::AlignTop | Qt::TextWordWrap, emptyText_);
}

QString RibbonView::hoverText(double t, const RibbonScale& scale) const {
  const auto i = static_cast<std::size_t>(std::max(0.0, std::round(t / kHop_s)));
  if (i >= picture_->tracks.frames.size()) return {};
  const TrackFrame& f = picture_->tracks.frames[i];
  QStringList parts{tr("%1 s").arg(t, 0, 'f', 2)};
  if (f.f0_hz > 0.0f) {
    const Context& context = picture_->context;
    const int sounding = nearestSemitone(f.f0_hz, context.reference);
    const int written = context.instrument ? context.instrument->writtenOf(sounding) : sounding;
    const Spelling spelling = spellingFor(context);
    parts << shownNote(written, spelling)
          << tr("%1 cents").arg(signedFigure(centsBetween(scale.targetAt(t).hz, f.f0_hz), 1));
  }
  parts << tr("%1 dBFS").arg(signedFigure(f.level_dbfs, 1));
  for (std::size_t k = i + 1; k-- > 0 && i - k < 10;)
    if (const auto colour = picture_->tracks.frames[k].colour; colour >= 0) {
      if (f.f0_hz > 0.0f)
        parts << tr("core %1 dB over noise")
                     .arg(picture_->tracks.colours[static_cast<std::size_t>(colour)].hnr_db, 0, 'f', 1);
      break;
    }
  return parts.join("   ");
}

void RibbonView::paintHover(QPainter& painter, const RibbonScale& scale) {
  const double x = scale.x(*hover_);
  if (x < scale.area.left() || x > scale.area.right()) return;
  painter.setPen(QPen(style::quietInk, 0.8, Qt::DotLine));
  painter.drawLine(QPointF(x, scale.area.top()), QPointF(x, height() - 22));
  painter.setFont(style::work(9.5, true));
  painter.setPen(style::ink);
  painter.drawText(QRectF(scale.area.left(), 0, scale.area.width(), 20), Qt::AlignRight | Qt::AlignVCenter,
                   hoverText(*hover_, scale));
}

void RibbonView::wheelEvent(QWheelEvent* event) {
  if (!picture_) return;
  const RibbonScale scale = fitScale(*picture_, ribbonArea(*picture_, rect()), from_, to_);
  const QPoint turn = event->angleDelta();
  if (std::abs(turn.x()) > std::abs(turn.y()) || event->modifiers().testFlag(Qt::ShiftModifier))
    pan(-(turn.x() + turn.y()) / 1200.0);
  else
    zoom(std::pow(0.999, turn.y()), scale.time(event->position().x()));
  event->accept();
}

void RibbonView::mousePressEvent(QMouseEvent* event) {
  const bool pans = event->button() == Qt::MiddleButton ||
                    (event->button() == Qt::LeftButton && event->modifiers().testFlag(Qt::ControlModifier));
  if (picture_ && !picture_->live && pans) {
    panned_ = event->position().x();
    return;
  }
  if (!picture_ || picture_->live || event->button() != Qt::LeftButton) return;
  if (stripArea(*picture_, rect()).contains(event->position())) {
    const RibbonScale scale = fitScale(*picture_, ribbonArea(*picture_, rect()), from_, to_);
    if (const auto cue = cueAt(*picture_, scale.time(event->position().x()))) {
      chooseCue(cue);
      emit cueChosen(*cue);
    }
    return;
  }
  pressed_ =
      std::clamp(fitScale(*picture_, ribbonArea(*picture_, rect()), from_, to_).time(event->position().x()),
                 0.0, picture_->tracks.duration_s);
  selectedFrom_ = selectedTo_ = 0.0;
  update();
}

void RibbonView::mouseMoveEvent(QMouseEvent* event) {
  if (!picture_) return;
  if (panned_) {
    pan((*panned_ - event->position().x()) / std::max(1.0, ribbonArea(*picture_, rect()).width()));
    panned_ = event->position().x();
    return;
  }
  const double t =
      std::clamp(fitScale(*picture_, ribbonArea(*picture_, rect()), from_, to_).time(event->position().x()),
                 0.0, picture_->tracks.duration_s);
  hover_ = t;
  if (pressed_ >= 0.0 && std::abs(t - pressed_) > 0.02) {
    selectedFrom_ = std::min(t, pressed_);
    selectedTo_ = std::max(t, pressed_);
  }
  update();
}

void RibbonView::mouseReleaseEvent(QMouseEvent*) {
  if (panned_) {
    panned_.reset();
    return;
  }
  if (pressed_ >= 0.0 && !hasSelection()) emit placeChosen(pressed_);
  pressed_ = -1.0;
}

void RibbonView::mouseDoubleClickEvent(QMouseEvent*) {
  showAll();
  update();
}

void RibbonView::leaveEvent(QEvent*) {
  hover_.reset();
  update();
}

void RibbonView::keyPressEvent(QKeyEvent* event) {
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
