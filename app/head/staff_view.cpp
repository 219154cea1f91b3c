#include "app/head/staff_view.h"

#include "app/style/style.h"
#include "app/words/note_names.h"

namespace calando {

namespace {
constexpr double kSpace = 7.0;    // between staff lines
constexpr double kBottom = 56.0;  // the lowest line
constexpr double kNoteX = 62.0;
}  // namespace

StaffView::StaffView(QWidget* parent) : QWidget(parent) {
  setFocusPolicy(Qt::StrongFocus);
  setAccessibleName(tr("Asked-for note on the staff"));
  setToolTip(
      tr("The written note asked for. Click a line or space to choose it, arrow keys move it, Delete frees "
         "it."));
}

void StaffView::setInstrument(const Instrument* instrument) {
  instrument_ = instrument;
  update();
}

void StaffView::setNote(std::optional<int> written) {
  note_ = written;
  update();
}

int StaffView::bottomLineStep() const {
  // Diatonic steps from C-1: E4 for treble, G2 for bass, D3 for tenor clef.
  if (!instrument_ || instrument_->clef == Clef::treble) return 37;
  return instrument_->clef == Clef::bass ? 25 : instrument_->clef == Clef::tenor ? 29 : 31;
}

double StaffView::yOf(int step) const { return kBottom - (step - bottomLineStep()) * kSpace / 2.0; }

void StaffView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  painter.fillRect(rect(), style::sheet);
  painter.setPen(QPen(hasFocus() ? style::pitch : style::rule, hasFocus() ? 2 : 1));
  painter.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 4, 4);
  painter.setPen(QPen(style::ink, 1));
  for (int line = 0; line < 5; ++line)
    painter.drawLine(QPointF(10, kBottom - line * kSpace), QPointF(100, kBottom - line * kSpace));
  painter.setFont(style::music(21));
  const bool bass = instrument_ && instrument_->clef == Clef::bass;
  const QString clef = bass                                              ? QStringLiteral("\U0001D122")
                       : instrument_ && instrument_->clef == Clef::tenor ? QStringLiteral("\U0001D121")
                                                                         : QStringLiteral("\U0001D11E");
  painter.drawText(QPointF(12, kBottom), clef);
  const QRectF names(108, 12, width() - 114, height() - 22);
  if (!note_) {
    painter.setPen(style::quietInk);
    painter.setFont(style::serif(style::kTitleType));
    painter.drawText(names, Qt::AlignVCenter | Qt::AlignLeft, tr("free note"));
    return;
  }
  const Spelling spelling = instrument_ ? instrument_->spelling : Spelling::flats;
  const StaffPlace place = staffPlace(*note_, spelling);
  const double y = yOf(place.step);
  painter.setPen(QPen(style::ink, 1));
  for (double line = kBottom + kSpace; line <= y + 0.1; line += kSpace)
    painter.drawLine(QPointF(kNoteX - 5, line), QPointF(kNoteX + 17, line));
  for (double line = kBottom - 5 * kSpace; line >= y - 0.1; line -= kSpace)
    painter.drawLine(QPointF(kNoteX - 5, line), QPointF(kNoteX + 17, line));
  painter.save();
  painter.setBrush(Qt::NoBrush);
  painter.setPen(QPen(style::ink, 1.8));
  painter.translate(kNoteX + 6, y);
  painter.rotate(-14);
  painter.drawEllipse(QPointF(0, 0), 5.6, 3.6);
  painter.restore();
  if (place.alteration != 0) {
    painter.setFont(style::music(15));
    painter.drawText(QPointF(kNoteX - 12, y + 5),
                     place.alteration < 0 ? QStringLiteral("♭") : QStringLiteral("♯"));
  }
  painter.setPen(style::ink);
  painter.setFont(style::serif(style::kFigureType));
  painter.drawText(names, Qt::AlignTop | Qt::AlignLeft, shownNote(*note_, spelling));
  painter.setPen(style::quietInk);
  painter.setFont(style::work(style::kSmallType));
  const int sounding = instrument_ ? instrument_->soundingOf(*note_) : *note_;
  const QString text =
      sounding == *note_ ? tr("as it sounds") : tr("sounds %1").arg(shownNote(sounding, spelling));
  painter.drawText(names, Qt::AlignBottom | Qt::AlignLeft, text);
}

void StaffView::pick(std::optional<int> written) {
  if (written && instrument_)
    written = std::clamp(*written, instrument_->writtenOf(instrument_->lowest),
                         instrument_->writtenOf(instrument_->highest));
  note_ = written;
  update();
  emit notePicked(note_);
}

void StaffView::mousePressEvent(QMouseEvent* event) {
  if (event->position().x() > 104) return;
  const int step =
      bottomLineStep() + static_cast<int>(std::lround((kBottom - event->position().y()) / (kSpace / 2.0)));
  static constexpr int semitones[] = {0, 2, 4, 5, 7, 9, 11};
  pick(step / 7 * 12 + semitones[step % 7]);
}

void StaffView::keyPressEvent(QKeyEvent* event) {
  const int start =
      instrument_ ? instrument_->writtenOf((instrument_->lowest + instrument_->highest) / 2) : 60;
  if (event->key() == Qt::Key_Up)
    pick(note_ ? *note_ + 1 : start);
  else if (event->key() == Qt::Key_Down)
    pick(note_ ? *note_ - 1 : start);
  else if (event->key() == Qt::Key_Delete || event->key() == Qt::Key_Backspace)
    pick(std::nullopt);
  else
    QWidget::keyPressEvent(event);
}

}  // namespace calando
