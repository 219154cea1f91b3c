#include "app/post/sent_strip.h"

#include <QHelpEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>

#include "app/parts/commands.h"
#include "app/session/homework/marked.h"
#include "app/style/style.h"
#include "app/words/post_words.h"
#include "app/words/words.h"
#include "core/homework/marking.h"
#include "core/homework/recording.h"
#include "core/signal/tracks.h"

namespace calando {

namespace {

constexpr double kHead = 40.0, kFoot = 24.0, kGap_s = 2.0, kNear = 5.0, kThickest = 22.0, kLeastTitle = 60.0;
constexpr double kQuiet_db = 40.0;        // under the loudest: a hair
constexpr double kSemitoneHeight = 0.25;  // of the room above and below

/// Cents of a frame about the middle of the sound that it is in.
std::optional<float> centsOf(const TrackFrame& frame, const SentSound& sound) {
  if (frame.f0_hz <= 0.0f || !sound.concert) return std::nullopt;
  return static_cast<float>(1200.0 * std::log2(frame.f0_hz / 440.0) - 100.0 * (*sound.concert - 69.0));
}

}  // namespace

SentStrip::SentStrip() {
  setObjectName("sentStrip");
  setAccessibleName(tr("The recording, cut into tries"));
  setFocusPolicy(Qt::StrongFocus);
  setProperty(kOwnKeys, true);
  setMouseTracking(true);
}

void SentStrip::setMarked(MarkedPtr marked) {
  if (marked == marked_) return;
  const bool another =
      !marked_ || !marked || marked->heard->recordings.size() != marked_->heard->recordings.size();
  marked_ = std::move(marked);
  if (another) chosen_.reset();
  dragged_.reset();
  makeColumns();
  emit chosenChanged();
  update();
}

double SentStrip::length_s() const {
  double all = 0.0;
  if (marked_)
    for (const SentRecording& recording : marked_->heard->recordings)
      all += recording.tracks.duration_s + kGap_s;
  return std::max(all - kGap_s, 1.0);
}

double SentStrip::x(std::size_t file, double at_s) const {
  double before = at_s;
  for (std::size_t f = 0; f < file; ++f) before += marked_->heard->recordings[f].tracks.duration_s + kGap_s;
  return width() * before / length_s();
}

SentStrip::Place SentStrip::placeAt(double x) const {
  double at_s = std::clamp(x / width(), 0.0, 1.0) * length_s();
  std::size_t file = 0;
  while (file + 1 < marked_->heard->recordings.size() &&
         at_s > marked_->heard->recordings[file].tracks.duration_s + 0.5 * kGap_s)
    at_s -= marked_->heard->recordings[file++].tracks.duration_s + kGap_s;
  return {file, std::clamp(at_s, 0.0, marked_->heard->recordings[file].tracks.duration_s)};
}

/// What each column of the screen shows: the loudest level in it, the pitch of its last pitched frame.
void SentStrip::makeColumns() {
  columns_.assign(static_cast<std::size_t>(std::max(1, width())), {});
  if (!marked_) return;
  for (std::size_t file = 0; file < marked_->heard->recordings.size(); ++file) {
    const auto& frames = marked_->heard->recordings[file].tracks.frames;
    const auto& sounds = marked_->marking.sounds[file];
    std::size_t sound = 0;
    for (std::size_t i = 0; i < frames.size(); ++i) {
      const double t = static_cast<double>(i) * kHop_s;
      Column& column = columns_[std::min(static_cast<std::size_t>(x(file, t)), columns_.size() - 1)];
      column.level_dbfs = std::max(column.level_dbfs, frames[i].level_dbfs);
      while (sound < sounds.size() && sounds[sound].end_s < t) ++sound;
      if (sound == sounds.size() || t < sounds[sound].start_s || sounds[sound].kind != SentKind::tone)
        continue;
      if (const auto cents = centsOf(frames[i], sounds[sound])) {
        column.cents = *cents;
        column.pitched = true;
      }
    }
  }
}

void SentStrip::resizeEvent(QResizeEvent*) { makeColumns(); }

std::vector<Correction> SentStrip::tries() const {
  std::vector<Correction> list;
  if (!marked_) return list;
  for (std::size_t i = 0; i < marked_->marking.items.size(); ++i)
    for (const MarkedAttempt& t : marked_->marking.items[i].tries)
      list.push_back({t.file, t.start_s, t.end_s, i});
  std::ranges::sort(list, {}, [](const Correction& p) { return std::pair(p.file, p.from_s); });
  return list;
}

QString SentStrip::titleOf(std::size_t item) const {
  return words::said(marked_->heard->list.items[item].exercise->title);
}

void SentStrip::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  painter.fillRect(rect(), style::sheet);
  painter.setFont(style::work(style::kType));
  if (!marked_ || marked_->heard->recordings.empty()) {
    painter.setPen(style::quietInk);
    painter.drawText(rect(), Qt::AlignCenter, tr("What a student sent is drawn here."));
    return;
  }
  paintSounds(painter);
  paintTries(painter);
  if (carried_) paintCells(painter);
  if (hasFocus()) {
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(style::pitch, 1.4));
    painter.drawRect(QRectF(rect()).adjusted(1, 1, -1, -1));
  }
}

void SentStrip::paintSounds(QPainter& painter) const {
  const double middle = kHead + 0.5 * (height() - kHead - kFoot),
               half = 0.5 * (height() - kHead - kFoot) - kThickest;
  float loudest = -200.0f;
  for (const Column& column : columns_) loudest = std::max(loudest, column.level_dbfs);
  const auto thick = [&](const Column& column) {
    return kThickest * std::clamp(1.0 + (column.level_dbfs - loudest) / kQuiet_db, 0.0, 1.0);
  };
  for (std::size_t c = 0; c < columns_.size(); ++c) {
    const Column& column = columns_[c];
    const double at = static_cast<double>(c);
    if (!column.pitched) {
      painter.fillRect(QRectF(at, middle - 0.5 * thick(column), 1.0, thick(column)), style::band);
      continue;
    }
    const double y =
        middle - std::clamp(column.cents / 100.0 / kSemitoneHeight, -1.0, 1.0) * half * kSemitoneHeight;
    painter.fillRect(QRectF(at, y - 0.5 * thick(column), 1.0, thick(column)), style::pitch);
  }
  painter.setFont(style::work(style::kSmallType));
  painter.setPen(style::quietInk);
  for (const OtherStretch& other : marked_->marking.other) {
    if (other.kind != SentKind::speech && other.kind != SentKind::noise) continue;
    const QString word = other.kind == SentKind::speech ? tr("talk") : tr("noise");
    const double from = x(other.file, other.start_s), to = x(other.file, other.end_s);
    if (to - from > painter.fontMetrics().horizontalAdvance(word))
      painter.drawText(QRectF(from, height() - kFoot - 18, to - from, 16), Qt::AlignCenter, word);
  }
  for (std::size_t f = 0; f < marked_->heard->recordings.size(); ++f) {
    const double from = x(f, 0.0), to = x(f, marked_->heard->recordings[f].tracks.duration_s);
    painter.setPen(QPen(style::rule, 1.0));
    painter.drawLine(QPointF(from, height() - kFoot), QPointF(to, height() - kFoot));
    painter.setPen(style::quietInk);
    painter.drawText(
        QRectF(from + 2, height() - kFoot + 2, to - from, 18), Qt::AlignLeft | Qt::AlignVCenter,
        marked_->heard->recordings.size() > 1
            ? tr("recording %1, %2", "number, length")
                  .arg(QString::number(f + 1), words::clock(marked_->heard->recordings[f].tracks.duration_s))
            : words::clock(marked_->heard->recordings[f].tracks.duration_s));
  }
}

void SentStrip::paintTries(QPainter& painter) const {
  double free = -1.0;
  bool low = false;
  painter.setFont(style::work(style::kType, true));
  const std::vector<Correction> all = tries();
  for (std::size_t i = 0; i < all.size(); ++i) {
    const Correction& piece = all[i];
    const double from = x(piece.file, piece.from_s), to = x(piece.file, piece.to_s);
    const bool isChosen = chosen_ && chosen_->file == piece.file && chosen_->from_s == piece.from_s;
    const QRectF box(from, kHead, to - from, height() - kHead - kFoot);
    if (isChosen)
      painter.fillRect(box,
                       QColor(style::attention.red(), style::attention.green(), style::attention.blue(), 26));
    painter.setPen(QPen(style::attention, isChosen ? 2.2 : 1.2));
    painter.drawLine(box.topLeft(), box.bottomLeft());
    painter.setPen(QPen(style::attention, isChosen ? 2.2 : 1.2, Qt::DotLine));
    painter.drawLine(box.topRight(), box.bottomRight());
    // Titles that would run into one another take turns on two lines.
    const QString number = QString::number(*piece.item + 1),
                  title = QStringLiteral("%1  %2").arg(number, titleOf(*piece.item));
    low = from < free && !low;
    // Up to the next but one, which stands on the same line again.
    const double next = i + 1 < all.size() ? x(all[i + 1].file, all[i + 1].from_s) : width();
    const double room = (low || next - from > kLeastTitle ? next : to + kLeastTitle) - from - 8.0;
    const QString shown = painter.fontMetrics().elidedText(title, Qt::ElideRight,
                                                           static_cast<int>(std::max(kLeastTitle, room)));
    painter.setPen(style::ink);
    painter.drawText(QPointF(from + 2, low ? kHead - 5 : kHead - 21), shown);
    free = std::max(free, from + painter.fontMetrics().horizontalAdvance(shown) + 8.0);
  }
  if (!chosen_ || chosen_->item) return;
  const double from = x(chosen_->file, chosen_->from_s), to = x(chosen_->file, chosen_->to_s);
  painter.fillRect(QRectF(from, kHead, to - from, height() - kHead - kFoot),
                   QColor(style::pitch.red(), style::pitch.green(), style::pitch.blue(), 36));
}

std::vector<QRectF> SentStrip::cells() const {
  const std::size_t count = marked_->heard->list.items.size() + 1;
  std::vector<QRectF> cells;
  const double wide = static_cast<double>(width()) / static_cast<double>(count);
  for (std::size_t i = 0; i < count; ++i)
    cells.emplace_back(static_cast<double>(i) * wide, kHead, wide, height() - kHead);
  return cells;
}

std::optional<std::size_t> SentStrip::cellAt(QPointF at) const {
  const std::vector<QRectF> all = cells();
  const auto under = std::ranges::find_if(all, [&](const QRectF& cell) { return cell.contains(at); });
  return under == all.end() ? std::nullopt : std::optional(static_cast<std::size_t>(under - all.begin()));
}

void SentStrip::paintCells(QPainter& painter) const {
  painter.setFont(style::work(style::kType, true));
  const std::vector<QRectF> all = cells();
  for (std::size_t i = 0; i < all.size(); ++i) {
    const bool under = cellAt(*carried_) == i;
    painter.fillRect(all[i], under ? style::band : style::sheet);
    painter.setPen(QPen(under ? style::attention : style::rule, under ? 2.2 : 1.2));
    painter.drawRect(all[i].adjusted(1, 1, -1, -1));
    painter.setPen(style::ink);
    painter.drawText(all[i].adjusted(6, 6, -6, -6), Qt::AlignCenter | Qt::TextWordWrap,
                     i + 1 == all.size() ? tr("none of them")
                                         : QStringLiteral("%1\n%2").arg(QString::number(i + 1), titleOf(i)));
  }
}

std::optional<SentStrip::End> SentStrip::endAt(double at) const {
  for (const Correction& piece : tries())
    for (const bool last : {false, true})
      if (std::abs(x(piece.file, last ? piece.to_s : piece.from_s) - at) <= kNear) return End{piece, last};
  return std::nullopt;
}

void SentStrip::mousePressEvent(QMouseEvent* event) {
  if (!marked_ || marked_->heard->recordings.empty()) return;
  setFocus();
  const bool onTitle = event->position().y() < kHead;
  dragged_ = onTitle ? std::nullopt : endAt(event->position().x());
  pressed_ = placeAt(event->position().x());
  chosen_.reset();
  if (dragged_) chosen_ = dragged_->piece;
  for (const Correction& piece : tries())
    if (!dragged_ && piece.file == pressed_->file && pressed_->at_s >= piece.from_s &&
        pressed_->at_s <= piece.to_s)
      chosen_ = piece;
  lifted_ = onTitle && chosen_;
  emit chosenChanged();
  update();
}

void SentStrip::mouseMoveEvent(QMouseEvent* event) {
  if (!marked_ || marked_->heard->recordings.empty()) return;
  const bool onTitle = event->position().y() < kHead;
  setCursor(carried_                                   ? Qt::ClosedHandCursor
            : !onTitle && endAt(event->position().x()) ? Qt::SizeHorCursor
                                                       : Qt::ArrowCursor);
  if (!pressed_ || !(event->buttons() & Qt::LeftButton)) return;
  if (lifted_) {
    carried_ = event->position();
    return update();
  }
  const Place here = placeAt(event->position().x());
  if (here.file != pressed_->file) return;
  constexpr double leastMark_s = 0.3;
  if (dragged_) {
    Correction moved = dragged_->piece;
    (dragged_->last ? moved.to_s : moved.from_s) = here.at_s;
    if (moved.to_s - moved.from_s > leastMark_s) chosen_ = moved;
  } else if (std::abs(here.at_s - pressed_->at_s) > leastMark_s) {
    chosen_ = Correction{here.file, std::min(here.at_s, pressed_->at_s), std::max(here.at_s, pressed_->at_s),
                         std::nullopt};
  }
  emit chosenChanged();
  update();
}

void SentStrip::mouseReleaseEvent(QMouseEvent*) {
  const bool moved = dragged_ && chosen_ && *chosen_ != dragged_->piece;
  const auto at = std::exchange(carried_, std::nullopt);
  lifted_ = false;
  pressed_.reset();
  dragged_.reset();
  update();
  if (at && chosen_ && chosen_->item) {
    const auto cell = cellAt(*at);
    if (cell) assign(*cell == marked_->heard->list.items.size() ? std::nullopt : cell);
    return;
  }
  if (moved) emit corrected(*chosen_);
}

/// The chosen stretch is a try at an item, or at none.
void SentStrip::assign(std::optional<std::size_t> item) {
  Correction piece = *chosen_;
  if (piece.item == item) return;
  piece.item = item;
  chosen_ = item ? std::optional(piece) : std::nullopt;
  emit corrected(piece);
}

/// A number says which item the chosen stretch is a try at, 0 or Delete that it is none; arrows go from try
/// to try; P lets it be heard.
void SentStrip::keyPressEvent(QKeyEvent* event) {
  const auto all = tries();
  const int key = event->key();
  if (key == Qt::Key_P) return emit playWanted();
  if (marked_ && chosen_ && key >= Qt::Key_0 && key <= Qt::Key_9) {
    const auto number = static_cast<std::size_t>(key - Qt::Key_0);
    if (number > marked_->heard->list.items.size()) return;
    return assign(number == 0 ? std::nullopt : std::optional(number - 1));
  }
  if (chosen_ && key == Qt::Key_Delete) return assign(std::nullopt);
  if ((key == Qt::Key_Left || key == Qt::Key_Right) && !all.empty()) {
    const auto here = std::ranges::find_if(all, [&](const Correction& p) {
      return chosen_ && p.file == chosen_->file && p.from_s == chosen_->from_s;
    });
    auto next = static_cast<std::ptrdiff_t>(here == all.end() ? (key == Qt::Key_Right ? -1 : std::ssize(all))
                                                              : here - all.begin());
    next = std::clamp<std::ptrdiff_t>(next + (key == Qt::Key_Right ? 1 : -1), 0, std::ssize(all) - 1);
    chosen_ = all[static_cast<std::size_t>(next)];
    emit chosenChanged();
    return update();
  }
  QWidget::keyPressEvent(event);
}

bool SentStrip::event(QEvent* event) {
  if (event->type() != QEvent::ToolTip || !marked_ || marked_->heard->recordings.empty())
    return QWidget::event(event);
  const auto* help = static_cast<QHelpEvent*>(event);
  const Place at = placeAt(help->pos().x());
  QStringList text{words::clock(at.at_s)};
  for (const Correction& piece : tries())
    if (piece.file == at.file && at.at_s >= piece.from_s && at.at_s <= piece.to_s)
      text << titleOf(*piece.item);
  QToolTip::showText(help->globalPos(), text.join(QStringLiteral(" · ")), this);
  return true;
}

}  // namespace calando
